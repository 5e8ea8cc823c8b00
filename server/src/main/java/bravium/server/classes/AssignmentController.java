package bravium.server.classes;

import bravium.server.accounts.Teacher;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is given to classes, over HTTP. */
@RestController
class AssignmentController {

  private final AssignmentService assignments;

  AssignmentController(AssignmentService assignments) {
    this.assignments = assignments;
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

  /** What came back, learners down and items across. */
  @GetMapping("/api/assignments/{id}/glance")
  ClassGlance glance(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return assignments.glance(teacher, id);
  }
}
