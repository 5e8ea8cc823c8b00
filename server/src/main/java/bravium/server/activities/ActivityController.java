package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.server.accounts.Teacher;
import bravium.server.problems.Problem;
import java.net.URI;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Activities over HTTP. The version is the entity tag; a save says which one it changes. */
@RestController
@RequestMapping("/api/activities")
class ActivityController {

  private final ActivityService activities;

  ActivityController(ActivityService activities) {
    this.activities = activities;
  }

  @GetMapping
  List<ActivityCard> list(@AuthenticationPrincipal Teacher teacher) {
    return activities.cards(teacher);
  }

  @PostMapping
  ResponseEntity<StoredActivity> add(
      @AuthenticationPrincipal Teacher teacher, @RequestBody Activity activity) {
    StoredActivity stored = activities.add(teacher, activity);
    return ResponseEntity.created(URI.create("/api/activities/" + stored.id()))
        .eTag(tag(stored.version()))
        .body(stored);
  }

  @GetMapping("/{id}")
  ResponseEntity<StoredActivity> read(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    StoredActivity stored = activities.read(teacher, id);
    return ResponseEntity.ok().eTag(tag(stored.version())).body(stored);
  }

  @PutMapping("/{id}")
  ResponseEntity<Saved> save(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch,
      @RequestBody Activity activity) {
    Saved saved = activities.save(teacher, id, version(ifMatch), activity);
    return ResponseEntity.ok().eTag(tag(saved.version())).body(saved);
  }

  private static String tag(int version) {
    return "\"" + version + "\"";
  }

  private static int version(@Nullable String ifMatch) {
    if (ifMatch == null) {
      throw Problem.versionMissing(
          "Say with If-Match which version you are changing. Nothing was saved.");
    }
    try {
      return Integer.parseInt(ifMatch.replace("\"", "").strip());
    } catch (NumberFormatException e) {
      throw Problem.badRequest(
          "version-unreadable", "If-Match is the version's number in quotes. Nothing was saved.");
    }
  }
}
