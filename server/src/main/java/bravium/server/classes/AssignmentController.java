package bravium.server.classes;

import bravium.server.accounts.SignedIn;
import bravium.server.accounts.Teacher;
import bravium.server.results.ToMark;
import bravium.server.web.Attachment;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What is given to classes, over HTTP. */
@RestController
class AssignmentController {

  private final AssignmentService assignments;
  private final GlanceService glances;
  private final LiveService live;

  AssignmentController(AssignmentService assignments, GlanceService glances, LiveService live) {
    this.live = live;
    this.assignments = assignments;
    this.glances = glances;
  }

  @PostMapping("/api/classes/{id}/assignments")
  @ResponseStatus(HttpStatus.CREATED)
  Given give(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody Giving giving) {
    return assignments.give(teacher, id, giving);
  }

  @GetMapping("/api/assignments/{id}")
  Given read(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.read(teacher, id);
  }

  @PutMapping("/api/assignments/{id}")
  Given change(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody Giving giving) {
    return assignments.change(teacher, id, giving);
  }

  /** Gives the newest version to those who have not begun. */
  @PostMapping("/api/assignments/{id}/version")
  Given renew(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.renew(teacher, id);
  }

  /** The answers that wait for a mark. */
  @GetMapping("/api/assignments/{id}/to-mark")
  List<ToMark> toMark(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return glances.toMark(teacher, id);
  }

  /** Shows learners the marks that were given so far. */
  @PostMapping("/api/assignments/{id}/marks")
  Given tellMarks(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.tellMarks(teacher, id);
  }

  /** Takes it back: nobody can play it, what was done is kept. */
  @DeleteMapping("/api/assignments/{id}")
  Given takeBack(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.takeBack(teacher, id);
  }

  @PostMapping("/api/assignments/{id}/return")
  Given giveAgain(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.giveAgain(teacher, id);
  }

  @PostMapping("/api/assignments/{id}/copies/{other}")
  @ResponseStatus(HttpStatus.CREATED)
  Given copy(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String other) {
    return assignments.copy(teacher, id, other);
  }

  @PutMapping("/api/assignments/{id}/learners/{learner}")
  Given allow(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner,
      @RequestBody LocalAllowance allowance) {
    return assignments.allow(teacher, id, learner, allowance);
  }

  /** Lets a learner's last game go on that ended when the time was over. */
  @PostMapping("/api/assignments/{id}/learners/{learner}/return")
  Given reopen(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner) {
    return assignments.reopen(teacher, id, learner);
  }

  /** What came back, learners down and items across. */
  @GetMapping("/api/assignments/{id}/glance")
  ClassGlance glance(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return glances.glance(teacher, id);
  }

  /** The same as a table for a spreadsheet, under the names of the class and of the activity. */
  @GetMapping("/api/assignments/{id}/glance.csv")
  ResponseEntity<String> table(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return csv(glances.table(teacher, id));
  }

  /** The register of a class as a table, which is recognised when it is taken in again. */
  @GetMapping("/api/classes/{id}/register.csv")
  ResponseEntity<String> register(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return csv(glances.register(teacher, id));
  }

  private static ResponseEntity<String> csv(GlanceService.Table table) {
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.of(table.name(), "results", "csv"))
        // Spreadsheets tell UTF-8 by this mark.
        .body("\uFEFF" + table.csv());
  }

  /** The term of a class: learners down, what they were given across. */
  @GetMapping("/api/classes/{id}/term")
  ClassTerm term(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return glances.term(teacher, id);
  }

  /** All that one learner did. */
  @GetMapping("/api/classes/{id}/learners/{learner}/record")
  LearnerRecord record(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner) {
    return glances.record(teacher, id, learner);
  }

  /** All lines of a class that plays, as they are now. */
  @GetMapping("/api/assignments/{id}/live/now")
  LiveNews now(SignedIn who, @PathVariable String id) {
    return live.now(who, id);
  }

  /** Removes it with all results; it can be brought back for thirty days. */
  @PostMapping("/api/assignments/{id}/removal")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    assignments.remove(teacher, id);
  }

  @DeleteMapping("/api/assignments/{id}/removal")
  Given bringBack(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.bringBack(teacher, id);
  }

  /** The same as a stream: first all lines, then those alone that are new. */
  @GetMapping(path = "/api/assignments/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter live(SignedIn who, @PathVariable String id, HttpServletResponse response) {
    // A proxy that gathers what comes would keep the news back.
    response.setHeader("X-Accel-Buffering", "no");
    response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
    return live.stream(who, id);
  }
}
