package bravium.server.sittings;

import bravium.core.json.Names;
import bravium.core.play.Audience;
import bravium.core.play.Move;
import bravium.core.play.showing.Showing;
import bravium.server.problems.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * What a move is compared with: the same sign-in, the same JSON in and out, and nothing played or
 * kept. It is in the benchmark's server alone.
 */
@RestController
public class NoOpMoves {

  private final LearnerTokens tokens;
  private final WarmSittings warm;
  private final Map<String, Shown> showings = new ConcurrentHashMap<>();

  NoOpMoves(LearnerTokens tokens, WarmSittings warm) {
    this.tokens = tokens;
    this.warm = warm;
  }

  @PostMapping("/api/play/{sitting}/no-op")
  MoveAnswer move(
      @PathVariable String sitting, HttpServletRequest request, @RequestBody Move move) {
    long learner =
        tokens
            .learner(Bearer.token(request))
            .orElseThrow(() -> Problem.whoAreYou("no-such-token", "nobody"));
    Shown showing = showings.computeIfAbsent(sitting, id -> show(id, learner));
    return new MoveAnswer(
        new Happened(List.of(), Names.AS_THEY_ARE), showing, move.key().isEmpty(), null, true);
  }

  private Shown show(String sitting, long learner) {
    StoredSitting stored = warm.read(sitting, s -> s.learner() != null && s.learner() == learner);
    return Shown.asItIs(Showing.of(stored.game(), stored.sitting(), Audience.PLAYER, 0));
  }
}
