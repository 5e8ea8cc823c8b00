package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Root;
import bravium.core.measure.Colour;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import org.jspecify.annotations.Nullable;

/**
 * How an activity looks: one place for all of it.
 *
 * @param ground what everything stands on
 * @param ink what is written
 * @param accent what acts
 */
@Root
public record Look(
    String ground,
    String ink,
    String accent,
    Backdrop backdrop,
    Type type,
    Corner corner,
    Shape shape,
    @JsonIgnore Extra extra) {

  /** The type of headings and of text that is read. */
  public enum Type {
    /** Clear, made for reading. */
    @JsonProperty("clear")
    CLEAR,
    /** With serifs, as in a book. */
    @JsonProperty("book")
    BOOK,
    /** Round. */
    @JsonProperty("round")
    ROUND
  }

  /** The corners of what can be pressed. */
  public enum Corner {
    /** Generously round. */
    @JsonProperty("round")
    ROUND,
    /** A little round. */
    @JsonProperty("soft")
    SOFT,
    /** Square. */
    @JsonProperty("square")
    SQUARE
  }

  /** The shape of the progress markers. */
  public enum Shape {
    /** Pennants. */
    @JsonProperty("pennant")
    PENNANT,
    /** Flags with two tails. */
    @JsonProperty("swallowtail")
    SWALLOWTAIL,
    /** Lanterns. */
    @JsonProperty("lantern")
    LANTERN
  }

  /** Checks the colours. */
  public Look {
    requireColour(ground);
    requireColour(ink);
    requireColour(accent);
  }

  /** A look with nothing unknown in it. */
  public Look(
      String ground,
      String ink,
      String accent,
      Backdrop backdrop,
      Type type,
      Corner corner,
      Shape shape) {
    this(ground, ink, accent, backdrop, type, corner, shape, Extra.NONE);
  }

  static void requireColour(@Nullable String text) {
    if (text != null && !Colour.isColour(text)) {
      throw new IllegalArgumentException("a colour is a hash and six hexadecimal digits");
    }
  }

  /** The least contrast that a question has in this look, in thousandths. */
  public int contrast() {
    Colour text = Colour.of(ink);
    Colour under = Colour.of(ground);
    boolean gradient = backdrop.fill() == Backdrop.Fill.GRADIENT && backdrop.second() != null;
    int least = Math.min(text.contrast(under), text.contrast(Dress.card(under)));
    return gradient
        ? Math.min(least, text.contrastAlong(under, Colour.of(backdrop.second())))
        : least;
  }

  /** Whether questions and what acts can be told from what is behind them. */
  public boolean readable() {
    Colour under = Colour.of(ground);
    return contrast() >= Colour.QUESTION
        && Colour.of(accent).standsOut(Colour.SIGN, under, Dress.card(under));
  }

  /**
   * The look nearest to this one in which everything can be read; as it is where it can already.
   */
  public Look mended() {
    if (readable()) {
      return this;
    }
    Colour under = Colour.of(ground);
    Colour far = under.counterpart();
    while (!far.standsOut(Colour.QUESTION, under, Dress.card(under))) {
      under = under.under(far.equals(Colour.WHITE) ? Colour.BLACK : Colour.WHITE, 40);
    }
    Colour card = Dress.card(under);
    Colour text = Colour.of(ink).standingOut(Colour.QUESTION, under, card);
    Backdrop behind = backdrop;
    if (backdrop.fill() == Backdrop.Fill.GRADIENT && backdrop.second() != null) {
      Colour second = Colour.of(backdrop.second());
      while (text.contrastAlong(under, second) < Colour.QUESTION) {
        second = nearer(second, under);
      }
      behind = backdrop.withSecond(second);
    }
    Colour acting = Colour.of(accent).standingOut(Colour.SIGN, under, card);
    return new Look(under.text(), text.text(), acting.text(), behind, type, corner, shape, extra);
  }

  /** Rounding must not let it stand still before it is there. */
  private static Colour nearer(Colour from, Colour to) {
    Colour next = from.under(to, 50);
    return next.equals(from) ? to : next;
  }
}
