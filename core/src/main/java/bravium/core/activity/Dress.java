package bravium.core.activity;

import bravium.core.json.Root;
import bravium.core.measure.Colour;
import bravium.core.measure.Veil;
import bravium.core.rich.Picture;
import org.jspecify.annotations.Nullable;

/**
 * A look as it is worn: with all the colours that follow from its three.
 *
 * @param card what can be pressed stands on it
 * @param soft lesser text
 * @param line a thin line
 * @param edge the edge of what can be pressed
 * @param accentInk text on the accent
 * @param right the sign for right
 * @param wrong the sign for wrong
 * @param now the one thing that matters now
 * @param second what the ground runs into; null where it doesn't
 * @param picture behind everything; null where there is none
 * @param veil how much of the ground lies over the picture, in thousandths
 */
@Root
public record Dress(
    String ground,
    String ink,
    String accent,
    String card,
    String soft,
    String line,
    String edge,
    String accentInk,
    String right,
    String wrong,
    String now,
    @Nullable String second,
    @Nullable Picture picture,
    int veil,
    Look.Type type,
    Look.Corner corner,
    Look.Shape shape) {

  private static final Colour LEAF = Colour.of("#2f7d4f");
  private static final Colour BRICK = Colour.of("#a8402d");
  private static final Colour SAFFRON = Colour.of("#e8a317");

  /** The look as it is worn. */
  public static Dress of(Look look) {
    Colour ground = Colour.of(look.ground());
    Colour ink = Colour.of(look.ink());
    Colour accent = Colour.of(look.accent());
    Colour card = card(ground);
    Backdrop backdrop = look.backdrop();
    boolean gradient = backdrop.fill() == Backdrop.Fill.GRADIENT;
    Picture picture = backdrop.fill() == Backdrop.Fill.PICTURE ? backdrop.picture() : null;
    return new Dress(
        ground.text(),
        ink.text(),
        accent.text(),
        card.text(),
        ink.under(ground, 300).standingOut(Colour.TEXT, ground, card).text(),
        ground.under(ink, 160).text(),
        ink.under(ground, 500).standingOut(Colour.SIGN, ground, card).text(),
        accent.counterpart().text(),
        LEAF.standingOut(Colour.TEXT, ground, card).text(),
        BRICK.standingOut(Colour.TEXT, ground, card).text(),
        SAFFRON.text(),
        gradient ? backdrop.second() : null,
        picture,
        picture == null ? 0 : veil(backdrop, ground, ink),
        look.type(),
        look.corner(),
        look.shape());
  }

  /** Cards are a little lighter than what they lie on. */
  static Colour card(Colour ground) {
    return ground.under(Colour.WHITE, ground.dark() ? 60 : 600);
  }

  private static int veil(Backdrop backdrop, Colour ground, Colour ink) {
    Colour darkest = backdrop.darkest() == null ? Colour.BLACK : Colour.of(backdrop.darkest());
    Colour lightest = backdrop.lightest() == null ? Colour.WHITE : Colour.of(backdrop.lightest());
    return Veil.over(darkest, lightest, ground, ink, Colour.QUESTION);
  }
}
