package bravium.core.question;

import bravium.core.answer.NumberAnswer;
import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.measure.FractionWords;
import bravium.core.measure.PartsOfWhole;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A fraction in a figure: to name, to shade, to show by another cut, or to compare with another. A
 * text that is left blank is made from the figure.
 *
 * @param figure what is shown; of what is to be shaded, how it comes out right
 * @param other the figure beside it: in which the same is to be shaded, or with which it is
 *     compared; null for a plain one
 * @param form how a fraction that is named has to be written; null for any way that is equal
 * @param ownCut whether whoever shades cuts the figure, too
 */
public record FractionTask(
    @Flat @JsonUnwrapped Basics basics,
    FractionAsk task,
    Figure figure,
    @Nullable Figure other,
    @Nullable FractionForm form,
    boolean ownCut,
    @JsonIgnore Extra extra)
    implements Question {

  /** Less is shaded in the first figure than in the second. */
  public static final String LESS = "less";

  /** As much. */
  public static final String SAME = "same";

  /** More. */
  public static final String MORE = "more";

  /** What there is to do. */
  public enum FractionAsk {
    /** Say which fraction is shaded. */
    @JsonProperty("name")
    NAME,
    /** Shade a fraction. */
    @JsonProperty("shade")
    SHADE,
    /** Shade as much in another figure. */
    @JsonProperty("equal")
    EQUAL,
    /** Say in which of two figures more is shaded. */
    @JsonProperty("compare")
    COMPARE
  }

  /** How a fraction has to be written. */
  public enum FractionForm {
    /** In the parts of the figure. */
    @JsonProperty("as-shaded")
    AS_SHADED,
    /** In lowest terms. */
    @JsonProperty("lowest-terms")
    LOWEST_TERMS
  }

  @Override
  public FractionTask with(Basics changed) {
    return new FractionTask(changed, task, figure, other, form, ownCut, extra);
  }

  /** How much is shaded, or is to be. */
  public PartsOfWhole fraction() {
    return figure.fraction();
  }

  /** The figure beside the first. */
  public Figure beside() {
    return other != null ? other : task == FractionAsk.COMPARE ? figure : figure.blank();
  }

  /** The figures as they are shown before anything is answered. */
  public List<Figure> shown() {
    return switch (task) {
      case NAME -> List.of(figure);
      case SHADE -> List.of(ownCut ? figure.cutInto(1) : figure.blank());
      case EQUAL -> List.of(figure, ownCut ? beside().cutInto(1) : beside().blank());
      case COMPARE -> List.of(figure, beside());
    };
  }

  /** The figure that is shaded by whoever plays. */
  private Figure toShade() {
    return task == FractionAsk.EQUAL ? beside() : figure;
  }

  @Override
  public Words asked() {
    return text().blank() ? Words.of(question()) : text();
  }

  /** The question as it follows from the figure. */
  String question() {
    String shape = nameOf(figure);
    boolean several = figure.count() > 1;
    return switch (task) {
      case NAME ->
          several ? "How much is shaded?" : "What fraction of the " + shape + " is shaded?";
      case SHADE -> "Shade " + amount(figure, fraction()) + ".";
      case EQUAL ->
          "Shade the same amount of the second "
              + nameOf(beside())
              + " as of the first "
              + shape
              + ".";
      case COMPARE -> "Is less, the same or more shaded in the first figure than in the second?";
    };
  }

  /** What is right, as a sentence. */
  public String answer() {
    if (task == FractionAsk.COMPARE) {
      return capital(FractionWords.of(fraction()))
          + verb()
          + FractionWords.of(beside().fraction())
          + ".";
    }
    boolean several = figure.count() > 1 && fraction().wholes() > 0;
    return capital(amount(figure, fraction())) + (several ? " are" : " is") + " shaded.";
  }

  private String verb() {
    int compared = fraction().compareTo(beside().fraction());
    return compared == 0 ? " is the same as " : compared < 0 ? " is less than " : " is more than ";
  }

  private static String amount(Figure figure, PartsOfWhole fraction) {
    String shape = nameOf(figure);
    if (figure.count() == 1) {
      return FractionWords.of(fraction) + " of the " + shape;
    }
    boolean wholes = fraction.wholes() > 0;
    if (!wholes) {
      return FractionWords.of(fraction) + " of a " + shape;
    }
    String mixed =
        fraction.rest().over() == 0
            ? FractionWords.whole(fraction.wholes())
            : FractionWords.mixed(fraction);
    return mixed + " " + shape + (fraction.over() == fraction.under() ? "" : "s");
  }

  private static String nameOf(Figure figure) {
    return switch (figure.shape()) {
      case CIRCLE -> "circle";
      case BAR -> "bar";
      case RECTANGLE -> "rectangle";
      case SET -> "set";
    };
  }

  private static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  @Override
  public boolean started() {
    return true;
  }

  @Override
  public boolean answerable() {
    return !off() && complete();
  }

  /** What is to be shaded can be shaded in the cut that is given. */
  @Override
  public boolean complete() {
    return task != FractionAsk.EQUAL && task != FractionAsk.SHADE || shadedRight().isPresent();
  }

  /** Of how many parts one shades some. */
  public int shadeable() {
    return toShade().parts() * toShade().count();
  }

  private Optional<Figure> shadedRight() {
    Figure given = toShade();
    Stream<Figure> cuts =
        ownCut
            ? Stream.concat(
                Stream.of(given),
                fraction().equivalents().stream().map(equal -> given.cutInto(equal.under())))
            : Stream.of(given);
    return cuts.filter(figure -> fits(figure, fraction()) && !repeats(figure.parts()))
        .findFirst()
        .map(figure -> figure.shading(fraction().cutInto(figure.parts()).over()));
  }

  /** Whether a cut of one's own is that of the figure beside it: no other way to show the same. */
  private boolean repeats(int cut) {
    return task == FractionAsk.EQUAL && ownCut && cut == figure.parts();
  }

  private static boolean fits(Figure figure, PartsOfWhole fraction) {
    return fraction.shownBy(figure.parts())
        && fraction.cutInto(figure.parts()).over() <= figure.parts() * figure.count();
  }

  @Override
  public boolean takes(Response response) {
    return switch (task) {
      case NAME -> response instanceof Response.Typed;
      case COMPARE ->
          response instanceof Response.Picked(String relation)
              && List.of(LESS, SAME, MORE).contains(relation);
      case SHADE, EQUAL ->
          response instanceof Response.Shaded(int parts, List<Integer> places)
              && (ownCut ? parts >= 1 && parts <= PartsOfWhole.MOST : parts == toShade().parts())
              && new LinkedHashSet<>(places).size() == places.size()
              && places.stream().allMatch(p -> p >= 0 && p < parts * toShade().count());
    };
  }

  @Override
  public Mark mark(Response response) {
    return Mark.whole(
        switch (response) {
          case Response.Typed(String text) -> named(text);
          case Response.Picked(String relation) -> relation.equals(relation());
          case Response.Shaded(int parts, List<Integer> places) ->
              new PartsOfWhole(places.size(), parts).sameValueAs(fraction()) && !repeats(parts);
          default -> throw new IllegalArgumentException("no response to a fraction");
        },
        null);
  }

  @Override
  public boolean reads(Response response) {
    return !(response instanceof Response.Typed(String text)) || NumberAnswer.saysNumber(text);
  }

  private String relation() {
    int compared = fraction().compareTo(beside().fraction());
    return compared == 0 ? SAME : compared < 0 ? LESS : MORE;
  }

  /** Compared as numbers are: equal in value, in the form that is asked for. */
  private boolean named(String text) {
    PartsOfWhole right = fraction();
    PartsOfWhole lowest = right.inLowestTerms();
    NumberAnswer expected =
        NumberAnswer.of(
                new NumberAnswer.Expected(
                    lowest.over() + "/" + lowest.under(),
                    null,
                    List.of(),
                    false,
                    false,
                    true,
                    form == null,
                    form == FractionForm.LOWEST_TERMS,
                    List.of()))
            .orElseThrow();
    return expected.judge(text).right()
        && (form != FractionForm.AS_SHADED
            || NumberAnswer.partsOf(text).orElse(1).equals(right.under()));
  }

  @Override
  public Optional<Response> rightResponse() {
    return switch (task) {
      case NAME -> Optional.of(new Response.Typed(written()));
      case COMPARE -> Optional.of(new Response.Picked(relation()));
      case SHADE, EQUAL ->
          shadedRight().map(figure -> new Response.Shaded(figure.parts(), figure.shaded()));
    };
  }

  /** The fraction as it could be typed: wholes without parts are a number, not so many over one. */
  private String written() {
    PartsOfWhole there =
        form == FractionForm.LOWEST_TERMS ? fraction().inLowestTerms() : fraction();
    return there.under() == 1 ? String.valueOf(there.over()) : there.over() + "/" + there.under();
  }

  @Override
  public Optional<Response> wrongResponse() {
    return switch (task) {
      case NAME -> Optional.of(new Response.Typed(fraction().over() + 1 + "/" + figure.parts()));
      case COMPARE -> Optional.of(new Response.Picked(relation().equals(LESS) ? MORE : LESS));
      case SHADE, EQUAL ->
          rightResponse()
              .map(right -> (Response.Shaded) right)
              .map(
                  right ->
                      new Response.Shaded(
                          right.parts(), right.places().isEmpty() ? List.of(0) : List.of()));
    };
  }
}
