package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.measure.ProjectorFit;
import bravium.core.measure.ReadingSpeed;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Credit;
import bravium.core.question.FractionTask;
import bravium.core.question.Matching;
import bravium.core.question.OnProjector;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Ranked;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.TrueFalse;
import bravium.core.question.UnknownQuestion;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What is worth a look in the questions, one by one. Lines that are not yet begun or switched off
 * are passed over.
 */
final class QuestionChecks {

  /** A question that the middle of the class reads for longer than this, in seconds, is long. */
  static final int LONG_READ = 60;

  /** How an option begins that speaks of the others, in lower case. */
  private static final List<String> OF_THE_OTHERS =
      List.of("none of the", "all of the", "neither of the", "both of the");

  private final Activity activity;
  private final List<Finding> found = new ArrayList<>();
  private final Map<String, Integer> numbers = new LinkedHashMap<>();

  private QuestionChecks(Activity activity) {
    this.activity = activity;
  }

  static List<Finding> of(Activity activity) {
    QuestionChecks checks = new QuestionChecks(activity);
    List<Question> questions = activity.game().questions();
    Map<String, Integer> counted = Question.numbers(questions);
    questions.forEach(question -> checks.read(question, counted.getOrDefault(question.id(), 0)));
    return checks.found;
  }

  private void read(Question question, int number) {
    if (question instanceof UnknownQuestion unknown) {
      found.add(Finding.of(unknown.id(), Check.UNKNOWN_QUESTION, Weight.LOOK));
      return;
    }
    if (question.off() || !question.started()) {
      return;
    }
    if (question.asked().blank()) {
      stop(question, Check.EMPTY_QUESTION);
    }
    switch (question) {
      case PickOne one -> {
        readOptions(one, one.options());
        readRight(one);
      }
      case PickAll all -> {
        readOptions(all, all.options());
        readAllRight(all);
      }
      case TrueFalse trueFalse -> readRight(trueFalse);
      default -> found.addAll(KindChecks.of(question));
    }
    found.addAll(HintChecks.of(question));
    readText(question, number);
  }

  private void stop(Question question, Check check) {
    found.add(Finding.of(question.id(), check, Weight.STOP).mendedBy(Mend.SWITCH_OFF));
  }

  private void readText(Question question, int number) {
    if (!question.answerable()) {
      return;
    }
    Integer first = numbers.putIfAbsent(folded(question.text().key()) + about(question), number);
    if (first != null) {
      found.add(
          Finding.of(question.id(), Check.SAME_QUESTIONS, Weight.LOOK, first)
              .mendedBy(Mend.SWITCH_OFF));
    }
    boolean teams = activity.rules().teams() != null;
    if (!OnProjector.fits(question, ProjectorFit.LEAST, teams)) {
      found.add(Finding.of(question.id(), Check.TOO_LONG_FOR_PROJECTOR, Weight.LOOK));
    }
    Integer year = activity.titlePage().year();
    if (year != null) {
      long seconds = TimeLine.reading(question, ReadingSpeed.ofYear(year).middle()) / 1_000;
      if (seconds > LONG_READ) {
        found.add(Finding.of(question.id(), Check.LONG_READ, Weight.LOOK, seconds, year));
      }
    }
  }

  /** What it is asked about, where the text alone says only what is to be done with it. */
  private static String about(Question question) {
    return switch (question) {
      case FractionTask fraction ->
          " "
              + fraction.task()
              + " "
              + fraction.figure()
              + fraction.beside()
              + " "
              + fraction.fraction().over()
              + "/"
              + fraction.fraction().under();
      case PointAt point -> " " + point.picture() + point.rightAreas();
      case Ordering order -> " " + keys(order.written().stream().map(Ranked::text));
      case Matching pairs -> " " + keys(pairs.written().stream().map(pair -> pair.left().text()));
      case Sorting sorting -> " " + keys(sorting.written().stream().map(Sortable::text));
      default -> "";
    };
  }

  private static List<String> keys(Stream<Words> cards) {
    return cards.map(text -> folded(text.key())).toList();
  }

  private void readOptions(ChoiceQuestion question, List<Option> options) {
    switch (question.choices().size()) {
      case 0 -> stop(question, Check.NO_OPTIONS);
      case 1 -> found.add(Finding.of(question.id(), Check.ONE_OPTION, Weight.LOOK));
      default -> {}
    }
    Set<String> seen = new LinkedHashSet<>();
    for (int i = 0; i < options.size(); i++) {
      Option option = options.get(i);
      String letter = String.valueOf((char) ('A' + i));
      boolean last = i == options.size() - 1;
      if (option.text().blank()) {
        if (!last || option.right()) {
          found.add(
              Finding.of(question.id(), option.id(), Check.EMPTY_OPTION, Weight.LOOK, letter)
                  .mendedBy(Mend.REMOVE_OPTION));
        }
      } else if (!seen.add(folded(option.text().key()))) {
        String text = Texts.trimmed(option.text().plain());
        Finding same =
            Finding.of(question.id(), option.id(), Check.SAME_OPTIONS, Weight.LOOK, text);
        found.add(option.right() ? same : same.mendedBy(Mend.REMOVE_OPTION));
      } else if (loose(option)) {
        found.add(
            Finding.of(question.id(), option.id(), Check.LOOSE_LAST_OPTION, Weight.LOOK, letter)
                .mendedBy(Mend.PIN_LAST));
      }
    }
  }

  private boolean loose(Option option) {
    return activity.rules().optionOrder() == Order.MIXED
        && !option.pinned()
        && OF_THE_OTHERS.stream().anyMatch(folded(option.text().plain())::startsWith);
  }

  private void readRight(ChoiceQuestion question) {
    int right = question.rightChoices().size();
    if (right == 0 && !question.choices().isEmpty()) {
      stop(question, Check.NO_RIGHT_OPTION);
    } else if (right > 1) {
      found.add(
          Finding.of(question.id(), Check.TWO_RIGHT_OPTIONS, Weight.LOOK, right)
              .mendedBy(Mend.KEEP_FIRST_RIGHT));
    }
  }

  private void readAllRight(PickAll question) {
    int right = question.rightChoices().size();
    int all = question.choices().size();
    if (right == 0 && all > 0) {
      stop(question, Check.NO_RIGHT_OPTION);
    } else if (right == all && all > 1) {
      found.add(Finding.of(question.id(), Check.ALL_OPTIONS_RIGHT, Weight.LOOK));
    } else if (all > 0 && question.credit() == Credit.EACH_RIGHT_COUNTS) {
      found.add(
          Finding.of(question.id(), Check.EVERYTHING_EARNS, Weight.LOOK)
              .mendedBy(Mend.WRONG_COSTS));
    }
  }

  private static String folded(String text) {
    return Texts.trimmed(text).toLowerCase(Locale.ROOT);
  }
}
