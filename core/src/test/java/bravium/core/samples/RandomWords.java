package bravium.core.samples;

import bravium.core.json.Extra;
import bravium.core.rich.Block;
import bravium.core.rich.Formula;
import bravium.core.rich.Inline;
import bravium.core.rich.Listing;
import bravium.core.rich.Paragraph;
import bravium.core.rich.Picture;
import bravium.core.rich.Run;
import bravium.core.rich.Sound;
import bravium.core.rich.Words;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Words as a teacher writes them: mostly plain text, now and then with all that there can be. */
final class RandomWords {

  private final Random random;

  RandomWords(Random random) {
    this.random = random;
  }

  /** Words; filled ones are not blank. */
  Words any(boolean filled) {
    return random.nextInt(4) > 0
        ? Words.of(RandomActivities.text(random, filled))
        : Words.of(
            IntStream.range(0, filled ? 1 + random.nextInt(3) : random.nextInt(3))
                .mapToObj(i -> block(filled))
                .toList());
  }

  @Nullable Words maybe() {
    return random.nextBoolean() ? null : any(false);
  }

  private Block block(boolean filled) {
    return switch (random.nextInt(4)) {
      case 0 -> new Picture("hive", text(false), 1 + random.nextInt(900), 400, Extra.NONE);
      case 1 -> new Sound("hum", text(false), random.nextInt(9_000), Extra.NONE);
      case 2 ->
          new Listing(
              random.nextBoolean(),
              List.of(new Listing.Item(line(filled), Extra.NONE)),
              Extra.NONE);
      default -> new Paragraph(line(filled), Extra.NONE);
    };
  }

  private List<Inline> line(boolean filled) {
    Run run =
        new Run(
            text(filled),
            random.nextBoolean() ? List.of() : List.of(Run.Style.BOLD, Run.Style.SUB),
            random.nextBoolean() ? null : "https://example.org/bees",
            Extra.NONE);
    return random.nextBoolean() ? List.of(run) : List.of(run, new Formula("a^2", Extra.NONE));
  }

  private String text(boolean filled) {
    return RandomActivities.text(random, filled);
  }
}
