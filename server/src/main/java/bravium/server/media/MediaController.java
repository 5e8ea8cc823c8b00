package bravium.server.media;

import bravium.core.measure.DetailMap;
import bravium.server.accounts.Teacher;
import bravium.server.limits.SearchText;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's media over HTTP. */
@RestController
@RequestMapping("/api/media")
class MediaController {

  private static final int MOST_PAGES = 1_000_000;

  private final MediaService media;

  MediaController(MediaService media) {
    this.media = media;
  }

  @GetMapping
  MediaList list(
      @AuthenticationPrincipal Teacher teacher,
      @RequestParam(required = false) @Nullable String kind,
      @RequestParam(defaultValue = "") String search,
      @RequestParam(defaultValue = "false") boolean removed,
      @RequestParam(defaultValue = "0") int page) {
    MediaKind wanted =
        switch (kind == null ? "" : kind) {
          case "picture" -> MediaKind.PICTURE;
          case "sound" -> MediaKind.SOUND;
          case "video" -> MediaKind.VIDEO;
          default -> null;
        };
    return media.list(
        teacher, wanted, SearchText.checked(search), removed, Math.clamp(page, 0, MOST_PAGES));
  }

  /** Takes in a file, which is the body as it is. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  MediumCard add(
      @AuthenticationPrincipal Teacher teacher,
      @RequestParam(defaultValue = "") String title,
      @RequestParam(required = false) @Nullable Integer millis,
      HttpServletRequest request)
      throws IOException {
    return media.add(teacher, title, "", millis, request.getInputStream());
  }

  @GetMapping("/{medium}")
  MediumCard read(@AuthenticationPrincipal Teacher teacher, @PathVariable String medium) {
    return media.read(teacher, medium);
  }

  @PutMapping("/{medium}")
  MediumCard describe(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String medium,
      @RequestBody MediumWords words) {
    return media.describe(teacher, medium, words.checked());
  }

  /** Removes a medium; for a month it can be brought back. */
  @DeleteMapping("/{medium}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@AuthenticationPrincipal Teacher teacher, @PathVariable String medium) {
    media.remove(teacher, medium);
  }

  @PostMapping("/{medium}/return")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void bringBack(@AuthenticationPrincipal Teacher teacher, @PathVariable String medium) {
    media.bringBack(teacher, medium);
  }

  @GetMapping("/{medium}/file")
  ResponseEntity<Resource> file(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String medium) {
    return media.file(teacher, medium, false).answer(medium);
  }

  /** How much there is to see in each part of a picture. */
  @GetMapping("/{medium}/detail")
  ResponseEntity<DetailMap> detail(
      @AuthenticationPrincipal Teacher teacher, @PathVariable String medium) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(MediumFile.YEAR).cachePrivate().immutable())
        .body(media.detail(teacher, medium));
  }

  /** A small picture of it, or itself where it is small. */
  @GetMapping("/{medium}/small")
  ResponseEntity<Resource> small(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String medium,
      @RequestParam(defaultValue = "false") boolean removed) {
    return (removed ? media.smallOfRemoved(teacher, medium) : media.file(teacher, medium, true))
        .answer(medium + "-small");
  }
}
