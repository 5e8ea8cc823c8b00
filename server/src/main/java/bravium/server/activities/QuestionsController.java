package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.core.question.Question;
import bravium.formats.PastedHtml;
import bravium.formats.QuestionList;
import bravium.formats.QuestionTable;
import bravium.formats.QuestionTexts;
import bravium.server.accounts.Teacher;
import bravium.server.media.MediaService;
import bravium.server.problems.Problem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Questions in and out as texts that other programs write and read. */
@RestController
class QuestionsController {

  /** A spreadsheet takes a file without it for one in its country's old encoding. */
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private static final int MOST_LINES = 20_000;

  private final ActivityService activities;
  private final MediaService media;

  QuestionsController(ActivityService activities, MediaService media) {
    this.activities = activities;
    this.media = media;
  }

  /** What would be taken in of a text or a file; nothing is changed. */
  @PostMapping("/api/questions/understood")
  TakenIn understood(@RequestBody(required = false) byte @Nullable [] file) {
    String text = QuestionTexts.text(file == null ? new byte[0] : file);
    long lines = text.lines().count();
    if (lines > MOST_LINES) {
      throw Problem.badRequest(
          "too-many-lines",
          "This has "
              + lines
              + " lines. Up to "
              + MOST_LINES
              + " are looked at at once. Nothing was changed; take it in in parts.");
    }
    return new TakenIn(text, QuestionTexts.read(text));
  }

  /**
   * What a word processor gave, as text; pictures that are in it are the teacher's from then on.
   */
  @PostMapping(path = "/api/questions/pasted", consumes = MediaType.TEXT_HTML_VALUE)
  PastedText pasted(@AuthenticationPrincipal Teacher teacher, @RequestBody String html) {
    PastedHtml.Read read = PastedHtml.read(html, (picture, alt) -> kept(teacher, picture, alt));
    return new PastedText(read.text(), read.left());
  }

  private Optional<String> kept(Teacher teacher, byte[] picture, String alt) {
    try {
      InputStream in = new ByteArrayInputStream(picture);
      return Optional.of(media.add(teacher, alt, alt, null, in).medium());
    } catch (Problem e) {
      return Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @GetMapping("/api/activities/{id}/questions.csv")
  ResponseEntity<byte[]> table(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return file(
        teacher,
        id,
        "csv",
        "text/csv",
        questions -> BYTE_ORDER_MARK + QuestionTable.write(questions));
  }

  @GetMapping("/api/activities/{id}/questions.md")
  ResponseEntity<byte[]> list(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return file(teacher, id, "md", "text/markdown", QuestionList::write);
  }

  private ResponseEntity<byte[]> file(
      Teacher teacher,
      String id,
      String ending,
      String type,
      Function<List<Question>, String> write) {
    Activity activity = activities.read(teacher, id).activity();
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
        .header(HttpHeaders.CONTENT_DISPOSITION, Attachment.of(activity, ending))
        .body(write.apply(activity.game().questions()).getBytes(StandardCharsets.UTF_8));
  }
}
