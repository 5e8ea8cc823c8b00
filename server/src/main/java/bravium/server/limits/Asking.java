package bravium.server.limits;

/**
 * Who asks, where what is got wrong is counted.
 *
 * @param among with whom she shares what may be got wrong: those behind her address, or nobody
 * @param device what is told apart among them
 */
public record Asking(String among, String device) {}
