package bravium.core.question;

import bravium.core.json.Root;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A question of any kind. */
@Root
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = PickOne.class, name = "pick-one"),
  @JsonSubTypes.Type(value = PickAll.class, name = "pick-all"),
  @JsonSubTypes.Type(value = TrueFalse.class, name = "true-false"),
  @JsonSubTypes.Type(value = TypedText.class, name = "typed-text"),
  @JsonSubTypes.Type(value = Numeric.class, name = "number"),
  @JsonSubTypes.Type(value = Gaps.class, name = "gaps"),
  @JsonSubTypes.Type(value = Ordering.class, name = "order"),
  @JsonSubTypes.Type(value = Matching.class, name = "pairs"),
  @JsonSubTypes.Type(value = Sorting.class, name = "groups"),
  @JsonSubTypes.Type(value = PointAt.class, name = "point"),
  @JsonSubTypes.Type(value = FractionTask.class, name = "fraction"),
  @JsonSubTypes.Type(value = FreeAnswer.class, name = "free-answer"),
  @JsonSubTypes.Type(value = Discussion.class, name = "discussion"),
  @JsonSubTypes.Type(value = Information.class, name = "information")
})
public sealed interface Question
    permits ChoiceQuestion,
        TypedText,
        Numeric,
        Gaps,
        Ordering,
        Matching,
        Sorting,
        PointAt,
        FractionTask,
        OwnWordsQuestion,
        Information,
        UnknownQuestion {

  /** What every question has. */
  Basics basics();

  /** The same question with other basics, where it can be. */
  Question with(Basics changed);

  /** The name that moves and results use. */
  default String id() {
    return basics().id();
  }

  /** What is asked, as the teacher wrote it. */
  default Words text() {
    return basics().text();
  }

  /** What is said once it is answered. */
  default Feedback feedback() {
    return basics().feedback();
  }

  /** Whether it is switched off: kept for later, not asked. */
  default boolean off() {
    return basics().off();
  }

  /** The same question switched off or on, where it can be. */
  default Question switched(boolean isOff) {
    return with(basics().switched(isOff));
  }

  /** Its hints, without blank ones. */
  default List<Words> hints() {
    return basics().hints().stream().filter(hint -> !hint.blank()).toList();
  }

  /** What is asked, as it may be seen before it is answered. */
  default Words asked() {
    return text();
  }

  /** Who marks it. */
  default Marking marking() {
    return Marking.AT_ONCE;
  }

  /** Whether the teacher has written anything of it yet. */
  default boolean started() {
    return !text().blank();
  }

  /** Whether it has what it needs to be answered, besides its text. */
  boolean complete();

  /** Whether it can be asked: it is switched on, has a text and what its kind needs. */
  default boolean answerable() {
    return !off() && !text().blank() && complete();
  }

  /** Whether it is one of those that are counted: a card that only says something is none. */
  default boolean numbered() {
    return !off();
  }

  /**
   * The numbers of questions, from 1, by their ids: of those that are counted, in the order in
   * which they are written.
   */
  static Map<String, Integer> numbers(List<? extends Question> questions) {
    Map<String, Integer> numbers = new LinkedHashMap<>();
    for (Question question : questions) {
      if (question.numbered()) {
        numbers.put(question.id(), numbers.size() + 1);
      }
    }
    return numbers;
  }

  /** Whether it can decide a tie: its answer is marked at once, and can be fully right. */
  default boolean decides() {
    return marking() == Marking.AT_ONCE && canBeRight();
  }

  /** Whether an answer to it can be fully right. */
  default boolean canBeRight() {
    return rightResponse().isPresent();
  }

  /** What may be mixed: the ids of options and cards, or the words of a bank, as written. */
  default List<String> items() {
    return List.of();
  }

  /**
   * Whether the order of its items as written would give the answer away, so that it never shows.
   */
  default boolean orderIsTheAnswer() {
    return false;
  }

  /** What a learner reads besides the text. */
  default List<String> read() {
    return List.of();
  }

  /** All its words, wherever they stand: the text, options, cards, hints and feedback. */
  default List<Words> words() {
    return AllWords.of(this);
  }

  /** Whether a response is of the right sort for this question and names only what is there. */
  boolean takes(Response response);

  /**
   * Whether a response that this question {@link #takes takes} can be made out, so that marking it
   * is fair: what is typed for a number has a number in it.
   */
  default boolean reads(Response response) {
    return true;
  }

  /** Marks a response that this question {@link #takes takes}. */
  Mark mark(Response response);

  /** A fully right response, if there is one. */
  Optional<Response> rightResponse();

  /** A response that earns nothing, if there is one. */
  Optional<Response> wrongResponse();
}
