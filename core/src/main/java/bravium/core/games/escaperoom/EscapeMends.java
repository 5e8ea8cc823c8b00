package bravium.core.games.escaperoom;

import bravium.core.readiness.Finding;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;

/** What one press does about a finding. */
final class EscapeMends {

  /** For how long a lock closes that could else be tried through (common practice). */
  private static final int CLOSED_SECONDS = 10;

  private final EscapeRoom room;
  private final Escape escape;
  private final String item;
  private final List<String> values;

  private EscapeMends(EscapeRoom room, Finding finding) {
    this.room = room;
    this.escape = new Escape(room);
    this.item = String.valueOf(finding.question());
    this.values = finding.values();
  }

  /** The escape with a finding mended; as it is where there is no such mend. */
  static EscapeRoom mended(EscapeRoom room, Finding finding) {
    return finding.own() == null ? room : new EscapeMends(room, finding).by(finding.own());
  }

  private EscapeRoom by(String own) {
    return switch (own) {
      case EscapeChecks.NO_ROOMS -> room.withRooms(List.of(Room.of("room 1", "")));
      case EscapeChecks.NO_WAY_OUT -> leadingOut();
      case EscapeChecks.LOCK_NEVER_THERE, EscapeChecks.LOCK_ON_ITSELF -> withoutNeedOfLock();
      case EscapeChecks.THING_NEVER_SEEN -> withoutNeedOfThing();
      case EscapeChecks.LOCK_EMPTY -> filled();
      case EscapeChecks.PIECE_UNUSED -> withoutPieceAnywhere();
      case EscapeChecks.COVER_STAYS -> withoutCover();
      case EscapeChecks.ROOM_LEADS_NOWHERE -> withoutRoom();
      case EscapeChecks.FEW_SETTINGS -> room.withPrices(room.prices().closing(CLOSED_SECONDS));
      case EscapeChecks.THING_UNUSED -> thing(item, RoomThing::asScenery);
      case EscapeChecks.ROOM_NEVER_ENTERED -> open(item);
      case EscapeChecks.EFFECT_NOWHERE -> lock(item, this::withoutNowhere);
      case EscapeChecks.PLACE_WITHOUT_PICTURE ->
          thing(item, t -> t.at(null)).withLocks(lock(item, l -> l.at(null)).locks());
      case EscapeChecks.NO_WHEELS -> lock(item, lock -> lock.by(Opener.ByAnswer.USUAL));
      default -> room;
    };
  }

  /** It takes all key pieces, or waits for all other locks of its room. */
  private EscapeRoom filled() {
    return lock(
        item,
        lock ->
            switch (lock.by()) {
              case Opener.ByPieces(var text, var order, var hints, var extra) ->
                  lock.by(
                      new Opener.ByPieces(
                          text,
                          room.pieces().stream()
                              .map(KeyPiece::id)
                              .limit(Opener.ByPieces.MOST_PIECES)
                              .toList(),
                          hints,
                          extra));
              case Opener.ByLocks(var locks, var extra) ->
                  lock.by(
                      new Opener.ByLocks(
                          escape.locks().stream()
                              .filter(other -> !other.id().equals(item))
                              .filter(
                                  other ->
                                      escape.room(other.room()).equals(escape.room(lock.room())))
                              .map(Lock::id)
                              .toList(),
                          extra));
              case Opener.ByAnswer answer -> lock;
            });
  }

  private EscapeRoom withoutPieceAnywhere() {
    return doingNo(new Effect.Gives(item))
        .withPieces(room.pieces().stream().filter(one -> !one.id().equals(item)).toList());
  }

  private EscapeRoom withoutRoom() {
    return doingNo(new Effect.OpensWay(item))
        .withRooms(room.rooms().stream().filter(one -> !one.id().equals(item)).toList());
  }

  private EscapeRoom withoutCover() {
    return room.withCovers(room.covers().stream().filter(one -> !one.id().equals(item)).toList())
        .withThings(
            room.things().stream().map(t -> item.equals(t.under()) ? t.under(null) : t).toList())
        .withLocks(
            room.locks().stream().map(l -> item.equals(l.under()) ? l.under(null) : l).toList());
  }

  /** The same, but no lock does this any more. */
  private EscapeRoom doingNo(Effect effect) {
    return room.withLocks(
        room.locks().stream()
            .map(lock -> lock.doing(lock.does().stream().filter(e -> !e.equals(effect)).toList()))
            .toList());
  }

  /** The last lock leads out. */
  private EscapeRoom leadingOut() {
    List<Lock> locks = escape.locks();
    return locks.isEmpty()
        ? room
        : lock(locks.getLast().id(), lock -> lock.doing(new Effect.LeadsOut()));
  }

  private EscapeRoom withoutNeedOfLock() {
    String about = values.get(1);
    return switch (Need.Kind.valueOf(values.getFirst())) {
      case ROOM -> open(about);
      case COVER -> lock(item, lock -> lock.under(null));
      case HELP -> thing(about, this::helpingOthers);
      case PIECE -> withoutPiece(about);
      case LOCK -> lock(item, lock -> lock.by(withoutLock(lock.by(), about)));
      case ANSWER -> room;
    };
  }

  /** A thing that helps with nothing any more is there to be looked at. */
  private RoomThing helpingOthers(RoomThing thing) {
    RoomThing changed =
        thing.helping(thing.helps().stream().filter(lock -> !lock.equals(item)).toList());
    return changed.helps().isEmpty() ? changed.asScenery() : changed;
  }

  /** A piece that nothing gives and that no other lock takes goes with it. */
  private EscapeRoom withoutPiece(String piece) {
    EscapeRoom changed = lock(item, lock -> lock.by(withoutPiece(lock.by(), piece)));
    boolean taken =
        changed.locks().stream()
            .anyMatch(
                lock ->
                    lock.by() instanceof Opener.ByPieces pieces && pieces.order().contains(piece));
    return taken || !escape.giving(piece).isEmpty()
        ? changed
        : changed.withPieces(
            changed.pieces().stream().filter(one -> !one.id().equals(piece)).toList());
  }

  private static Opener withoutPiece(Opener by, String piece) {
    return by instanceof Opener.ByPieces(var text, List<String> order, var hints, var extra)
        ? new Opener.ByPieces(
            text, order.stream().filter(p -> !p.equals(piece)).toList(), hints, extra)
        : by;
  }

  private static Opener withoutLock(Opener by, String lock) {
    return by instanceof Opener.ByLocks(List<String> locks, var extra)
        ? new Opener.ByLocks(locks.stream().filter(l -> !l.equals(lock)).toList(), extra)
        : by;
  }

  private EscapeRoom withoutNeedOfThing() {
    String about = values.get(1);
    return switch (Need.Kind.valueOf(values.getFirst())) {
      case ROOM -> open(about);
      case COVER -> thing(item, thing -> thing.under(null));
      case HELP -> doingNo(new Effect.Brings(item));
      case PIECE, LOCK, ANSWER -> room;
    };
  }

  private EscapeRoom open(String id) {
    return room.withRooms(
        room.rooms().stream().map(one -> one.id().equals(id) ? one.opened(true) : one).toList());
  }

  private EscapeRoom thing(String id, UnaryOperator<RoomThing> change) {
    return room.withThings(
        room.things().stream()
            .map(thing -> thing.id().equals(id) ? change.apply(thing) : thing)
            .toList());
  }

  /** A lock of which nothing was written yet is written down with its change. */
  private EscapeRoom lock(String id, UnaryOperator<Lock> change) {
    List<Lock> locks = new ArrayList<>(room.locks());
    if (locks.stream().noneMatch(lock -> lock.id().equals(id))) {
      escape.locks().stream().filter(lock -> lock.id().equals(id)).forEach(locks::add);
    }
    locks.replaceAll(lock -> Objects.equals(lock.id(), id) ? change.apply(lock) : lock);
    return room.withLocks(locks);
  }

  private Lock withoutNowhere(Lock lock) {
    return lock.doing(lock.does().stream().filter(escape::names).toList());
  }
}
