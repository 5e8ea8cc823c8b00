package bravium.server.sittings;

import bravium.core.play.Move;
import bravium.server.accounts.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's side of plays over HTTP. */
@RestController
class FrontController {

  private final NetworkAddresses addresses;
  private final FrontService front;
  private final BesideService beside;

  FrontController(FrontService front, BesideService beside, NetworkAddresses addresses) {
    this.beside = beside;
    this.addresses = addresses;
    this.front = front;
  }

  @PostMapping("/api/activities/{activity}/link")
  PlayLink link(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String activity,
      @RequestParam(defaultValue = "100") int time,
      HttpServletRequest request) {
    return new PlayLink(
        front.codeOf(teacher, activity, time),
        addresses.ofThisServer(request.getLocalPort()),
        front.isLinkOpen(teacher, activity));
  }

  /** Switches the link off, or on again; whoever has begun goes on. */
  @PutMapping("/api/activities/{activity}/link")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void switchLink(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String activity,
      @RequestParam boolean open) {
    front.switchLink(teacher, activity, open);
  }

  @PostMapping("/api/activities/{activity}/sittings")
  @ResponseStatus(HttpStatus.CREATED)
  FrontSitting open(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String activity,
      @RequestParam(required = false) @Nullable String only) {
    return front.open(teacher, activity, only);
  }

  @GetMapping("/api/activities/{activity}/sittings/unfinished")
  Unfinished unfinished(@AuthenticationPrincipal Teacher teacher, @PathVariable String activity) {
    return front.unfinished(teacher, activity);
  }

  @GetMapping("/api/sittings/{sitting}")
  FrontSitting read(@AuthenticationPrincipal Teacher teacher, @PathVariable String sitting) {
    return front.read(teacher, sitting);
  }

  @PostMapping("/api/sittings/{sitting}/moves")
  MoveAnswer move(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @RequestBody Move move) {
    return front.move(teacher, sitting, move);
  }

  @GetMapping("/api/sittings/{sitting}/contributions/{question}")
  List<Contribution> contributions(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @PathVariable String question) {
    return front.contributions(teacher, sitting, question);
  }

  /** What lies on the pages beside the game: strokes, and flaps that are open. */
  @GetMapping(path = "/api/sittings/{sitting}/pages", produces = MediaType.APPLICATION_JSON_VALUE)
  byte[] pages(@AuthenticationPrincipal Teacher teacher, @PathVariable String sitting) {
    return beside.pages(teacher, sitting);
  }

  @PutMapping("/api/sittings/{sitting}/pages/{page}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keepPage(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String sitting,
      @PathVariable String page,
      @RequestBody BesidePage now) {
    beside.keep(teacher, sitting, page, now);
  }
}
