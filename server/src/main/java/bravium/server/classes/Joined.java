package bravium.server.classes;

import java.util.List;

/**
 * A learner who is in.
 *
 * @param token opens this learner's page and games on this device
 * @param words with which she comes back on any device; told once, and empty for who has hers
 */
public record Joined(String token, String name, List<String> words) {}
