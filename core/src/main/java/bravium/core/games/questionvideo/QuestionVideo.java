package bravium.core.games.questionvideo;

import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.measure.Stretch;
import bravium.core.question.Ids;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A film with stops.
 *
 * @param film null while there is none
 * @param questions what is asked, said or talked about at its stops, at most {@value #MOST}
 * @param stops when each of them comes; one that has no stop is not asked
 * @param script what is said and seen, at most {@value #MOST_LINES} lines
 */
@Root
public record QuestionVideo(
    @Nullable Film film,
    @Range(max = MOST) List<Question> questions,
    @Range(max = MOST) List<Stop> stops,
    @Range(max = MOST_LINES) List<ScriptLine> script,
    WatchRule watching,
    @JsonIgnore Extra extra)
    implements GameData {

  /** The name of its kind. */
  public static final String KIND = "question-video";

  /** The most questions and stops. */
  public static final int MOST = 200;

  /** The most lines: a film of three hours in which somebody always speaks. */
  public static final int MOST_LINES = 5_000;

  /** Checks numbers and ids. */
  public QuestionVideo {
    if (questions.size() > MOST || stops.size() > MOST) {
      throw new IllegalArgumentException("a question video has at most " + MOST + " stops");
    }
    if (script.size() > MOST_LINES) {
      throw new IllegalArgumentException("a script has at most " + MOST_LINES + " lines");
    }
    Ids.requireDistinct("question", questions.stream().map(Question::id).toList());
    Ids.requireDistinct("stop", stops.stream().map(Stop::question).toList());
  }

  /** A film with these questions at these moments, watched as usual. */
  public static QuestionVideo of(Film film, List<Question> questions, List<Stop> stops) {
    return new QuestionVideo(film, questions, stops, List.of(), WatchRule.USUAL, Extra.NONE);
  }

  /** The same with another film; null for none. */
  public QuestionVideo with(@Nullable Film changed) {
    return new QuestionVideo(changed, questions, stops, script, watching, extra);
  }

  /** The same, watched in another way. */
  public QuestionVideo with(WatchRule changed) {
    return new QuestionVideo(film, questions, stops, script, changed, extra);
  }

  /** The same with other stops. */
  public QuestionVideo withStops(List<Stop> changed) {
    return new QuestionVideo(film, questions, List.copyOf(changed), script, watching, extra);
  }

  /** The same with another script. */
  public QuestionVideo withScript(List<ScriptLine> changed) {
    return new QuestionVideo(film, questions, stops, List.copyOf(changed), watching, extra);
  }

  @Override
  public QuestionVideo withQuestions(List<Question> changed) {
    return new QuestionVideo(film, List.copyOf(changed), stops, script, watching, extra);
  }

  /** The stop of a question. */
  public Optional<Stop> stopOf(String question) {
    return stops.stream().filter(stop -> stop.question().equals(question)).findFirst();
  }

  /** The part of the film that is shown; of no length while there is no film. */
  public Stretch shown() {
    return film == null ? new Stretch(0, 0) : film.shown();
  }

  /** Whether a moment is in the part that is shown, both its ends included. */
  boolean shows(int moment) {
    Stretch shown = shown();
    return film != null && moment >= shown.from() && moment <= shown.to();
  }

  /** A question is asked where the film, as it is shown, halts for it. */
  @Override
  public boolean asks(Question question) {
    return stopOf(question.id()).map(stop -> shows(stop.at())).orElse(false);
  }

  /** The same with its questions in the order in which the film comes to them. */
  public QuestionVideo inOrder() {
    Map<String, Integer> moments = new LinkedHashMap<>();
    stops.forEach(stop -> moments.put(stop.question(), stop.at()));
    List<Question> ordered = new ArrayList<>(questions);
    ordered.sort(
        Comparator.comparing(question -> moments.getOrDefault(question.id(), Integer.MAX_VALUE)));
    return withQuestions(ordered);
  }

  /** What is said in the part that is shown, without empty lines, in order. */
  public List<ScriptLine> captions() {
    Stretch shown = shown();
    return script.stream()
        .filter(line -> !line.note() && !Texts.blank(line.text()))
        .filter(line -> line.to() > shown.from() && line.from() < shown.to())
        .sorted(Comparator.comparingInt(ScriptLine::from))
        .toList();
  }

  @Override
  public String kind() {
    return KIND;
  }

  @Override
  public List<Words> words() {
    List<Words> all = new ArrayList<>(GameData.super.words());
    script.forEach(line -> all.add(Words.of(line.text())));
    return all;
  }

  @Override
  public List<Picture> pictures() {
    return film == null || film.poster() == null ? List.of() : List.of(film.poster());
  }

  @Override
  public Set<String> media() {
    Set<String> names = new LinkedHashSet<>(GameData.super.media());
    if (film != null) {
      names.add(film.medium());
    }
    return names;
  }

  @Override
  public Optional<Picture> coverPicture() {
    return pictures().stream().findFirst();
  }
}
