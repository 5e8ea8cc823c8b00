package bravium.server.results;

import bravium.core.play.Move;
import bravium.server.accounts.Teacher;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What came back from the classes, over HTTP. */
@RestController
class ResultsController {

  private final ResultsService results;

  ResultsController(ResultsService results) {
    this.results = results;
  }

  @GetMapping("/api/results")
  List<PlayedActivity> played(@AuthenticationPrincipal Teacher teacher) {
    return results.played(teacher);
  }

  @GetMapping("/api/activities/{activity}/results")
  ActivityResults of(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String activity,
      @RequestParam(required = false) @Nullable String from,
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "0") int page) {
    return results.of(teacher, activity, new ResultsRepository.Which(from, name), page);
  }

  @GetMapping("/api/activities/{activity}/results/to-mark")
  List<ToMark> toMark(@AuthenticationPrincipal Teacher teacher, @PathVariable String activity) {
    return results.toMark(teacher, activity);
  }

  /** The ids of its questions by how they proved, the hardest last. */
  @GetMapping("/api/activities/{activity}/results/from-easy")
  List<String> fromEasy(@AuthenticationPrincipal Teacher teacher, @PathVariable String activity) {
    return results.fromEasy(teacher, activity);
  }

  /** Takes all games by links ({@code link}) or at the front ({@code front}) out. */
  @DeleteMapping("/api/activities/{activity}/results")
  GamesRemoved removeAll(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String activity,
      @RequestParam String from) {
    return results.removeAll(teacher, activity, from);
  }

  /** Brings those back that were taken out at once. */
  @PostMapping("/api/activities/{activity}/results/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String activity,
      @RequestParam long at) {
    results.bringBack(teacher, activity, at);
  }

  @DeleteMapping("/api/results/{sitting}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@AuthenticationPrincipal Teacher teacher, @PathVariable String sitting) {
    results.remove(teacher, sitting, true);
  }

  @PostMapping("/api/results/{sitting}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(@AuthenticationPrincipal Teacher teacher, @PathVariable String sitting) {
    results.remove(teacher, sitting, false);
  }

  @GetMapping("/api/results/{sitting}")
  GameAnswers answers(@AuthenticationPrincipal Teacher teacher, @PathVariable String sitting) {
    return results.answers(teacher, sitting);
  }

  @PostMapping("/api/results/{sitting}/marks")
  GameAnswers mark(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @RequestBody Move move) {
    return results.mark(teacher, sitting, move);
  }

  /** Who else gave the same answer, in the games that were given with this one. */
  @GetMapping("/api/results/{sitting}/alike/{question}")
  AlikeAnswers alike(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @PathVariable String question) {
    return results.alike(teacher, sitting, question);
  }

  /** Marks an answer and all that say the same in games that have ended. */
  @PostMapping("/api/results/{sitting}/marks/alike")
  GameAnswers markAlike(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @RequestBody Move move) {
    return results.markAlike(teacher, sitting, move);
  }

  @PutMapping("/api/results/{sitting}/contributions/{question}")
  GameAnswers hide(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @PathVariable String question,
      @RequestBody Hiding hiding) {
    return results.hide(teacher, sitting, question, hiding.hidden());
  }
}
