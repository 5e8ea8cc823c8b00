package bravium.server.sittings;

import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Codes;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Takes in games that were played before, with the times of their moves. */
@Component
public class EarlierGames {

  private final SittingRepository sittings;
  private final PlayLinkRepository links;

  EarlierGames(SittingRepository sittings, PlayLinkRepository links) {
    this.sittings = sittings;
    this.links = links;
  }

  /**
   * A game of one more learner, who came by the activity's link.
   *
   * @param activity the row of the activity
   * @param moves those that would be refused are passed over
   */
  public void add(long activity, ActivityVersion version, Opening opening, List<Played> moves) {
    String code = links.codeOf(activity, 100, Codes.code(), Codes.code());
    long link = links.find(code).orElseThrow().row();
    long learner = links.addLearner(link, Codes.hash(Codes.secret()));
    add(version, learner, null, opening, moves);
  }

  /**
   * A game of a learner of a class.
   *
   * @param assignment the row of what she played it for
   * @param learner her row
   * @param moves those that would be refused are passed over
   */
  public void addFor(
      long assignment, ActivityVersion version, long learner, Opening opening, List<Played> moves) {
    add(version, learner, assignment, opening, moves);
  }

  private void add(
      ActivityVersion version,
      long learner,
      @Nullable Long assignment,
      Opening opening,
      List<Played> moves) {
    String id = Codes.id();
    sittings.add(id, version, learner, null, assignment, opening);
    StoredSitting stored = sittings.find(id).orElseThrow();
    Sitting sitting = stored.sitting();
    long last = opening.at();
    for (Played played : moves) {
      sitting = Engine.play(stored.game(), sitting, played.move(), played.at()).sitting();
      last = played.at();
    }
    sittings.addPlayed(stored.after(sitting, last));
  }
}
