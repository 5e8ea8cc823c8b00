package bravium.core.question;

import bravium.core.answer.Comparing;
import bravium.core.answer.Comparison;
import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A sentence with gaps. They stand in brackets in its text: {@code A queen leaves her cell on day
 * [16|sixteen]}; see {@link GapText}.
 *
 * @param decoys words that fit no gap: in the bank, or to choose from
 * @param comparing how typed words are compared
 */
public record Gaps(
    @Flat @JsonUnwrapped Basics basics,
    Filling filling,
    @Range(max = MOST_DECOYS, longest = TypedText.LONGEST) List<String> decoys,
    Comparing comparing,
    Credit credit,
    @JsonIgnore Extra extra)
    implements Question {

  /** The most words that fit no gap. */
  public static final int MOST_DECOYS = 100;

  /** The most gaps of a text, and the most words that are right, or wrong, in one. */
  public static final int MOST_GAPS = 100;

  /** What few gaps need has not to be counted. */
  private static final int COUNTED_FROM = 3 * MOST_GAPS;

  /** Checks the number of gaps. */
  public Gaps {
    if (basics.text().sentence().length() > COUNTED_FROM) {
      List<GapText.Gap> gaps = GapText.of(basics.text().sentence()).gaps();
      boolean many =
          gaps.size() > MOST_GAPS
              || gaps.stream()
                  .anyMatch(gap -> Math.max(gap.accepted().size(), gap.wrong().size()) > MOST_GAPS);
      if (many) {
        throw new IllegalArgumentException(
            "a text has at most " + MOST_GAPS + " gaps, and a gap as many words");
      }
    }
  }

  /** How gaps are filled. */
  public enum Filling {
    /** By putting words of a bank into them. */
    @JsonProperty("dragged")
    DRAGGED,
    /** By choosing from a list at each. */
    @JsonProperty("chosen")
    CHOSEN,
    /** By typing. */
    @JsonProperty("typed")
    TYPED
  }

  @Override
  public Gaps with(Basics changed) {
    return new Gaps(changed, filling, decoys, comparing, credit, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Gaps withCredit(Credit changed) {
    return new Gaps(basics, filling, decoys, comparing, changed, extra);
  }

  /** Its text, taken apart. */
  public GapText sentence() {
    return GapText.of(text().sentence());
  }

  /** The words to drag or to choose from: each gap's own, and the decoys. */
  public List<String> bank() {
    List<String> words = new ArrayList<>();
    sentence().gaps().forEach(gap -> words.add(gap.accepted().getFirst()));
    decoys.stream().filter(d -> !Texts.blank(d)).map(Texts::trimmed).forEach(words::add);
    return words;
  }

  /**
   * What can be chosen at each gap, in alphabetical order: its own wrong words, or all that is
   * offered anywhere. Another gap's wrong words are then offered beside its right one: else what
   * stands in two lists would be right in one of them.
   */
  public List<List<String>> choices() {
    List<GapText.Gap> gaps = sentence().gaps();
    List<String> all = new ArrayList<>(bank());
    gaps.forEach(gap -> all.addAll(gap.wrong()));
    List<String> offered = inOrder(all);
    List<List<String>> choices = new ArrayList<>();
    for (GapText.Gap gap : gaps) {
      List<String> own = new ArrayList<>(gap.wrong());
      own.add(gap.accepted().getFirst());
      choices.add(gap.wrong().isEmpty() ? offered : inOrder(own));
    }
    return choices;
  }

  private static List<String> inOrder(List<String> words) {
    return new LinkedHashSet<>(words).stream().sorted().toList();
  }

  /** All words that stand in some list, each once. */
  private List<String> offered() {
    Set<String> words = new LinkedHashSet<>();
    choices().forEach(words::addAll);
    return List.copyOf(words);
  }

  @Override
  public Words asked() {
    return text().withSentence(sentence().withBlanks());
  }

  @Override
  public boolean complete() {
    return !sentence().gaps().isEmpty();
  }

  @Override
  public List<String> items() {
    return filling == Filling.DRAGGED ? bank() : List.of();
  }

  @Override
  public boolean orderIsTheAnswer() {
    return true;
  }

  @Override
  public List<String> read() {
    return switch (filling) {
      case TYPED -> List.of();
      case DRAGGED -> bank();
      case CHOSEN -> offered();
    };
  }

  @Override
  public boolean takes(Response response) {
    List<GapText.Gap> gaps = sentence().gaps();
    if (!(response instanceof Response.Filled(List<String> words)) || words.size() != gaps.size()) {
      return false;
    }
    List<String> free = new ArrayList<>(bank());
    List<List<String>> choices = filling == Filling.CHOSEN ? choices() : List.of();
    boolean any = false;
    for (int i = 0; i < words.size(); i++) {
      String word = words.get(i);
      if (!Texts.blank(word)) {
        any = true;
        boolean offered =
            switch (filling) {
              case TYPED -> true;
              case CHOSEN -> choices.get(i).contains(word);
              case DRAGGED -> free.remove(word);
            };
        if (!offered) {
          return false;
        }
      }
    }
    return any;
  }

  @Override
  public Mark mark(Response response) {
    List<String> words = ((Response.Filled) response).words();
    List<GapText.Gap> gaps = sentence().gaps();
    List<Mark.Part> parts = new ArrayList<>();
    for (int i = 0; i < gaps.size(); i++) {
      if (!Texts.blank(words.get(i))) {
        boolean right =
            Comparison.with(gaps.get(i).accepted(), List.of(), comparing)
                .right(words.get(i))
                .isPresent();
        parts.add(new Mark.Part("gap " + (i + 1), right));
      }
    }
    return Mark.ofParts(credit, parts, gaps.size());
  }

  @Override
  public Optional<Response> rightResponse() {
    return complete()
        ? Optional.of(
            new Response.Filled(
                sentence().gaps().stream().map(gap -> gap.accepted().getFirst()).toList()))
        : Optional.empty();
  }

  @Override
  public Optional<Response> wrongResponse() {
    List<GapText.Gap> gaps = sentence().gaps();
    List<String> words = new ArrayList<>();
    List<String> free = new ArrayList<>(bank());
    List<List<String>> choices = filling == Filling.CHOSEN ? choices() : List.of();
    boolean any = false;
    for (int i = 0; i < gaps.size(); i++) {
      GapText.Gap gap = gaps.get(i);
      Comparison comparison = Comparison.with(gap.accepted(), List.of(), comparing);
      List<String> offered =
          switch (filling) {
            case TYPED -> List.of("?");
            case CHOSEN -> choices.get(i);
            case DRAGGED -> free;
          };
      String wrong =
          offered.stream().filter(word -> comparison.right(word).isEmpty()).findFirst().orElse("");
      any |= !wrong.isEmpty();
      free.remove(wrong);
      words.add(wrong);
    }
    return any ? Optional.of(new Response.Filled(List.copyOf(words))) : Optional.empty();
  }
}
