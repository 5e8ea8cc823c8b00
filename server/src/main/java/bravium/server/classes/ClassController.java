package bravium.server.classes;

import bravium.server.accounts.Teacher;
import bravium.server.sittings.NetworkAddresses;
import bravium.server.web.Unchanged;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
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

/** Classes and their registers over HTTP. */
@RestController
@RequestMapping("/api/classes")
class ClassController {

  private final NetworkAddresses addresses;
  private final ClassService classes;
  private final RegisterService register;
  private final Unchanged unchanged;

  ClassController(
      NetworkAddresses addresses,
      ClassService classes,
      RegisterService register,
      Unchanged unchanged) {
    this.addresses = addresses;
    this.classes = classes;
    this.register = register;
    this.unchanged = unchanged;
  }

  @GetMapping
  List<ClassCard> all(@AuthenticationPrincipal Teacher teacher) {
    return classes.all(teacher);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ClassView add(
      @AuthenticationPrincipal Teacher teacher,
      @RequestBody ClassDetails details,
      HttpServletRequest request) {
    return classes.add(teacher, details, addresses(request));
  }

  /** To whom a class can be handed. */
  @GetMapping("/colleagues")
  List<String> colleagues(@AuthenticationPrincipal Teacher teacher) {
    return classes.colleagues(teacher);
  }

  @GetMapping("/{id}")
  ResponseEntity<ClassView> view(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      HttpServletRequest request) {
    List<String> addresses = addresses(request);
    return unchanged.answer(
        request,
        "class " + id + " of " + teacher.id() + " at " + addresses,
        () -> classes.view(teacher, id, addresses));
  }

  private List<String> addresses(HttpServletRequest request) {
    return addresses.ofThisServer(request.getLocalPort());
  }

  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void change(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody ClassDetails details) {
    classes.change(teacher, id, details);
  }

  /** Puts a class away: its code leads nowhere, all it has is kept. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    classes.archive(teacher, id);
  }

  @PostMapping("/{id}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    classes.bringBack(teacher, id);
  }

  /** Gives a class another code. */
  @PostMapping("/{id}/code")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void recode(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    classes.recode(teacher, id);
  }

  @PostMapping("/{id}/owner")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void handOver(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody Colleague colleague) {
    classes.handOver(teacher, id, colleague.name());
  }

  /** Removes an archived class with all results; it can be brought back for thirty days. */
  @PostMapping("/{id}/removal")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeClass(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    classes.remove(teacher, id);
  }

  @DeleteMapping("/{id}/removal")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBackRemoved(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    classes.bringBackRemoved(teacher, id);
  }

  /** What would come of a list of learners. */
  @PostMapping("/{id}/learners/preview")
  NamesUnderstood understood(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody NamesGiven given) {
    return register.understood(teacher, id, given);
  }

  @PostMapping("/{id}/learners")
  @ResponseStatus(HttpStatus.CREATED)
  LearnersAdded addLearners(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody NamesGiven given) {
    return register.add(teacher, id, given);
  }

  /** New words for some learners; the old ones open nothing from now on. */
  @PostMapping("/{id}/slips")
  List<Slip> slips(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestBody List<String> learners) {
    return register.slips(teacher, id, learners);
  }

  @PutMapping("/{id}/learners/{learner}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeLearner(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner,
      @RequestBody LearnerDetails details) {
    register.change(teacher, id, learner, details);
  }

  /** Lets in all newcomers who wait. */
  @PostMapping("/{id}/newcomers")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void letAllIn(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    register.letAllIn(teacher, id);
  }

  /** Refuses all newcomers who wait; they can be brought back. */
  @DeleteMapping("/{id}/newcomers")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void refuse(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    register.refuse(teacher, id);
  }

  /** Lets in a newcomer who waits. */
  @PostMapping("/{id}/learners/{learner}/entry")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void letIn(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner) {
    register.letIn(teacher, id, learner);
  }

  @DeleteMapping("/{id}/learners/{learner}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner) {
    register.remove(teacher, id, learner);
  }

  @PostMapping("/{id}/learners/{learner}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBackLearner(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner) {
    register.bringBack(teacher, id, learner);
  }

  /** Moves a learner to another class. */
  @PostMapping("/{id}/learners/{learner}/class/{other}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void move(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner,
      @PathVariable String other) {
    register.move(teacher, id, learner, other);
  }

  /** Makes one entry of two; {@code into} stays. */
  @PostMapping("/{id}/learners/{learner}/merge/{into}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void merge(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable String learner,
      @PathVariable String into) {
    register.merge(teacher, id, learner, into);
  }
}
