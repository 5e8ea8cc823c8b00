package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.games.escaperoom.Effect;
import bravium.core.games.escaperoom.EscapeAction;
import bravium.core.games.escaperoom.EscapePrices;
import bravium.core.games.escaperoom.EscapeRoom;
import bravium.core.games.escaperoom.KeyPiece;
import bravium.core.games.escaperoom.Lock;
import bravium.core.games.escaperoom.Opener;
import bravium.core.games.escaperoom.Room;
import bravium.core.games.escaperoom.RoomCover;
import bravium.core.games.escaperoom.RoomThing;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Sitting;
import bravium.core.question.Area;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Spot;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** Escape rooms with rings, dead ends and several ways, and what is tried in them. */
public final class RandomEscapes {

  private static final List<String> TEXTS = List.of("H", "I", "V", "E", "H", "42", "🐝");

  private final Random random;

  public RandomEscapes(Random random) {
    this.random = random;
  }

  /** Any escape, unfinished questions and all. */
  public Activity any() {
    return of(random.nextInt(9), random.nextInt(4) > 0);
  }

  /** One of so many locks that are opened by answers, all of them finished, besides others. */
  public Activity finished(int questions) {
    return of(questions, true);
  }

  private Activity of(int count, boolean finished) {
    List<Question> questions = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      questions.add(new RandomQuestions(random).any("q" + i, finished));
    }
    List<String> locks = new ArrayList<>(questions.stream().map(Question::id).toList());
    int further = random.nextInt(3);
    for (int i = 0; i < further; i++) {
      locks.add("lock " + i);
    }
    int rooms = 1 + random.nextInt(4);
    int things = random.nextInt(2 + count);
    int covers = random.nextInt(3);
    int pieces = random.nextInt(5);
    EscapeRoom room =
        new EscapeRoom(
            made(rooms, this::room),
            made(things, i -> thing("t" + i, rooms, covers, locks)),
            made(covers, i -> cover("c" + i, rooms)),
            made(pieces, i -> new KeyPiece("p" + i, any(TEXTS), rarely(), Extra.NONE)),
            random.nextBoolean() ? null : new Picture("e".repeat(64), "The whole"),
            locks(locks, questions, new int[] {rooms, things, covers, pieces}),
            questions,
            prices(),
            Extra.NONE);
    return new RandomActivities(random).any().withGame(room);
  }

  private interface Making<T> {

    T of(int number);
  }

  private static <T> List<T> made(int count, Making<T> making) {
    List<T> made = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      made.add(making.of(i));
    }
    return List.copyOf(made);
  }

  private boolean rarely() {
    return random.nextInt(6) == 0;
  }

  private String one(String of, int count) {
    return of + random.nextInt(count + (rarely() ? 1 : 0));
  }

  private EscapePrices prices() {
    return new EscapePrices(
        random.nextInt(3) * 10,
        random.nextInt(3) * 5,
        random.nextInt(3) * 10,
        random.nextBoolean() ? null : Integer.valueOf(1 + random.nextInt(60)),
        Extra.NONE);
  }

  private Room room(int number) {
    return new Room(
        "r" + number,
        "Room " + number,
        random.nextBoolean() ? null : new Picture(("" + number).repeat(64), "A room"),
        random.nextBoolean() ? null : Words.of("You enter room " + number),
        rarely(),
        Extra.NONE);
  }

  private RoomThing thing(String id, int rooms, int covers, List<String> locks) {
    return new RoomThing(
        id,
        one("r", rooms),
        "Thing " + id,
        random.nextBoolean() ? null : Words.of("It says " + id),
        place(),
        covers > 0 && rarely() ? one("c", covers) : null,
        locks.isEmpty() || random.nextBoolean() ? List.of() : List.of(any(locks)),
        rarely(),
        Extra.NONE);
  }

  private RoomCover cover(String id, int rooms) {
    return new RoomCover(id, one("r", rooms), "Cover " + id, area(), Extra.NONE);
  }

  private Area place() {
    return random.nextBoolean() ? null : area();
  }

  private Area area() {
    List<Spot> corners =
        List.of(
            new Spot(random.nextInt(500), random.nextInt(500)),
            new Spot(500 + random.nextInt(500), 500 + random.nextInt(500)));
    return new Area("", "", Area.Form.RECTANGLE, corners, true, null, Extra.NONE);
  }

  /** Each question's lock, though not always written, and some that other things open. */
  private List<Lock> locks(List<String> ids, List<Question> questions, int[] counts) {
    List<Lock> locks = new ArrayList<>();
    for (String id : ids) {
      boolean asks = questions.stream().anyMatch(question -> question.id().equals(id));
      Opener by =
          asks
              ? new Opener.ByAnswer(rarely(), Extra.NONE)
              : random.nextBoolean() ? pieces(counts[3]) : together(ids);
      if (!asks || random.nextInt(10) > 0) {
        locks.add(
            new Lock(
                id,
                one("r", counts[0]),
                random.nextBoolean() ? "" : "Lock " + id,
                place(),
                counts[2] > 0 && rarely() ? one("c", counts[2]) : null,
                by,
                effects(counts),
                Extra.NONE));
      }
    }
    return locks;
  }

  private Opener pieces(int count) {
    List<String> order = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      if (random.nextInt(4) > 0) {
        order.add("p" + i);
      }
    }
    Collections.shuffle(order, random);
    return new Opener.ByPieces(
        Words.of("Put them in order"), order, List.of(Words.of("Begin with the bee")), Extra.NONE);
  }

  private Opener together(List<String> ids) {
    return new Opener.ByLocks(List.of(any(ids), any(ids)), Extra.NONE);
  }

  private List<Effect> effects(int[] counts) {
    List<Effect> effects = new ArrayList<>();
    int count = random.nextInt(4);
    for (int i = 0; i < count; i++) {
      effects.add(
          switch (random.nextInt(6)) {
            case 0, 1 -> new Effect.OpensWay(one("r", counts[0]));
            case 2 -> new Effect.Brings(one("t", 1 + counts[1]));
            case 3 -> new Effect.Uncovers(one("c", 1 + counts[2]));
            case 4 -> new Effect.Gives(one("p", 1 + counts[3]));
            default -> new Effect.LeadsOut();
          });
    }
    return effects;
  }

  private <T> T any(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  /** Something that may be tried while it runs. */
  public Action next(EscapeRoom room, Sitting sitting) {
    List<String> ids = new ArrayList<>(room.locks().stream().map(Lock::id).toList());
    room.questions().forEach(question -> ids.add(question.id()));
    if (ids.isEmpty()) {
      return new Action.Own(new EscapeAction.StopEscaping());
    }
    String lock = any(ids);
    int attempt = sitting.effortFor(lock).tries() + 1;
    return switch (random.nextInt(14)) {
      case 0 -> new Action.Hint(lock);
      case 1 -> new Action.Own(new EscapeAction.OpenLock(lock));
      case 2 ->
          random.nextInt(6) == 0
              ? new Action.Own(new EscapeAction.StopEscaping())
              : new Action.Strike(lock);
      case 3, 4, 5 -> {
        List<String> pieces = new ArrayList<>(room.pieces().stream().map(KeyPiece::id).toList());
        Collections.shuffle(pieces, random);
        yield new Action.Own(
            new EscapeAction.UsePieces(
                lock, attempt, pieces.subList(0, random.nextInt(pieces.size() + 1))));
      }
      default -> answered(room, lock, attempt);
    };
  }

  private Action answered(EscapeRoom room, String lock, int attempt) {
    Question question =
        room.questions().stream().filter(q -> q.id().equals(lock)).findFirst().orElse(null);
    if (question == null || !question.answerable()) {
      return new Action.Hint(lock);
    }
    Response any = new RandomQuestions(random).response(question);
    Response response = random.nextBoolean() ? question.rightResponse().orElse(any) : any;
    return new Action.Answer(lock, attempt, response);
  }
}
