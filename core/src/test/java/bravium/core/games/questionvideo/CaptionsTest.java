package bravium.core.games.questionvideo;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.samples.Activities;
import bravium.core.samples.RandomVideos;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class CaptionsTest {

  /** Blocks, settings, tags and names of signs as in the WebVTT recommendation (W3C, 2019). */
  @Test
  void webVttIsReadWithoutItsMarks() {
    CaptionsRead read =
        Captions.read(
            """
            \uFEFFWEBVTT - the hive

            STYLE
            ::cue { color: red }

            NOTE nothing of this
            is said

            1
            00:01.000 --> 00:04.500 line:0 align:start
            <v Ms Alder>Look at <i>the &lt;guards&gt;</i> &amp; listen

            01:00:00.250 --> 01:00:02.000
            - One
            - Two
            """);

    assertThat(read.lines())
        .containsExactly(
            ScriptLine.said(1_000, 4_500, "Look at the <guards> & listen"),
            ScriptLine.said(3_600_250, 3_602_000, "- One\n- Two"));
    assertThat(read.passedOver()).isEmpty();
  }

  /** The form of SubRip, which has commas and no head (common practice). */
  @Test
  void subRipIsRead() {
    CaptionsRead read =
        Captions.read(
            "1\r\n00:00:01,000 --> 00:00:02,500\r\n{\\an8}<font color=\"#fff\">Home</font>\r\n\r\n"
                + "2\r\n00:00:03,00 --> 00:00:04,0\r\nagain\r\n");

    assertThat(read.lines())
        .containsExactly(
            ScriptLine.said(1_000, 2_500, "Home"), ScriptLine.said(3_000, 4_000, "again"));
  }

  @Test
  void whatCannotBeACaptionIsToldWithItsPlace() {
    CaptionsRead read =
        Captions.read(
            "WEBVTT\n\n00:05.000 --> 00:04.000\nback\n\n99:00:00.000 --> 99:00:01.000\nlate\n\n"
                + "00:01.000 --> 00:02.000\n"
                + "x".repeat(ScriptLine.LONGEST_TEXT + 1)
                + "\n\n00:06.000 --> 00:07.000\nkept\n");

    assertThat(read.lines()).containsExactly(ScriptLine.said(6_000, 7_000, "kept"));
    assertThat(read.passedOver())
        .containsExactly(
            new CaptionsRead.PassedOver(3, CaptionsRead.Why.ENDS_EARLY),
            new CaptionsRead.PassedOver(6, CaptionsRead.Why.TOO_LATE),
            new CaptionsRead.PassedOver(9, CaptionsRead.Why.TOO_LONG));
  }

  @Test
  void scriptsInCaptionsAreWordsAndNothingElse() {
    CaptionsRead read =
        Captions.read(
            "WEBVTT\n\n00:01.000 --> 00:02.000\n<script>alert(1)</script><img src=x onerror=a>hi\n");

    assertThat(read.lines()).containsExactly(ScriptLine.said(1_000, 2_000, "alert(1)hi"));
    assertThat(Captions.read("no captions at all\n\n\n").lines()).isEmpty();
    assertThat(Captions.read("").lines()).isEmpty();
    assertThat(Captions.read("00:01.000 --> 00:02.000\n<never closed").lines()).hasSize(1);
  }

  @Property(tries = 300)
  void whatIsWrittenIsReadAgain(@ForAll long seed) {
    Activity activity = new RandomVideos(new Random(seed)).any();
    QuestionVideo video = (QuestionVideo) activity.game();
    List<ScriptLine> said =
        video.script().stream()
            .filter(line -> !line.note() && !line.text().isBlank())
            .map(l -> ScriptLine.said(l.from(), Math.max(l.to(), l.from() + 1), oneBlock(l.text())))
            .sorted(Comparator.comparingInt(ScriptLine::from))
            .toList();

    assertThat(Captions.read(Captions.webVtt(video)).lines()).isEqualTo(said);
  }

  private static String oneBlock(String text) {
    return text.strip().replace("\n\n", "\n");
  }

  @Test
  void stopsAreChaptersFromOneToTheNext() {
    QuestionVideo video =
        QuestionVideo.of(
            Film.of("f".repeat(64), 60_000).trimmed(null, 50_000),
            List.of(
                Activities.question("late", "a", "a", "b"),
                Activities.question("early", "a", "a", "b"),
                Activities.question("outside", "a", "a", "b")),
            List.of(Stop.of("late", 30_000), Stop.of("early", 10_500), Stop.of("outside", 55_000)));

    List<ScriptLine> chapters = Captions.read(Captions.chapters(video)).lines();

    assertThat(chapters).extracting(ScriptLine::from).containsExactly(10_500, 30_000);
    assertThat(chapters).extracting(ScriptLine::to).containsExactly(30_000, 50_000);
  }
}
