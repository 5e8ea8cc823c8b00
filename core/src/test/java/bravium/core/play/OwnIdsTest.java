package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.games.escaperoom.EscapeRoom;
import bravium.core.games.picturereveal.PictureReveal;
import bravium.core.games.wordhunt.WordHunt;
import bravium.core.json.Names;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomEscapes;
import bravium.core.samples.RandomHunts;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomReveals;
import bravium.core.samples.RandomVideos;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Whatever is an id, in any game, is known to be one: whoever plays gets others in their place. */
class OwnIdsTest {

  private static final String HERS = "hers ";

  private static final Names NAMES =
      new Names() {
        @Override
        public String medium(String name) {
          return name;
        }

        @Override
        public String id(String id) {
          return HERS + id;
        }

        @Override
        public String part(String question, String id) {
          assertThat(question).as("whose part %s is", id).isNotEmpty();
          return HERS + id;
        }
      };

  private static final Names BACK = Names.ofIds(id -> id.replaceFirst(HERS, ""));

  @Property(tries = 400)
  void noIdIsWrittenAsItIsAndEachComesBack(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity =
        switch (random.nextInt(6)) {
          case 0 -> new RandomHunts(random).any();
          case 1 -> new RandomEscapes(random).finished(1 + random.nextInt(6));
          case 3 -> new RandomVideos(random).finished(1 + random.nextInt(6));
          case 2 -> new RandomReveals(random).finished(1 + random.nextInt(6));
          case 4 -> onWhiteboard(random);
          default -> new RandomActivities(random).finished(1 + random.nextInt(6));
        };
    Set<String> ids = new HashSet<>();
    collect(Codec.ACTIVITY.tree(activity), ids, true);
    ids.removeIf(String::isBlank);
    RandomMoves moves = new RandomMoves(random);
    Sitting sitting = Plays.open(activity, new Opening("seed " + seed, 0, false));

    for (int step = 0; step < 25 && sitting.stage() != Stage.END; step++) {
      Move move = next(activity, sitting, random, step, moves);
      Move written = Codec.MOVE.named(move, NAMES);
      assertThat(Codec.MOVE.named(written, BACK)).isEqualTo(move);

      Turn turn = Plays.play(activity, sitting, move, step);
      sitting = turn.sitting();
      String shown =
          Codec.SHOWING.write(Plays.show(activity, sitting, Audience.PLAYER, step), NAMES);
      String happened = Codec.HAPPENING.writeList(turn.happenings(), NAMES);
      String moved = Codec.MOVE.write(move, NAMES);
      for (String text : List.of(shown, happened, moved)) {
        Set<String> there = new HashSet<>();
        collect(com.eclipsesource.json.Json.parse(text), there, false);
        there.retainAll(ids);
        assertThat(there).as(text).isEmpty();
      }
    }
  }

  private static Move next(
      Activity activity, Sitting sitting, Random random, int step, RandomMoves moves) {
    if (step == 0) {
      return moves.fitting(activity, sitting);
    }
    Action action =
        switch (activity.game()) {
          case WordHunt hunt -> new RandomHunts(random).next(hunt, sitting);
          case EscapeRoom room -> new RandomEscapes(random).next(room, sitting);
          case PictureReveal reveal -> new RandomReveals(random).next(reveal, sitting);
          default -> moves.fitting(activity, sitting).action();
        };
    return new Move("k" + step, Mover.PLAYER, action);
  }

  /** The values of the members called id, or of all that can hold one. */
  private static void collect(JsonValue value, Set<String> found, boolean ids) {
    if (value.isArray()) {
      for (JsonValue item : value.asArray()) {
        if (!ids && item.isString()) {
          found.add(item.asString());
        }
        collect(item, found, ids);
      }
    } else if (value.isObject()) {
      for (JsonObject.Member member : value.asObject()) {
        boolean wanted = member.getName().equals("id") || !ids;
        if (wanted && member.getValue().isString()) {
          found.add(member.getValue().asString());
        }
        collect(member.getValue(), found, ids);
      }
    }
  }

  private static Activity onWhiteboard(Random random) {
    RandomActivities activities = new RandomActivities(random);
    return activities.onWhiteboard(activities.any());
  }
}
