package bravium.server.lists;

import bravium.formats.QuestionTexts;
import bravium.formats.lists.Spreadsheet;
import bravium.server.problems.Problem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import org.apache.tika.Tika;

/**
 * A file that is opened as a list: the text of a text file or a spreadsheet; of any other it is
 * said in words what it is, and what can be done with it.
 */
public final class OpenedFile {

  private static final int MOST_LOOKED_AT = 100;
  private static final Tika TIKA = new Tika();

  private static final String WORD_PROCESSOR =
      "This is a document from a word processor. Open it, copy what you need, and paste it here.";
  private static final String OLD_SPREADSHEET =
      "This is a spreadsheet in another format than XLSX. Save it as XLSX or CSV, or copy its cells"
          + " and paste them here.";

  private OpenedFile() {}

  /**
   * The text of a file.
   *
   * @throws Problem where it has none, with what it is
   */
  public static String text(byte[] file) {
    if (Spreadsheet.is(file)) {
      try {
        return Spreadsheet.text(file);
      } catch (IllegalArgumentException e) {
        throw Problem.badRequest(
            "other-file",
            e.getMessage()
                + " Nothing was changed. Save it again, or as CSV, or copy its cells and paste them"
                + " here.");
      }
    }
    refuse(of(file));
    return QuestionTexts.text(file);
  }

  /** In words what these bytes are, and what to do; empty where they are a text. */
  private static Optional<String> of(byte[] file) {
    String type = TIKA.detect(file);
    if (type.startsWith("image/")) {
      return Optional.of(
          "This is a picture (" + type.substring(6) + "). Pictures are added under Media.");
    }
    if (type.startsWith("audio/") || type.startsWith("video/")) {
      return Optional.of("This is a sound or a video. Sounds are added under Media.");
    }
    if (type.equals("application/pdf")) {
      return Optional.of("This is a PDF. Open it, copy what you need, and paste it here.");
    }
    if (type.contains("msword") || type.contains("rtf") || type.contains("x-tika-msoffice")) {
      return Optional.of(WORD_PROCESSOR);
    }
    if (type.contains("excel") || type.contains("spreadsheet")) {
      return Optional.of(OLD_SPREADSHEET);
    }
    if (file.length > 3 && file[0] == 'P' && file[1] == 'K') {
      Set<String> names = names(file);
      return Optional.of(
          ofZip(names)
              .orElse(
                  "This is a packed file, not a text. An activity's zip is imported under"
                      + " Activities."));
    }
    boolean text = type.startsWith("text/") || type.contains("json") || type.contains("xml");
    return text || !hasNothingWritten(file)
        ? Optional.empty()
        : Optional.of("This is no text (" + type + ").");
  }

  /** Refuses a zip that is known to be something else than an activity's. */
  public static void refuseZip(Path file) throws IOException {
    refuse(ofZip(file));
  }

  private static void refuse(Optional<String> other) {
    if (other.isPresent()) {
      throw Problem.badRequest("other-file", other.get() + " Nothing was changed.");
    }
  }

  /** In words what a zip is that is none of an activity; empty where that is not known. */
  private static Optional<String> ofZip(Path file) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      return ofZip(zip.stream().map(ZipEntry::getName).collect(Collectors.toSet()));
    } catch (ZipException e) {
      // It is damaged; whoever reads it says so.
      return Optional.empty();
    }
  }

  private static Optional<String> ofZip(Set<String> names) {
    if (names.contains("word/document.xml")) {
      return Optional.of(WORD_PROCESSOR);
    }
    if (names.contains("xl/workbook.xml") || names.contains("xl/workbook.bin")) {
      return Optional.of(OLD_SPREADSHEET);
    }
    if (names.contains("ppt/presentation.xml")) {
      return Optional.of("These are slides. Copy what you need, and paste it here.");
    }
    return names.contains("content.xml") && names.contains("mimetype")
        ? Optional.of(
            "This is a document from an office program. Open it, copy the text or the cells, and"
                + " paste them here; a spreadsheet can be saved as XLSX or CSV.")
        : Optional.empty();
  }

  /** What the entries of a zip are called, as far as they can be read. */
  private static Set<String> names(byte[] file) {
    Set<String> names = new HashSet<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      for (ZipEntry entry;
          (entry = zip.getNextEntry()) != null && names.size() < MOST_LOOKED_AT; ) {
        names.add(entry.getName());
      }
    } catch (IOException | IllegalArgumentException e) {
      // What was read of it says enough, or nothing does.
    }
    return names;
  }

  /** A text has no zeros in it, unless each second byte is one. */
  private static boolean hasNothingWritten(byte[] file) {
    int zeros = 0;
    for (byte b : file) {
      zeros += b == 0 ? 1 : 0;
    }
    boolean wide = file.length > 1 && ((file[0] & 0xff) == 0xff || (file[0] & 0xff) == 0xfe);
    return zeros > 0 && !wide;
  }
}
