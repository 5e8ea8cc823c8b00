package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.answer.Comparing;
import bravium.core.games.wordhunt.HuntAction;
import bravium.core.games.wordhunt.Thing;
import bravium.core.games.wordhunt.WordHunt;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.OwnAction;
import bravium.core.play.Sitting;
import bravium.core.question.Area;
import bravium.core.question.Spot;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Word hunts and what is entered in them, with names in several scripts, alike and odd. */
public final class RandomHunts {

  private static final List<String> NAMES =
      List.of(
          "smoker",
          "veil",
          "veils",
          "hive tool",
          "bee-brush",
          "Bienenwabe",
          "glove",
          "gloves",
          "mug",
          "ひつじ",
          "улей",
          "मधुमक्खी",
          "خلية",
          "café",
          "🐝",
          "",
          " ",
          "!?");

  private final Random random;

  public RandomHunts(Random random) {
    this.random = random;
  }

  /** Any hunt, unfinished things and all. */
  public Activity any() {
    List<Thing> things = new ArrayList<>();
    int count = random.nextInt(8);
    for (int i = 0; i < count; i++) {
      things.add(thing("t" + i));
    }
    WordHunt hunt =
        new WordHunt(
            random.nextBoolean() ? new Picture("a".repeat(64), "A bench") : null,
            random.nextBoolean() ? Words.of("What is on the bench?") : null,
            things,
            random.nextInt(4) == 0 ? null : Integer.valueOf(1 + random.nextInt(10)),
            any(WordHunt.Unfound.values()),
            random.nextBoolean() ? Comparing.FAIR : Comparing.FAIR.forgivingSlips(),
            random.nextInt(3) == 0 ? null : any(WordHunt.Nearly.values()),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            List.of(name(), name()),
            random.nextBoolean(),
            Extra.NONE);
    return new RandomActivities(random).any().withGame(hunt);
  }

  private Thing thing(String id) {
    List<String> names = new ArrayList<>();
    names.add(name());
    if (random.nextBoolean()) {
      names.add(name());
    }
    Area place =
        random.nextBoolean()
            ? null
            : new Area(
                id,
                "",
                Area.Form.RECTANGLE,
                List.of(new Spot(random.nextInt(500), 10), new Spot(900, 700)),
                true,
                null,
                Extra.NONE);
    return new Thing(
        id, names, place, random.nextInt(3) == 0 ? random.nextInt(5) : null, Extra.NONE);
  }

  private String name() {
    return NAMES.get(random.nextInt(NAMES.size()));
  }

  /** Something that may be done while it runs. */
  public Action next(WordHunt hunt, Sitting sitting) {
    if (random.nextInt(8) == 0 && !hunt.things().isEmpty()) {
      return new Action.Hint(hunt.things().get(random.nextInt(hunt.things().size())).id());
    }
    return new Action.Own(own(sitting));
  }

  private OwnAction own(Sitting sitting) {
    return switch (random.nextInt(40)) {
      case 0 -> new HuntAction.GiveUp();
      case 1, 2, 3 -> new HuntAction.ShowNames();
      default -> new HuntAction.Enter(entry(), team(sitting));
    };
  }

  private Integer team(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    return teams == 0 || random.nextBoolean() ? null : Integer.valueOf(random.nextInt(teams));
  }

  private String entry() {
    String name = name();
    return switch (random.nextInt(6)) {
      case 0 -> name + "s";
      case 1 -> name.isEmpty() ? "nothing" : shorter(name);
      case 2 -> "x".repeat(random.nextInt(300));
      default -> name;
    };
  }

  private static String shorter(String name) {
    return name.substring(0, name.offsetByCodePoints(name.length(), -1));
  }

  private <T> T any(T[] values) {
    return values[random.nextInt(values.length)];
  }
}
