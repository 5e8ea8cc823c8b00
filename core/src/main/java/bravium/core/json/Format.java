package bravium.core.json;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import com.eclipsesource.json.ParseException;
import com.eclipsesource.json.WriterConfig;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * How one type of the format is read and written. The text of equal values is the same to the byte
 * on the JVM and in the browser.
 */
public final class Format<T> {

  /** Writes trees of JSON. */
  public static final Target<JsonValue> TREE = TreeTarget.TREE;

  private final Class<T> type;
  private final Function<Node, T> reader;
  private final Writer<T> writer;

  /** Writes values to any target. */
  public interface Writer<T> {

    /** What a value becomes there. */
    <V> V write(T value, Target<V> to);
  }

  /** How values of a type are read and written. */
  public Format(Class<T> type, Function<Node, T> reader, Writer<T> writer) {
    this.type = type;
    this.reader = reader;
    this.writer = writer;
  }

  /** The Java type that this reads and writes. */
  public Class<T> type() {
    return type;
  }

  /**
   * Reads a value.
   *
   * @throws FormatProblem if the text is no JSON or doesn't follow the format
   */
  public T read(String text) {
    return reader.apply(Node.root(parse(text)));
  }

  /**
   * Reads a value that a JSON reader of the platform has read already.
   *
   * @throws FormatProblem if it doesn't follow the format
   */
  public T read(JsonValue tree) {
    return reader.apply(Node.root(tree));
  }

  /**
   * What could be read of a text, and the rest.
   *
   * @param notUnderstood the JSON paths of what this version doesn't know; it is kept as it came
   */
  public record Understood<T>(T value, List<String> notUnderstood) {}

  /**
   * Reads a value and says what was not understood.
   *
   * @throws FormatProblem as {@link #read}
   */
  public Understood<T> readNoting(String text) {
    List<String> notUnderstood = new ArrayList<>();
    T value = reader.apply(Node.root(parse(text), notUnderstood));
    return new Understood<>(value, List.copyOf(notUnderstood));
  }

  /**
   * Reads a list of values.
   *
   * @throws FormatProblem as {@link #read}
   */
  public List<T> readList(String text) {
    JsonObject holder = new JsonObject().add("list", parse(text));
    return new Fields(holder, Node.root(holder)).list("list", reader);
  }

  /** Writes a value to a target. */
  public <V> V write(T value, Target<V> to) {
    return writer.write(value, to);
  }

  /** Writes a list of values to a target. */
  public <V> V writeList(List<T> values, Target<V> to) {
    return to.list(values, value -> writer.write(value, to));
  }

  /** Writes a value as a tree. */
  public JsonValue tree(T value) {
    return writer.write(value, TREE);
  }

  /** Writes a value on one line. */
  public String write(T value) {
    return tree(value).toString();
  }

  /**
   * Writes a value on one line for whoever has names of her own for some things.
   *
   * @param names hers
   */
  public String write(T value, Names names) {
    return write(value, new TreeTarget(names)).toString();
  }

  /** The same of a list of values. */
  public String writeList(List<T> values, Names names) {
    return writeList(values, new TreeTarget(names)).toString();
  }

  /** The same value for whoever has names of her own for some things, or back from those. */
  public T named(T value, Names names) {
    return read(write(value, new TreeTarget(names)));
  }

  /** Writes a list of values on one line. */
  public String writeList(List<T> values) {
    return writeList(values, TREE).toString();
  }

  /** Writes a value for people to read, indented by two spaces, with a line's end at the end. */
  public String writePretty(T value) {
    return tree(value).toString(WriterConfig.PRETTY_PRINT) + "\n";
  }

  /** A problem as an object with one member. */
  public static JsonObject problem(FormatProblem problem) {
    return new JsonObject().add("problem", problem.getMessage());
  }

  private static JsonValue parse(String text) {
    try {
      JsonValue value = Json.parse(text);
      WellFormed.require(Node.root(value));
      return value;
    } catch (ParseException e) {
      throw new FormatProblem(
          "$", "this is not JSON (line " + e.getLocation().line + ": " + e.getMessage() + ")");
    }
  }
}
