package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.games.questionvideo.Film;
import bravium.core.games.questionvideo.QuestionVideo;
import bravium.core.games.questionvideo.ScriptLine;
import bravium.core.games.questionvideo.Stop;
import bravium.core.games.questionvideo.VideoAction;
import bravium.core.games.questionvideo.WatchRule;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Sitting;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Short films with stops anywhere, also outside, several at one moment, and what is watched. */
public final class RandomVideos {

  private static final List<String> SAID =
      List.of("The guards know their own.", "—", "", " ", "улей & <b>", "a\n\nb", "🐝 --> 🐝");

  private final Random random;

  public RandomVideos(Random random) {
    this.random = random;
  }

  /** Any video, unfinished questions and all. */
  public Activity any() {
    Activity activity = of(new RandomActivities(random).any(), false);
    QuestionVideo video = (QuestionVideo) activity.game();
    return random.nextInt(8) == 0 ? activity.withGame(video.with((Film) null)) : activity;
  }

  /** One in which every question can be asked, with its stop in the part that is shown. */
  public Activity finished(int questions) {
    return of(new RandomActivities(random).finished(questions), true);
  }

  private Activity of(Activity other, boolean within) {
    List<Question> questions =
        other.game().questions().subList(0, Math.min(30, other.game().questions().size()));
    Film film = film();
    List<Stop> stops = new ArrayList<>();
    for (Question question : questions) {
      if (within || random.nextInt(6) > 0) {
        stops.add(stop(question.id(), film, within));
      }
    }
    return other.withGame(
        new QuestionVideo(film, questions, stops, script(film), rule(), Extra.NONE));
  }

  private Film film() {
    int millis = 400 + random.nextInt(1_800);
    boolean sound = random.nextInt(4) == 0;
    return new Film(
        "c".repeat(64),
        millis,
        sound ? null : 640,
        sound ? null : 360,
        random.nextBoolean() ? 24_000 : null,
        random.nextBoolean() ? null : random.nextInt(millis / 3),
        random.nextBoolean() ? null : millis / 2 + random.nextInt(millis),
        random.nextBoolean() ? new Picture("b".repeat(64), "A hive") : null,
        Extra.NONE);
  }

  private Stop stop(String question, Film film, boolean within) {
    int start = film.shown().from();
    int end = film.shown().to();
    int at =
        switch (random.nextInt(within ? 4 : 5)) {
          case 0 -> start;
          case 1 -> end;
          case 2 -> start + (end - start) / 2;
          case 3 -> start + random.nextInt(end - start + 1);
          default -> random.nextInt(2 * film.millis());
        };
    Integer backTo = random.nextInt(3) == 0 ? (Integer) random.nextInt(film.millis()) : null;
    return new Stop(question, at, backTo, Extra.NONE);
  }

  private List<ScriptLine> script(Film film) {
    List<ScriptLine> lines = new ArrayList<>();
    for (int i = random.nextInt(5); i > 0; i--) {
      int from = random.nextInt(film.millis());
      String text = SAID.get(random.nextInt(SAID.size()));
      lines.add(
          new ScriptLine(
              from, from + random.nextInt(900), text, random.nextInt(4) == 0, Extra.NONE));
    }
    return lines;
  }

  /** Any way to watch. */
  public WatchRule rule() {
    return new WatchRule(
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextBoolean(),
        100 + 25 * random.nextInt(5),
        random.nextInt(4) == 0,
        random.nextInt(101),
        random.nextBoolean() ? WatchRule.Pennants.ALL : WatchRule.Pennants.MET,
        Extra.NONE);
  }

  /** Something that is said to have been watched, near where the film stands or anywhere. */
  public Action next(QuestionVideo video, Sitting sitting) {
    int end = video.film() == null ? 1_000 : video.film().millis();
    if (random.nextInt(6) == 0) {
      return new Action.Own(new VideoAction.FinishFilm());
    }
    int from =
        random.nextInt(3) == 0
            ? random.nextInt(end + 100)
            : sitting.log().standing().stream()
                .map(played -> played.move().action())
                .filter(action -> action instanceof Action.Own(VideoAction.Watch watch))
                .map(action -> ((VideoAction.Watch) ((Action.Own) action).own()).to())
                .reduce(0, (before, last) -> last);
    return new Action.Own(new VideoAction.Watch(from, from + random.nextInt(600)));
  }
}
