package bravium.server.media;

import bravium.server.accounts.Teacher;
import bravium.server.limits.SearchText;
import bravium.server.problems.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.MediaTypeFactory;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The video library over HTTP. */
@RestController
@RequestMapping("/api/library")
class LibraryController {

  private final VideoLibrary library;
  private final MediaService media;

  LibraryController(VideoLibrary library, MediaService media) {
    this.library = library;
    this.media = media;
  }

  @GetMapping
  List<LibraryClip> search(@RequestParam(defaultValue = "") String search) {
    return library.search(SearchText.checked(search));
  }

  /** The film, whole or in ranges. */
  @GetMapping("/{clip}/film")
  ResponseEntity<Resource> film(@PathVariable String clip) throws IOException {
    Resource film = library.fetch(found(clip), VideoLibrary.Part.FILM);
    return ResponseEntity.ok()
        .contentType(MediaTypeFactory.getMediaType(film).orElseThrow())
        .body(film);
  }

  @GetMapping("/{clip}/poster")
  ResponseEntity<Resource> poster(@PathVariable String clip) throws IOException {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_PNG)
        .body(library.fetch(found(clip), VideoLibrary.Part.POSTER));
  }

  @GetMapping("/{clip}/captions")
  ResponseEntity<Resource> captions(@PathVariable String clip) throws IOException {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/vtt;charset=UTF-8"))
        .body(library.fetch(found(clip), VideoLibrary.Part.CAPTIONS));
  }

  /** Takes a clip into the teacher's own media. */
  @PostMapping("/{clip}/medium")
  @ResponseStatus(HttpStatus.CREATED)
  MediumCard take(@AuthenticationPrincipal Teacher teacher, @PathVariable String clip)
      throws IOException {
    LibraryClip found = found(clip);
    try (InputStream in = library.fetch(found, VideoLibrary.Part.FILM).getInputStream()) {
      return media.add(teacher, found.title(), found.words(), found.millis(), in);
    }
  }

  private LibraryClip found(String clip) {
    return library
        .find(clip)
        .orElseThrow(
            () -> Problem.notFound("no-such-clip", "There is no such clip in the library."));
  }
}
