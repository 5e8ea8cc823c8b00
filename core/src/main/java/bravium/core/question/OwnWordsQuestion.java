package bravium.core.question;

import bravium.core.rich.Texts;
import java.util.Optional;

/** A question that is answered in one's own words: nothing marks it at once. */
public sealed interface OwnWordsQuestion extends Question permits FreeAnswer, Discussion {

  @Override
  default boolean complete() {
    return true;
  }

  @Override
  default boolean takes(Response response) {
    return response instanceof Response.Typed(String text) && !Texts.blank(text);
  }

  @Override
  default Mark mark(Response response) {
    throw new IllegalStateException("nothing marks it at once");
  }

  @Override
  default boolean canBeRight() {
    return true;
  }

  @Override
  default Optional<Response> rightResponse() {
    return Optional.of(new Response.Typed("…"));
  }

  @Override
  default Optional<Response> wrongResponse() {
    return rightResponse();
  }
}
