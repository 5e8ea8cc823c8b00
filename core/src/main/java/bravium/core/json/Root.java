package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Marks a record that goes over a wire or into a file: the codec is written for all it reaches. */
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.TYPE)
public @interface Root {}
