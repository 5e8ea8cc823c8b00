package bravium.enginejs;

import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/**
 * The functions of the ES module that plays and does nothing else: for a page that has one activity
 * with it and no server. They are those of {@link EngineModule}, of the same names.
 */
public final class PlayModule {

  private static final Plays PLAYS = new Plays(new LastActivity());

  private PlayModule() {}

  /** What a module needs to be one; nothing happens here. */
  public static void main(String[] args) {}

  /** {@link Plays#open}. */
  @JSExport
  public static JSObject open(JSObject activity, JSObject opening) {
    return PLAYS.open(activity, opening);
  }

  /** {@link Plays#rebuild}. */
  @JSExport
  public static JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return PLAYS.rebuild(activity, opening, moves);
  }

  /** {@link Plays#close}. */
  @JSExport
  public static void close(int play) {
    PLAYS.close(play);
  }

  /** {@link Plays#play}. */
  @JSExport
  public static JSObject play(int play, JSObject move, double at) {
    return PLAYS.play(play, move, at);
  }

  /** {@link Plays#show}. */
  @JSExport
  public static JSObject show(int play, String audience, double at) {
    return PLAYS.show(play, audience, at);
  }

  /** {@link Plays#log}. */
  @JSExport
  public static JSObject log(int play) {
    return PLAYS.log(play);
  }
}
