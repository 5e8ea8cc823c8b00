package bravium.core.games.escaperoom;

import bravium.core.question.Marking;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * An escape room looked up: which locks bring what, and what waits on what. Locks are known by
 * their number in the order of {@link EscapeRoom#allLocks}.
 */
final class Escape {

  private final EscapeRoom written;
  private final List<Lock> locks;
  private final Map<String, Integer> numbers = new LinkedHashMap<>();
  private final Map<String, Question> questions = new LinkedHashMap<>();
  private final Map<String, Room> rooms = new LinkedHashMap<>();
  private final Map<String, RoomCover> covers = new LinkedHashMap<>();
  private final Map<String, RoomThing> things = new LinkedHashMap<>();
  private final Map<String, KeyPiece> pieces = new LinkedHashMap<>();
  private final Map<String, String> keys = new LinkedHashMap<>();
  private final Map<String, BitSet> uncovering = new LinkedHashMap<>();
  private final Map<String, BitSet> bringing = new LinkedHashMap<>();
  private final Map<String, BitSet> giving = new LinkedHashMap<>();
  private final Map<String, BitSet> opening = new LinkedHashMap<>();
  private final BitSet exits = new BitSet();

  Escape(EscapeRoom written) {
    this.written = written;
    this.locks = written.allLocks();
    written.rooms().forEach(room -> rooms.put(room.id(), room));
    written.covers().forEach(cover -> covers.put(cover.id(), cover));
    written.things().forEach(thing -> things.put(thing.id(), thing));
    for (KeyPiece piece : written.pieces()) {
      pieces.put(piece.id(), piece);
      keys.put(piece.id(), KeyPieces.key(piece));
    }
    written.questions().forEach(question -> questions.put(question.id(), question));
    for (Lock lock : locks) {
      int number = numbers.size();
      numbers.put(lock.id(), number);
      for (Effect effect : lock.does()) {
        switch (effect) {
          case Effect.Uncovers(String cover) -> mark(uncovering, cover, number);
          case Effect.Brings(String thing) -> mark(bringing, thing, number);
          case Effect.Gives(String piece) -> mark(giving, piece, number);
          case Effect.OpensWay(String room) -> mark(opening, room, number);
          case Effect.LeadsOut out -> exits.set(number);
        }
      }
    }
  }

  private static void mark(Map<String, BitSet> by, String what, int lock) {
    by.computeIfAbsent(what, none -> new BitSet()).set(lock);
  }

  EscapeRoom written() {
    return written;
  }

  List<Lock> locks() {
    return locks;
  }

  Lock lock(int number) {
    return locks.get(number);
  }

  /** The number of a lock; -1 where there is none of that id. */
  int number(String lock) {
    return numbers.getOrDefault(lock, -1);
  }

  Optional<Question> question(Lock lock) {
    return lock.by() instanceof Opener.ByAnswer
        ? Optional.ofNullable(questions.get(lock.id()))
        : Optional.empty();
  }

  /** The room of that id; the first where it isn't there. */
  Optional<Room> room(String id) {
    Room room = rooms.get(id);
    return room == null ? written.rooms().stream().findFirst() : Optional.of(room);
  }

  /** Whether there is a room of that id. */
  boolean hasRoom(String id) {
    return rooms.containsKey(id);
  }

  Optional<RoomCover> cover(@Nullable String id) {
    return Optional.ofNullable(id == null ? null : covers.get(id));
  }

  Optional<RoomThing> thing(String id) {
    return Optional.ofNullable(things.get(id));
  }

  Optional<KeyPiece> piece(String id) {
    return Optional.ofNullable(pieces.get(id));
  }

  /** What tells a key piece from others: two of one text are alike. */
  String key(String piece) {
    return keys.getOrDefault(piece, "piece " + piece);
  }

  /** Whether a room can be entered from the start. */
  boolean openFromTheStart(Room room) {
    return room.open() || room.id().equals(written.first());
  }

  BitSet opening(String room) {
    return opening.getOrDefault(room, new BitSet());
  }

  BitSet uncovering(String cover) {
    return uncovering.getOrDefault(cover, new BitSet());
  }

  BitSet giving(String piece) {
    return giving.getOrDefault(piece, new BitSet());
  }

  BitSet bringing(String thing) {
    return bringing.getOrDefault(thing, new BitSet());
  }

  /** Whether what comes of a lock names something that is there. */
  boolean names(Effect effect) {
    return switch (effect) {
      case Effect.Uncovers(String cover) -> covers.containsKey(cover);
      case Effect.Brings(String thing) -> things.containsKey(thing);
      case Effect.Gives(String piece) -> pieces.containsKey(piece);
      case Effect.OpensWay(String room) -> rooms.containsKey(room);
      case Effect.LeadsOut out -> true;
    };
  }

  /** Whether a thing is there only once a lock brings it. */
  boolean isBrought(String thing) {
    return bringing.containsKey(thing);
  }

  /** The locks that lead out. */
  BitSet exits() {
    return (BitSet) exits.clone();
  }

  /** Whether some answer to a question opens its lock. */
  static boolean canBeOpened(Question question) {
    return question.answerable()
        && (question.marking() != Marking.AT_ONCE || question.canBeRight());
  }

  /** Those of the pieces that a lock takes which are there, in their order. */
  List<String> order(Opener.ByPieces lock) {
    return lock.order().stream().filter(pieces::containsKey).toList();
  }

  /** Those of the locks that open another together which are there. */
  BitSet together(Opener.ByLocks lock) {
    BitSet together = new BitSet();
    for (String id : lock.locks()) {
      if (numbers.containsKey(id)) {
        together.set(numbers.get(id));
      }
    }
    return together;
  }

  /** What a thing needs to be seen. */
  List<Need> needs(RoomThing thing) {
    List<Need> needs = there(thing.room(), thing.under());
    if (isBrought(thing.id())) {
      needs.add(new Need(Need.Kind.HELP, thing.id(), bringing(thing.id())));
    }
    return needs;
  }

  /** What a lock needs before it can be met: its room, and what it lies under. */
  List<Need> there(Lock lock) {
    return there(lock.room(), lock.under());
  }

  private List<Need> there(String in, @Nullable String under) {
    List<Need> needs = new ArrayList<>();
    room(in)
        .filter(room -> !openFromTheStart(room))
        .ifPresent(room -> needs.add(new Need(Need.Kind.ROOM, room.id(), opening(room.id()))));
    cover(under)
        .ifPresent(
            cover -> needs.add(new Need(Need.Kind.COVER, cover.id(), uncovering(cover.id()))));
    return needs;
  }

  /** What a lock needs to be met and to be known: with what helps, with its pieces and locks. */
  private List<Need> needs(Lock lock, Map<String, List<RoomThing>> helping) {
    List<Need> needs = there(lock);
    // What opens by itself needs nobody to know anything.
    if (!(lock.by() instanceof Opener.ByLocks)) {
      for (RoomThing thing : helping.getOrDefault(lock.id(), List.of())) {
        needs(thing).forEach(need -> needs.add(new Need(Need.Kind.HELP, thing.id(), need.anyOf())));
      }
    }
    switch (lock.by()) {
      case Opener.ByAnswer answer -> {
        if (question(lock).filter(Escape::canBeOpened).isEmpty()) {
          needs.add(new Need(Need.Kind.ANSWER, lock.id(), new BitSet()));
        }
      }
      case Opener.ByPieces pieced -> {
        List<String> order = order(pieced);
        if (order.isEmpty()) {
          needs.add(new Need(Need.Kind.ANSWER, lock.id(), new BitSet()));
        }
        needs.addAll(KeyPieces.needs(this, order));
      }
      case Opener.ByLocks together -> {
        BitSet all = together(together);
        if (all.isEmpty()) {
          needs.add(new Need(Need.Kind.ANSWER, lock.id(), new BitSet()));
        }
        all.stream().forEach(other -> needs.add(new Need(Need.Kind.LOCK, id(other), only(other))));
      }
    }
    return needs;
  }

  private String id(int lock) {
    return locks.get(lock).id();
  }

  private static BitSet only(int lock) {
    BitSet one = new BitSet();
    one.set(lock);
    return one;
  }

  /** The plan of it. */
  Plan plan() {
    Map<String, List<RoomThing>> helping = new LinkedHashMap<>();
    for (RoomThing thing : written.things()) {
      for (String lock : thing.helps()) {
        helping.computeIfAbsent(lock, none -> new ArrayList<>()).add(thing);
      }
    }
    return plan(locks.stream().map(lock -> needs(lock, helping)).toList());
  }

  /** The plan of one who needs no help, and to whom only these locks are open, by their numbers. */
  Plan planOf(BitSet only) {
    List<List<Need>> needs = new ArrayList<>();
    for (Lock lock : locks) {
      List<Need> own = new ArrayList<>(needs(lock, Map.of()));
      if (!only.get(needs.size())) {
        own.add(new Need(Need.Kind.ANSWER, lock.id(), new BitSet()));
      }
      needs.add(own);
    }
    return plan(needs);
  }

  private Plan plan(List<List<Need>> needs) {
    BitSet byThemselves = new BitSet();
    for (int i = 0; i < locks.size(); i++) {
      byThemselves.set(i, locks.get(i).by() instanceof Opener.ByLocks);
    }
    return new Plan(needs, exits, byThemselves);
  }
}
