package bravium.core.activity;

import bravium.core.json.Root;
import java.util.List;

/** Looks of our own, ready to take. */
public final class Looks {

  private Looks() {}

  /**
   * A look and what it is called.
   *
   * @param name a key of the interface's words
   */
  @Root
  public record Named(String name, Look look) {}

  /** A dozen, the light ones first. */
  public static final List<Named> ALL =
      List.of(
          plain("paper", "#fbf8f1", "#1b2b34", "#0f5e6b"),
          plain("chalk", "#f4f7f4", "#1d2b24", "#2a6340"),
          new Named(
              "morning",
              new Look(
                  "#fdf1e3",
                  "#2e2016",
                  "#8a3d14",
                  Backdrop.into("#f6dfe3"),
                  Look.Type.ROUND,
                  Look.Corner.ROUND,
                  Look.Shape.LANTERN)),
          new Named(
              "tide",
              new Look(
                  "#eaf4f7",
                  "#12303b",
                  "#17607c",
                  Backdrop.into("#d6e9e4"),
                  Look.Type.CLEAR,
                  Look.Corner.ROUND,
                  Look.Shape.SWALLOWTAIL)),
          styled("library", "#f5eee2", "#33241a", "#6d2f2a", Look.Type.BOOK, Look.Corner.SOFT),
          styled("orchard", "#f1f5e4", "#26301a", "#4c6414", Look.Type.ROUND, Look.Corner.ROUND),
          styled("heather", "#f5f0f7", "#2c1f38", "#6a3a86", Look.Type.CLEAR, Look.Corner.ROUND),
          styled("slate", "#e9edf0", "#182229", "#33485a", Look.Type.CLEAR, Look.Corner.SQUARE),
          styled("pine", "#12251f", "#f0f4e8", "#8fd3a8", Look.Type.CLEAR, Look.Corner.ROUND),
          styled("evening", "#161c33", "#f1f0e6", "#a9bdf2", Look.Type.ROUND, Look.Corner.ROUND),
          styled("ember", "#2a1713", "#f9eee2", "#f2b08a", Look.Type.BOOK, Look.Corner.SOFT),
          styled("ink", "#0f1214", "#f5f5f0", "#f2c14e", Look.Type.CLEAR, Look.Corner.SQUARE));

  private static Named plain(String name, String ground, String ink, String accent) {
    return styled(name, ground, ink, accent, Look.Type.CLEAR, Look.Corner.ROUND);
  }

  private static Named styled(
      String name, String ground, String ink, String accent, Look.Type type, Look.Corner corner) {
    Look.Shape shape = corner == Look.Corner.ROUND ? Look.Shape.PENNANT : Look.Shape.SWALLOWTAIL;
    return new Named(name, new Look(ground, ink, accent, Backdrop.PLAIN, type, corner, shape));
  }
}
