package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.text.Normalizer2;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Source: UAX #15 and The Unicode Standard D145, as ICU4J implements them. */
class FormsTest {

  private static final Normalizer2 NFD = Normalizer2.getNFDInstance();

  @Test
  void everyCharacterComesApartAsInUax15() {
    for (int c = 0; c <= Character.MAX_CODE_POINT; c++) {
      if (c < Character.MIN_SURROGATE || c > Character.MAX_SURROGATE) {
        String text = Character.toString(c);
        assertThat(Forms.decomposed(text)).as("U+%04X", c).isEqualTo(NFD.normalize(text));
        assertThat(Forms.caseFolded(text)).as("U+%04X", c).isEqualTo(caseless(text));
      }
    }
  }

  @Property(tries = 2_000)
  void anyTextComesApartAsInUax15(@ForAll("hard") String text) {
    assertThat(Forms.decomposed(text)).isEqualTo(NFD.normalize(text));
    assertThat(Forms.caseFolded(text)).isEqualTo(caseless(text));
  }

  /** Letters, marks of many classes, and what has neither. */
  @Provide
  Arbitrary<String> hard() {
    return Arbitraries.integers()
        .between(0, HARD.codePointCount(0, HARD.length()) - 1)
        .map(i -> Character.toString(HARD.codePointAt(HARD.offsetByCodePoints(0, i))))
        .list()
        .ofMaxSize(12)
        .map(parts -> String.join("", parts));
  }

  private static final String HARD =
      "aAeÉßſİıΣςäöüñŻ한글각ﬁ½\u0301\u0323\u0327\u0308\u0345\u05b0\u3099\u1e9b\u1fb7 .🐝\ud834\udd5f";

  @Test
  void theJvmsOwnFormsAreTheSame() {
    for (String text : List.of("Ångström", "Dvořák", "한글", "Ünïcödé", "q\u0307\u0323")) {
      assertThat(Forms.decomposed(text))
          .isEqualTo(java.text.Normalizer.normalize(text, java.text.Normalizer.Form.NFD));
    }
  }

  private static String caseless(String text) {
    return NFD.normalize(UCharacter.foldCase(NFD.normalize(text), true));
  }
}
