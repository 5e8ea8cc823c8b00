package bravium.server.classes;

import bravium.core.activity.Answers;
import bravium.core.assignment.Standing;
import bravium.core.assignment.Terms;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.showing.Review;
import bravium.formats.LearnerName;
import bravium.formats.OddName;
import bravium.server.accounts.TeacherRepository;
import bravium.server.activities.ActivityService;
import bravium.server.data.Codes;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.data.schema.tables.records.SchoolClassRecord;
import bravium.server.limits.Asking;
import bravium.server.limits.CodeGuesses;
import bravium.server.limits.Device;
import bravium.server.limits.Devices;
import bravium.server.limits.GuessLimit;
import bravium.server.limits.Stripes;
import bravium.server.limits.Turns;
import bravium.server.problems.Problem;
import bravium.server.sittings.LearnerTokens;
import bravium.server.sittings.StoredSitting;
import bravium.server.sittings.Unmarked;
import bravium.server.sittings.WarmSittings;
import bravium.server.web.Unchanged;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** A learner's side of her class: coming in, what there is to do, beginning it. */
@Service
class JoinService {

  /** More than come into any class; whoever has its code could else fill the register. */
  private static final int MOST = 500;

  private final ClassRepository classes;
  private final TeacherRepository teachers;
  private final RegisterRepository register;
  private final AssignmentRepository assignments;
  private final AssignmentService assigned;
  private final ActivityService activities;
  private final WarmSittings sittings;
  private final LearnerTokens tokens;
  private final SecretWords words;
  private final SchoolTime time;
  private final Devices devices;
  private final Clock clock;

  private final CodeGuesses codes;

  /** Of one name, wherever from, so that nobody tries another's words out. */
  private final Turns wordsOfOne;

  /** And of all names of a class. */
  private final Turns wordsOfClass;

  /** Where she came in before, nobody else's tries count. */
  private final GuessLimit wordsOnHerDevice;

  /** Newcomers of a class from one address, which a whole school shares. */
  private final Turns newcomers;

  /** And those on one device, which a few may share. */
  private final GuessLimit newcomersOnDevice;

  private final Stripes beginnings = new Stripes();

  JoinService(
      ClassRepository classes,
      TeacherRepository teachers,
      RegisterRepository register,
      AssignmentRepository assignments,
      AssignmentService assigned,
      ActivityService activities,
      WarmSittings sittings,
      LearnerTokens tokens,
      SecretWords words,
      SchoolTime time,
      CodeGuesses codes,
      Devices devices,
      Clock clock) {
    this.classes = classes;
    this.teachers = teachers;
    this.register = register;
    this.assignments = assignments;
    this.assigned = assigned;
    this.activities = activities;
    this.sittings = sittings;
    this.tokens = tokens;
    this.words = words;
    this.time = time;
    this.clock = clock;
    this.codes = codes;
    this.devices = devices;
    this.wordsOfOne = new Turns(8, Duration.ofSeconds(5), clock);
    this.wordsOfClass = new Turns(60, Duration.ofSeconds(2), clock);
    this.wordsOnHerDevice = new GuessLimit(8, Duration.ofSeconds(30), clock);
    this.newcomers = new Turns(250, Duration.ofSeconds(3), clock);
    this.newcomersOnDevice = new GuessLimit(10, Duration.ofMinutes(1), clock);
  }

  Gate gate(String code, Device device) {
    SchoolClassRecord row = find(code, device.asking());
    return new Gate(row.getCode(), row.getName(), Door.valueOf(row.getDoor()));
  }

  /** Comes in: as somebody new, or with the two words as who was here before. */
  In join(String code, Joining joining, Device device) {
    SchoolClassRecord row = find(code, device.asking());
    LearnerName name = LearnerDetails.named(joining.name());
    Optional<ClassLearnerRecord> there = register.byName(row.getId(), name.key());
    if (joining.words() != null) {
      return comeBack(row, there, joining.words(), device);
    }
    if (there.isPresent()) {
      throw Problem.conflict(
          "name-taken",
          "Somebody called "
              + there.get().getName()
              + " is in this class already. If that is you, type your two words too; if not, add a"
              + " letter to your name. If your words are lost, your teacher makes new ones.");
    }
    if (Door.valueOf(row.getDoor()) == Door.SHUT) {
      throw Problem.notAllowed(
          "door-shut",
          "New people can't join this class at the moment. Ask your teacher, or join with your name and"
              + " your two words.");
    }
    slow(row, device);
    List<String> two = words.two();
    boolean waits =
        Door.valueOf(row.getDoor()) == Door.WAIT
            || OddName.is(joining.name(), teachers.find(row.getTeacherId()).orElseThrow().name());
    ClassLearnerRecord added =
        register
            .add(
                row.getId(),
                List.of(name),
                waits,
                MOST,
                clock.instant(),
                (learner, place) -> words.hash(learner, two))
            .orElseThrow(
                () -> Problem.notAllowed("class-full", "This class is full. Tell your teacher."))
            .getFirst();
    if (added == null) {
      throw RegisterService.taken(name.text());
    }
    return in(added, two);
  }

  /** A year group at once notices nothing of it; who fills a class by a script does. */
  private void slow(SchoolClassRecord row, Device device) {
    if (device.id() != null) {
      newcomersOnDevice.count(device.key(), JoinService::tooManyNewcomers);
    }
    newcomers.take(
        row.getId() + " " + device.address(), device.key(), JoinService::tooManyNewcomers);
  }

  private static Problem tooManyNewcomers(long seconds) {
    return Problem.tooMany(
        seconds,
        "Very many are joining from here at the moment. Nothing was changed; try again in "
            + (seconds == 1 ? "a second." : seconds + " seconds."));
  }

  /** Who came in, and what her device is told. */
  record In(long learner, Joined joined) {}

  private In in(ClassLearnerRecord learner, List<String> fresh) {
    return new In(learner.getLearnerId(), new Joined(token(learner), learner.getName(), fresh));
  }

  private In comeBack(
      SchoolClassRecord row, Optional<ClassLearnerRecord> there, String typed, Device device) {
    GuessLimit.Guess guess =
        guess(row, there.map(ClassLearnerRecord::getLearnerId).orElse(0L), device);
    boolean right =
        there.isPresent()
            && there.get().getWordsHash() != null
            && words.match(there.get().getLearnerId(), typed, there.get().getWordsHash());
    if (!right) {
      throw Problem.badRequest(
          "wrong-words",
          "This name and these words don't belong together. Look at your slip again; if you have lost"
              + " it, ask your teacher for a new one.");
    }
    guess.right();
    return in(there.get(), List.of());
  }

  /**
   * A try at a learner's words: on a device that she came in on it counts there alone; elsewhere it
   * waits its turn, for a right one may come from anywhere.
   */
  private GuessLimit.Guess guess(SchoolClassRecord row, long learner, Device device) {
    return devices.knows(device, learner)
        ? wordsOnHerDevice.begin(device.key() + " " + learner)
        : wordsOfOne
            .take(row.getId() + " " + learner, device.key())
            .and(() -> wordsOfClass.take(String.valueOf(row.getId()), device.key()));
  }

  private String token(ClassLearnerRecord learner) {
    String token = Codes.secret();
    if (!register.addDevice(learner.getLearnerId(), Codes.hash(token), clock.instant())) {
      throw notHere();
    }
    return token;
  }

  /** She leaves: what this device still sends is refused, and whoever has it next is not her. */
  void leave(String code, @Nullable String token, Device device) {
    me(find(code, tokens.guesser(token, device)), token);
    String known = String.valueOf(token);
    register.removeDevice(Codes.hash(known));
    tokens.forget(known);
  }

  /** Her page, and until when it is so if nothing is written. */
  Unchanged.Answer<LearnersPage> page(String code, @Nullable String token, Device device) {
    SchoolClassRecord row = find(code, tokens.guesser(token, device));
    ClassLearnerRecord me = me(row, token);
    List<Task> tasks = me.getIsWaiting() ? List.of() : tasks(row.getId(), me.getLearnerId());
    Stream<@Nullable Long> hours =
        tasks.stream()
            .map(Task::standing)
            .flatMap(standing -> Stream.of(standing.opens(), standing.closes()));
    return new Unchanged.Answer<>(
        new LearnersPage(row.getName(), me.getName(), me.getIsWaiting(), time.zone(), tasks),
        SchoolTime.next(hours, clock.millis()));
  }

  private List<Task> tasks(long inClass, long learner) {
    List<AssignmentRepository.Row> all = assignments.ofClass(inClass);
    Map<Long, AssignmentRepository.Own> own = assignments.ownOf(learner);
    Map<Long, List<AssignmentRepository.Game>> begun = assigned.begun(all, own, learner);
    return all.stream()
        .map(
            given ->
                task(
                    given,
                    own.getOrDefault(given.row(), AssignmentRepository.Own.NOTHING),
                    begun.getOrDefault(given.row(), List.of())))
        .flatMap(Optional::stream)
        .sorted(Comparator.comparing(JoinService::order))
        .toList();
  }

  private static int order(Task task) {
    return switch (task.standing().phase()) {
      case OPEN -> task.begins() || task.standing().running() ? 0 : 1;
      case NOT_YET -> 2;
      case CLOSED -> task.standing().running() ? 0 : 3;
    };
  }

  private Optional<Task> task(
      AssignmentRepository.Row row,
      AssignmentRepository.Own own,
      List<AssignmentRepository.Game> begun) {
    boolean hers = row.isFor(own);
    if (row.takenBack() || !hers && begun.isEmpty()) {
      return Optional.empty();
    }
    Standing standing = row.standing(own.allowance(), begun, clock.millis());
    AssignmentRepository.Game counts = begun.isEmpty() ? null : row.counting(begun);
    var page = activities.version(row.version()).activity().titlePage();
    return Optional.of(
        new Task(
            row.id(),
            row.title(),
            page.subject(),
            standing,
            time.local(standing.opens()),
            time.local(standing.closes()),
            hers && standing.begins(),
            begun.size(),
            counts == null ? null : seen(row, counts),
            counts == null || counts.outcome() == null ? null : counts.sitting(),
            own.allowance().excused()));
  }

  /** How a game came out, as far as she has been shown her marks. */
  private @Nullable Outcome seen(AssignmentRepository.Row row, AssignmentRepository.Game game) {
    if (game.outcome() == null || row.marksUntil() == null || !game.marked()) {
      return game.outcome();
    }
    StoredSitting kept = sittings.read(game.sitting(), any -> true);
    Review review = Unmarked.until(kept, row.marksUntil()).review();
    return review == null ? null : review.outcome();
  }

  /** The sitting that she plays now: the one that runs, or a new one if she has a go left. */
  String begin(
      String code, @Nullable String token, String assignment, boolean anew, Device device) {
    SchoolClassRecord inClass = find(code, tokens.guesser(token, device));
    ClassLearnerRecord me = me(inClass, token);
    // Two presses, or two devices, begin one game.
    synchronized (beginnings.of(me.getLearnerId())) {
      return begin(inClass, me, assignment, anew);
    }
  }

  private String begin(
      SchoolClassRecord inClass, ClassLearnerRecord me, String assignment, boolean anew) {
    AssignmentRepository.Row row =
        assignments
            .inClass(inClass.getId(), assignment)
            .filter(given -> !given.takenBack() && !me.getIsWaiting())
            .orElseThrow(JoinService::notGiven);
    AssignmentRepository.Own own = assignments.own(row.row(), me.getLearnerId());
    List<AssignmentRepository.Game> games = assignments.games(row.row(), me.getLearnerId());
    List<AssignmentRepository.Game> begun =
        games.stream().filter(AssignmentRepository.Game::begun).toList();
    if (!row.isFor(own) && begun.isEmpty()) {
      throw notGiven();
    }
    Standing standing = row.standing(own.allowance(), begun, clock.millis());
    boolean leaves =
        anew
            && standing.running()
            && activities.version(begun.getLast().version()).activity().startsAgain();
    if (standing.running() && !leaves) {
      if (!games.getLast().begun()) {
        // She began anew, and has only its title page before her.
        return games.getLast().sitting();
      }
      sittings.goOn(begun.getLast().sitting());
      return begun.getLast().sitting();
    }
    requireBegins(leaves ? standing.notRunning() : standing);
    Optional<AssignmentRepository.Game> unbegun =
        games.stream()
            .filter(game -> !game.begun() && game.version() == row.version())
            .reduce((before, after) -> after);
    return unbegun
        .map(AssignmentRepository.Game::sitting)
        .orElseGet(
            () ->
                sittings.openFor(
                    row.row(),
                    activities.version(row.version()),
                    me.getLearnerId(),
                    opening -> opening(opening, me, row.terms())));
  }

  private void requireBegins(Standing standing) {
    if (standing.begins()) {
      return;
    }
    throw switch (standing.phase()) {
      case NOT_YET ->
          Problem.conflict(
              "not-yet", "This is not open yet. Your page says from when you can play it.");
      case CLOSED -> Problem.conflict("closed", "This has closed. What you did is kept.");
      case OPEN ->
          Problem.conflict("no-go-left", "You have played this as often as you can. It is kept.");
    };
  }

  private static Opening opening(Opening opening, ClassLearnerRecord me, Terms terms) {
    return opening
        .withTime(me.getTime() == null ? null : me.getTime().intValue())
        .withHelp(RegisterRepository.help(me))
        .withAnswers(terms.told() == Terms.WhenTold.AT_ONCE ? null : Answers.NEVER);
  }

  private ClassLearnerRecord me(SchoolClassRecord inClass, @Nullable String token) {
    return tokens
        .learner(token)
        .flatMap(register::byRow)
        .filter(row -> row.getClassId().equals(inClass.getId()) && row.getRemovedAt() == null)
        .orElseThrow(JoinService::notHere);
  }

  private SchoolClassRecord find(String code, Asking from) {
    return codes.find(
        Codes.typed(code),
        from,
        classes::byCode,
        () ->
            Problem.notFound(
                "no-such-code",
                "No class has this code. Look at the board again: a code has six letters and"
                    + " digits."));
  }

  private static Problem notHere() {
    return Problem.whoAreYou(
        "no-such-token",
        "This device is not signed in to this class. Join with your name and your two words.");
  }

  private static Problem notGiven() {
    return Problem.notFound(
        "no-such-assignment", "This is not among what you have to do. Go back to your page.");
  }
}
