package bravium.core.activity;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.games.Games;
import bravium.core.measure.Colour;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.samples.Activities;
import bravium.core.samples.RandomActivities;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class LookTest {

  /** Source: WCAG 2.2, 1.4.3, 1.4.6 and 1.4.11. */
  @Property(tries = 500)
  void aMendedLookCanBeReadWhereverTextStands(@ForAll long seed) {
    Look look = new RandomActivities(new Random(seed)).look().mended();
    Colour ink = Colour.of(look.ink());

    assertThat(look.readable()).isTrue();
    assertThat(look.mended()).isEqualTo(look);
    Dress dress = Dress.of(look);
    for (String ground : new String[] {dress.ground(), dress.card()}) {
      Colour under = Colour.of(ground);
      assertThat(ink.contrast(under)).isGreaterThanOrEqualTo(Colour.QUESTION);
      for (String text : new String[] {dress.soft(), dress.right(), dress.wrong()}) {
        assertThat(Colour.of(text).contrast(under)).isGreaterThanOrEqualTo(Colour.TEXT);
      }
      for (String sign : new String[] {dress.accent(), dress.edge()}) {
        assertThat(Colour.of(sign).contrast(under)).isGreaterThanOrEqualTo(Colour.SIGN);
      }
    }
    assertThat(Colour.of(dress.accentInk()).contrast(Colour.of(dress.accent())))
        .isGreaterThanOrEqualTo(Colour.TEXT);
    if (dress.second() != null) {
      assertThat(ink.contrastAlong(Colour.of(dress.ground()), Colour.of(dress.second())))
          .isGreaterThanOrEqualTo(Colour.QUESTION);
    }
  }

  @Example
  void theLooksOfOurOwnCanAllBeReadAndDiffer() {
    assertThat(Looks.ALL).hasSize(12).allMatch(named -> named.look().readable());
    assertThat(Looks.ALL).extracting(Looks.Named::name).doesNotHaveDuplicates();
    assertThat(Looks.ALL).extracting(named -> named.look().ground()).doesNotHaveDuplicates();
  }

  @Example
  void anUnreadableLookIsFoundAndMendedWithOnePress() {
    Look grey =
        new Look(
            "#888888",
            "#999999",
            "#777777",
            Backdrop.PLAIN,
            Look.Type.CLEAR,
            Look.Corner.ROUND,
            Look.Shape.PENNANT);
    Activity activity = Activities.quiz(Activities.mixed(null, 80), 3).withLook(grey);
    Finding poor =
        Games.readiness(activity).findings().stream()
            .filter(finding -> finding.check() == Check.POOR_CONTRAST)
            .findFirst()
            .orElseThrow();

    assertThat(Games.mended(activity, poor).look().readable()).isTrue();
  }
}
