package bravium.formats.writing;

import bravium.core.json.Extra;
import bravium.core.rich.Block;
import bravium.core.rich.Media;
import bravium.core.rich.MediumName;
import bravium.core.rich.Paragraph;
import bravium.core.rich.Picture;
import bravium.core.rich.Sound;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Pictures and sounds within plain text, as Markdown marks a picture: {@code ![what it
 * shows](name)}; a sound has {@code sound:} before its name. What looks like one and has no
 * medium's name is plain text.
 */
final class PictureMarks {

  private static final String START = "![";
  private static final String MIDDLE = "](";
  private static final String SOUND = "sound:";

  private PictureMarks() {}

  /** The words of a text. */
  static Words words(String text) {
    List<Media> media = new ArrayList<>();
    StringBuilder plain = new StringBuilder();
    int from = 0;
    for (int start = text.indexOf(START); start >= 0; start = text.indexOf(START, start + 1)) {
      int middle = text.indexOf(MIDDLE, start);
      int end = middle < 0 ? -1 : text.indexOf(')', middle);
      if (end >= 0 && start >= from) {
        Media medium =
            medium(
                text.substring(start + START.length(), middle),
                text.substring(middle + MIDDLE.length(), end));
        if (medium != null) {
          media.add(medium);
          plain.append(text, from, start);
          from = end + 1;
        }
      }
    }
    plain.append(text.substring(from));
    if (media.isEmpty()) {
      return Words.of(text);
    }
    List<Block> blocks = new ArrayList<>();
    for (String line : Texts.split(plain.toString(), '\n')) {
      if (!Texts.blank(line)) {
        blocks.add(Paragraph.of(Texts.trimmed(line)));
      }
    }
    blocks.addAll(media);
    return Words.of(blocks);
  }

  private static @Nullable Media medium(String said, String name) {
    if (name.startsWith(SOUND) && MediumName.is(name.substring(SOUND.length()))) {
      return new Sound(name.substring(SOUND.length()), said, null, Extra.NONE);
    }
    return MediumName.is(name) ? new Picture(name, said) : null;
  }

  /** The text of words; formatting has no place in it. */
  static String text(Words words) {
    StringBuilder out = new StringBuilder(words.sentence());
    for (Media medium : words.media()) {
      boolean sound = medium instanceof Sound;
      out.append(out.isEmpty() ? "" : " ")
          .append(START)
          .append(withoutMarks(medium.plain()))
          .append(MIDDLE)
          .append(sound ? SOUND : "")
          .append(medium.medium())
          .append(')');
    }
    return out.toString();
  }

  private static String withoutMarks(String said) {
    return said.replace('[', '(').replace(']', ')').replace('\n', ' ');
  }
}
