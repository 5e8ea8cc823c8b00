package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonObject;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Iterator;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Whoever looks at a class that plays sees nothing more from the moment when she may not. */
@Timeout(120)
class LookingEndsTest {

  @TempDir private static Path folder;

  private final TestServer school = TestServer.start(folder, "--bravium.demo=false");
  private final Caller keeper = Caller.stranger(school);
  private final Caller teacher = Caller.stranger(school);
  private String classPath;
  private String assignment;
  private String activity;

  @BeforeEach
  void aClassOfATeacherThatIsNotTheKeeper() {
    keeper.beginAs(school, "Ms Linden", "a long password");
    keeper.post("/api/teachers", credentials("another password"));
    signIn(teacher);
    activity = teacher.post("/api/activities", Samples.threeQuestions("Looked at")).text("id");
    JsonObject card =
        teacher
            .post("/api/classes", "{\"name\": \"Hazel\", \"door\": \"open\"}")
            .json()
            .asObject()
            .get("card")
            .asObject();
    classPath = "/api/classes/" + card.getString("id", "");
    assignment = given();
  }

  @AfterEach
  void close() {
    school.close();
  }

  private String given() {
    String terms =
        "{\"counts\": \"best\", \"told\": \"at-once\", \"atClosing\": \"finish\", \"marks\": \"at-once\"}";
    return teacher
        .post(
            classPath + "/assignments",
            "{\"activity\": \"%s\", \"terms\": %s}".formatted(activity, terms))
        .text("id");
  }

  private static String credentials(String password) {
    return "{\"name\": \"Mr Rowan\", \"password\": \"%s\"}".formatted(password);
  }

  private static void signIn(Caller caller) {
    caller.get("/api/session");
    Answer answer = caller.post("/api/session", credentials("another password"));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
  }

  private Iterator<String> looking(Caller who) {
    Iterator<String> stream = who.lines("/api/assignments/" + assignment + "/live").iterator();
    assertThat(stream.next()).startsWith("data:");
    return stream;
  }

  /** Waits for the end of a stream that says nothing more than what was on its way. */
  private static void ends(String why, Iterator<String> stream) {
    int lines = 0;
    while (stream.hasNext()) {
      stream.next();
      lines++;
    }
    assertThat(lines).as(why).isLessThan(5);
  }

  /** One start of the server for all of them: they come one after another. */
  @Test
  void itEndsWithTheRightToLook() {
    Caller elsewhere = Caller.stranger(school);
    signIn(elsewhere);
    Iterator<String> here = looking(teacher);
    Iterator<String> there = looking(elsewhere);
    elsewhere.send("DELETE", "/api/session", null);
    ends("signed out", there);

    signIn(elsewhere);
    there = looking(elsewhere);
    elsewhere.put(
        "/api/session/password",
        "{\"old\": \"another password\", \"fresh\": \"wholly another one\"}");
    ends("another password, on her other device", here);
    ends("another password, on this device", there);

    keeper.put(
        "/api/teachers/" + numberOf("Mr Rowan") + "/password", credentials("another password"));
    signIn(teacher);
    here = looking(teacher);
    String today = LocalDate.ofInstant(school.clock().instant(), ZoneId.systemDefault()).toString();
    Caller covers = covering(today);
    Iterator<String> covered = looking(covers);
    teacher.send("DELETE", "/api/assignments/" + assignment, null);
    ends("taken back, for whoever covers", covered);
    assertThat(covers.get("/api/assignments/" + assignment + "/live/now").status()).isEqualTo(403);
    assertThat(teacher.get("/api/assignments/" + assignment + "/live/now").status()).isEqualTo(200);

    teacher.post(classPath + "/owner", "{\"name\": \"Ms Linden\"}");
    ends("handed over", here);
    here = looking(keeper);
    keeper.post(classPath + "/owner", "{\"name\": \"Mr Rowan\"}");
    ends("handed back", here);

    here = looking(teacher);
    keeper.send("DELETE", "/api/teachers/" + numberOf("Mr Rowan"), "{}");
    ends("removed", here);
  }

  private Caller covering(String day) {
    String code =
        teacher
            .post(classPath + "/covers", "{\"day\": \"%s\"}".formatted(day))
            .json()
            .asArray()
            .get(0)
            .asObject()
            .getString("code", "");
    Caller who = Caller.stranger(school);
    who.get("/api/session");
    assertThat(who.post("/api/session/cover", "{\"code\": \"%s\"}".formatted(code)).status())
        .isEqualTo(200);
    return who;
  }

  private long numberOf(String name) {
    return keeper.get("/api/teachers").json().asArray().values().stream()
        .map(value -> value.asObject())
        .filter(one -> one.getString("name", "").equals(name))
        .findFirst()
        .orElseThrow()
        .getLong("id", 0);
  }
}
