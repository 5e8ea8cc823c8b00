package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks the sealed list of all that implements an open interface: where the interface stands in a
 * record, the codec reads and writes what the list knows.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface StandsFor {

  /** The open interface. */
  Class<?> value();
}
