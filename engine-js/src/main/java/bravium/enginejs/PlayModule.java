package bravium.enginejs;

import bravium.core.play.Engine;
import bravium.core.play.showing.Showing;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/**
 * The functions of the ES module that only plays: for packages, which are never written in. They
 * are those of {@link EngineModule}.
 */
public final class PlayModule {

  private PlayModule() {}

  /** What a module needs to be one; nothing happens here. */
  public static void main(String[] args) {}

  /** {@link Engine#open}: the number of a new play. */
  @JSExport
  public static JSObject open(JSObject activity, JSObject opening) {
    return Plays.open(activity, opening);
  }

  /** {@link Engine#rebuild} from a list of applied moves: the number of a new play. */
  @JSExport
  public static JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return Plays.rebuild(activity, opening, moves);
  }

  /** Forgets a play. */
  @JSExport
  public static void close(int play) {
    Plays.close(play);
  }

  /** {@link Engine#play}: what came about, and why not if it was refused. */
  @JSExport
  public static JSObject play(int play, JSObject move, double at) {
    return Plays.play(play, move, at);
  }

  /** {@link Showing#of}: a showing, whose parts are the same objects where they didn't change. */
  @JSExport
  public static JSObject show(int play, String audience, double at) {
    return Plays.show(play, audience, at);
  }

  /** Every move that was applied, in that order. */
  @JSExport
  public static JSObject log(int play) {
    return Plays.log(play);
  }
}
