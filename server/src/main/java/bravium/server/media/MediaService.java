package bravium.server.media;

import bravium.core.measure.DetailMap;
import bravium.core.rich.PicturePart;
import bravium.server.accounts.Teacher;
import bravium.server.data.Erasing;
import bravium.server.data.Nightly;
import bravium.server.data.schema.tables.records.MediumRecord;
import bravium.server.problems.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** A teacher's media. What is another's is not there for her. */
@Service
public class MediaService implements Nightly {

  /** What there is for each teacher's pictures and sounds. */
  static final long MOST_BYTES = 1L << 30;

  /** What there is for each teacher's videos. */
  static final long MOST_VIDEO_BYTES = 8L << 30;

  /** Nothing that is longer fits into a file that is taken: a day. */
  private static final int LONGEST_MILLIS = 86_400_000;

  private final MediaRepository media;
  private final MediaFiles files;
  private final Intake intake;
  private final Pieces pieces;
  private final Clock clock;

  MediaService(MediaRepository media, MediaFiles files, Intake intake, Pieces pieces, Clock clock) {
    this.pieces = pieces;
    this.media = media;
    this.files = files;
    this.intake = intake;
    this.clock = clock;
  }

  MediaList list(
      Teacher teacher, @Nullable MediaKind kind, String search, boolean removed, int page) {
    List<MediumRecord> rows = media.list(teacher.id(), kind, search, removed, page);
    Map<String, List<MediumCard.Use>> uses =
        media.uses(teacher.id(), rows.stream().map(MediumRecord::getName).toList());
    return new MediaList(
        rows.stream().map(row -> card(row, uses.getOrDefault(row.getName(), List.of()))).toList(),
        media.count(teacher.id(), kind, search, removed),
        media.count(teacher.id(), null, "", true),
        media.used(teacher.id(), false),
        MOST_BYTES,
        media.used(teacher.id(), true),
        MOST_VIDEO_BYTES,
        Intake.MOST_BYTES,
        UploadService.MOST_BYTES);
  }

  MediumCard read(Teacher teacher, String name) {
    MediumRecord row = media.find(teacher.id(), name).orElseThrow(MediaService::notThere);
    return card(row, media.uses(teacher.id(), List.of(name)).getOrDefault(name, List.of()));
  }

  /**
   * Takes a file in.
   *
   * @param title what it is called; a file's path and ending are left out
   * @param words what it shows, or what is heard in it
   * @param millis how long a sound is, as far as the browser knows
   * @throws Problem if it can't be taken, with what would be
   */
  public MediumCard add(
      Teacher teacher, String title, String words, @Nullable Integer millis, InputStream in)
      throws IOException {
    requireRoom(teacher, false, 0);
    return add(teacher, title, words, millis, intake.take(in));
  }

  /** Takes in a file that is there already: see {@link UploadService}. */
  MediumCard add(Teacher teacher, String title, Path file) throws IOException {
    return add(teacher, title, "", null, intake.prepare(file));
  }

  /** Refuses what would be more than there is for the teacher. */
  void requireRoom(Teacher teacher, boolean video, long bytes) {
    long most = video ? MOST_VIDEO_BYTES : MOST_BYTES;
    if (media.used(teacher.id(), video) + bytes >= most) {
      throw video ? MediumRefusal.fullOfVideos(most >> 20) : MediumRefusal.full(most >> 20);
    }
  }

  private MediumCard add(
      Teacher teacher, String title, String words, @Nullable Integer millis, Prepared prepared)
      throws IOException {
    long bytes = prepared.bytes();
    if (prepared.type().kind() == MediaKind.VIDEO) {
      requireRoomForVideo(teacher, prepared, bytes);
    }
    String name = files.keep(prepared);
    MediaKind kind = prepared.type().kind();
    MediumRecord row = new MediumRecord();
    row.setTeacherId(teacher.id());
    row.setName(name);
    row.setKind(kind.name());
    row.setType(prepared.type().name());
    row.setTitle(titled(title, kind));
    row.setWords(words.strip());
    row.setWidth(asLong(prepared.width()));
    row.setHeight(asLong(prepared.height()));
    row.setMillis(kind == MediaKind.PICTURE ? null : asLong(length(prepared, millis)));
    row.setRate(asLong(prepared.rate()));
    row.setBytes(bytes);
    row.setAddedAt(clock.instant());
    media.add(row);
    return read(teacher, name);
  }

  private void requireRoomForVideo(Teacher teacher, Prepared prepared, long bytes)
      throws IOException {
    try {
      requireRoom(teacher, true, bytes);
    } catch (Problem full) {
      Files.deleteIfExists(prepared.file());
      throw full;
    }
  }

  private static @Nullable Integer length(Prepared prepared, @Nullable Integer said) {
    if (prepared.millis() != null || said == null) {
      return prepared.millis();
    }
    return Math.clamp(said, 0, LONGEST_MILLIS);
  }

  private static @Nullable Long asLong(@Nullable Integer number) {
    return number == null ? null : number.longValue();
  }

  private static String titled(String file, MediaKind kind) {
    String name = file.replaceAll("^.*[/\\\\]", "").replaceAll("\\.[A-Za-z0-9]{1,5}$", "");
    String clean = name.replaceAll("\\p{Cntrl}", "").strip();
    String title = clean.isEmpty() ? kind.name().toLowerCase(java.util.Locale.ROOT) : clean;
    return title.substring(0, Math.min(title.length(), MediumWords.LONGEST_TITLE));
  }

  MediumCard describe(Teacher teacher, String name, MediumWords words) {
    if (!media.describe(teacher.id(), name, words)) {
      throw notThere();
    }
    return read(teacher, name);
  }

  void remove(Teacher teacher, String name) {
    if (!media.setRemoved(teacher.id(), name, clock.instant())) {
      throw notThere();
    }
  }

  void bringBack(Teacher teacher, String name) {
    if (!media.setRemoved(teacher.id(), name, null)) {
      read(teacher, name);
    }
  }

  /** The file of a teacher's own medium, or its small picture. */
  MediumFile file(Teacher teacher, String name, boolean small) {
    return file(media.find(teacher.id(), name).orElseThrow(MediaService::notThere), small);
  }

  /** The small picture of a medium that she can still bring back. */
  MediumFile smallOfRemoved(Teacher teacher, String name) {
    return file(media.findRemoved(teacher.id(), name).orElseThrow(MediaService::notThere), true);
  }

  /** A teacher's own medium, for a file of an activity; empty where she doesn't have it. */
  public Optional<MediumFile> find(Teacher teacher, String name) {
    return media.find(teacher.id(), name).map(row -> file(row, false));
  }

  /** A medium of whoever made the activity in that row. */
  public MediumFile fileOfActivity(long activity, String name) {
    return file(media.findOfActivity(activity, name).orElseThrow(MediaService::notThere), false);
  }

  /** A piece of a picture of whoever made the activity in that row. */
  public MediumFile pieceOfActivity(long activity, PicturePart part) {
    return pieces.piece(fileOfActivity(activity, part.medium()), part);
  }

  /** How much there is to see in each part of a teacher's own picture. */
  DetailMap detail(Teacher teacher, String name) {
    MediumRecord row = media.find(teacher.id(), name).orElseThrow(MediaService::notThere);
    if (MediaKind.valueOf(row.getKind()) != MediaKind.PICTURE) {
      throw notThere();
    }
    return pieces.detail(file(row, false));
  }

  private MediumFile file(MediumRecord row, boolean small) {
    MediumType type = MediumType.valueOf(row.getType());
    Path path = small ? files.thumbnail(row.getName()) : files.file(row.getName());
    if (!Files.exists(path)) {
      throw notThere();
    }
    return new MediumFile(row.getName(), type.type(), type.ending(), path);
  }

  @Override
  public void atNight(Instant now) {
    media.forget(now.minus(Erasing.KEPT)).forEach(files::delete);
  }

  private static MediumCard card(MediumRecord row, List<MediumCard.Use> uses) {
    return new MediumCard(
        row.getName(),
        MediaKind.valueOf(row.getKind()),
        MediumType.valueOf(row.getType()).type(),
        row.getTitle(),
        row.getWords(),
        asInt(row.getWidth()),
        asInt(row.getHeight()),
        asInt(row.getMillis()),
        asInt(row.getRate()),
        row.getBytes(),
        row.getAddedAt(),
        uses);
  }

  private static @Nullable Integer asInt(@Nullable Long number) {
    return number == null ? null : number.intValue();
  }

  static Problem notThere() {
    return Problem.notFound(
        "no-such-medium",
        "There is no such picture, sound or video here. It may have been deleted, or it belongs to"
            + " somebody else.");
  }
}
