package bravium.core.readiness;

import bravium.core.question.Discussion;
import bravium.core.question.FractionTask;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Gaps;
import bravium.core.question.Information;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Sorting;
import bravium.core.question.TrueFalse;
import bravium.core.question.TypedText;
import bravium.core.question.UnknownQuestion;

/** How the kinds of questions are called in the format. */
final class Kinds {

  private Kinds() {}

  static String of(Question question) {
    return switch (question) {
      case PickOne q -> "pick-one";
      case PickAll q -> "pick-all";
      case TrueFalse q -> "true-false";
      case TypedText q -> "typed-text";
      case Numeric q -> "number";
      case Gaps q -> "gaps";
      case Ordering q -> "order";
      case Matching q -> "pairs";
      case Sorting q -> "groups";
      case PointAt q -> "point";
      case FractionTask q -> "fraction";
      case FreeAnswer q -> "free-answer";
      case Discussion q -> "discussion";
      case Information q -> "information";
      case UnknownQuestion q -> "";
    };
  }
}
