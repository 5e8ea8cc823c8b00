package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.formats.ActivityFile;
import bravium.server.accounts.Teacher;
import bravium.server.problems.Problem;
import bravium.server.web.Attachment;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Activities over HTTP. The version is the entity tag; a save says which one it changes. */
@RestController
@RequestMapping("/api/activities")
class ActivityController {

  private final ActivityService activities;
  private final ArchiveService archives;

  ActivityController(ActivityService activities, ArchiveService archives) {
    this.activities = activities;
    this.archives = archives;
  }

  @GetMapping
  ActivityList list(@AuthenticationPrincipal Teacher teacher, ActivityQuery query) {
    return activities.list(teacher, query);
  }

  /** What the list can be filtered by. */
  @GetMapping("/facets")
  Facets facets(@AuthenticationPrincipal Teacher teacher) {
    return activities.facets(teacher);
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

  @PutMapping("/{id}/title")
  ResponseEntity<Saved> rename(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String id, @RequestBody Title title) {
    Saved saved = activities.rename(teacher, id, title.checked());
    return ResponseEntity.ok().eTag(tag(saved.version())).body(saved);
  }

  @PostMapping("/{id}/copies")
  @ResponseStatus(HttpStatus.CREATED)
  StoredActivity copy(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String id, @RequestBody Title title) {
    return activities.copy(teacher, id, title.checked());
  }

  /** Removes an activity; for a month it can be brought back. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestParam(defaultValue = "false") boolean unwritten) {
    if (unwritten) {
      activities.forgetUnwritten(teacher, id);
    } else {
      activities.remove(teacher, id);
    }
  }

  @PostMapping("/{id}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    activities.bringBack(teacher, id);
  }

  /** The newest first; {@code before} is the last version of the page before. */
  @GetMapping("/{id}/versions")
  List<VersionCard> versions(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @RequestParam(defaultValue = "" + Integer.MAX_VALUE) int before) {
    return activities.versions(teacher, id, before);
  }

  @GetMapping("/{id}/versions/{version}")
  StoredActivity version(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String id,
      @PathVariable int version) {
    return activities.version(teacher, id, version);
  }

  /** The activity as an open file: alone, or with its pictures and sounds in a zip. */
  @GetMapping("/{id}/file")
  ResponseEntity<StreamingResponseBody> exportFile(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    Activity activity = activities.read(teacher, id).activity();
    boolean alone = activity.media().isEmpty();
    String ending = alone ? "bravium.json" : "bravium.zip";
    return ResponseEntity.ok()
        .contentType(alone ? MediaType.APPLICATION_JSON : new MediaType("application", "zip"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            Attachment.of(activity.titlePage().title(), "activity", ending))
        .body(
            alone
                ? out -> out.write(ActivityFile.write(activity))
                : out -> archives.write(teacher, activity, out));
  }

  /** Takes an open file in as an activity of its own. */
  @PostMapping("/files")
  @ResponseStatus(HttpStatus.CREATED)
  Imported importFile(
      @AuthenticationPrincipal Teacher teacher,
      @RequestParam(defaultValue = "") String name,
      HttpServletRequest request)
      throws IOException {
    return archives.take(teacher, name, request.getInputStream());
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
