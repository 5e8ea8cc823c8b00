package bravium.server.classes;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is to be given to a class.
 *
 * @param activity the id of the activity, which is given in the version it has now
 * @param learners the ids of those it is for; null for all, also those who come later
 */
public record Giving(String activity, LocalTerms terms, @Nullable List<String> learners) {}
