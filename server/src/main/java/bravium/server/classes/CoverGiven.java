package bravium.server.classes;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A cover as the teacher asks for it.
 *
 * @param day as the school's calendar has it: {@code 2026-12-01}
 * @param activities what is to be presented besides what is assigned to the class; null for nothing
 */
public record CoverGiven(@Nullable String day, @Nullable List<String> activities) {}
