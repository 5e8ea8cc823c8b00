package bravium.core.json;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A record whose properties stand among its owner's in JSON, as if they were the owner's own. It
 * has no {@link Extra}: what is unknown is the owner's to keep.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Flat {}
