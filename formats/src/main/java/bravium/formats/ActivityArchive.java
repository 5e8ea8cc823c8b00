package bravium.formats;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.json.FormatProblem;
import bravium.core.rich.MediumName;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * An activity and its pictures and sounds as one file: a zip (PKWARE APPNOTE 6.3) with {@value
 * #ACTIVITY} as {@link ActivityFile} writes it, and each medium as {@code media/NAME.ENDING}. What
 * else is in it is passed over; no name in it ever becomes a path.
 */
public final class ActivityArchive implements Closeable {

  /** The name of the activity in it. */
  public static final String ACTIVITY = "activity.json";

  /** The most bytes of the activity itself. */
  public static final int MOST_ACTIVITY_BYTES = 8 << 20;

  private static final int MOST_ENTRIES = 2_000;
  private static final Pattern MEDIUM = Pattern.compile("media/([^/\\\\]+)\\.[A-Za-z0-9]{1,8}");
  private static final Pattern NAMED =
      Pattern.compile("\"(medium|picture)\":\"([a-z0-9-]{1,64})\"");

  private final ZipFile zip;
  private final Map<String, ZipEntry> media = new LinkedHashMap<>();

  private ActivityArchive(ZipFile zip) {
    this.zip = zip;
  }

  /** A medium to put in: its name, the end of its file's name, and its file. */
  public record Medium(String name, String ending, Path file) {}

  /** Whether a file is a zip, by how it begins. */
  public static boolean is(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      byte[] start = in.readNBytes(4);
      return start.length == 4 && start[0] == 'P' && start[1] == 'K' && start[2] == 3;
    }
  }

  /** Writes an activity and its media. */
  public static void write(Activity activity, List<Medium> media, OutputStream to)
      throws IOException {
    try (ZipOutputStream out = new ZipOutputStream(to)) {
      out.putNextEntry(new ZipEntry(ACTIVITY));
      out.write(ActivityFile.write(activity));
      for (Medium medium : media) {
        out.putNextEntry(new ZipEntry("media/" + medium.name() + "." + medium.ending()));
        Files.copy(medium.file(), out);
      }
    }
  }

  /**
   * Opens a file.
   *
   * @throws FormatProblem if it is damaged or no activity's
   */
  public static ActivityArchive open(Path file) throws IOException {
    ZipFile zip;
    try {
      zip = new ZipFile(file.toFile());
    } catch (ZipException e) {
      throw new FormatProblem("the file", "this zip is damaged");
    }
    ActivityArchive archive = new ActivityArchive(zip);
    if (zip.size() > MOST_ENTRIES || zip.getEntry(ACTIVITY) == null) {
      archive.close();
      throw new FormatProblem(
          "the file", "this zip is none of an activity: there is no " + ACTIVITY + " in it");
    }
    zip.stream().forEach(archive::note);
    return archive;
  }

  private void note(ZipEntry entry) {
    Matcher name = MEDIUM.matcher(entry.getName());
    if (name.matches() && MediumName.is(name.group(1))) {
      media.putIfAbsent(name.group(1), entry);
    }
  }

  /**
   * The activity's own bytes.
   *
   * @throws FormatProblem if there are too many, however small they were packed
   */
  public byte[] activity() throws IOException {
    try (InputStream in = zip.getInputStream(zip.getEntry(ACTIVITY))) {
      byte[] bytes = in.readNBytes(MOST_ACTIVITY_BYTES + 1);
      if (bytes.length > MOST_ACTIVITY_BYTES) {
        throw new FormatProblem(
            ACTIVITY,
            "it is larger than the " + (MOST_ACTIVITY_BYTES >> 20) + " MB that are taken");
      }
      return bytes;
    } catch (ZipException e) {
      throw new FormatProblem(ACTIVITY, "it is damaged");
    }
  }

  /** Whether it holds a medium of that name. */
  public boolean has(String medium) {
    return media.containsKey(medium);
  }

  /** A medium that it {@link #has has}; to be closed. How much comes is for the reader to bound. */
  public InputStream medium(String name) throws IOException {
    return zip.getInputStream(media.get(name));
  }

  /** How long its sounds are, in milliseconds, by their names, where whoever made it knew. */
  public static Map<String, Integer> lengths(Activity activity) {
    Map<String, Integer> lengths = new LinkedHashMap<>();
    note(Codec.ACTIVITY.tree(activity), lengths);
    return lengths;
  }

  private static void note(JsonValue value, Map<String, Integer> lengths) {
    if (value.isArray()) {
      value.asArray().forEach(item -> note(item, lengths));
    } else if (value.isObject()) {
      JsonObject object = value.asObject();
      JsonValue medium = object.get("medium");
      JsonValue millis = object.get("millis");
      if (medium != null && medium.isString() && millis != null && millis.isNumber()) {
        lengths.put(medium.asString(), (int) millis.asDouble());
      }
      object.forEach(member -> note(member.getValue(), lengths));
    }
  }

  /** The activity with other names for its media; those that aren't in the map stay. */
  public static Activity renamed(Activity activity, Map<String, String> names) {
    if (names.isEmpty()) {
      return activity;
    }
    return Codec.ACTIVITY.read(
        NAMED
            .matcher(Codec.ACTIVITY.write(activity))
            .replaceAll(
                found ->
                    "\"%s\":\"%s\""
                        .formatted(
                            found.group(1), names.getOrDefault(found.group(2), found.group(2)))));
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
