package bravium.core.rich;

import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.json.TextOrList;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Words that a teacher writes. In JSON they are a text, or a list of blocks.
 *
 * @param text plain text; null where the words are blocks
 * @param blocks one below the other, at most {@value #MOST_BLOCKS}; empty where the words are text
 */
@Root
@TextOrList
public record Words(@Nullable String text, @Range(max = MOST_BLOCKS) List<Block> blocks) {

  /** The most blocks. */
  public static final int MOST_BLOCKS = 1_000;

  /** Checks that it is one of both. */
  public Words {
    if (text != null && !blocks.isEmpty()) {
      throw new IllegalArgumentException("words are a text or blocks, not both");
    }
    if (blocks.size() > MOST_BLOCKS) {
      throw new IllegalArgumentException("there are at most " + MOST_BLOCKS + " blocks");
    }
  }

  /** Plain text. */
  public static Words of(String text) {
    return new Words(text, List.of());
  }

  /** Blocks. */
  public static Words of(List<Block> blocks) {
    return new Words(null, List.copyOf(blocks));
  }

  /** Plain text; null for none. */
  public static @Nullable Words orNull(@Nullable String text) {
    return text == null ? null : of(text);
  }

  /** Whether there is nothing to read, to look at or to hear. */
  public boolean blank() {
    return text != null ? Texts.blank(text) : blocks.stream().allMatch(Block::blank);
  }

  /**
   * The words as plain text, its blocks a line each: formulas as TeX, and what stands for pictures
   * and sounds.
   */
  public String plain() {
    return text != null ? text : lines(blocks);
  }

  /** The words without pictures and sounds, as plain text. */
  public String sentence() {
    return text != null ? text : lines(blocks.stream().filter(b -> !(b instanceof Media)).toList());
  }

  private static String lines(List<Block> blocks) {
    StringBuilder out = new StringBuilder();
    for (Block block : blocks) {
      String line = block.plain();
      if (!Texts.blank(line)) {
        out.append(out.isEmpty() ? "" : "\n").append(line);
      }
    }
    return out.toString();
  }

  /** The pictures and sounds, in their order. */
  public List<Media> media() {
    List<Media> media = new ArrayList<>();
    for (Block block : blocks) {
      if (block instanceof Media medium) {
        media.add(medium);
      }
    }
    return media;
  }

  /** The same pictures and sounds, and below them another sentence. */
  public Words withSentence(String sentence) {
    List<Block> changed = new ArrayList<>(media());
    if (changed.isEmpty()) {
      return of(sentence);
    }
    changed.add(Paragraph.of(sentence));
    return of(changed);
  }

  /**
   * A text that is equal for words that are the same to a reader: of plain text it is this text;
   * pictures and sounds are told apart by what they are.
   */
  public String key() {
    StringBuilder out = new StringBuilder(sentence());
    media().forEach(medium -> out.append('\u0000').append(medium.medium()));
    return out.toString();
  }
}
