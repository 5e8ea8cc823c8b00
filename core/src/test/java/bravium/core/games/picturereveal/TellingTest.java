package bravium.core.games.picturereveal;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.measure.DetailMap;
import bravium.core.measure.DetailMeter;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntBinaryOperator;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.data.Offset;

/** How telling pieces are, and cuts by it, on pictures whose detail is known. */
class TellingTest {

  private static final int SIZE = 144;

  private static DetailMap map(int width, int height, IntBinaryOperator grey) {
    DetailMeter meter = new DetailMeter(width, height);
    for (int y = 0; y < height; y++) {
      int row = y;
      meter.row(IntStream.range(0, width).map(x -> 0x010101 * grey.applyAsInt(x, row)).toArray());
    }
    return meter.map();
  }

  /** Stripes, the finer the further to the right: so many edges a piece. */
  private static int stripes(int x, int y) {
    int every = x < 36 ? 36 : x < 72 ? 12 : x < 108 ? 6 : 3;
    return x / every % 2 == 0 ? 40 : 200;
  }

  @Example
  void whereThereAreMoreEdgesThereIsMoreToTell() {
    Telling telling = Telling.of(map(SIZE, SIZE, TellingTest::stripes), Cut.of(1, 4));
    List<Integer> shares = telling.shares();
    assertThat(shares).isSorted().doesNotHaveDuplicates();
    assertThat(shares.stream().mapToInt(s -> s).sum()).isEqualTo(1_000);
    assertThat(telling.least()).startsWith(0, shares.get(0)).endsWith(1_000);
    assertThat(telling.most()).startsWith(0, shares.get(3)).endsWith(1_000);
  }

  /** Brightness alone tells nothing: all pieces of an even picture are alike. */
  @Example
  void onAPictureOfOneColourAllPiecesAreAlike() {
    for (int grey : new int[] {0, 128, 255}) {
      Telling telling = Telling.of(map(30, 20, (x, y) -> grey), Cut.of(2, 4));
      assertThat(telling.shares()).containsOnly(125);
    }
    assertThat(Telling.of(map(1, 1, (x, y) -> 9), Cut.of(1, 2)).shares()).containsOnly(500);
  }

  /** A step of brightness tells the same, whether it goes up or down, in light or in dark. */
  @Example
  void contrastCountsAndNotBrightness() {
    DetailMap map = map(SIZE, 72, (x, y) -> x < 36 ? 0 : x < 72 ? 60 : x < 108 ? 195 : 255);
    List<Integer> shares =
        Telling.of(map, new Cut(1, 2, thirds(), bravium.core.json.Extra.NONE)).shares();
    assertThat(shares.get(0)).isEqualTo(shares.get(2)).isLessThan(shares.get(1));
  }

  private static List<Patch> thirds() {
    return List.of(
        new Patch(0, 0, 375, 1_000), new Patch(375, 0, 250, 1_000), new Patch(625, 0, 375, 1_000));
  }

  /**
   * The same measure computed another way: the whole picture at once, the operator as two
   * convolutions with its kernels as they are published, in floating point.
   */
  @Property(tries = 60)
  void itAgreesWithTheOperatorAsItIsPublished(@ForAll long seed) {
    Random random = new Random(seed);
    // Cuts between pixels: elsewhere a pixel lies in two pieces, and each way shares it out anew.
    int rows = List.of(2, 3, 4, 6).get(random.nextInt(4));
    int columns = List.of(1, 2, 3, 4, 6).get(random.nextInt(5));
    int[][] grey = new int[SIZE][SIZE];
    for (int[] row : grey) {
      for (int x = 0; x < SIZE; x++) {
        row[x] = random.nextInt(4) == 0 ? random.nextInt(256) : 100;
      }
    }
    List<Integer> shares =
        Telling.of(map(SIZE, SIZE, (x, y) -> grey[y][x]), Cut.of(rows, columns)).shares();

    double[][] kernel = {{-1, 0, 1}, {-2, 0, 2}, {-1, 0, 1}};
    double whole = 0;
    double[] pieces = new double[rows * columns];
    for (int y = 0; y < SIZE; y++) {
      for (int x = 0; x < SIZE; x++) {
        double across = 0;
        double down = 0;
        for (int j = -1; j <= 1; j++) {
          for (int i = -1; i <= 1; i++) {
            int value = grey[Math.clamp(y + j, 0, SIZE - 1)][Math.clamp(x + i, 0, SIZE - 1)];
            across += kernel[j + 1][i + 1] * value;
            down += kernel[i + 1][j + 1] * value;
          }
        }
        double length = Math.hypot(across, down);
        whole += length;
        pieces[y * rows / SIZE * columns + x * columns / SIZE] += length;
      }
    }
    for (int i = 0; i < pieces.length; i++) {
      assertThat((double) shares.get(i)).isCloseTo(1_000 * pieces[i] / whole, Offset.offset(4.0));
    }
  }

  @Property(tries = 60)
  void anUnevenCutCoversAllOnceAndEachPieceShowsAboutAsMuch(
      @ForAll long seed, @ForAll @IntRange(min = 2, max = 36) int pieces) {
    Random random = new Random(seed);
    DetailMap map = map(SIZE, SIZE, (x, y) -> random.nextInt(1 + (x + y) * 255 / (2 * SIZE)));
    List<Patch> patches = UnevenCut.of(map, pieces, 1_000);

    assertThat(patches).hasSize(pieces);
    assertThat(patches.stream().mapToLong(p -> (long) p.width() * p.height()).sum())
        .isEqualTo(1_000_000);
    for (int i = 0; i < 200; i++) {
      int x = random.nextInt(1_000);
      int y = random.nextInt(1_000);
      assertThat(patches)
          .filteredOn(p -> p.x() <= x && x < p.right() && p.y() <= y && y < p.bottom())
          .hasSize(1);
    }
    if (pieces <= 12) {
      List<Integer> shares =
          Telling.of(map, new Cut(1, 2, patches, bravium.core.json.Extra.NONE)).shares();
      assertThat(shares).allMatch(s -> s * pieces > 500 && s * pieces < 2_000);
    }
    assertThat(UnevenCut.of(map(5, 5, (x, y) -> 7), pieces, 1_500)).hasSize(pieces);
  }

  @Example
  void theHardestQuestionsGuardTheMostTellingPieces() {
    Activity activity = PictureRevealTest.reveal(4, GuessRule.usual(), true);
    PictureReveal reveal = (PictureReveal) activity.game();
    DetailMap map = map(SIZE, SIZE, TellingTest::stripes);
    List<String> written = reveal.questions().stream().map(Question::id).toList();

    assertThat(under(Revealing.guarded(reveal, map, written))).isEqualTo(written);
    assertThat(under(Revealing.guarded(reveal, map, written.reversed())))
        .isEqualTo(written.reversed());
    PictureReveal two = reveal.withQuestions(reveal.questions().subList(0, 2));
    assertThat(under(Revealing.guarded(two, map, List.of("q0", "q1"))))
        .containsExactly("q0", "q0", "q1", "q1");
  }

  private static List<String> under(PictureReveal reveal) {
    List<String> questions = new ArrayList<>();
    reveal.pieces().forEach(piece -> questions.add(piece.question()));
    return questions;
  }
}
