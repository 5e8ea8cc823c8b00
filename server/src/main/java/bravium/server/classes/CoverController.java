package bravium.server.classes;

import bravium.server.accounts.SignedIn;
import bravium.server.accounts.Teacher;
import bravium.server.problems.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Covers for a day, over HTTP. */
@RestController
class CoverController {

  private final CoverService covers;

  CoverController(CoverService covers) {
    this.covers = covers;
  }

  @GetMapping("/api/classes/{id}/covers")
  List<CoverCard> all(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return covers.ofClass(teacher, id);
  }

  @PostMapping("/api/classes/{id}/covers")
  @ResponseStatus(HttpStatus.CREATED)
  List<CoverCard> add(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody CoverGiven given) {
    return covers.add(teacher, id, given);
  }

  /** Withdraws one: its code opens nothing, and whoever came in by it is out. */
  @DeleteMapping("/api/classes/{id}/covers/{cover}")
  List<CoverCard> withdraw(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String cover) {
    return covers.withdraw(teacher, id, cover);
  }

  /** What there is to present and to watch for whoever covers. */
  @GetMapping("/api/cover")
  CoverPage page(SignedIn who) {
    if (who.cover() == null) {
      throw Problem.notFound(
          "no-cover", "You cover for nobody here: you are signed in with your own name.");
    }
    return covers.page(who.cover());
  }
}
