package bravium.server.accounts;

import bravium.server.limits.Device;
import bravium.server.limits.GuessLimit;
import bravium.server.limits.Turns;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Names, passwords, and who may add whom. */
@Service
class AccountService {

  /** Teachers stand in it by their numbers. */
  private static final Logger LOG = LoggerFactory.getLogger(AccountService.class);

  private static final int LONGEST_NAME = 60;

  private final TeacherRepository teachers;
  private final List<Belongings> belongings;
  private final Passwords passwords;
  private final FirstCode firstCode;

  /** Where she signed in before, nobody else's tries count. */
  private final GuessLimit onHerDevice;

  private final Turns ofOneName;
  private final Turns fromOneAddress;

  AccountService(
      TeacherRepository teachers,
      List<Belongings> belongings,
      Passwords passwords,
      FirstCode firstCode,
      Clock clock) {
    this.teachers = teachers;
    this.belongings = belongings;
    this.passwords = passwords;
    this.firstCode = firstCode;
    this.onHerDevice = new GuessLimit(5, Duration.ofSeconds(30), clock);
    this.ofOneName = new Turns(5, Duration.ofSeconds(5), clock);
    // A whole school shares one address; each try keeps a processor busy for a moment.
    this.fromOneAddress = new Turns(8, Duration.ofSeconds(1), clock);
  }

  boolean hasNobody() {
    return teachers.first().isEmpty();
  }

  /**
   * The teacher of that name, if the password is hers.
   *
   * @param device says by what a device is known, if that teacher signed in well on it: it has
   *     guesses of its own
   */
  Teacher signIn(Credentials typed, Device from, Function<Teacher, Optional<String>> device) {
    String password = required(typed.password(), "password");
    String name = required(typed.name(), "name").strip().toLowerCase(Locale.ROOT);
    // No teacher has a name that long; it is counted as what it begins with.
    String key = name.substring(0, Math.min(name.length(), LONGEST_NAME));
    Optional<TeacherRepository.Known> known = teachers.byName(name);
    Optional<String> hers = known.map(TeacherRepository.Known::teacher).flatMap(device);
    GuessLimit.Guess guess =
        hers.isPresent()
            ? onHerDevice.begin(key + " " + hers.get())
            : ofOneName
                .take(key, from.key())
                .and(() -> fromOneAddress.take(from.address(), from.key()));
    String hash = known.map(TeacherRepository.Known::passwordHash).orElse(null);
    if (!passwords.matches(password, hash, hers.isPresent())) {
      LOG.info("A sign-in from {} was refused", from.address());
      throw Problem.whoAreYou(
          "wrong-password",
          "This name and this password don't belong together. Check both, then try again.");
    }
    guess.right();
    Teacher teacher = known.orElseThrow().teacher();
    LOG.info("Teacher {} signed in from {}", teacher.id(), from.address());
    return teacher;
  }

  /** The first teacher of this server, who adds the others. */
  Teacher addFirst(FirstTeacher typed) {
    if (!hasNobody()) {
      throw notFirst();
    }
    firstCode.require(typed.code());
    String name = checkedName(typed.name());
    String password = passwords.checked(typed.password(), name);
    Teacher first =
        teachers.addFirst(name, passwords.hash(password)).orElseThrow(AccountService::notFirst);
    LOG.info("Teacher {} is the first and looks after this server", first.id());
    return first;
  }

  private static Problem notFirst() {
    return Problem.conflict(
        "not-first", "This server has its first teacher already. Sign in, or ask her to add you.");
  }

  List<Teacher> all(Teacher keeper) {
    requireKeeper(keeper);
    return teachers.all();
  }

  Teacher add(Teacher keeper, Credentials typed) {
    requireKeeper(keeper);
    String name = checkedName(typed.name());
    if (teachers.byName(name).isPresent()) {
      throw nameTaken();
    }
    String password = passwords.checked(typed.password(), name);
    return teachers.add(name, passwords.hash(password)).orElseThrow(AccountService::nameTaken);
  }

  private static Problem nameTaken() {
    return Problem.conflict(
        "name-taken",
        "There is a teacher of that name already. Nobody was added; choose a name that tells the two"
            + " apart.");
  }

  /** Sets a password for a teacher who forgot hers. */
  Teacher setPassword(Teacher keeper, long teacher, @Nullable String fresh) {
    requireKeeper(keeper);
    Teacher other = byId(teacher);
    if (other.id() == keeper.id()) {
      throw Problem.conflict(
          "own-password",
          "Your own password is changed under “Change password”, where the one you have now is asked"
              + " for. Nothing was changed.");
    }
    teachers.setPassword(other.id(), passwords.hash(passwords.checked(fresh, other.name())));
    LOG.info("Teacher {} set a new password for teacher {}", keeper.id(), other.id());
    return other;
  }

  /**
   * Hands the server on: from now on another teacher looks after it.
   *
   * @param password the keeper's own, for nobody does that in her name who finds her page open
   */
  Teacher handOn(Teacher keeper, long teacher, @Nullable String password) {
    requireKeeper(keeper);
    Teacher other = byId(teacher);
    String hash = teachers.byId(keeper.id()).orElseThrow().passwordHash();
    if (hash != null) {
      GuessLimit.Guess guess = onHerDevice.begin("hands on " + keeper.id());
      if (!passwords.matches(required(password, "password"), hash, true)) {
        throw Problem.badRequest(
            "wrong-password", "That is not your password. Nothing was changed; try again.");
      }
      guess.right();
    }
    teachers.setKeeper(other.id());
    LOG.info("Teacher {} handed this server on to teacher {}", keeper.id(), other.id());
    return other;
  }

  /**
   * Removes a teacher. Her activities, and what was played on them, go to another; or to the keeper
   * as removed ones, who can bring them back for a while.
   */
  Teacher remove(Teacher keeper, long teacher, Leaving leaving) {
    requireKeeper(keeper);
    Teacher other = byId(teacher);
    if (other.isKeeper()) {
      throw Problem.conflict(
          "keeper-stays",
          "Who looks after this server can't be removed: nobody could add teachers then. Hand the"
              + " server on to somebody else first. Nothing was changed.");
    }
    teachers.remove(
        other.id(),
        Map.of(
            Belongings.Of.ACTIVITIES, heir(keeper, other, leaving.to()),
            Belongings.Of.CLASSES, heir(keeper, other, leaving.classesTo())),
        belongings);
    return other;
  }

  private TeacherRepository.Heir heir(Teacher keeper, Teacher leaves, @Nullable Long to) {
    Teacher heir = to == null ? keeper : byId(to);
    if (heir.id() == leaves.id()) {
      throw Problem.badRequest(
          "own-heir", "What she has can't stay with her. Nothing was changed; choose another.");
    }
    return new TeacherRepository.Heir(heir.id(), to == null);
  }

  private Teacher byId(long teacher) {
    return teachers
        .byId(teacher)
        .map(TeacherRepository.Known::teacher)
        .orElseThrow(() -> Problem.notFound("no-such-teacher", "There is no such teacher here."));
  }

  /** Whether a teacher signs in by a password. */
  boolean hasPassword(Teacher teacher) {
    return teachers.byId(teacher.id()).map(known -> known.passwordHash() != null).orElse(false);
  }

  void changePassword(Teacher teacher, PasswordChange change, String address) {
    String fresh = passwords.checked(change.fresh(), teacher.name());
    GuessLimit.Guess guess = onHerDevice.begin(teacher.id() + " " + address);
    String hash = teachers.byId(teacher.id()).orElseThrow().passwordHash();
    if (!passwords.matches(required(change.old(), "old password"), hash, true)) {
      throw Problem.badRequest(
          "wrong-password",
          "That is not the password you have now. It was not changed; try again.");
    }
    guess.right();
    teachers.setPassword(teacher.id(), passwords.hash(fresh));
    LOG.info("Teacher {} changed her password from {}", teacher.id(), address);
  }

  private static String checkedName(@Nullable String name) {
    String given = required(name, "name").strip();
    if (given.isEmpty() || given.length() > LONGEST_NAME) {
      throw Problem.badRequest(
          "name-length", "A name has from 1 to 60 letters. Nothing was changed.");
    }
    return given;
  }

  private static String required(@Nullable String value, String what) {
    if (value == null) {
      throw Problem.badRequest("missing", "The " + what + " is missing. Nothing was changed.");
    }
    return value;
  }

  private static void requireKeeper(Teacher teacher) {
    if (!teacher.isKeeper()) {
      throw Problem.notAllowed(
          "not-the-keeper",
          "Only the teacher who looks after this server can do that. Nothing was changed.");
    }
  }
}
