package bravium.server.classes;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import java.util.stream.StreamSupport;

/** A learner of a class on a device of hers, and what she does. */
final class Pupil {

  private final Caller device;
  private final String code;
  private final String token;
  private final String name;
  private final List<String> words;
  private String sitting;
  private int keys;

  private Pupil(Caller device, String code, JsonObject joined) {
    this.device = device;
    this.code = code;
    this.token = joined.getString("token", null);
    this.name = joined.getString("name", null);
    this.words =
        StreamSupport.stream(joined.get("words").asArray().spliterator(), false)
            .map(word -> word.asString())
            .toList();
  }

  static Answer comes(TestServer server, String code, String name, String words) {
    return comes(Caller.stranger(server), code, name, words);
  }

  static Answer comes(Caller device, String code, String name, String words) {
    JsonObject body = Json.object().add("name", name);
    if (words != null) {
      body.add("words", words);
    }
    return device.post("/api/join/" + code + "/learners", body.toString());
  }

  /** Comes in as somebody new. */
  static Pupil joins(TestServer server, String code, String name) {
    return comesIn(server, code, name, null);
  }

  /** Comes in, on a device that doesn't know her, with her two words. */
  static Pupil comesIn(TestServer server, String code, String name, String words) {
    Caller device = Caller.stranger(server);
    return new Pupil(device, code, comes(device, code, name, words).json().asObject());
  }

  /** Comes in once more on the device on which she is. */
  Answer comesBack() {
    return comes(device, code, name, words());
  }

  String words() {
    return String.join(" ", words);
  }

  String sitting() {
    return sitting;
  }

  Answer page() {
    return get("/api/join/" + code + "/page");
  }

  /** Her page, unless it is as she has it. */
  Answer pageUnless(String tag) {
    return device.get(
        "/api/join/" + code + "/page", "Authorization", "Bearer " + token, "If-None-Match", tag);
  }

  /** The only thing she was given, or the first. */
  JsonObject task() {
    return page().json().asObject().get("tasks").asArray().get(0).asObject();
  }

  Answer begins(String assignment) {
    Answer begun = post("/api/join/" + code + "/assignments/" + assignment + "/sittings", "");
    if (begun.status() == 201) {
      sitting = begun.text("sitting");
    }
    return begun;
  }

  Answer move(String action) {
    return post("/api/play/" + sitting + "/moves", Samples.move(token + keys++, action));
  }

  /** Plays a game of three questions with these options. */
  Answer plays(String assignment, String... options) {
    begins(assignment);
    Answer last = post("/api/play/" + sitting + "/moves", Samples.start(token + keys++));
    for (int i = 0; i < options.length; i++) {
      String question = "q" + (i + 1);
      post("/api/play/" + sitting + "/moves", Samples.pick(token + keys++, question, options[i]));
      last = post("/api/play/" + sitting + "/moves", Samples.goOn(token + keys++, question));
    }
    return last;
  }

  JsonObject showing() {
    return game().get("showing").asObject();
  }

  /** Her game, with until when it goes on. */
  JsonObject game() {
    return get("/api/play/" + sitting).json().asObject();
  }

  /** Her device is hers no more. */
  Answer leaves() {
    return device.send(
        "DELETE", "/api/join/" + code + "/device", "", "Authorization", "Bearer " + token);
  }

  Answer get(String path) {
    return device.get(path, "Authorization", "Bearer " + token);
  }

  Answer post(String path, String body) {
    return device.post(path, body, "Authorization", "Bearer " + token);
  }
}
