package bravium.core.answer;

import bravium.core.answer.Judgement.Reason;
import bravium.core.rich.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The texts that a teacher accepts and those she lists as wrong, folded once, to compare with. */
public final class Comparison {

  /** In a shorter name a slip makes another word. */
  private static final int LEAST_NEARLY = 4;

  /** A text is folded as far as it matters in each of these steps, from strict to free. */
  private record Meant(String text, Folded same, Folded accented, Folded free) {

    static Meant of(String text, Comparing how) {
      String parted = ListText.isOfNumbers(text) ? ListText.parted(text) : text;
      return new Meant(
          text,
          Folded.of(text, how.strict()),
          Folded.of(parted, plainOrder(how.withAccents(true))),
          Folded.of(parted, how));
    }

    private static Comparing plainOrder(Comparing how) {
      return new Comparing(
          how.caseMatters(),
          how.signsMatter(),
          how.accentsMatter(),
          false,
          false,
          false,
          how.extra());
    }
  }

  private final Comparing how;
  private final List<Meant> accepted;

  /**
   * The things of each accepted text that is a list; null for any other, and where signs matter.
   */
  private final List<@Nullable Folded> lists;

  private final List<Mistake> mistakes;
  private final List<Meant> wrong;

  /** How often each word stands in what is compared with; worked out when it is first wanted. */
  private @Nullable Map<String, Integer> counted;

  /** The accepted texts as a fair teacher reads them; worked out when they are first wanted. */
  private @Nullable List<Folded> fair;

  private Comparison(List<String> accepted, List<Mistake> mistakes, Comparing how) {
    this.how = how;
    this.accepted = meant(accepted, how);
    this.lists = this.accepted.stream().map(meant -> listed(meant.text())).toList();
    this.mistakes = mistakes.stream().filter(m -> !Texts.blank(m.text())).toList();
    this.wrong = meant(this.mistakes.stream().map(Mistake::text).toList(), how);
  }

  /** A comparison with these texts; blank ones are passed over. */
  public static Comparison with(List<String> accepted, List<Mistake> mistakes, Comparing how) {
    return new Comparison(accepted, mistakes, how);
  }

  /** The words of a text as they are compared. */
  public static List<String> words(String text, Comparing how) {
    return Folded.of(text, how).words();
  }

  /** A text without all that a fair teacher passes over. */
  public static String fair(String text) {
    return String.join(" ", words(text, Comparing.FAIR));
  }

  /**
   * Whether a text is one slip away from another of at least {@value #LEAST_NEARLY} letters. A slip
   * is what {@link Comparing} calls so.
   *
   * @param typed as {@link #fair} gives it
   * @param meant as {@link #fair} gives it
   */
  public static boolean oneSlip(String typed, String meant) {
    return Slips.letters(meant).length >= LEAST_NEARLY && Slips.between(typed, meant) == 1;
  }

  private static List<Meant> meant(List<String> texts, Comparing how) {
    return texts.stream().filter(t -> !Texts.blank(t)).map(t -> Meant.of(t, how)).toList();
  }

  /** Judges a text. What is written strictly the same decides first, then what is freely so. */
  public Judgement judge(String text) {
    Meant typed = Meant.of(text, how);
    return known(typed).orElseGet(() -> other(typed));
  }

  /** How a text is right; empty where it isn't. Says nothing of why not, and so is quicker. */
  public Optional<Judgement> right(String text) {
    return known(Meant.of(text, how)).filter(Judgement::right);
  }

  private Optional<Judgement> known(Meant typed) {
    if (typed.same().isEmpty()) {
      return Optional.of(Judgement.wrong(Reason.EMPTY, null));
    }
    Optional<Judgement> same = alike(typed, Meant::same, Reason.SAME);
    if (same.isPresent() || typed.free().isEmpty()) {
      return same.or(() -> Optional.of(Judgement.wrong(Reason.EMPTY, null)));
    }
    Reason freely = how.anyOrder() || how.articles() ? Reason.WORDS : Reason.ACCENTS;
    return alike(typed, Meant::accented, Reason.SAME_BUT_FORM)
        .or(() -> alike(typed, Meant::free, freely))
        .or(() -> otherwiseWritten(typed))
        .or(() -> withSlips(typed));
  }

  /**
   * What is the same but for how a list is written, or {@code &} for the word: an accepted text.
   */
  private Optional<Judgement> otherwiseWritten(Meant typed) {
    if (how.signsMatter()) {
      return Optional.empty();
    }
    Folded things = lists.stream().allMatch(Objects::isNull) ? null : things(typed.text());
    for (int i = 0; i < accepted.size(); i++) {
      Meant meant = accepted.get(i);
      boolean and = !how.anyOrder() && typed.free().equalsButAnd(meant.free());
      if (and || things != null && things.equals(lists.get(i))) {
        return Optional.of(Judgement.right(Reason.SAME_BUT_FORM, meant.text()));
      }
    }
    return Optional.empty();
  }

  private @Nullable Folded listed(String text) {
    return !how.signsMatter() && ListText.isList(text) ? things(text) : null;
  }

  /** The things of a list alone. */
  private Folded things(String text) {
    return Folded.of(ListText.withoutJoining(ListText.parted(text)), how);
  }

  /** What reads the same when folded so far: an accepted text before a listed wrong one. */
  private Optional<Judgement> alike(Meant typed, Function<Meant, Folded> as, Reason reason) {
    for (Meant meant : accepted) {
      if (as.apply(meant).equals(as.apply(typed))) {
        return Optional.of(Judgement.right(reason, meant.text()));
      }
    }
    for (int i = 0; i < wrong.size(); i++) {
      if (as.apply(wrong.get(i)).equals(as.apply(typed))) {
        return Optional.of(Judgement.listed(mistakes.get(i)));
      }
    }
    return Optional.empty();
  }

  private Optional<Judgement> withSlips(Meant typed) {
    if (!how.slips()) {
      return Optional.empty();
    }
    int best = -1;
    Meant nearest = null;
    for (Meant meant : accepted) {
      int slips = Slips.reading(typed.free(), meant.free(), how.anyOrder(), keptBeside(meant));
      if (slips >= 0 && (nearest == null || slips < best)) {
        best = slips;
        nearest = meant;
      }
    }
    Slips.Kept nothing = new Slips.Kept(word -> false, how.signsMatter());
    for (int i = 0; i < wrong.size(); i++) {
      int slips = Slips.reading(typed.free(), wrong.get(i).free(), how.anyOrder(), nothing);
      if (slips >= 0 && (nearest == null || slips < best)) {
        return Optional.of(Judgement.listed(mistakes.get(i)));
      }
    }
    return nearest == null
        ? Optional.empty()
        : Optional.of(new Judgement(true, Reason.SLIPS, nearest.text(), best, null));
  }

  private Slips.Kept keptBeside(Meant meant) {
    return new Slips.Kept(word -> standsBeside(meant, word), how.signsMatter());
  }

  /** Whether a word stands in another of the texts than this one. */
  private boolean standsBeside(Meant meant, String word) {
    if (counted == null) {
      Map<String, Integer> all = new LinkedHashMap<>();
      accepted.forEach(other -> count(other, all));
      wrong.forEach(other -> count(other, all));
      counted = all;
    }
    int own = 0;
    for (String its : meant.free().words()) {
      own += its.equals(word) ? 1 : 0;
    }
    return counted.getOrDefault(word, 0) > own;
  }

  private static void count(Meant text, Map<String, Integer> all) {
    text.free().words().forEach(word -> all.merge(word, 1, Integer::sum));
  }

  /** Why it is wrong, where it was near: what the teacher could make free. */
  private Judgement other(Meant typed) {
    Folded loose = Folded.of(typed.text(), Comparing.FAIR);
    if (fair == null) {
      fair = accepted.stream().map(meant -> Folded.of(meant.text(), Comparing.FAIR)).toList();
    }
    for (int i = 0; i < accepted.size(); i++) {
      Meant meant = accepted.get(i);
      if (fair.get(i).equals(loose)) {
        return Judgement.wrong(Reason.FORM_MATTERS, meant.text());
      }
      Slips.Kept kept = new Slips.Kept(word -> standsBeside(meant, word), false);
      if (Slips.reading(loose, fair.get(i), false, kept) > 0) {
        return Judgement.wrong(Reason.SLIPS_MATTER, meant.text());
      }
    }
    return Judgement.wrong(Reason.OTHER, null);
  }
}
