package bravium.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.server.Caller;
import bravium.server.Caller.Answer;
import bravium.server.Samples;
import bravium.server.TestServer;
import com.eclipsesource.json.JsonObject;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ListHttpTest {

  @TempDir private static Path folder;
  private static TestServer server;
  private static Caller teacher;

  @BeforeAll
  static void start() {
    server = TestServer.start(folder);
    teacher = Caller.teacher(server);
    for (String card : titles("")) {
      teacher.send("DELETE", "/api/activities/" + idOf(card), null);
    }
    add("Comb cells", "Maths", 4, "shapes", "bees");
    add("Élan of a swarm", "Science", 4, "bees");
    add("Bees in winter", "Science", 5, "winter");
    add("A first look", null, null);
  }

  @AfterAll
  static void end() {
    server.close();
  }

  @Test
  void everyWordThatIsSearchedForOccursWhateverItsCaseAndAccents() {
    assertThat(titles("?search=elan")).containsExactly("Élan of a swarm");
    assertThat(titles("?search=BEES%20sci")).containsExactly("Bees in winter", "Élan of a swarm");
    assertThat(titles("?search=100%25")).isEmpty();
    assertThat(titles("?search=_")).isEmpty();
  }

  @Test
  void filtersNarrowTheListTogether() {
    assertThat(titles("?subject=Science")).containsExactly("Bees in winter", "Élan of a swarm");
    assertThat(titles("?subject=Science&year=4")).containsExactly("Élan of a swarm");
    assertThat(titles("?tag=bees")).containsExactly("Élan of a swarm", "Comb cells");
    assertThat(titles("?kind=quiz-show")).hasSize(4);
    assertThat(titles("?kind=crossword")).isEmpty();
  }

  @Test
  void theListIsSortedAsAsked() {
    assertThat(titles("?sort=title"))
        .containsExactly("A first look", "Bees in winter", "Comb cells", "Élan of a swarm");
    assertThat(titles("?sort=year"))
        .containsExactly("Comb cells", "Élan of a swarm", "Bees in winter", "A first look");
    assertThat(titles("")).first().isEqualTo("A first look");
  }

  @Test
  void theFacetsSayWhatThereIs() {
    JsonObject facets = teacher.get("/api/activities/facets").json().asObject();

    assertThat(facets.getInt("all", 0)).isEqualTo(4);
    assertThat(facets.get("subjects"))
        .hasToString("[{\"value\":\"Maths\",\"count\":1},{\"value\":\"Science\",\"count\":2}]");
    assertThat(facets.get("tags").toString()).contains("bees", "shapes", "winter");
  }

  @Test
  void aPageBehindTheLastIsEmptyAndNonsenseIsRefusedInWords() {
    assertThat(teacher.get("/api/activities?page=2000000000").body()).contains("\"cards\":[]");
    Answer nonsense = teacher.get("/api/activities?year=soon");
    assertThat(nonsense.status()).isEqualTo(400);
    assertThat(nonsense.text("detail")).contains("Nothing was changed.");
  }

  @Test
  void whatIsRemovedCanBeBroughtBackAndItsLinkSleepsMeanwhile() {
    String id = add("Soon gone", null, null);
    String code = teacher.post("/api/activities/" + id + "/link", "").text("code");

    assertThat(teacher.send("DELETE", "/api/activities/" + id, null).status()).isEqualTo(204);

    assertThat(titles("")).doesNotContain("Soon gone");
    assertThat(titles("?removed=true")).contains("Soon gone");
    assertThat(teacher.get("/api/activities/" + id).status()).isEqualTo(404);
    assertThat(teacher.get("/api/links/" + code).status()).isEqualTo(404);
    assertThat(teacher.post("/api/activities/" + id + "/return", "").status()).isEqualTo(204);
    assertThat(teacher.get("/api/links/" + code).status()).isEqualTo(200);
    assertThat(titles("")).contains("Soon gone");
    teacher.send("DELETE", "/api/activities/" + id, null);
  }

  @Test
  void aCopyIsAnActivityOfItsOwnAndATitleIsChangedInPlace() {
    String id = add("Made once", "Art", 3);
    String copy =
        teacher.post("/api/activities/" + id + "/copies", "{\"title\": \"Made twice\"}").text("id");

    teacher.put("/api/activities/" + id + "/title", "{\"title\": \"Made anew\"}");

    assertThat(titles("?subject=Art")).containsExactlyInAnyOrder("Made anew", "Made twice");
    assertThat(teacher.get("/api/activities/" + id).body()).contains("\"version\":2");
    assertThat(teacher.get("/api/activities/" + copy).body()).contains("\"version\":1");
    assertThat(
            teacher
                .put(
                    "/api/activities/" + id + "/title",
                    "{\"title\": \"%s\"}".formatted("x".repeat(201)))
                .status())
        .isEqualTo(400);
    teacher.send("DELETE", "/api/activities/" + id, null);
    teacher.send("DELETE", "/api/activities/" + copy, null);
  }

  @Test
  void aFileGoesOutAndComesInTheSame() {
    String id = add("Out: “and/in”", "Music", 2, "hum");

    Answer file = teacher.get("/api/activities/" + id + "/file");
    Answer in = teacher.post("/api/activities/files", file.body());

    assertThat(file.header("Content-Disposition"))
        .startsWith("attachment;")
        .contains(".bravium.json");
    assertThat(in.status()).isEqualTo(201);
    assertThat(in.json().asObject().get("notUnderstood").asArray()).isEmpty();
    assertThat(teacher.get("/api/activities/" + in.text("id") + "/file").body())
        .isEqualTo(file.body());
    teacher.send("DELETE", "/api/activities/" + id, null);
    teacher.send("DELETE", "/api/activities/" + in.text("id"), null);
  }

  @Test
  void aFileFromANewerVersionIsTakenAsFarAsItCanBeAndAWrongOneIsRefusedByItsPath() {
    String file = Samples.threeQuestions("Newer").replace("\"worth\"", "\"weather\": 3, \"worth\"");

    Answer newer = teacher.post("/api/activities/files", file);
    Answer wrong =
        teacher.post("/api/activities/files", file.replace("\"worth\": 10", "\"worth\": []"));

    assertThat(newer.json().asObject().get("notUnderstood")).hasToString("[\"$.rules.weather\"]");
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.text("detail")).contains("at $.rules.worth: expected a whole number");
    teacher.send("DELETE", "/api/activities/" + newer.text("id"), null);
  }

  private static List<String> titles(String query) {
    return teacher
        .get("/api/activities" + query)
        .json()
        .asObject()
        .get("cards")
        .asArray()
        .values()
        .stream()
        .map(card -> card.asObject().getString("title", ""))
        .toList();
  }

  private static String idOf(String title) {
    return teacher.get("/api/activities").json().asObject().get("cards").asArray().values().stream()
        .map(card -> card.asObject())
        .filter(card -> card.getString("title", "").equals(title))
        .findFirst()
        .orElseThrow()
        .getString("id", "");
  }

  private static String add(String title, String subject, Integer year, String... tags) {
    String page =
        "\"title\": \"%s\"%s%s, \"tags\": [%s]"
            .formatted(
                title,
                subject == null ? "" : ", \"subject\": \"" + subject + "\"",
                year == null ? "" : ", \"year\": " + year,
                tags.length == 0 ? "" : "\"" + String.join("\", \"", tags) + "\"");
    return teacher
        .post(
            "/api/activities",
            Samples.threeQuestions("T").replace("\"title\": \"T\", \"tags\": []", page))
        .text("id");
  }
}
