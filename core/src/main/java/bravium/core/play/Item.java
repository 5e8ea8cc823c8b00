package bravium.core.play;

import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import java.util.List;

/**
 * Something that can be right or wrong in a play and brings points: a question, and in other games
 * a gap, a thing, a word, a level, a lock. Points, tries, lives, markers and the outcome know
 * nothing else.
 *
 * @param label what the teacher calls it when she looks back
 * @param hints in the order in which they are given
 */
public record Item(String id, Words label, List<Words> hints, Marking marking) {

  /** A question as an item. */
  public static Item of(Question question) {
    return new Item(question.id(), question.asked(), question.hints(), question.marking());
  }
}
