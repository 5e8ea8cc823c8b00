package bravium.core.play.showing;

import bravium.core.answer.NumberRead;
import bravium.core.play.Draw;
import bravium.core.play.Effort;
import bravium.core.play.Item;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Showing.Choice;
import bravium.core.play.showing.Showing.Kind;
import bravium.core.question.Card;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Discussion;
import bravium.core.question.FractionTask;
import bravium.core.question.FreeAnswer;
import bravium.core.question.GapText;
import bravium.core.question.Gaps;
import bravium.core.question.Information;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.Pair;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Ranked;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.TrueFalse;
import bravium.core.question.TypedText;
import bravium.core.question.UnknownQuestion;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A question as a player sees it: without what is right. */
final class AskedBuilder {

  private final Prepared game;
  private final Sitting sitting;
  private final Question question;
  private final Draw.Drawn drawn;

  AskedBuilder(Prepared game, Sitting sitting, Question question) {
    this.game = game;
    this.sitting = sitting;
    this.question = question;
    this.drawn = sitting.draw().find(question.id()).orElseThrow();
  }

  Showing.Asked build() {
    return new Showing.Asked(
        question.id(),
        question.complete() ? kind() : Kind.UNFINISHED,
        sitting.draw().numberOf(question.id()),
        sitting.effortFor(question.id()).tries() + 1,
        drawn.worth(),
        question.asked(),
        choices(),
        targets(),
        pieces(),
        picture(),
        unit(),
        question instanceof Numeric number && number.lowestTerms(),
        help(),
        SheetBuilder.of(
            question,
            sitting.effortFor(question.id()),
            game.playable() && game.play().open(sitting).contains(question.id())),
        !game.fits(question, sitting.opening().inTeams()));
  }

  /** An item that is no question, as it is looked back at. */
  static Showing.Asked item(Item item, Sitting sitting, Effort effort) {
    int given = Math.min(item.hints().size(), effort.hints());
    return new Showing.Asked(
        item.id(),
        Kind.ITEM,
        sitting.draw().numberOf(item.id()),
        effort.tries() + 1,
        sitting.draw().worthOf(item.id()),
        item.label(),
        List.of(),
        List.of(),
        List.of(),
        null,
        null,
        false,
        new Showing.Help(item.hints().subList(0, given), item.hints().size() - given, 0),
        null,
        false);
  }

  private Kind kind() {
    return switch (question) {
      case PickOne pickOne -> Kind.PICK_ONE;
      case PickAll pickAll -> Kind.PICK_ALL;
      case TrueFalse trueFalse -> Kind.TRUE_FALSE;
      case TypedText typed -> Kind.TYPED_TEXT;
      case Numeric number -> Kind.NUMBER;
      case Gaps gaps ->
          switch (gaps.filling()) {
            case DRAGGED -> Kind.GAPS_DRAGGED;
            case CHOSEN -> Kind.GAPS_CHOSEN;
            case TYPED -> Kind.GAPS_TYPED;
          };
      case Ordering order -> Kind.ORDER;
      case Matching pairs -> Kind.PAIRS;
      case Sorting groups -> Kind.GROUPS;
      case PointAt point -> Kind.POINT;
      case FractionTask fraction ->
          switch (fraction.task()) {
            case NAME -> Kind.FRACTION_NAMED;
            case SHADE, EQUAL -> Kind.FRACTION_SHADED;
            case COMPARE -> Kind.FRACTIONS_COMPARED;
          };
      case FreeAnswer free -> Kind.FREE_ANSWER;
      case Discussion discussion -> Kind.DISCUSSION;
      case Information information -> Kind.INFORMATION;
      case UnknownQuestion unknown -> throw new IllegalStateException("never asked");
    };
  }

  private List<Choice> choices() {
    if (question instanceof Gaps) {
      return drawn.options().stream().map(word -> new Choice(word, Words.of(word))).toList();
    }
    List<Choice> written =
        switch (question) {
          case ChoiceQuestion choice ->
              choice.choices().stream().map(AskedBuilder::choice).toList();
          case Ordering order -> order.written().stream().map(AskedBuilder::choice).toList();
          case Matching pairs -> pairs.partners().stream().map(AskedBuilder::choice).toList();
          case Sorting groups -> groups.written().stream().map(AskedBuilder::choice).toList();
          default -> List.of();
        };
    List<Choice> ordered = new ArrayList<>();
    for (String id : drawn.options()) {
      for (Choice choice : written) {
        if (choice.id().equals(id)) {
          ordered.add(choice);
        }
      }
    }
    return ordered;
  }

  private List<Choice> targets() {
    return switch (question) {
      case Matching pairs ->
          pairs.written().stream().map(Pair::left).map(AskedBuilder::choice).toList();
      case Sorting groups -> groups.targets().stream().map(AskedBuilder::choice).toList();
      default -> List.of();
    };
  }

  private static Choice choice(Card card) {
    return new Choice(card.id(), card.text());
  }

  private static Choice choice(Ranked card) {
    return new Choice(card.id(), card.text());
  }

  private static Choice choice(Option option) {
    return new Choice(option.id(), option.text());
  }

  private static Choice choice(Sortable card) {
    return new Choice(card.id(), card.text());
  }

  private List<Showing.Piece> pieces() {
    if (!(question instanceof Gaps gaps)) {
      return List.of();
    }
    boolean chosen = gaps.filling() == Gaps.Filling.CHOSEN;
    Iterator<List<String>> choices = chosen ? gaps.choices().iterator() : null;
    List<Showing.Piece> pieces = new ArrayList<>();
    for (GapText.Piece piece : gaps.sentence().pieces()) {
      pieces.add(
          switch (piece) {
            case GapText.Plain(String text) -> new Showing.Piece(text, List.of());
            case GapText.Gap gap ->
                new Showing.Piece(null, choices == null ? List.of() : choices.next());
          });
    }
    return pieces;
  }

  private @Nullable Picture picture() {
    return question instanceof PointAt point && point.picture() != null
        ? new Picture(point.picture(), point.alt())
        : null;
  }

  private @Nullable String unit() {
    return question instanceof Numeric number && !number.unitNeeded()
        ? number.numberRead().map(NumberRead::unit).orElse(null)
        : null;
  }

  private Showing.Help help() {
    List<Words> hints = question.hints();
    int given = Math.min(hints.size(), sitting.effortFor(question.id()).hints());
    return new Showing.Help(
        List.copyOf(hints.subList(0, given)),
        hints.size() - given,
        !game.playable() || !sitting.front().deciding().isEmpty()
            ? 0
            : game.referee().hintPrice(Item.of(question), sitting.draw()));
  }
}
