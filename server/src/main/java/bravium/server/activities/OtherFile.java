package bravium.server.activities;

import bravium.server.problems.Problem;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.apache.tika.Tika;

/** What a file is that is no text, in words, and what can be done with it. */
final class OtherFile {

  private static final Tika TIKA = new Tika();

  private static final String WORD_PROCESSOR =
      "This is a document from a word processor. Open it, copy the questions, and paste them into a"
          + " sheet.";

  private OtherFile() {}

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
      return Optional.of(
          "This is a PDF. Open it, copy the questions, and paste them into a sheet.");
    }
    if (type.contains("msword") || type.contains("rtf") || type.contains("x-tika-msoffice")) {
      return Optional.of(WORD_PROCESSOR);
    }
    if (file.length > 3 && file[0] == 'P' && file[1] == 'K') {
      return Optional.of(
          "This is a packed file, not a text. A document from a word processor is opened, copied and"
              + " pasted into a sheet; an activity's zip is imported under Activities.");
    }
    boolean text = type.startsWith("text/") || type.contains("json") || type.contains("xml");
    return text || !hasNothingWritten(file)
        ? Optional.empty()
        : Optional.of("This is no text (" + type + ").");
  }

  /**
   * Refuses what is no text.
   *
   * @throws Problem that says what it is and what to do
   */
  static void refuse(byte[] file) {
    refuse(of(file));
  }

  /** Refuses a zip that is known to be something else than an activity's. */
  static void refuseZip(Path file) throws IOException {
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
      if (zip.getEntry("word/document.xml") != null) {
        return Optional.of(WORD_PROCESSOR);
      }
      if (zip.getEntry("xl/workbook.xml") != null) {
        return Optional.of(
            "This is a spreadsheet. Save it as CSV and import that, or copy its cells and paste them"
                + " into a sheet.");
      }
      if (zip.getEntry("ppt/presentation.xml") != null) {
        return Optional.of("These are slides. Copy the questions, and paste them into a sheet.");
      }
      if (zip.getEntry("content.xml") != null && zip.getEntry("mimetype") != null) {
        return Optional.of(
            "This is a document from an office program. Open it, copy the questions or cells, and"
                + " paste them into a sheet.");
      }
      return Optional.empty();
    } catch (ZipException e) {
      // It is damaged; whoever reads it says so.
      return Optional.empty();
    }
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
