package bravium.server.media;

import bravium.server.accounts.Teacher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A teacher's large files over HTTP, in parts. */
@RestController
@RequestMapping("/api/uploads")
class UploadController {

  private final UploadService uploads;

  UploadController(UploadService uploads) {
    this.uploads = uploads;
  }

  @GetMapping
  List<UploadCard> list(@AuthenticationPrincipal Teacher teacher) {
    return uploads.list(teacher);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  UploadCard begin(@AuthenticationPrincipal Teacher teacher, @RequestBody UploadBeginning said)
      throws IOException {
    return uploads.begin(teacher, said.checked());
  }

  @GetMapping("/{upload}")
  UploadCard read(@AuthenticationPrincipal Teacher teacher, @PathVariable String upload) {
    return uploads.read(teacher, upload);
  }

  /** Takes the next part, which is the body as it is. */
  @PutMapping("/{upload}")
  UploadCard take(
      @AuthenticationPrincipal Teacher teacher,
      @PathVariable String upload,
      @RequestParam long from,
      HttpServletRequest request)
      throws IOException {
    return uploads.take(teacher, upload, from, request.getInputStream());
  }

  @PostMapping("/{upload}/medium")
  @ResponseStatus(HttpStatus.CREATED)
  MediumCard finish(@AuthenticationPrincipal Teacher teacher, @PathVariable String upload)
      throws IOException {
    return uploads.finish(teacher, upload);
  }

  @DeleteMapping("/{upload}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void giveUp(@AuthenticationPrincipal Teacher teacher, @PathVariable String upload)
      throws IOException {
    uploads.giveUp(teacher, upload);
  }
}
