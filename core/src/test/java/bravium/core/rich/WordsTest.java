package bravium.core.rich;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.codec.Codec;
import bravium.core.json.Extra;
import bravium.core.json.FormatProblem;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WordsTest {

  private static final String WATER =
      """
      [{"kind":"paragraph","content":[{"kind":"text","text":"H","styles":[]},\
      {"kind":"text","text":"2","styles":["sub"]},{"kind":"text","text":"O is ","styles":[]},\
      {"kind":"formula","tex":"m_w"}]},\
      {"kind":"list","ordered":true,"items":[\
      {"content":[{"kind":"text","text":"cold","styles":["bold"],"link":"https://example.org"}]}]},\
      {"kind":"picture","medium":"drop","alt":"A drop","width":640,"height":480},\
      {"kind":"sound","medium":"splash","words":"It drips","millis":900}]""";

  @Test
  void plainTextIsATextInJson() {
    assertThat(Codec.WORDS.write(Words.of("A bee"))).isEqualTo("\"A bee\"");
    assertThat(Codec.WORDS.read("\"A bee\"")).isEqualTo(Words.of("A bee"));
  }

  @Test
  void blocksAreAListInJsonAndComeBackTheSame() {
    Words water = Codec.WORDS.read(WATER);

    assertThat(Codec.WORDS.write(water)).isEqualTo(WATER);
    assertThat(water.plain()).isEqualTo("H2O is m_w\ncold\nA drop\nIt drips");
    assertThat(water.sentence()).isEqualTo("H2O is m_w\ncold");
    assertThat(water.media()).extracting(Media::medium).containsExactly("drop", "splash");
  }

  @Test
  void whatANewerVersionWroteIsKeptAndNotShown() {
    String newer =
        """
        [{"kind":"dance","steps":8},{"kind":"paragraph","content":[\
        {"kind":"buzz","loud":true},{"kind":"text","text":"Bees","styles":[],"colour":"red"}]}]""";

    Words words = Codec.WORDS.read(newer);

    assertThat(Codec.WORDS.write(words)).isEqualTo(newer);
    assertThat(words.plain()).isEqualTo("Bees");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"javascript:alert(1)", " https://x", "data:text/html,x", "//x", "http://", "x"})
  void aLinkThatLeadsNowhereSafeIsRefusedByItsPath(String link) {
    String json =
        "[{\"kind\":\"paragraph\",\"content\":[{\"kind\":\"text\",\"text\":\"a\",\"link\":\"%s\"}]}]"
            .formatted(link);

    assertThatThrownBy(() -> Codec.WORDS.read(json))
        .isInstanceOf(FormatProblem.class)
        .hasMessageContaining("$[0].content[0]")
        .hasMessageContaining("a link begins with http://, https:// or mailto:");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "7",
        "{\"kind\":\"paragraph\"}",
        "[\"A bee\"]",
        "[{\"kind\":\"picture\",\"medium\":\"../hive\",\"alt\":\"\"}]",
        "[{\"kind\":\"paragraph\",\"content\":[{\"kind\":\"text\",\"text\":\"a\",\"styles\":[\"x\"]}]}]"
      })
  void whatIsNoWordsIsRefused(String json) {
    assertThatThrownBy(() -> Codec.WORDS.read(json)).isInstanceOf(FormatProblem.class);
  }

  @Test
  void aPictureAloneIsNotBlankAndEmptyParagraphsAre() {
    assertThat(Words.of(List.of(new Picture("hive", ""))).blank()).isFalse();
    assertThat(Words.of(List.of(Paragraph.of(" "))).blank()).isTrue();
    assertThat(Words.of(List.of()).blank()).isTrue();
    assertThat(Words.of("\u2003").blank()).isTrue();
  }

  @Test
  void picturesWithTheSameDescriptionAreNotTheSameWords() {
    Words one = Words.of(List.of(new Picture("hive", "A bee")));
    Words other = Words.of(List.of(new Picture("comb", "A bee")));

    assertThat(one.key()).isNotEqualTo(other.key());
    assertThat(Words.of("Bee").key()).isEqualTo(Words.of(List.of(Paragraph.of("Bee"))).key());
  }

  @Test
  void anotherSentenceLeavesThePicturesWhereTheyAre() {
    Words words = Words.of(List.of(Paragraph.of("[Wax]"), new Sound("hum", "", null, Extra.NONE)));

    assertThat(words.withSentence("____").plain()).isEqualTo("____");
    assertThat(words.withSentence("____").media()).hasSize(1);
    assertThat(Words.of("[Wax]").withSentence("____")).isEqualTo(Words.of("____"));
  }
}
