package bravium.core.games.escaperoom;

import bravium.core.activity.Activity;
import bravium.core.games.Twin;
import bravium.core.play.Opening;
import bravium.core.question.Basics;
import bravium.core.question.Question;
import bravium.core.question.TypedText;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Escapes that must look alike until a lock is open: they differ in its answer, or in what lies
 * behind it. What several locks can bring is left out: it is given away by any of them.
 */
final class EscapeTwins {

  private static final String ELSE = "quite another ";

  private final Activity activity;
  private final EscapeRoom room;
  private final Escape escape;
  private final Opening opening;
  private final List<Twin> twins = new ArrayList<>();

  EscapeTwins(Activity activity, EscapeRoom room, Opening opening) {
    this.activity = activity;
    this.room = room;
    this.escape = new Escape(room);
    this.opening = opening;
  }

  Stream<Twin> all() {
    answers();
    orders();
    rooms();
    things();
    pieces();
    questions();
    return twins.stream();
  }

  private void add(EscapeRoom other, String item) {
    twins.add(new Twin(activity.withGame(other), opening, item));
  }

  /** Another answer; on wheels one for the same wheels. */
  private void answers() {
    Twin.ofQuestions(activity, opening)
        .filter(twin -> !onWheels(twin.item()))
        .filter(twin -> escape.number(twin.item()) >= 0)
        .forEach(twins::add);
    for (Lock lock : escape.locks()) {
      Question question = escape.question(lock).orElse(null);
      boolean set = onWheels(lock.id()) && question != null && !Wheels.of(question).isEmpty();
      if (set && question instanceof TypedText typed) {
        List<String> turned = List.of(Wheels.turned(Texts.trimmed(typed.right().getFirst())));
        add(
            with(
                new TypedText(
                    typed.basics(), turned, typed.mistakes(), typed.comparing(), typed.extra())),
            lock.id());
      }
    }
  }

  private boolean onWheels(String item) {
    int number = escape.number(item);
    return number >= 0
        && escape.lock(number).by() instanceof Opener.ByAnswer(boolean wheels, var extra)
        && wheels;
  }

  private EscapeRoom with(Question changed) {
    return room.withQuestions(
        room.questions().stream().map(q -> q.id().equals(changed.id()) ? changed : q).toList());
  }

  /** The same pieces in another order. */
  private void orders() {
    for (Lock lock : escape.locks()) {
      if (lock.by() instanceof Opener.ByPieces(var text, var order, var hints, var extra)
          && order.size() > 1) {
        Opener turned = new Opener.ByPieces(text, order.reversed(), hints, extra);
        add(
            room.withLocks(
                room.locks().stream()
                    .map(l -> l.id().equals(lock.id()) ? l.by(turned) : l)
                    .toList()),
            lock.id());
      }
    }
  }

  /** The one lock behind which something in a room lies that needs nothing else. */
  private Optional<String> guard(List<Need> needs) {
    return needs.size() == 1 ? onlyOne(needs.getFirst().anyOf()) : Optional.empty();
  }

  /** The id of the lock, where it is one alone. */
  private Optional<String> onlyOne(BitSet locks) {
    return locks.cardinality() == 1
        ? Optional.of(escape.lock(locks.nextSetBit(0)).id())
        : Optional.empty();
  }

  private void rooms() {
    for (Room one : room.rooms()) {
      Room other = one.named(ELSE + one.name());
      if (!escape.openFromTheStart(one)) {
        onlyOne(escape.opening(one.id()))
            .ifPresent(
                lock ->
                    add(
                        room.withRooms(
                            room.rooms().stream().map(r -> r == one ? other : r).toList()),
                        lock));
      }
    }
  }

  private void things() {
    for (RoomThing thing : room.things()) {
      guard(escape.needs(thing))
          .ifPresent(
              lock -> {
                RoomThing other = thing.saying(Words.of(ELSE + thing.name()));
                add(
                    room.withThings(
                        room.things().stream().map(t -> t == thing ? other : t).toList()),
                    lock);
              });
    }
  }

  private void pieces() {
    for (KeyPiece piece : room.pieces()) {
      KeyPiece other = new KeyPiece(piece.id(), "Å", piece.strip(), piece.extra());
      onlyOne(escape.giving(piece.id()))
          .ifPresent(
              lock ->
                  add(
                      room.withPieces(
                          room.pieces().stream().map(p -> p == piece ? other : p).toList()),
                      lock));
    }
  }

  /** What a lock asks that is behind another. */
  private void questions() {
    for (Lock lock : escape.locks()) {
      Question question = escape.question(lock).orElse(null);
      if (question != null) {
        guard(escape.there(lock))
            .ifPresent(guard -> add(with(question.with(asking(question))), guard));
      }
    }
  }

  private static Basics asking(Question question) {
    return question.basics().withText(Words.of(ELSE + question.asked().plain()));
  }
}
