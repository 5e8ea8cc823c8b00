package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The range of a whole number, or of a list's length, for the published schema. The record's
 * constructor holds it.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Range {

  /** The least value. */
  int min() default Integer.MIN_VALUE;

  /** The greatest value. */
  int max() default Integer.MAX_VALUE;
}
