package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The range of a whole number, or of a list's length, and the longest text. The codec holds the
 * greatest length of a list and of a text where it reads them, before anything is made of them; the
 * record's constructor holds the rest.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Range {

  /** The least value. */
  int min() default Integer.MIN_VALUE;

  /** The greatest value. */
  int max() default Integer.MAX_VALUE;

  /** The most characters (UTF-16 units) of a text, or of each text in a list. */
  int longest() default Node.LONGEST;
}
