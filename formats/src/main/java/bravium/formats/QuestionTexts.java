package bravium.formats;

/** Questions in a text of whatever form: a Markdown list where it has boxes, else a table. */
public final class QuestionTexts {

  private QuestionTexts() {}

  /**
   * The text of a file: by its byte-order mark where it has one, else UTF-8, else Windows-1252,
   * which takes any bytes.
   */
  public static String text(byte[] file) {
    return Encodings.text(file);
  }

  /** Reads a text. What is no question is told, and keeps nothing else from being read. */
  public static Understood read(String text) {
    return QuestionList.looksLikeOne(text) ? QuestionList.read(text) : QuestionTable.read(text);
  }
}
