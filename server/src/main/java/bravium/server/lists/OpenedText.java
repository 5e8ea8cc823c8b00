package bravium.server.lists;

/** What stands in a file. */
public record OpenedText(String text) {}
