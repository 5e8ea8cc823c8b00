package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PastedHtmlTest {

  private final List<String> kept = new ArrayList<>();

  private PastedHtml.Read read(String html) {
    return PastedHtml.read(
        html,
        (bytes, alt) -> {
          kept.add(alt + ":" + bytes.length);
          return bytes.length < 3 ? Optional.empty() : Optional.of("m" + kept.size());
        });
  }

  @Test
  void paragraphsAndItemsAreLines() {
    PastedHtml.Read read =
        read(
            "<html><head><title>x</title><style>p{}</style></head><body><p>Who\n lays&nbsp;eggs?</p>"
                + "<ul><li>the <b>queen</b></li><li>a drone<br>or two</li></ul>end</body>");

    assertThat(read.text()).isEqualTo("Who lays eggs?\n- the queen\n- a drone\nor two\nend");
    assertThat(read.left()).isZero();
  }

  @Test
  void aTableKeepsItsCells() {
    PastedHtml.Read read =
        read(
            "<table><tr><td><p>Who lays</p><p>eggs?</p></td><td>the queen</td><td></td>"
                + "<td>a drone</td></tr><tr><td>Bees dance.</td><td>true</td></tr></table>");

    assertThat(read.text()).isEqualTo("Who lays eggs?\tthe queen\t\ta drone\nBees dance.\ttrue");
    assertThat(QuestionTexts.read(read.text()).questions()).hasSize(2);
  }

  @Test
  void picturesInItAreKeptWhereTheyStandAndOthersAreCounted() {
    PastedHtml.Read read =
        read(
            "<p>What is it? <img alt='a [bee]' src='data:image/png;base64,QUJDRA=='></p>"
                + "<p>And <img src='file:///C:/x.png'> <img src='https://example.org/x.png'>"
                + "<img src='data:image/png;base64,QQ=='>this?</p>");

    assertThat(kept).containsExactly("a bee:4", ":1");
    assertThat(read.text()).isEqualTo("What is it? ![a bee](m1)\nAnd this?");
    assertThat(read.left()).isEqualTo(3);
  }

  @Test
  void scriptsAndWhatHidesThemAreNoText() {
    assertThat(
            read("<p onclick='alert(1)'>a<script>alert(2)</script><template>b</template></p>"
                    + "<a href='javascript:alert(3)'>c</a><!-- d -->")
                .text())
        .isEqualTo("a\nc");
    assertThat(read("<p".repeat(100_000)).left()).isZero();
    assertThat(read("a" + "<span>".repeat(50_000) + "b").text()).isEqualTo("a");
  }
}
