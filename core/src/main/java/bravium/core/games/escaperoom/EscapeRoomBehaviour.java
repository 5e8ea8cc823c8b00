package bravium.core.games.escaperoom;

import bravium.core.activity.Activity;
import bravium.core.games.Behaviour;
import bravium.core.games.Twin;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.Winnable;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How an escape room behaves. */
public final class EscapeRoomBehaviour implements Behaviour<EscapeRoom> {

  @Override
  public Optional<Play> play(Activity activity, EscapeRoom room) {
    return Optional.of(new EscapePlay(activity, room));
  }

  @Override
  public Prospects prospects(Activity activity, EscapeRoom room, List<Question> pool) {
    Escape escape = new Escape(room);
    Plan plan = escape.plan();
    return Prospects.ofItself(
        plan.isEscapable() ? Winnable.ALWAYS : Winnable.NEVER,
        EscapeOdds.guessing(escape, activity.rules()),
        EscapeTime.of(activity, escape).orElse(null),
        plan.opensAny() ? escape.locks().size() : 0);
  }

  @Override
  public List<Finding> findings(Activity activity, EscapeRoom room) {
    return EscapeChecks.of(activity, new Escape(room));
  }

  @Override
  public EscapeRoom mended(EscapeRoom room, Finding finding) {
    return finding.mend() == Mend.OF_GAME ? EscapeMends.mended(room, finding) : room;
  }

  @Override
  public Stream<Twin> twins(Activity activity, EscapeRoom room, Opening opening) {
    return new EscapeTwins(activity, room, opening).all();
  }
}
