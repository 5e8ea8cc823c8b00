package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks the id of a part of a question: an option, a card, a target, a place. As with {@link OwnId}
 * whoever plays may get another one in its place, and that depends on the question too: an activity
 * may use the same ids in each of its questions, and which of them was right in one must not tell
 * what is right in the next. Which question that is says the record around it, {@link OfQuestion}.
 */
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.RECORD_COMPONENT)
public @interface PartId {}
