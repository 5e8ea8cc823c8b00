package bravium.core.games.escaperoom;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.question.Area;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.TimeLine;
import bravium.core.readiness.Weight;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is worth a look in an escape room alone. Findings about a need have as their first values
 * the need's kind, and the id and the name of what is needed.
 */
final class EscapeChecks {

  /** There is no room. */
  static final String NO_ROOMS = "no-rooms";

  /** There is no lock. */
  static final String NO_LOCKS = "no-locks";

  /** No lock leads out. */
  static final String NO_WAY_OUT = "no-way-out";

  /**
   * There is no way to the way out. Values, where one lock holds up all: its name, and whether its
   * question is {@code empty} or {@code unfinished}, or nothing can open it ({@code unopened}).
   */
  static final String NO_ESCAPE = "no-escape";

  /** What a lock waits for is never there. Values: of the need. */
  static final String LOCK_NEVER_THERE = "lock-never-there";

  /** A lock waits on itself. Values: of the need, then the names of the locks of the ring. */
  static final String LOCK_ON_ITSELF = "lock-on-itself";

  /** A lock waits on another that can't be opened. Values: of the need, and that lock's name. */
  static final String LOCK_BEHIND = "lock-behind";

  /** A lock takes no key pieces, or waits for no locks. */
  static final String LOCK_EMPTY = "lock-empty";

  /** A lock has no question yet. */
  static final String LOCK_UNASKED = "lock-unasked";

  /** A thing is never seen. Values: of the need. */
  static final String THING_NEVER_SEEN = "thing-never-seen";

  /** A thing helps with nothing. */
  static final String THING_UNUSED = "thing-unused";

  /** No lock takes a key piece. Value: its text. */
  static final String PIECE_UNUSED = "piece-unused";

  /** Nothing leads to a room. */
  static final String ROOM_NEVER_ENTERED = "room-never-entered";

  /** There is nothing in a room that leads any further. */
  static final String ROOM_LEADS_NOWHERE = "room-leads-nowhere";

  /** Nothing comes of opening a lock. */
  static final String LOCK_DOES_NOTHING = "lock-does-nothing";

  /** What comes of opening a lock names something that is not there any more. */
  static final String EFFECT_NOWHERE = "effect-nowhere";

  /** Nothing takes a cover away. */
  static final String COVER_STAYS = "cover-stays";

  /** Something has a place on a picture that isn't there. */
  static final String PLACE_WITHOUT_PICTURE = "place-without-picture";

  /** Two things lie on the same place. Value: the other's name. */
  static final String SAME_PLACE = "same-place";

  /** An answer can't be set on wheels. */
  static final String NO_WHEELS = "no-wheels";

  /** Wheels have so few settings that all can be tried, at no price. Value: how many. */
  static final String FEW_SETTINGS = "few-settings";

  /** The clock is shorter than it takes. Values: its seconds, the least and the most it takes. */
  static final String SHORT_CLOCK = "short-clock";

  /** Fewer settings than these are soon tried (common practice: three wheels have a thousand). */
  private static final int FEW = 1_000;

  private final Activity activity;
  private final EscapeRoom room;
  private final Escape escape;
  private final Plan plan;
  private final List<Finding> found = new ArrayList<>();

  private EscapeChecks(Activity activity, Escape escape) {
    this.activity = activity;
    this.room = escape.written();
    this.escape = escape;
    this.plan = escape.plan();
  }

  static List<Finding> of(Activity activity, Escape escape) {
    EscapeChecks checks = new EscapeChecks(activity, escape);
    checks.read(EscapeTime.of(activity, escape).orElse(null));
    return checks.found;
  }

  private void read(@Nullable TimeLine time) {
    if (room.rooms().isEmpty()) {
      found.add(Finding.own(NO_ROOMS, null, Weight.STOP).mendedBy(Mend.OF_GAME));
    }
    if (escape.locks().isEmpty()) {
      found.add(Finding.own(NO_LOCKS, null, Weight.STOP));
    } else if (escape.exits().isEmpty()) {
      found.add(Finding.own(NO_WAY_OUT, null, Weight.STOP).mendedBy(Mend.OF_GAME));
    } else if (!plan.isEscapable()) {
      noEscape();
    }
    plan.dead().forEach(this::dead);
    escape.locks().forEach(this::lock);
    room.things().forEach(this::thing);
    pieces();
    room.rooms().forEach(this::room);
    room.covers().forEach(this::cover);
    places();
    clock(time);
  }

  /** Names the lock that everything waits for in the end, where there is one. */
  private void noEscape() {
    Lock last = plan.holdsUp().map(escape::lock).orElse(null);
    boolean asks = last != null && last.by() instanceof Opener.ByAnswer;
    found.add(
        last == null
            ? Finding.own(NO_ESCAPE, null, Weight.STOP)
            : Finding.own(
                NO_ESCAPE, last.id(), Weight.STOP, name(last), asks ? unasked(last) : "unopened"));
  }

  private String unasked(Lock lock) {
    return escape.question(lock).map(q -> q.started() ? "unfinished" : "empty").orElse("empty");
  }

  private void dead(DeadLock dead) {
    Lock lock = escape.lock(dead.lock());
    Need need = dead.need();
    if (need.kind() == Need.Kind.ANSWER) {
      boolean asks = lock.by() instanceof Opener.ByAnswer;
      if (!asks) {
        found.add(Finding.own(LOCK_EMPTY, lock.id(), Weight.STOP).mendedBy(Mend.OF_GAME));
      } else if (plan.isEscapable() && unasked(lock).equals("empty")) {
        found.add(Finding.own(LOCK_UNASKED, lock.id(), Weight.LOOK));
      }
      return;
    }
    List<Object> values = new ArrayList<>(List.of(need.kind(), need.about(), nameOf(need)));
    switch (dead.why()) {
      case NEVER_THERE -> add(LOCK_NEVER_THERE, lock, values, true);
      case WAITS_ON_ITSELF -> {
        dead.ring().forEach(other -> values.add(name(escape.lock(other))));
        add(LOCK_ON_ITSELF, lock, values, true);
      }
      case BEHIND_ANOTHER -> {
        need.anyOf().stream().findFirst().ifPresent(o -> values.add(name(escape.lock(o))));
        add(LOCK_BEHIND, lock, values, false);
      }
    }
  }

  private void add(String what, Lock lock, List<Object> values, boolean mends) {
    Weight weight = plan.isEscapable() ? Weight.LOOK : Weight.STOP;
    Finding finding = Finding.own(what, lock.id(), weight, values.toArray());
    found.add(mends ? finding.mendedBy(Mend.OF_GAME) : finding);
  }

  private String nameOf(Need need) {
    String id = need.about();
    return switch (need.kind()) {
      case ROOM -> escape.room(id).map(Room::name).orElse("");
      case COVER -> escape.cover(id).map(RoomCover::name).orElse("");
      case HELP -> escape.thing(id).map(RoomThing::name).orElse("");
      case PIECE -> escape.piece(id).map(KeyPiece::text).orElse("");
      case LOCK, ANSWER -> escape.number(id) < 0 ? "" : name(escape.lock(escape.number(id)));
    };
  }

  private String name(Lock lock) {
    return Texts.blank(lock.name())
        ? escape.question(lock).map(q -> q.asked().plain()).orElse("")
        : lock.name();
  }

  private void lock(Lock lock) {
    if (!lock.does().stream().allMatch(escape::names)) {
      Finding gone = Finding.own(EFFECT_NOWHERE, lock.id(), Weight.LOOK);
      found.add(gone.mendedBy(Mend.OF_GAME));
    }
    if (lock.does().isEmpty() && !isWaitedFor(lock)) {
      found.add(Finding.own(LOCK_DOES_NOTHING, lock.id(), Weight.LOOK));
    }
    Question question = escape.question(lock).orElse(null);
    if (question != null
        && question.complete()
        && lock.by() instanceof Opener.ByAnswer(boolean set, var extra)
        && set) {
      wheels(lock, question);
    }
  }

  private boolean isWaitedFor(Lock lock) {
    return escape.locks().stream()
        .anyMatch(
            other ->
                other.by() instanceof Opener.ByLocks together
                    && together.locks().contains(lock.id()));
  }

  private void wheels(Lock lock, Question question) {
    List<String> wheels = Wheels.of(question);
    if (wheels.isEmpty()) {
      found.add(Finding.own(NO_WHEELS, lock.id(), Weight.LOOK).mendedBy(Mend.OF_GAME));
    } else {
      int settings = Wheels.settings(wheels, FEW);
      boolean costs =
          room.prices().wrong() > 0
              || room.prices().closed() > 0
              || activity.rules().costs().wrong() > 0;
      if (settings < FEW && !costs) {
        Finding few = Finding.own(FEW_SETTINGS, lock.id(), Weight.LOOK, settings);
        found.add(few.mendedBy(Mend.OF_GAME));
      }
    }
  }

  private void thing(RoomThing thing) {
    for (Need need : escape.needs(thing)) {
      if (!plan.comes(List.of(need))) {
        found.add(
            Finding.own(
                    THING_NEVER_SEEN,
                    thing.id(),
                    Weight.LOOK,
                    need.kind(),
                    need.about(),
                    nameOf(need))
                .mendedBy(Mend.OF_GAME));
        return;
      }
    }
    boolean used = thing.helps().stream().anyMatch(lock -> escape.number(lock) >= 0);
    if (!used && !thing.scenery()) {
      found.add(Finding.own(THING_UNUSED, thing.id(), Weight.LOOK).mendedBy(Mend.OF_GAME));
    }
  }

  private void pieces() {
    Set<String> taken = new LinkedHashSet<>();
    for (Lock lock : escape.locks()) {
      if (lock.by() instanceof Opener.ByPieces pieces) {
        taken.addAll(pieces.order());
      }
    }
    for (KeyPiece piece : room.pieces()) {
      if (!taken.contains(piece.id())) {
        Finding unused = Finding.own(PIECE_UNUSED, piece.id(), Weight.LOOK, piece.text());
        found.add(unused.mendedBy(Mend.OF_GAME));
      }
    }
  }

  private void room(Room one) {
    boolean first = one.id().equals(room.first());
    boolean entered = escape.openFromTheStart(one) || !escape.opening(one.id()).isEmpty();
    if (!entered) {
      found.add(Finding.own(ROOM_NEVER_ENTERED, one.id(), Weight.LOOK).mendedBy(Mend.OF_GAME));
      return;
    }
    boolean further =
        escape.locks().stream().anyMatch(lock -> in(lock.room(), one))
            || room.things().stream()
                .anyMatch(thing -> in(thing.room(), one) && !thing.helps().isEmpty());
    if (!further && !first) {
      Finding nowhere = Finding.own(ROOM_LEADS_NOWHERE, one.id(), Weight.LOOK);
      boolean empty = room.things().stream().noneMatch(thing -> in(thing.room(), one));
      found.add(empty ? nowhere.mendedBy(Mend.OF_GAME) : nowhere);
    }
  }

  private boolean in(String id, Room one) {
    return escape.room(id).filter(one::equals).isPresent();
  }

  private void cover(RoomCover cover) {
    if (escape.uncovering(cover.id()).isEmpty()) {
      found.add(Finding.own(COVER_STAYS, cover.id(), Weight.LOOK).mendedBy(Mend.OF_GAME));
    }
    if (pictureless(cover.room())) {
      found.add(Finding.own(PLACE_WITHOUT_PICTURE, cover.id(), Weight.LOOK));
    }
  }

  private boolean pictureless(String in) {
    return escape.room(in).map(one -> one.picture() == null).orElse(true);
  }

  private record Placed(String id, String name, String room, Area place) {}

  private void places() {
    List<Placed> placed = new ArrayList<>();
    for (RoomThing thing : room.things()) {
      if (thing.place() != null) {
        placed.add(new Placed(thing.id(), thing.name(), thing.room(), thing.place()));
      }
    }
    for (Lock lock : escape.locks()) {
      if (lock.place() != null) {
        placed.add(new Placed(lock.id(), name(lock), lock.room(), lock.place()));
      }
    }
    for (int i = 0; i < placed.size(); i++) {
      Placed one = placed.get(i);
      if (pictureless(one.room())) {
        found.add(Finding.own(PLACE_WITHOUT_PICTURE, one.id(), Weight.LOOK).mendedBy(Mend.OF_GAME));
      }
      for (int j = 0; j < i; j++) {
        Placed other = placed.get(j);
        boolean same =
            escape.room(one.room()).equals(escape.room(other.room()))
                && one.place().corners().equals(other.place().corners());
        if (same) {
          found.add(Finding.own(SAME_PLACE, one.id(), Weight.LOOK, other.name()).about(other.id()));
        }
      }
    }
  }

  private void clock(@Nullable TimeLine time) {
    Clock clock = activity.rules().clock();
    if (clock != null
        && clock.per() == Clock.Per.GAME
        && time != null
        && clock.seconds() < time.most()) {
      boolean hopeless = clock.seconds() < time.least();
      found.add(
          Finding.own(
                  SHORT_CLOCK,
                  null,
                  hopeless ? Weight.STOP : Weight.LOOK,
                  clock.seconds(),
                  time.least(),
                  time.most())
              .mendedBy(Mend.SET_CLOCK));
    }
  }
}
