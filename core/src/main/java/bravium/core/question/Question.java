package bravium.core.question;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Optional;

/** A question of any kind. */
@Root
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = PickOne.class, name = "pick-one"),
  @JsonSubTypes.Type(value = TrueFalse.class, name = "true-false")
})
public sealed interface Question permits PickOne, TrueFalse, UnknownQuestion {

  /** The name that moves and results use; made by the editor, unique within the activity. */
  String id();

  /** What is asked; may be blank while it is being written. */
  String text();

  /** What is said once it is answered. */
  Feedback feedback();

  /** Whether it is switched off: kept for later, not asked. */
  boolean off();

  /** The same question switched off or on, where it can be. */
  Question switched(boolean isOff);

  /** The options a learner can pick, as written; blank ones are left out. */
  List<Option> choices();

  /** Whether the teacher has written anything of it yet. */
  boolean started();

  /** Whether it can be asked: it is switched on, has a text and something to pick. */
  default boolean answerable() {
    return !off() && !Texts.blank(text()) && !choices().isEmpty();
  }

  /** Whether at least one of its choices is right. */
  default boolean canBeRight() {
    return choices().stream().anyMatch(Option::right);
  }

  /** The choice of that id, if there is one. */
  default Optional<Option> choice(String option) {
    return choices().stream().filter(c -> c.id().equals(option)).findFirst();
  }
}
