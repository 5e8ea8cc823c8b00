package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.json.Root;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Escapes that work: what a teacher's questions are laid out as. */
@Root
public enum EscapePattern {
  /** Three rooms in a row: all locks of one open the door to the next. */
  @JsonProperty("rooms-in-a-row")
  ROOMS_IN_A_ROW,
  /** Everything is open at once; each lock gives a piece of one final code. */
  @JsonProperty("one-code")
  ONE_CODE,
  /** Two ways from the first room, and what is found on both opens the way out. */
  @JsonProperty("two-ways")
  TWO_WAYS;

  private static final String LETTERS = "ABCDEFGHIJKLMNOPQRST";

  /**
   * All questions of an escape laid out so. Rooms keep their names and pictures; locks their
   * places, where their room stays; things that are there stay where they are. What is new has no
   * name.
   */
  public EscapeRoom laidOut(EscapeRoom room) {
    return new Laying(room).as(this);
  }

  /** One laying out. */
  private static final class Laying {

    private final EscapeRoom before;
    private final List<String> questions;
    private final Set<String> ids = new LinkedHashSet<>();
    private final List<Room> rooms;
    private final List<Lock> locks = new ArrayList<>();
    private final List<KeyPiece> pieces = new ArrayList<>();
    private final List<RoomThing> things;

    Laying(EscapeRoom before) {
      this.before = before;
      this.rooms = new ArrayList<>(before.rooms());
      this.things = new ArrayList<>(before.things());
      this.questions =
          before.allLocks().stream()
              .filter(lock -> lock.by() instanceof Opener.ByAnswer)
              .map(Lock::id)
              .toList();
      before.rooms().forEach(one -> ids.add(one.id()));
      before.things().forEach(one -> ids.add(one.id()));
      before.covers().forEach(one -> ids.add(one.id()));
      before.questions().forEach(one -> ids.add(one.id()));
    }

    EscapeRoom as(EscapePattern pattern) {
      if (questions.isEmpty()) {
        return before;
      }
      switch (pattern) {
        case ROOMS_IN_A_ROW -> inARow();
        case ONE_CODE -> oneCode();
        case TWO_WAYS -> twoWays();
      }
      return before.withRooms(rooms).withThings(things).withPieces(pieces).withLocks(locks);
    }

    private String fresh(String name) {
      int number = 1;
      while (!ids.add(name + "-" + number)) {
        number++;
      }
      return name + "-" + number;
    }

    private void rooms(int count) {
      while (rooms.size() < count) {
        rooms.add(Room.of(fresh("room"), ""));
      }
      rooms.replaceAll(one -> one.opened(false));
    }

    private String room(int number) {
      return rooms.get(number).id();
    }

    private void ask(int question, int room, Effect... does) {
      String id = questions.get(question);
      Lock lock = Lock.asking(id, room(room), does);
      for (Lock there : before.locks()) {
        if (there.id().equals(id)) {
          boolean stays = there.room().equals(room(room));
          lock =
              new Lock(
                  id,
                  room(room),
                  there.name(),
                  stays ? there.place() : null,
                  null,
                  there.by(),
                  List.of(does),
                  there.extra());
        }
      }
      locks.add(lock);
    }

    private void add(String name, int room, Opener by, Effect... does) {
      locks.add(new Lock(fresh(name), room(room), "", null, null, by, List.of(does), Extra.NONE));
    }

    private void inARow() {
      int count = Math.min(3, questions.size());
      rooms(count);
      for (int room = 0; room < count; room++) {
        int from = room * questions.size() / count;
        int to = (room + 1) * questions.size() / count;
        Effect further =
            room + 1 < count ? new Effect.OpensWay(room(room + 1)) : new Effect.LeadsOut();
        if (to - from == 1) {
          ask(from, room, further);
        } else {
          for (int question = from; question < to; question++) {
            ask(question, room);
          }
          add(
              "door",
              room,
              new Opener.ByLocks(List.copyOf(questions.subList(from, to)), Extra.NONE),
              further);
        }
      }
    }

    private void oneCode() {
      rooms(1);
      int most = Math.min(questions.size(), Opener.ByPieces.MOST_PIECES);
      List<String> order = new ArrayList<>();
      for (int question = 0; question < questions.size(); question++) {
        if (question < most) {
          ask(question, 0, new Effect.Gives(piece(question)));
          order.add(pieces.getLast().id());
        } else {
          ask(question, 0);
        }
      }
      code(order);
    }

    private String piece(int number) {
      String id = fresh("piece");
      String kept = number < before.pieces().size() ? before.pieces().get(number).text() : "";
      String letter = LETTERS.substring(number, number + 1);
      pieces.add(KeyPiece.of(id, kept.isEmpty() ? letter : kept));
      return id;
    }

    /** The lock that takes them, in another order than they are written in, and what tells it. */
    private void code(List<String> pieces) {
      List<String> order = new ArrayList<>(pieces.subList(pieces.size() / 2, pieces.size()));
      order.addAll(pieces.subList(0, pieces.size() / 2));
      add(
          "code",
          0,
          new Opener.ByPieces(null, order, List.of(), Extra.NONE),
          new Effect.LeadsOut());
      List<String> texts =
          order.stream()
              .map(id -> this.pieces.stream().filter(p -> p.id().equals(id)).findFirst())
              .map(piece -> piece.map(KeyPiece::text).orElse(""))
              .toList();
      things.add(
          RoomThing.of(fresh("note"), room(0), "", locks.getLast().id())
              .saying(Words.of(String.join(" – ", texts))));
    }

    private void twoWays() {
      if (questions.size() < 4) {
        oneCode();
        return;
      }
      rooms(3);
      int middle = 2 + (questions.size() - 2 + 1) / 2;
      ask(0, 0, new Effect.OpensWay(room(1)));
      ask(1, 0, new Effect.OpensWay(room(2)));
      List<String> order = new ArrayList<>();
      for (int question = 2; question < questions.size(); question++) {
        int room = question < middle ? 1 : 2;
        if (pieces.size() < Opener.ByPieces.MOST_PIECES) {
          ask(question, room, new Effect.Gives(piece(pieces.size())));
          order.add(pieces.getLast().id());
        } else {
          ask(question, room);
        }
      }
      code(order);
    }
  }
}
