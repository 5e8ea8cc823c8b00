package bravium.core.games.escaperoom;

import bravium.core.activity.Rules;
import bravium.core.play.Audience;
import bravium.core.play.Clocked;
import bravium.core.play.Effort;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.question.Outline;
import bravium.core.question.Response;
import bravium.core.rich.Picture;
import bravium.core.rich.PicturePart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Takes from a sitting what an audience may see of an escape: nothing that lies behind a lock. */
final class SceneOfEscape {

  private static final int WHOLE = 1_000;

  private final EscapePlay play;
  private final Escape escape;
  private final EscapeRoom written;
  private final Rules rules;
  private final Sitting sitting;
  private final EscapeState state;
  private final Found found;
  private final Set<String> open;
  private final boolean whole;

  SceneOfEscape(EscapePlay play, Rules rules, Sitting sitting, Audience audience) {
    this.play = play;
    this.escape = play.escape();
    this.written = escape.written();
    this.rules = rules;
    this.sitting = sitting;
    this.state = EscapePlay.state(sitting);
    this.found = play.found(sitting);
    this.open = play.open(sitting);
    this.whole = audience != Audience.PLAYER;
  }

  EscapeScene scene() {
    boolean begun = sitting.stage() != Stage.TITLE;
    EscapePrices prices = play.prices();
    return new EscapeScene(
        begun ? rooms() : List.of(),
        begun ? pieces() : List.of(),
        prices.wrong(),
        prices.closed(),
        prices.hint(),
        rules.costs().hint());
  }

  private List<EscapeScene.SeenRoom> rooms() {
    return written.rooms().stream().filter(found::isOpen).map(this::room).toList();
  }

  private EscapeScene.SeenRoom room(Room room) {
    Picture picture = room.picture();
    List<RoomCover> covers =
        picture == null
            ? List.of()
            : written.covers().stream()
                .filter(cover -> in(cover.room(), room) && !found.isGone(cover))
                .toList();
    boolean bare = whole || covers.isEmpty();
    return new EscapeScene.SeenRoom(
        room.id(),
        room.name(),
        picture != null && bare ? picture.medium() : null,
        picture != null && !bare ? part(picture, covers) : null,
        picture == null ? "" : picture.plain(),
        Picture.ratio(picture),
        room.entering(),
        covers.stream().map(SceneOfEscape::cover).toList(),
        written.things().stream()
            .filter(thing -> in(thing.room(), room) && found.isSeen(thing))
            .map(t -> new EscapeScene.SeenThing(t.id(), t.name(), t.words(), Outline.of(t.place())))
            .toList(),
        found.met().stream().filter(lock -> in(lock.room(), room)).map(this::lock).toList());
  }

  private boolean in(String id, Room room) {
    return escape.room(id).filter(room::equals).isPresent();
  }

  private static String part(Picture picture, List<RoomCover> covers) {
    return PicturePart.allBut(
            picture.medium(),
            covers.stream()
                .map(c -> new PicturePart.Hole(c.left(), c.top(), c.width(), c.height()))
                .toList())
        .name();
  }

  private static EscapeScene.SeenCover cover(RoomCover cover) {
    return new EscapeScene.SeenCover(
        cover.id(), cover.name(), cover.left(), cover.top(), cover.width(), cover.height());
  }

  private EscapeScene.SeenLock lock(Lock lock) {
    Effort effort = sitting.effortFor(lock.id());
    boolean isOpen = found.isOpen(lock);
    Long until =
        sitting.clocks().find(EscapeMoves.closed(lock.id())).map(Clocked::end).orElse(null);
    Opener.ByPieces pieces = lock.by() instanceof Opener.ByPieces p ? p : null;
    int given = pieces == null ? 0 : Math.min(effort.hints(), pieces.hints().size());
    boolean wheels = lock.by() instanceof Opener.ByAnswer(boolean set, var extra) && set;
    return new EscapeScene.SeenLock(
        lock.id(),
        lock.name(),
        way(lock),
        isOpen,
        state.given().contains(lock.id()),
        open.contains(lock.id()),
        effort.tries() + 1,
        until,
        wheels ? escape.question(lock).map(Wheels::of).orElse(List.of()) : List.of(),
        pieces == null ? null : pieces.text(),
        pieces == null ? 0 : escape.order(pieces).size(),
        pieces == null || isOpen ? List.of() : lastTried(effort),
        pieces == null ? List.of() : List.copyOf(pieces.hints().subList(0, given)),
        pieces == null ? 0 : pieces.hints().size() - given,
        Outline.of(lock.place()),
        isOpen ? came(lock) : List.of());
  }

  private static List<String> lastTried(Effort effort) {
    boolean wrong = effort.last() != null && effort.last().verdict() == Verdict.WRONG;
    return wrong && effort.last().response() instanceof Response.Ordered(List<String> put)
        ? put
        : List.of();
  }

  private static EscapeScene.Way way(Lock lock) {
    return switch (lock.by()) {
      case Opener.ByAnswer answer -> EscapeScene.Way.ANSWER;
      case Opener.ByPieces pieces -> EscapeScene.Way.PIECES;
      case Opener.ByLocks locks -> EscapeScene.Way.LOCKS;
    };
  }

  private List<EscapeScene.Came> came(Lock lock) {
    List<EscapeScene.Came> came = new ArrayList<>();
    for (Effect effect : lock.does()) {
      came(lock, effect).ifPresent(came::add);
    }
    return List.copyOf(came);
  }

  private Optional<EscapeScene.Came> came(Lock lock, Effect effect) {
    return switch (effect) {
      case Effect.Uncovers(String id) ->
          escape
              .cover(id)
              .map(c -> came(EscapeScene.Coming.UNCOVERED, id, c.name(), roomId(c.room())));
      case Effect.Brings(String id) ->
          escape
              .thing(id)
              .filter(found::isSeen)
              .map(t -> came(EscapeScene.Coming.BROUGHT, id, t.name(), roomId(t.room())));
      case Effect.Gives(String id) ->
          escape.piece(id).map(p -> came(EscapeScene.Coming.GAVE, id, p.text(), null));
      case Effect.OpensWay(String id) when escape.hasRoom(id) ->
          escape.room(id).map(r -> came(EscapeScene.Coming.OPENED_WAY, id, r.name(), id));
      case Effect.OpensWay nowhere -> Optional.empty();
      case Effect.LeadsOut out ->
          Optional.of(came(EscapeScene.Coming.LED_OUT, lock.id(), "", null));
    };
  }

  private static EscapeScene.Came came(
      EscapeScene.Coming what, String id, String name, @Nullable String room) {
    return new EscapeScene.Came(what, id, name, room);
  }

  private @Nullable String roomId(String id) {
    return escape.room(id).map(Room::id).orElse(null);
  }

  private List<EscapeScene.SeenPiece> pieces() {
    List<EscapeScene.SeenPiece> won = new ArrayList<>();
    Found before = new Found(escape, List.of());
    List<String> opened = state.opened();
    for (int i = 0; i <= opened.size(); i++) {
      Found now = new Found(escape, opened.subList(0, i));
      for (KeyPiece piece : written.pieces()) {
        if (now.isWon(piece) && !before.isWon(piece)) {
          won.add(piece(piece));
        }
      }
      before = now;
    }
    return List.copyOf(won);
  }

  private EscapeScene.SeenPiece piece(KeyPiece piece) {
    Picture picture = piece.strip() ? written.whole() : null;
    if (picture == null) {
      return new EscapeScene.SeenPiece(piece.id(), piece.text(), null, null, 0, 0, 0);
    }
    List<KeyPiece> strips = written.pieces().stream().filter(KeyPiece::strip).toList();
    int at = strips.indexOf(piece);
    int left = WHOLE * at / strips.size();
    int width = WHOLE * (at + 1) / strips.size() - left;
    String strip = new PicturePart(picture.medium(), left, 0, width, WHOLE).name();
    return new EscapeScene.SeenPiece(
        piece.id(),
        piece.text(),
        whole ? null : strip,
        whole ? picture.medium() : null,
        left,
        width,
        Picture.ratio(picture));
  }
}
