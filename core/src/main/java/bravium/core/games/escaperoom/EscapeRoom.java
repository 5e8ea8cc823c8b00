package bravium.core.games.escaperoom;

import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.question.Ids;
import bravium.core.question.Information;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Rooms with locks, and a way out.
 *
 * @param rooms at most {@value #MOST_ROOMS}; the first is where it begins
 * @param things what is in them, at most {@value #MOST_THINGS}
 * @param covers what covers parts of their pictures, at most {@value #MOST_COVERS}
 * @param pieces the key pieces, at most {@value #MOST_PIECES}
 * @param whole the picture that the strips among the key pieces make; null where there are none
 * @param locks those of which something is written, at most {@value #MOST_LOCKS}; a question
 *     without one has a lock in the first room that does nothing, and a lock whose question is not
 *     there is passed over
 * @param questions at most {@value #MOST_LOCKS}
 */
@Root
public record EscapeRoom(
    @Range(max = MOST_ROOMS) List<Room> rooms,
    @Range(max = MOST_THINGS) List<RoomThing> things,
    @Range(max = MOST_COVERS) List<RoomCover> covers,
    @Range(max = MOST_PIECES) List<KeyPiece> pieces,
    @Nullable Picture whole,
    @Range(max = MOST_LOCKS) List<Lock> locks,
    @Range(max = MOST_LOCKS) List<Question> questions,
    EscapePrices prices,
    @JsonIgnore Extra extra)
    implements GameData {

  /** The name of its kind. */
  public static final String KIND = "escape-room";

  /** The most rooms. */
  public static final int MOST_ROOMS = 50;

  /** The most things. */
  public static final int MOST_THINGS = 500;

  /** The most covers. */
  public static final int MOST_COVERS = 100;

  /** The most key pieces. */
  public static final int MOST_PIECES = 100;

  /** The most locks. */
  public static final int MOST_LOCKS = 500;

  /** Checks numbers and ids. */
  public EscapeRoom {
    requireAtMost(MOST_ROOMS, "rooms", rooms);
    requireAtMost(MOST_THINGS, "things", things);
    requireAtMost(MOST_COVERS, "covers", covers);
    requireAtMost(MOST_PIECES, "key pieces", pieces);
    requireAtMost(MOST_LOCKS, "locks", locks);
    requireAtMost(MOST_LOCKS, "questions", questions);
    Ids.requireDistinct("room", rooms.stream().map(Room::id).toList());
    Ids.requireDistinct("thing", things.stream().map(RoomThing::id).toList());
    Ids.requireDistinct("cover", covers.stream().map(RoomCover::id).toList());
    Ids.requireDistinct("key piece", pieces.stream().map(KeyPiece::id).toList());
    Ids.requireDistinct("lock", locks.stream().map(Lock::id).toList());
    Ids.requireDistinct("question", questions.stream().map(Question::id).toList());
  }

  private static void requireAtMost(int most, String what, List<?> list) {
    if (list.size() > most) {
      throw new IllegalArgumentException("an escape room has at most " + most + " " + what);
    }
  }

  /** An escape with these rooms and locks alone. */
  static EscapeRoom of(List<Room> rooms, List<Lock> locks, List<Question> questions) {
    return new EscapeRoom(
        List.copyOf(rooms),
        List.of(),
        List.of(),
        List.of(),
        null,
        List.copyOf(locks),
        List.copyOf(questions),
        EscapePrices.NONE,
        Extra.NONE);
  }

  /** The same with other rooms. */
  EscapeRoom withRooms(List<Room> changed) {
    return new EscapeRoom(
        List.copyOf(changed), things, covers, pieces, whole, locks, questions, prices, extra);
  }

  /** The same with other things. */
  EscapeRoom withThings(List<RoomThing> changed) {
    return new EscapeRoom(
        rooms, List.copyOf(changed), covers, pieces, whole, locks, questions, prices, extra);
  }

  /** The same with other covers. */
  EscapeRoom withCovers(List<RoomCover> changed) {
    return new EscapeRoom(
        rooms, things, List.copyOf(changed), pieces, whole, locks, questions, prices, extra);
  }

  /** The same with other key pieces. */
  EscapeRoom withPieces(List<KeyPiece> changed) {
    return new EscapeRoom(
        rooms, things, covers, List.copyOf(changed), whole, locks, questions, prices, extra);
  }

  /** The same with other locks. */
  EscapeRoom withLocks(List<Lock> changed) {
    return new EscapeRoom(
        rooms, things, covers, pieces, whole, List.copyOf(changed), questions, prices, extra);
  }

  /** The same at other prices. */
  EscapeRoom withPrices(EscapePrices changed) {
    return new EscapeRoom(rooms, things, covers, pieces, whole, locks, questions, changed, extra);
  }

  @Override
  public EscapeRoom withQuestions(List<Question> changed) {
    return new EscapeRoom(
        rooms, things, covers, pieces, whole, locks, List.copyOf(changed), prices, extra);
  }

  @Override
  public String kind() {
    return KIND;
  }

  /** What is only read is a thing in a room, and no lock. */
  @Override
  public boolean asks(Question question) {
    return !(question instanceof Information);
  }

  /** All locks, in the order they are written; those of which nothing is written come last. */
  List<Lock> allLocks() {
    Map<String, Lock> all = new LinkedHashMap<>();
    Map<String, Question> asked = new LinkedHashMap<>();
    for (Question question : questions) {
      if (asks(question) && !question.off()) {
        asked.put(question.id(), question);
      }
    }
    for (Lock lock : locks) {
      if (!(lock.by() instanceof Opener.ByAnswer) || asked.containsKey(lock.id())) {
        all.put(lock.id(), lock);
      }
    }
    for (String question : asked.keySet()) {
      all.computeIfAbsent(question, id -> Lock.asking(id, first()));
    }
    return List.copyOf(all.values());
  }

  /** The id of the room where it begins; a blank text while there is none. */
  String first() {
    return rooms.isEmpty() ? "" : rooms.getFirst().id();
  }

  @Override
  public List<Words> words() {
    List<Words> all = new ArrayList<>();
    for (Room room : rooms) {
      all.add(Words.of(room.name()));
      add(all, room.entering());
    }
    for (RoomThing thing : things) {
      all.add(Words.of(thing.name()));
      add(all, thing.words());
    }
    covers.forEach(cover -> all.add(Words.of(cover.name())));
    pieces.forEach(piece -> all.add(Words.of(piece.text())));
    for (Lock lock : locks) {
      all.add(Words.of(lock.name()));
      if (lock.by() instanceof Opener.ByPieces pieced) {
        add(all, pieced.text());
        all.addAll(pieced.hints());
      }
    }
    all.addAll(GameData.super.words());
    return all;
  }

  private static void add(List<Words> all, @Nullable Words words) {
    if (words != null) {
      all.add(words);
    }
  }

  @Override
  public List<Picture> pictures() {
    List<Picture> all = new ArrayList<>();
    for (Room room : rooms) {
      if (room.picture() != null) {
        all.add(room.picture());
      }
    }
    if (whole != null) {
      all.add(whole);
    }
    return all;
  }

  /** The room in which they begin. */
  @Override
  public Optional<Picture> coverPicture() {
    return rooms.stream().findFirst().map(Room::picture);
  }

  /** All of them: nobody gets what lies behind a lock. */
  @Override
  public Set<String> hidden() {
    return media();
  }
}
