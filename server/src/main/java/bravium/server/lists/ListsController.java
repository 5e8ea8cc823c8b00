package bravium.server.lists;

import bravium.formats.OptionList;
import bravium.formats.lists.ClueList;
import bravium.formats.lists.ItemList;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.problems.Problem;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lists of things, names and words, read from a text or a file; nothing is changed. */
@RestController
@RequestMapping("/api/lists")
class ListsController {

  private static final int MOST_LINES = 5_000;
  private static final String OPTIONS = "options";
  private static final String PAIRS = "pairs";

  private final LongWork texts;

  ListsController(@Qualifier(Pools.TEXTS) LongWork texts) {
    this.texts = texts;
  }

  /** The text of a file, whatever its encoding: a text, a table, a spreadsheet. */
  @PostMapping("/opened")
  OpenedText opened(@RequestBody(required = false) byte @Nullable [] file) {
    return new OpenedText(texts.run(() -> text(file)));
  }

  /**
   * Things by their names.
   *
   * @param reading how lines are parted; without it, as it looks
   * @param of what it is a list of: things, names, texts, options, pairs
   */
  @PostMapping("/items")
  ItemsRead items(
      @RequestBody(required = false) byte @Nullable [] file,
      @RequestParam(required = false) @Nullable String reading,
      @RequestParam String of) {
    boolean options = of.equals(OPTIONS);
    boolean pairs = of.equals(PAIRS);
    ItemList.Of what =
        options ? ItemList.Of.TEXTS : named(ItemList.Of.values(), pairs ? "things" : of);
    ItemList.ItemReading asked = named(ItemList.ItemReading.values(), reading);
    return texts.run(
        () -> {
          String text = text(file);
          if (options && asked == null) {
            OptionList read = OptionList.read(text);
            return new ItemsRead(text, read.list(), read.doubt());
          }
          if (pairs && (asked == null || asked == ItemList.ItemReading.NAMES)) {
            return new ItemsRead(text, ItemList.pairs(text), null);
          }
          return new ItemsRead(text, ItemList.read(text, asked, what), null);
        });
  }

  /** Words with their clues. */
  @PostMapping("/clues")
  CluesRead clues(
      @RequestBody(required = false) byte @Nullable [] file,
      @RequestParam(required = false) @Nullable String reading) {
    ClueList.ClueReading asked = named(ClueList.ClueReading.values(), reading);
    return texts.run(
        () -> {
          String text = text(file);
          return new CluesRead(text, ClueList.read(text, asked));
        });
  }

  private static String text(byte @Nullable [] file) {
    String text = OpenedFile.text(file == null ? new byte[0] : file);
    if (text.lines().count() > MOST_LINES) {
      throw Problem.badRequest(
          "too-many-lines",
          "This has more than " + MOST_LINES + " lines. Nothing was changed; take it in in parts.");
    }
    return text;
  }

  private static <E extends Enum<E>> @Nullable E named(E[] all, @Nullable String name) {
    if (name == null) {
      return null;
    }
    return Arrays.stream(all)
        .filter(one -> one.name().equalsIgnoreCase(name.replace('-', '_')))
        .findFirst()
        .orElseThrow(
            () ->
                Problem.badRequest(
                    "no-such-reading", "A list can’t be read as that. Nothing was changed."));
  }
}
