package bravium.formats;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What one question of a quiz is made of, line by line, before it is a row. */
final class Written {
  final List<QuizLine> said = new ArrayList<>();
  final List<QuizLine> plain = new ArrayList<>();
  final List<QuizLine> options = new ArrayList<>();
  final List<String> answers = new ArrayList<>();

  /** Options that the teacher said are right: whatever else says so doesn't count beside them. */
  final List<QuizLine> chosen = new ArrayList<>();

  final Map<String, List<String>> more = new HashMap<>();
  final @Nullable Integer number;
  @Nullable String doubt;

  /** The lines of its options that are right, once that is found out. */
  final List<Integer> rightPlaces = new ArrayList<>();

  Written(@Nullable Integer number) {
    this.number = number;
  }

  /** Whether something says what is right. */
  boolean isAnswered() {
    return !answers.isEmpty() || options.stream().anyMatch(QuizLine::marked);
  }
}
