package bravium.server.upkeep;

import bravium.server.BraviumSettings;
import bravium.server.accounts.Teacher;
import bravium.server.data.Copies;
import bravium.server.data.KeeperNews;
import bravium.server.problems.Problem;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the server is, for the teacher who looks after it. */
@RestController
class ServerController {

  private final BraviumSettings settings;
  private final Copies copies;
  private final KeeperNews news;

  ServerController(BraviumSettings settings, Copies copies, KeeperNews news) {
    this.settings = settings;
    this.copies = copies;
    this.news = news;
  }

  @GetMapping("/api/server")
  ServerState state(@AuthenticationPrincipal Teacher keeper) {
    require(keeper);
    return now();
  }

  /** Makes a copy of the database now. */
  @PostMapping("/api/server/copy")
  ServerState copy(@AuthenticationPrincipal Teacher keeper) {
    require(keeper);
    copies.now();
    return now();
  }

  private static void require(Teacher keeper) {
    if (!keeper.isKeeper()) {
      throw Problem.notAllowed(
          "not-the-keeper", "Only the teacher who looks after this server can see that.");
    }
  }

  private ServerState now() {
    return new ServerState(settings.version(), copies.newestDay().orElse(null), news.all());
  }
}
