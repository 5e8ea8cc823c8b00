package bravium.server.classes;

import bravium.server.limits.Devices;
import bravium.server.sittings.Bearer;
import bravium.server.web.Unchanged;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A learner's side of her class over HTTP. Her games are played as those of links are. */
@RestController
@RequestMapping("/api/join/{code}")
class JoinController {

  private final JoinService join;
  private final Devices devices;
  private final Unchanged unchanged;

  JoinController(JoinService join, Devices devices, Unchanged unchanged) {
    this.join = join;
    this.devices = devices;
    this.unchanged = unchanged;
  }

  @GetMapping
  Gate gate(@PathVariable String code, HttpServletRequest request) {
    return join.gate(code, devices.of(request));
  }

  /** Comes in, as somebody new or with two words. */
  @PostMapping("/learners")
  @ResponseStatus(HttpStatus.CREATED)
  Joined join(
      @PathVariable String code,
      @RequestBody Joining joining,
      HttpServletRequest request,
      HttpServletResponse response) {
    JoinService.In in = join.join(code, joining, devices.of(request));
    devices.remember(in.learner(), request, response);
    return in.joined();
  }

  @GetMapping("/page")
  ResponseEntity<LearnersPage> page(@PathVariable String code, HttpServletRequest request) {
    String token = Bearer.token(request);
    return unchanged.answer(
        request,
        "page of " + code + " " + token,
        () -> join.page(code, token, devices.of(request)));
  }

  /** The device that asks is hers no more; she comes back with her two words. */
  @DeleteMapping("/device")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave(@PathVariable String code, HttpServletRequest request) {
    join.leave(code, Bearer.token(request), devices.of(request));
  }

  /**
   * Begins a game on what she was given, or goes on with the one that runs; anew leaves that one,
   * where its rules let her.
   */
  @PostMapping("/assignments/{assignment}/sittings")
  @ResponseStatus(HttpStatus.CREATED)
  Begun begin(
      @PathVariable String code,
      @PathVariable String assignment,
      @RequestParam(defaultValue = "false") boolean anew,
      HttpServletRequest request) {
    return new Begun(
        join.begin(code, Bearer.token(request), assignment, anew, devices.of(request)));
  }
}
