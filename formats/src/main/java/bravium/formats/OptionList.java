package bravium.formats;

import bravium.formats.lists.Head;
import bravium.formats.lists.ItemList;
import bravium.formats.lists.ItemList.ItemLine;
import bravium.formats.lists.ItemList.ItemReading;
import bravium.formats.lists.ItemList.ItemRole;
import bravium.formats.lists.ItemList.Listed;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import org.jspecify.annotations.Nullable;

/**
 * The options of one question, one to a line: with letters or numbers, the right ones marked or
 * named in a line of their own.
 *
 * @param list the options; those that are right say so
 * @param doubt why it can't be told which are right; null where it can, or nothing is said of it
 */
public record OptionList(ItemList list, @Nullable String doubt) {

  /** Reads a text. */
  public static OptionList read(String text) {
    List<QuizLine> options = new ArrayList<>();
    List<String> answers = new ArrayList<>();
    List<ItemLine> lines = new ArrayList<>();
    Set<String> keys = new HashSet<>();
    List<String> raw = TidyText.of(text, true).lines().toList();
    for (int i = 0; i < raw.size(); i++) {
      QuizLine line = QuizLine.of(i + 1, raw.get(i));
      String said = raw.get(i).strip();
      Matcher called = AnswerKey.CALLED.matcher(line.words());
      if (line.blank()) {
        continue;
      }
      if (called.matches() && Head.RIGHT.names(called.group(1))) {
        answers.add(called.group(2));
        lines.add(new ItemLine(line.place(), said, ItemRole.HEAD, List.of()));
      } else if (line.words().isBlank()) {
        lines.add(new ItemLine(line.place(), said, ItemRole.LEFT, List.of()));
      } else if (keys.add(line.words().toLowerCase(Locale.ROOT))) {
        options.add(line);
        lines.add(new ItemLine(line.place(), said, ItemRole.ITEM, List.of(line.words())));
      } else {
        lines.add(new ItemLine(line.place(), said, ItemRole.DOUBLE, List.of()));
      }
    }
    RightOptions rights = RightOptions.of(options, answers);
    List<Listed> items = new ArrayList<>();
    for (int i = 0; i < options.size(); i++) {
      items.add(new Listed(List.of(options.get(i).words()), rights.right().get(i)));
    }
    return new OptionList(new ItemList(ItemReading.LINES, items, lines), rights.doubt());
  }
}
