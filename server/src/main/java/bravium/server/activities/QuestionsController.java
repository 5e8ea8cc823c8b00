package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.core.question.Question;
import bravium.formats.Losses;
import bravium.formats.PastedHtml;
import bravium.formats.QuestionList;
import bravium.formats.QuestionTable;
import bravium.formats.QuestionTexts;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.TextForm;
import bravium.server.accounts.Teacher;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.lists.OpenedFile;
import bravium.server.media.MediaService;
import bravium.server.problems.Problem;
import bravium.server.web.Attachment;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Questions in and out as texts that other programs write and read. */
@RestController
class QuestionsController {

  /** A spreadsheet takes a file without it for one in its country's old encoding. */
  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private static final int MOST_LINES = 20_000;

  private final ActivityService activities;
  private final MediaService media;
  private final LongWork texts;
  private final LongWork files;

  QuestionsController(
      ActivityService activities,
      MediaService media,
      @Qualifier(Pools.TEXTS) LongWork texts,
      @Qualifier(Pools.FILES) LongWork files) {
    this.activities = activities;
    this.texts = texts;
    this.files = files;
    this.media = media;
  }

  /** What would be taken in of a text or a file; nothing is changed. */
  @PostMapping("/api/questions/understood")
  TakenIn understood(
      @RequestBody(required = false) byte @Nullable [] file,
      @RequestParam(required = false) @Nullable String form,
      @RequestParam(defaultValue = "") String roles,
      @RequestParam(defaultValue = "false") boolean firstIsRight) {
    byte[] bytes = file == null ? new byte[0] : file;
    Map<Integer, LineRole> asked = roles(roles);
    return texts.run(() -> understood(bytes, form(form), asked, firstIsRight));
  }

  private static TakenIn understood(
      byte[] bytes, @Nullable TextForm form, Map<Integer, LineRole> roles, boolean firstIsRight) {
    String text = OpenedFile.text(bytes);
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
    return new TakenIn(text, QuestionTexts.read(text, form, roles, firstIsRight));
  }

  private static @Nullable TextForm form(@Nullable String name) {
    if (name == null) {
      return null;
    }
    for (TextForm form : TextForm.values()) {
      if (form.name().equalsIgnoreCase(name)) {
        return form;
      }
    }
    throw Problem.badRequest(
        "no-such-form",
        "A text is read as a table, a list, a quiz, lines or a text with gaps. Nothing was changed.");
  }

  /** “3:option,5:left”: how lines are to be read. */
  private static Map<Integer, LineRole> roles(String written) {
    Map<Integer, LineRole> roles = new LinkedHashMap<>();
    for (String one : written.isEmpty() ? new String[0] : written.split(",", MOST_LINES)) {
      String[] parts = one.split(":", 2);
      boolean known =
          parts.length == 2
              && parts[0].matches("\\d{1,6}")
              && Arrays.stream(LineRole.values())
                  .anyMatch(r -> r.name().equalsIgnoreCase(parts[1]));
      if (!known) {
        throw Problem.badRequest(
            "no-such-role", "“" + one + "” says of no line what it is. Nothing was changed.");
      }
      roles.put(Integer.valueOf(parts[0]), LineRole.valueOf(parts[1].toUpperCase(Locale.ROOT)));
    }
    return roles;
  }

  /** What a table or a list can't hold of an activity. */
  @GetMapping("/api/activities/{id}/questions/losses")
  List<Losses.Loss> losses(@AuthenticationPrincipal Teacher teacher, @PathVariable String id) {
    return Losses.of(activities.read(teacher, id).activity().game().questions());
  }

  /**
   * What a word processor gave, as text; pictures that are in it are the teacher's from then on.
   */
  @PostMapping(path = "/api/questions/pasted", consumes = MediaType.TEXT_HTML_VALUE)
  PastedText pasted(@AuthenticationPrincipal Teacher teacher, @RequestBody String html) {
    PastedHtml.Read read =
        files.run(() -> PastedHtml.read(html, (picture, alt) -> kept(teacher, picture, alt)));
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
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            Attachment.of(activity.titlePage().title(), "activity", ending))
        .body(write.apply(activity.game().questions()).getBytes(StandardCharsets.UTF_8));
  }
}
