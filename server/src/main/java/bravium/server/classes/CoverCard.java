package bravium.server.classes;

import java.util.List;

/**
 * Somebody who covers for the teacher of a class on a day, as the teacher sees it.
 *
 * @param code to be typed at {@code /cover}; it works on that day alone
 * @param day as the school's calendar has it: {@code 2026-12-01}
 * @param titles of what she can present besides what is assigned to the class
 */
public record CoverCard(String id, String code, String day, List<String> titles) {}
