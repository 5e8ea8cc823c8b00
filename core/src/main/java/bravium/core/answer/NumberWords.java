package bravium.core.answer;

import bravium.core.rich.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Words about numbers, in the languages that are commonly taught and spoken (common practice): the
 * numbers from 0 to 20, what is said for per cent, and what behind a number makes another of it.
 */
final class NumberWords {

  /**
   * A line for each language: its words from 0 on. A number with two words has a stroke between.
   */
  private static final String NUMBERS =
      """
      zero|nought one two three four five six seven eight nine ten eleven twelve thirteen fourteen \
      fifteen sixteen seventeen eighteen nineteen twenty
      null eins|ein|eine zwei drei vier fünf sechs sieben acht neun zehn elf zwölf dreizehn vierzehn \
      fünfzehn sechzehn siebzehn achtzehn neunzehn zwanzig
      zéro un|une deux trois quatre cinq six sept huit neuf dix onze douze treize quatorze quinze \
      seize dix-sept dix-huit dix-neuf vingt
      cero uno|una dos tres cuatro cinco seis siete ocho nueve diez once doce trece catorce quince \
      dieciséis diecisiete dieciocho diecinueve veinte
      zero uno|una due tre quattro cinque sei sette otto nove dieci undici dodici tredici quattordici \
      quindici sedici diciassette diciotto diciannove venti
      zero um|uma dois|duas três quatro cinco seis sete oito nove dez onze doze treze catorze quinze \
      dezesseis|dezasseis dezessete|dezassete dezoito dezenove|dezanove vinte
      nul een|één twee drie vier vijf zes zeven acht negen tien elf twaalf dertien veertien vijftien \
      zestien zeventien achttien negentien twintig
      noll en|ett två tre fyra fem sex sju åtta nio tio elva tolv tretton fjorton femton sexton \
      sjutton arton nitton tjugo
      nul|null en|et|ett to tre fire fem seks syv|sju otte|åtte ni ti elleve tolv tretten fjorten \
      femten seksten|seisten sytten atten nitten tyve|tjue
      nolla yksi kaksi kolme neljä viisi kuusi seitsemän kahdeksan yhdeksän kymmenen yksitoista \
      kaksitoista kolmetoista neljätoista viisitoista kuusitoista seitsemäntoista kahdeksantoista \
      yhdeksäntoista kaksikymmentä
      zero jeden|jedna|jedno dwa|dwie trzy cztery pięć sześć siedem osiem dziewięć dziesięć \
      jedenaście dwanaście trzynaście czternaście piętnaście szesnaście siedemnaście osiemnaście \
      dziewiętnaście dwadzieścia
      nula jedna|jeden|jedno dva|dvě tři čtyři pět šest sedm osm devět deset jedenáct dvanáct třináct \
      čtrnáct patnáct šestnáct sedmnáct osmnáct devatenáct dvacet
      nulla egy kettő|két három négy öt hat hét nyolc kilenc tíz tizenegy tizenkettő tizenhárom \
      tizennégy tizenöt tizenhat tizenhét tizennyolc tizenkilenc húsz
      zero unu|una doi|două trei patru cinci șase șapte opt nouă zece unsprezece doisprezece \
      treisprezece paisprezece cincisprezece șaisprezece șaptesprezece optsprezece nouăsprezece \
      douăzeci
      sıfır bir iki üç dört beş altı yedi sekiz dokuz on onbir oniki onüç ondört onbeş onaltı onyedi \
      onsekiz ondokuz yirmi
      ноль|нуль один|одна|одно два|две три четыре пять шесть семь восемь девять десять одиннадцать \
      двенадцать тринадцать четырнадцать пятнадцать шестнадцать семнадцать восемнадцать девятнадцать \
      двадцать
      нуль один|одна|одне два|дві три чотири п'ять шість сім вісім дев'ять десять одинадцять \
      дванадцять тринадцять чотирнадцять п'ятнадцять шістнадцять сімнадцять вісімнадцять \
      дев'ятнадцять двадцять
      μηδέν ένα|μία|ένας δύο τρία|τρεις τέσσερα|τέσσερις πέντε έξι επτά|εφτά οκτώ|οχτώ εννέα|εννιά \
      δέκα έντεκα δώδεκα δεκατρία δεκατέσσερα δεκαπέντε δεκαέξι δεκαεπτά δεκαοκτώ δεκαεννέα είκοσι
      """;

  private static final String PER_CENT =
      "percent|per cent|pct|prozent|pour cent|pourcent|por ciento|per cento|percento|por cento|procent"
          + "|prosent|prosentti|prosenttia|procenta|százalék|la sută|yüzde|процент|процента|процентов"
          + "|відсоток|відсотки|відсотків|відсотка|τοις εκατό";

  private static final String MAKES_ANOTHER =
      "hundred hundreds thousand thousands million millions billion billions trillion dozen dozens"
          + " half halves third thirds quarter quarters fifth fifths sixth sixths eighth eighths tenth"
          + " tenths hundredth hundredths thousandth thousandths score"
          + " hundert tausend million millionen milliarde milliarden dutzend halb halbe halbes drittel"
          + " viertel fünftel zehntel hundertstel tausendstel"
          + " cent cents mille million millions milliard milliards douzaine douzaines demi demie demis"
          + " tiers quart quarts dixième dixièmes centième centièmes"
          + " cien ciento cientos mil millón millones docena docenas medio medios media medias tercio"
          + " tercios cuarto cuartos décimo décimos"
          + " cento mila milione milioni miliardo miliardi dozzina dozzine mezzo mezzi mezza terzo terzi"
          + " quarti decimi"
          + " cem milhão milhões bilhão bilhões dúzia dúzias meio meios terço terços quartos"
          + " honderd duizend miljoen miljard dozijn halve kwart derde tiende"
          + " hundra tusen miljon miljoner miljard miljarder dussin halv halva"
          + " hundrede tusind tusen millioner halvt halve"
          + " sata sataa tuhat tuhatta miljoona miljoonaa puoli puolikas"
          + " sto setki tysiąc tysiące tysięcy milion miliony milionów tuzin pół połowa"
          + " tisíc tisíce milionů půl polovina"
          + " száz ezer millió fél"
          + " sute mii milioane jumătate"
          + " yüz bin milyon milyar düzine buçuk yarım"
          + " сто тысяча тысячи тысяч миллион миллиона миллионов дюжина половина"
          + " сотня тисяча тисячі тисяч мільйон мільйони мільйонів"
          + " εκατό χίλια χιλιάδες εκατομμύρια μισό";

  private static final Map<String, Integer> VALUES = values();
  private static final List<String> PER_CENTS =
      Texts.split(PER_CENT, '|').stream().map(NumberWords::folded).toList();
  private static final List<String> OTHERS =
      Texts.split(MAKES_ANOTHER, ' ').stream().map(NumberWords::folded).toList();
  private static final List<String> MINUSES =
      Texts.split("minus|moins|menos|meno|miinus|eksi|минус|мінус|μείον", '|').stream()
          .map(NumberWords::folded)
          .toList();

  private NumberWords() {}

  /** The numbers of a word, each once: it may be another in another language. */
  private static Map<String, Integer> values() {
    Map<String, Integer> values = new LinkedHashMap<>();
    for (String line : Texts.split(NUMBERS, '\n')) {
      List<String> numbers = Texts.split(Texts.trimmed(line), ' ');
      for (int number = 0; number < numbers.size(); number++) {
        for (String word : Texts.split(numbers.get(number), '|')) {
          values.putIfAbsent(folded(word), number);
        }
      }
    }
    values.remove("");
    return values;
  }

  private static String folded(String text) {
    return Comparison.fair(text);
  }

  /** The number that a word says, from 0 to 20; null for any other text. */
  static @Nullable Integer number(String text) {
    return VALUES.get(folded(text));
  }

  /** Whether what stands behind a number says that it is in per cent. */
  static boolean perCent(String text) {
    return !text.isEmpty() && PER_CENTS.contains(folded(text));
  }

  /** Whether a word before a number is a minus. */
  static boolean minus(String text) {
    return MINUSES.contains(folded(text));
  }

  /** Whether there is a letter in a text. */
  static boolean hasLetter(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (letter(text.charAt(i))) {
        return true;
      }
    }
    return false;
  }

  /** A letter of any script, roughly: what is no digit, sign or arrow. */
  private static boolean letter(char c) {
    return c >= 'A' && c <= 'Z'
        || c >= 'a' && c <= 'z'
        || c >= 0xc0 && c < 0x2000 && c != '\u00d7' && c != '\u00f7'
        || c >= 0x2c00;
  }

  /**
   * Whether a word behind a number can say what is counted, so that the number stays what it is:
   * not a thousand, a half or the like, and not a single letter.
   */
  static boolean counted(String text) {
    boolean letters = text.codePointCount(0, text.length()) > 1;
    for (int i = 0; i < text.length(); i++) {
      letters &= letter(text.charAt(i));
    }
    return letters && !OTHERS.contains(folded(text)) && number(text) == null && !perCent(text);
  }
}
