package bravium.core.readiness;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something worth the teacher's eye.
 *
 * @param question the id of the question it is about; null for the activity as a whole
 * @param option the id of the option it is about, if one
 * @param values what its sentence needs
 */
public record Finding(
    Check check,
    Weight weight,
    @Nullable String question,
    @Nullable String option,
    List<String> values) {

  static Finding ofActivity(Check check, Weight weight, Object... values) {
    return new Finding(check, weight, null, null, texts(values));
  }

  static Finding of(String question, Check check, Weight weight, Object... values) {
    return new Finding(check, weight, question, null, texts(values));
  }

  static Finding of(String question, String option, Check check, Weight weight, Object... values) {
    return new Finding(check, weight, question, option, texts(values));
  }

  private static List<String> texts(Object... values) {
    return Arrays.stream(values).map(String::valueOf).toList();
  }
}
