package bravium.core.play;

import bravium.core.json.Root;
import bravium.core.measure.Stretch;
import bravium.core.measure.Stretches;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a class watched of a film: the film in parts of one length, and what was done in each.
 *
 * @param whole all of it, in milliseconds from the beginning of its file
 * @param games how many games it is taken from
 * @param share how much of it was watched, in per cent, in the mean of these games
 */
@Root
public record ClassWatch(Stretch whole, int games, int share, List<WatchedPart> parts) {

  /** Into so many parts it is taken apart: enough to see a sentence that was missed. */
  public static final int PARTS = 60;

  /**
   * A part of the film.
   *
   * @param from in milliseconds from the beginning of the file
   * @param to in milliseconds from the beginning of the file
   * @param watched in how many games at least half of it was watched
   * @param times how often it was watched in all of them, in tenths
   * @param back how often somebody went back to it
   * @param left in how many games nothing further was watched, before the end
   */
  public record WatchedPart(int from, int to, int watched, int times, int back, int left) {}

  /**
   * What was watched in these games.
   *
   * @param watched the newest first: its film is the one that is shown
   * @return empty where there are none
   */
  public static Optional<ClassWatch> of(List<Watched> watched) {
    if (watched.isEmpty()) {
      return Optional.empty();
    }
    Stretch whole = watched.getFirst().whole();
    List<Stretches> all = watched.stream().map(one -> new Stretches(one.stretches())).toList();
    List<Stretches> unions = all.stream().map(Stretches::union).toList();
    List<WatchedPart> parts = new ArrayList<>();
    int count = Math.min(PARTS, Math.max(1, whole.length()));
    for (int i = 0; i < count; i++) {
      int from = whole.from() + (int) ((long) whole.length() * i / count);
      int to = whole.from() + (int) ((long) whole.length() * (i + 1) / count);
      parts.add(part(new Stretch(from, to), watched, all, unions));
    }
    int sum = watched.stream().mapToInt(Watched::share).sum();
    int share = (2 * sum + watched.size()) / (2 * watched.size());
    return Optional.of(new ClassWatch(whole, watched.size(), share, List.copyOf(parts)));
  }

  private static WatchedPart part(
      Stretch part, List<Watched> games, List<Stretches> all, List<Stretches> unions) {
    int watched = 0;
    long length = 0;
    int back = 0;
    int left = 0;
    for (int i = 0; i < games.size(); i++) {
      watched += 2 * unions.get(i).within(part).length() >= part.length() ? 1 : 0;
      length += all.get(i).within(part).length();
      back += all.get(i).timesBackTo(part);
      int place = games.get(i).place();
      boolean over = place >= games.get(i).whole().to();
      left += !over && place >= part.from() && place < part.to() ? 1 : 0;
    }
    int times = (int) ((10 * length + part.length() / 2) / Math.max(1, part.length()));
    return new WatchedPart(part.from(), part.to(), watched, times, back, left);
  }
}
