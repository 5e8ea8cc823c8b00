package bravium.server.classes;

import bravium.server.accounts.Covers;
import bravium.server.accounts.RightsChanged;
import bravium.server.accounts.Teacher;
import bravium.server.accounts.TeacherRepository;
import bravium.server.activities.ActivityService;
import bravium.server.data.Codes;
import bravium.server.data.schema.tables.records.CoverRecord;
import bravium.server.limits.CodeGuesses;
import bravium.server.limits.Device;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Service;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/** Covers: made by a class's teacher, and what somebody may do who covers for her. */
@Service
class CoverService implements Covers {

  /** How far ahead a lesson can be prepared. */
  private static final int DAYS_AHEAD = 60;

  /** More than fit into a day's lessons. */
  private static final int MOST_ACTIVITIES = 30;

  /** What a cover may do, and of what it has to be true. */
  private record Allowed(
      String method, PathPattern path, BiPredicate<CoverRecord, String> belongs) {}

  private final CoverRepository covers;
  private final ClassRepository classes;
  private final AssignmentService assignments;
  private final ApplicationEventPublisher events;
  private final ActivityService activities;
  private final TeacherRepository teachers;
  private final SchoolTime time;
  private final Clock clock;
  private final CodeGuesses codes;
  private final List<Allowed> allowed;

  CoverService(
      CoverRepository covers,
      ClassRepository classes,
      AssignmentService assignments,
      ApplicationEventPublisher events,
      ActivityService activities,
      TeacherRepository teachers,
      SchoolTime time,
      CodeGuesses codes,
      Clock clock) {
    this.covers = covers;
    this.classes = classes;
    this.assignments = assignments;
    this.events = events;
    this.activities = activities;
    this.teachers = teachers;
    this.time = time;
    this.clock = clock;
    this.codes = codes;
    this.allowed =
        List.of(
            allowed("GET", "/api/cover", (cover, none) -> true),
            allowed("POST", "/api/activities/{id}/sittings", covers::presentsActivity),
            allowed("GET", "/api/activities/{id}/sittings/unfinished", covers::presentsActivity),
            allowed("GET", "/api/sittings/{id}", covers::presentsSitting),
            allowed("POST", "/api/sittings/{id}/moves", covers::presentsSitting),
            allowed("GET", "/api/sittings/{id}/contributions/*", covers::presentsSitting),
            allowed("GET", "/api/sittings/{id}/pages", covers::presentsSitting),
            allowed("PUT", "/api/sittings/{id}/pages/*", covers::presentsSitting),
            allowed("GET", "/api/media/{id}/file", covers::presentsMedium),
            allowed("GET", "/api/media/{id}/small", covers::presentsMedium),
            allowed("GET", "/api/assignments/{id}/live", covers::watches),
            allowed("GET", "/api/assignments/{id}/live/now", covers::watches));
  }

  private static Allowed allowed(
      String method, String path, BiPredicate<CoverRecord, String> belongs) {
    return new Allowed(method, PathPatternParser.defaultInstance.parse(path), belongs);
  }

  /** Those of a class that are not over. */
  List<CoverCard> ofClass(Teacher teacher, String id) {
    return covers.ofClass(assignments.ownClass(teacher, id), clock.instant()).stream()
        .map(
            row ->
                new CoverCard(
                    row.getPublicId(),
                    row.getCode(),
                    row.getDay(),
                    covers.named(row.getId()).stream().map(CoverPage.ToPresent::title).toList()))
        .toList();
  }

  /** Makes a code for a day. One that was made for that day before works no more. */
  List<CoverCard> add(Teacher teacher, String id, CoverGiven given) {
    long inClass = assignments.ownClass(teacher, id);
    LocalDate day = time.day(given.day());
    LocalDate today = time.today(clock.instant());
    if (day.isBefore(today) || day.isAfter(today.plusDays(DAYS_AHEAD))) {
      throw Problem.badRequest(
          "cover-day",
          "A cover code is for today or for one of the next %d days. None was made; choose another day."
              .formatted(DAYS_AHEAD));
    }
    List<String> named = given.activities() == null ? List.of() : given.activities();
    if (named.size() > MOST_ACTIVITIES) {
      throw Problem.badRequest(
          "cover-activities",
          "Up to %d activities can be named. None was made; take some out."
              .formatted(MOST_ACTIVITIES));
    }
    List<Long> rows =
        named.stream().distinct().map(one -> activities.row(teacher, String.valueOf(one))).toList();
    covers.add(inClass, day.toString(), time.start(day), time.start(day.plusDays(1)), rows);
    return ofClass(teacher, id);
  }

  List<CoverCard> withdraw(Teacher teacher, String id, String cover) {
    long inClass = assignments.ownClass(teacher, id);
    covers.withdraw(inClass, cover);
    events.publishEvent(new RightsChanged());
    return ofClass(teacher, id);
  }

  /** What there is to present and to watch: what is assigned first, the newest on top. */
  CoverPage page(long id) {
    CoverRecord cover = covers.find(id).orElseThrow();
    ClassRepository.Counted inClass = classes.byRow(cover.getClassId()).orElseThrow();
    List<CoverPage.ToPresent> assigned =
        assignments.ofClass(cover.getClassId()).given().stream()
            .filter(given -> !given.takenBack() && !given.gone())
            .map(CoverService::item)
            .toList();
    return new CoverPage(
        inClass.row().getName(),
        inClass.row().getCode(),
        cover.getDay(),
        Stream.concat(assigned.stream(), covers.named(id).stream()).toList());
  }

  private static CoverPage.ToPresent item(Given given) {
    return new CoverPage.ToPresent(
        given.activity(),
        given.title(),
        new CoverPage.ToWatch(
            given.id(), given.open(), given.begun(), given.through(), given.forHowMany()));
  }

  @Override
  public long enter(String code, Device device) {
    Instant now = clock.instant();
    CoverRecord cover =
        codes.find(
            Codes.typed(code),
            device.asking(),
            typed -> covers.byCode(typed, now),
            () ->
                Problem.notFound(
                    "no-such-cover",
                    "No class has this code for a cover today. Look at it again; if it is right, it"
                        + " was for another day or was withdrawn."));
    if (cover.getOpensAt().isAfter(now)) {
      throw Problem.notAllowed(
          "cover-to-come",
          "This code works on %s alone. Come back then.".formatted(time.said(cover.getDay())));
    }
    return cover.getId();
  }

  @Override
  public Optional<Teacher> standsFor(long cover) {
    return lasting(cover)
        .flatMap(row -> classes.byRow(row.getClassId()))
        .filter(one -> one.row().getPutAwayAt() == null)
        .flatMap(one -> teachers.find(one.row().getTeacherId()))
        .map(teacher -> new Teacher(teacher.id(), teacher.name(), false));
  }

  private Optional<CoverRecord> lasting(long cover) {
    Instant now = clock.instant();
    return covers
        .find(cover)
        .filter(row -> !row.getOpensAt().isAfter(now) && row.getEndsAt().isAfter(now));
  }

  @Override
  public boolean allows(long cover, String method, String path) {
    PathContainer asked = PathContainer.parsePath(path);
    return allowed.stream()
        .filter(one -> one.method.equals(method) && one.path.matches(asked))
        .findFirst()
        .flatMap(one -> lasting(cover).map(row -> one.belongs.test(row, id(one, asked))))
        .orElse(false);
  }

  private static String id(Allowed one, PathContainer asked) {
    PathPattern.PathMatchInfo found = one.path.matchAndExtract(asked);
    Map<String, String> variables = found == null ? Map.of() : found.getUriVariables();
    return variables.getOrDefault("id", "");
  }
}
