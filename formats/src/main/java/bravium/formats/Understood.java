package bravium.formats;

import bravium.core.question.Question;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was understood of a text with questions in it.
 *
 * @param questions those that were understood, in their order; their ids are only numbers
 * @param left what could not be understood, in its order
 * @param rest the text without what was understood, to be read again once it is put right
 */
public record Understood(List<Question> questions, List<Left> left, String rest) {

  /** The most questions that are taken in at once. */
  public static final int MOST = 500;

  /**
   * A piece that is left over.
   *
   * @param line the line on which it begins, from 1
   * @param text as it stands there
   * @param reason why, in words; null where it is just no question
   */
  public record Left(int line, String text, @Nullable String reason) {}
}
