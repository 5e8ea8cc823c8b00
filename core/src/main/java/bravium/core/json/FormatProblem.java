package bravium.core.json;

/**
 * A text that doesn't follow the format: the JSON path of the place and what was expected there.
 */
public final class FormatProblem extends RuntimeException {

  private static final long serialVersionUID = 1L;
  private final String path;
  private final String reason;

  /** What is wrong, and where: a JSON path, or another name of the place. */
  public FormatProblem(String path, String reason) {
    super(path + ": " + reason);
    this.path = path;
    this.reason = reason;
  }

  /** The place as a JSON path, such as {@code $.game.questions[1].text}. */
  public String path() {
    return path;
  }

  /** What is wrong there, in words. */
  public String reason() {
    return reason;
  }
}
