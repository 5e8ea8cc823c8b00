package bravium.server.activities;

import bravium.core.activity.Activity;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.formats.QuestionTexts;
import bravium.formats.Understood;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.TextForm;
import bravium.server.accounts.Teacher;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.lists.OpenedFile;
import bravium.server.problems.Problem;
import java.util.Arrays;
import java.util.List;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Service;

/** Files with nothing but questions, as activities of their own. */
@Service
class QuestionFiles {

  private static final int LOOKED_AT = 200;
  private static final int LONGEST_TITLE = 200;

  private final ActivityService activities;
  private final LongWork texts;

  QuestionFiles(ActivityService activities, @Qualifier(Pools.TEXTS) LongWork texts) {
    this.activities = activities;
    this.texts = texts;
  }

  /** Whether a file begins as JSON does. */
  static boolean isJson(byte[] file) {
    String start = QuestionTexts.text(Arrays.copyOf(file, Math.min(file.length, LOOKED_AT)));
    return start.strip().startsWith("{");
  }

  /**
   * Takes a table, a list or a quiz in.
   *
   * @param name the file's name; the activity is called so
   */
  Imported take(Teacher teacher, String name, byte[] file) {
    Understood read = texts.run(() -> QuestionTexts.read(OpenedFile.text(file)));
    if (read.questions().isEmpty() || !hasAnswers(read)) {
      throw Problem.badRequest(
          "no-questions",
          "In this text no questions with answers can be told apart. Nothing was changed; open it on a"
              + " sheet with “From a table or a list”, where you can put it right.");
    }
    String title = name.replaceAll("\\.[A-Za-z]{1,8}$", "");
    Activity activity =
        new Activity(
            TitlePage.of(title.substring(0, Math.min(LONGEST_TITLE, title.length()))),
            Games.asking(read.questions()),
            Rules.usual(),
            Endings.usual());
    // A list can hold more than the format: that is said before anything is kept.
    texts.run(() -> Codec.ACTIVITY.read(Codec.ACTIVITY.write(activity)));
    StoredActivity stored = activities.add(teacher, activity);
    List<String> left =
        read.left().stream()
            .map(piece -> "Line " + piece.line() + " was not understood: " + piece.text())
            .toList();
    return new Imported(stored.id(), activity.titlePage().title(), List.of(), left);
  }

  private static boolean hasAnswers(Understood read) {
    return read.form() != TextForm.QUIZ
        || read.lines().stream()
            .map(Understood.ReadLine::role)
            .anyMatch(r -> r == LineRole.OPTION || r == LineRole.RIGHT || r == LineRole.ANSWER);
  }
}
