package bravium.core.games.wordhunt;

import bravium.core.answer.Comparing;
import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Ids;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Things to be found and named.
 *
 * @param picture in which they are; null where they are in the text alone
 * @param text what is read or heard besides, or instead; null for nothing
 * @param things at most {@value #MOST_THINGS}
 * @param entries how many entries there are, for each team where teams play, 1 to {@value
 *     #MOST_ENTRIES}; null for any number
 * @param list what is shown of the things that are not found yet
 * @param comparing how strictly names are compared
 * @param nearly what an entry costs that is one slip away from a name; null where it is as wrong as
 *     any other
 * @param oneByOne whether things of one name are found one by one, each with an entry of its own;
 *     otherwise one entry finds them all
 * @param letters whether letters can be uncovered, at the price of a hint
 * @param pick whether names can be picked from a list by who can't spell them
 * @param decoys what stands in that list and is no thing, at most {@value #MOST_DECOYS}; blank ones
 *     are passed over
 * @param again whether a learner can start again at any time
 */
public record WordHunt(
    @Nullable Picture picture,
    @Nullable Words text,
    @Range(max = MOST_THINGS) List<Thing> things,
    @Range(min = 1, max = MOST_ENTRIES) @Nullable Integer entries,
    Unfound list,
    Comparing comparing,
    @Nullable Nearly nearly,
    boolean oneByOne,
    boolean letters,
    boolean pick,
    @Range(max = MOST_DECOYS) List<String> decoys,
    boolean again,
    @JsonIgnore Extra extra)
    implements GameData {

  /** The name of its kind. */
  public static final String KIND = "word-hunt";

  /** The most things of one hunt. */
  public static final int MOST_THINGS = 60;

  /** The most entries that can be allowed. */
  public static final int MOST_ENTRIES = 200;

  /** The most decoys. */
  public static final int MOST_DECOYS = 60;

  /** What is shown of what is not found yet. */
  public enum Unfound {
    /** A blank for each letter. */
    @JsonProperty("blanks")
    BLANKS,
    /** The first letter, and a blank for each other. */
    @JsonProperty("first-letters")
    FIRST_LETTERS,
    /** Only how many there are. */
    @JsonProperty("how-many")
    HOW_MANY
  }

  /** What an entry costs that is nearly right. */
  public enum Nearly {
    /** Nothing. */
    @JsonProperty("free")
    FREE,
    /** An entry, as any other. */
    @JsonProperty("costs")
    COSTS
  }

  /** Checks numbers and ids. */
  public WordHunt {
    if (things.size() > MOST_THINGS) {
      throw new IllegalArgumentException("a word hunt has at most " + MOST_THINGS + " things");
    }
    if (decoys.size() > MOST_DECOYS) {
      throw new IllegalArgumentException("a word hunt has at most " + MOST_DECOYS + " decoys");
    }
    if (entries != null && (entries < 1 || entries > MOST_ENTRIES)) {
      throw new IllegalArgumentException("entries is from 1 to " + MOST_ENTRIES);
    }
    Ids.requireDistinct("thing", things.stream().map(Thing::id).toList());
  }

  /** A hunt for these things without further rules. */
  public static WordHunt of(@Nullable Integer entries, List<Thing> things) {
    return new WordHunt(
        null,
        null,
        things,
        entries,
        Unfound.BLANKS,
        Comparing.FAIR,
        null,
        false,
        false,
        false,
        List.of(),
        false,
        Extra.NONE);
  }

  /** The same hunt for other things. */
  public WordHunt withThings(List<Thing> changed) {
    return new WordHunt(
        picture,
        text,
        List.copyOf(changed),
        entries,
        list,
        comparing,
        nearly,
        oneByOne,
        letters,
        pick,
        decoys,
        again,
        extra);
  }

  /** The same hunt with another number of entries; null for any. */
  public WordHunt withEntries(@Nullable Integer changed) {
    return new WordHunt(
        picture, text, things, changed, list, comparing, nearly, oneByOne, letters, pick, decoys,
        again, extra);
  }

  /** The same hunt with things of one name found one by one, or all at once. */
  public WordHunt countingOneByOne(boolean changed) {
    return new WordHunt(
        picture, text, things, entries, list, comparing, nearly, changed, letters, pick, decoys,
        again, extra);
  }

  /** The things that can be found, in the order they are written. */
  List<Thing> findable() {
    return things.stream().filter(Thing::complete).toList();
  }

  /** What stands in the list to pick from besides names, without white space around it. */
  List<String> decoyNames() {
    return decoys.stream().map(Texts::trimmed).filter(decoy -> !decoy.isEmpty()).toList();
  }

  @Override
  public String kind() {
    return KIND;
  }

  @Override
  public List<Question> questions() {
    return List.of();
  }

  @Override
  public WordHunt withQuestions(List<Question> changed) {
    return this;
  }

  @Override
  public List<Words> words() {
    List<Words> all = new ArrayList<>();
    if (text != null) {
      all.add(text);
    }
    things.forEach(thing -> thing.names().forEach(name -> all.add(Words.of(name))));
    decoys.forEach(decoy -> all.add(Words.of(decoy)));
    return all;
  }

  @Override
  public boolean startsAgain() {
    return again;
  }

  @Override
  public List<Picture> pictures() {
    return picture == null ? List.of() : List.of(picture);
  }
}
