package bravium.server.accounts;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The teachers of this server, for the one who looks after it. */
@RestController
@RequestMapping("/api/teachers")
class TeacherController {

  private final AccountService accounts;
  private final TeacherSessions sessions;

  TeacherController(AccountService accounts, TeacherSessions sessions) {
    this.accounts = accounts;
    this.sessions = sessions;
  }

  @GetMapping
  List<TeacherCard> all(@AuthenticationPrincipal Teacher keeper) {
    return accounts.all(keeper).stream().map(TeacherController::card).toList();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  TeacherCard add(@AuthenticationPrincipal Teacher keeper, @RequestBody Credentials typed) {
    return card(accounts.add(keeper, typed));
  }

  /** Sets a new password; the teacher's sessions end. */
  @PutMapping("/{id}/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void setPassword(
      @AuthenticationPrincipal Teacher keeper,
      @PathVariable long id,
      @RequestBody Credentials typed) {
    sessions.endAllOf(accounts.setPassword(keeper, id, typed.password()));
  }

  /** Hands the server on to another teacher. */
  @PutMapping("/{id}/keeper")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void handOn(
      @AuthenticationPrincipal Teacher keeper,
      @PathVariable long id,
      @RequestBody Credentials typed) {
    Teacher next = accounts.handOn(keeper, id, typed.password());
    sessions.lookAnew(keeper);
    sessions.lookAnew(next);
  }

  /** Removes a teacher; her sessions end. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal Teacher keeper,
      @PathVariable long id,
      @RequestBody Leaving leaving) {
    sessions.endAllOf(accounts.remove(keeper, id, leaving));
  }

  private static TeacherCard card(Teacher teacher) {
    return new TeacherCard(teacher.id(), teacher.name(), teacher.isKeeper());
  }
}
