package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.samples.RandomActivities;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Source: JSON Schema, draft 2020-12, as the networknt validator reads it. */
class ActivitySchemaTest {

  private static final Path PUBLISHED = Path.of("../docs/activity.schema.json");
  private static final Path DEMO = Path.of("../server/src/main/resources/demo");

  private static final SchemaRegistry REGISTRY =
      SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12);

  private static final Schema SCHEMA = REGISTRY.getSchema(ActivitySchema.text(), InputFormat.JSON);

  @Test
  void whatIsPublishedIsWhatTheRecordsSay() throws IOException {
    assertThat(Files.readString(PUBLISHED))
        .as("write it anew: java -cp … bravium.formats.ActivitySchema docs/activity.schema.json")
        .isEqualTo(ActivitySchema.text());
  }

  @Test
  void theSchemaFollowsItsMetaSchema() {
    Schema meta =
        REGISTRY.getSchema(SchemaLocation.of("https://json-schema.org/draft/2020-12/schema"));

    assertThat(meta.validate(ActivitySchema.text(), InputFormat.JSON)).isEmpty();
    assertThat(meta.validate("{\"type\": \"sideways\"}", InputFormat.JSON)).isNotEmpty();
  }

  static Stream<Path> demoFiles() throws IOException {
    return Files.list(DEMO).filter(Files::isRegularFile).sorted();
  }

  @ParameterizedTest
  @MethodSource("demoFiles")
  void everyDemoFileFollowsIt(Path file) throws IOException {
    assertThat(errors(Files.readString(file))).isEmpty();
  }

  @Test
  void whateverIsWrittenFollowsItAndIsReadBackTheSame() {
    for (long seed = 0; seed < 300; seed++) {
      Activity activity = new RandomActivities(new Random(seed)).any();
      byte[] file = ActivityFile.write(activity);

      assertThat(errors(new String(file, StandardCharsets.UTF_8))).isEmpty();
      assertThat(ActivityFile.read(file)).isEqualTo(activity);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "\"worth\": 10, \"worth\": \"ten\"",
    "\"passMark\": 70, \"passMark\": 101",
    "\"kind\": \"quiz-show\", \"sort\": \"quiz-show\"",
    "\"optionOrder\": \"mixed\", \"optionOrder\": \"sideways\"",
    "\"id\": , \"name\": "
  })
  void whatTheReaderRefusesTheSchemaRefusesToo(String part, String other) throws IOException {
    String good = Files.readString(DEMO.resolve("1-from-flower-to-honey.json"));
    assertThat(good).contains(part);

    assertThat(errors(good.replace(part, other))).isNotEmpty();
  }

  private static List<Error> errors(String file) {
    return SCHEMA.validate(file, InputFormat.JSON);
  }
}
