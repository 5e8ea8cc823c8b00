package bravium.server;

import bravium.server.Caller.Answer;
import com.eclipsesource.json.JsonObject;

/** A learner who came by a link, and what she does. */
public final class Playing {

  private final Caller caller;
  private final String sitting;
  private final String token;
  private final int number;

  private Playing(Caller caller, JsonObject opened) {
    this.caller = caller;
    this.sitting = opened.getString("sitting", null);
    this.token = opened.getString("token", null);
    this.number = opened.getInt("number", 0);
  }

  /** One more learner comes by that code. */
  public static Playing by(TestServer server, String code) {
    Caller caller = Caller.stranger(server);
    return new Playing(
        caller, caller.post("/api/links/" + code + "/sittings", "").json().asObject());
  }

  public String sitting() {
    return sitting;
  }

  public int number() {
    return number;
  }

  public Answer move(String move) {
    return caller.post("/api/play/" + sitting + "/moves", move, bearer());
  }

  /** Sends a move as it is written, with whatever ids. */
  public Answer exactly(String move) {
    return caller.exchange(
        "POST",
        "/api/play/" + sitting + "/moves",
        move,
        "Content-Type",
        "application/json",
        "Authorization",
        "Bearer " + token);
  }

  public Answer get(String path) {
    return caller.get("/api/play/" + sitting + path, bearer());
  }

  /** Fetches what belongs to another play, with what she has. */
  public Answer fetch(String path) {
    return caller.get(path, bearer());
  }

  /** The bytes that are there, with what she has. */
  public byte[] bytes(String path) {
    return caller.bytes(path, bearer()).body();
  }

  /** What she is shown now. */
  public JsonObject showing() {
    return get("").json().asObject().get("showing").asObject();
  }

  private String[] bearer() {
    return new String[] {"Authorization", "Bearer " + token};
  }
}
