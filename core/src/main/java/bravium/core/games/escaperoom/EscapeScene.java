package bravium.core.games.escaperoom;

import bravium.core.games.GameScene;
import bravium.core.json.OfOnePlay;
import bravium.core.json.OwnId;
import bravium.core.question.Outline;
import bravium.core.rich.PicturePart;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is seen of an escape: what was found so far. The questions of its locks are those that the
 * frame shows at once.
 *
 * @param rooms those that can be entered, in the order they are written; none on the title page
 * @param pieces the key pieces that were won, in that order
 * @param wrongSeconds the seconds that a wrong try takes from the clock
 * @param closedSeconds for how many seconds a wrong try closes a lock
 * @param hintSeconds the seconds that a hint takes from the clock
 * @param hintPrice what a hint costs, in points
 */
public record EscapeScene(
    List<SeenRoom> rooms,
    List<SeenPiece> pieces,
    int wrongSeconds,
    int closedSeconds,
    int hintSeconds,
    int hintPrice)
    implements GameScene {

  /**
   * A room.
   *
   * @param picture all of its picture; null where there is none, or while a part is covered
   * @param part the picture without what is covered; null where all of it is there
   * @param alt what the picture shows, for those who can't see it
   * @param ratio the picture's width in thousandths of its height; 1,500 where that is not known
   */
  public record SeenRoom(
      @OwnId String id,
      String name,
      @OfOnePlay @Nullable String picture,
      @OfOnePlay @Nullable String part,
      String alt,
      int ratio,
      @Nullable Words entering,
      List<SeenCover> covers,
      List<SeenThing> things,
      List<SeenLock> locks) {}

  /** A cover that is still there, by the rectangle that it covers, in thousandths. */
  public record SeenCover(@OwnId String id, String name, int x, int y, int width, int height) {}

  /**
   * A thing.
   *
   * @param words what is seen by who looks closer; null for nothing more
   * @param place where it is on the picture; null for beside it
   */
  public record SeenThing(
      @OwnId String id, String name, @Nullable Words words, @Nullable Outline place) {}

  /** What opens a lock. */
  public enum Way {
    /** An answer. */
    @JsonProperty("answer")
    ANSWER,
    /** Key pieces. */
    @JsonProperty("pieces")
    PIECES,
    /** Other locks. */
    @JsonProperty("locks")
    LOCKS
  }

  /**
   * A lock.
   *
   * @param id its question's, where an answer opens it
   * @param name blank where it has none
   * @param open whether it is open
   * @param given whether the teacher opened it
   * @param takes whether something can be tried at it now
   * @param attempt which try comes next, from 1
   * @param until when it can be tried again, in milliseconds since 1970; null where it can be now
   * @param wheels the signs of each wheel on which the answer is set; empty where it is not
   * @param text what stands on it, where key pieces open it; null for nothing
   * @param slots how many key pieces it takes
   * @param tried the key pieces of the last try that was wrong; empty where there was none
   * @param hints those that were given; empty where a question has its own
   * @param moreHints how many hints are left; 0 where a question has its own
   * @param came what came of opening it; empty while it is shut
   */
  public record SeenLock(
      @OwnId String id,
      String name,
      Way way,
      boolean open,
      boolean given,
      boolean takes,
      int attempt,
      @Nullable Long until,
      List<String> wheels,
      @Nullable Words text,
      int slots,
      @OwnId List<String> tried,
      List<Words> hints,
      int moreHints,
      @Nullable Outline place,
      List<Came> came) {}

  /** What can come of opening a lock. */
  public enum Coming {
    /** A cover is gone. */
    @JsonProperty("uncovered")
    UNCOVERED,
    /** A thing is there. */
    @JsonProperty("brought")
    BROUGHT,
    /** A key piece is won. */
    @JsonProperty("gave")
    GAVE,
    /** A room can be entered. */
    @JsonProperty("opened-way")
    OPENED_WAY,
    /** One is out. */
    @JsonProperty("led-out")
    LED_OUT
  }

  /**
   * Something that came of opening a lock.
   *
   * @param id the id of the cover, thing, piece or room; the lock's own where it led out
   * @param room the id of the room where that is; null where it is in none
   */
  public record Came(Coming what, @OwnId String id, String name, @OwnId @Nullable String room) {}

  /**
   * A key piece that was won.
   *
   * @param strip the strip of the picture that is on it, for who doesn't have the whole; null where
   *     it is none
   * @param picture the whole picture, for who has it; null where it is no strip of one
   * @param left where the strip begins, in thousandths of the picture's width
   * @param width how wide it is, in thousandths of the picture's width
   * @param ratio the width of the whole picture in thousandths of its height
   */
  public record SeenPiece(
      @OwnId String id,
      String text,
      @OfOnePlay @Nullable String strip,
      @OfOnePlay @Nullable String picture,
      int left,
      int width,
      int ratio) {}

  @Override
  public Set<String> bare() {
    Set<String> bare = new LinkedHashSet<>();
    for (SeenRoom room : rooms) {
      if (room.picture() != null) {
        bare.add(room.picture());
      }
      words(room).forEach(words -> words.media().forEach(medium -> bare.add(medium.medium())));
    }
    for (SeenPiece piece : pieces) {
      if (piece.picture() != null) {
        bare.add(piece.picture());
      }
    }
    return bare;
  }

  private static List<Words> words(SeenRoom room) {
    List<Words> all = new ArrayList<>();
    add(all, room.entering());
    room.things().forEach(thing -> add(all, thing.words()));
    for (SeenLock lock : room.locks()) {
      add(all, lock.text());
      all.addAll(lock.hints());
    }
    return all;
  }

  private static void add(List<Words> all, @Nullable Words words) {
    if (words != null) {
      all.add(words);
    }
  }

  @Override
  public Set<PicturePart> parts() {
    Set<PicturePart> parts = new LinkedHashSet<>();
    rooms.forEach(room -> add(parts, room.part()));
    pieces.forEach(piece -> add(parts, piece.strip()));
    return parts;
  }

  private static void add(Set<PicturePart> parts, @Nullable String part) {
    if (part != null && PicturePart.isName(part)) {
      parts.add(PicturePart.of(part));
    }
  }
}
