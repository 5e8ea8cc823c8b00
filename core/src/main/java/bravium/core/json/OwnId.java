package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks the id of something that is asked, picked or moved. Whoever plays may get another one in
 * its place, of her play alone, so that nothing is won by how ids are spelt: the target that is
 * written to, and {@link Names} where it is read back, say which.
 */
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.RECORD_COMPONENT)
public @interface OwnId {}
