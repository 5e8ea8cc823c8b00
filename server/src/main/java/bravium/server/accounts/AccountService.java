package bravium.server.accounts;

import bravium.server.limits.GuessLimit;
import bravium.server.problems.Problem;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Names, passwords, and who may add whom. */
@Service
class AccountService {

  /** NIST SP 800-63B, 5.1.1: at least eight characters, and no rules of composition. */
  static final int SHORTEST_PASSWORD = 8;

  /** What bcrypt takes, in bytes. */
  static final int LONGEST_PASSWORD = 72;

  private static final int LONGEST_NAME = 60;
  private static final int ROUNDS = 11;

  private final TeacherRepository teachers;
  private final List<Belongings> belongings;
  private final PasswordEncoder passwords = new BCryptPasswordEncoder(ROUNDS);

  /** Compared with where there is no such teacher, so that the time tells nothing. */
  private static final String NOBODYS_HASH =
      "$2a$11$CwTycUXWue0Thq9StjUM0uJ8.8tYV0eWQcO4l6W9SfYQkbQ0eG6Gi";

  private final GuessLimit ofOneNameFromOneAddress;
  private final GuessLimit ofOneName;
  private final GuessLimit fromOneAddress;

  AccountService(TeacherRepository teachers, List<Belongings> belongings, Clock clock) {
    this.teachers = teachers;
    this.belongings = belongings;
    this.ofOneNameFromOneAddress = new GuessLimit(5, Duration.ofSeconds(30), clock);
    this.ofOneName = new GuessLimit(50, Duration.ofSeconds(20), clock);
    // A whole school shares one address.
    this.fromOneAddress = new GuessLimit(100, Duration.ofSeconds(5), clock);
  }

  boolean hasNobody() {
    return teachers.first().isEmpty();
  }

  /** The teacher of that name, if the password is hers. */
  Teacher signIn(Credentials typed, String address) {
    String name = required(typed.name(), "name").strip().toLowerCase(Locale.ROOT);
    String password = required(typed.password(), "password");
    String both = name + " " + address;
    ofOneNameFromOneAddress.check(both);
    ofOneName.check(name);
    fromOneAddress.check(address);
    Optional<TeacherRepository.Known> known = teachers.byName(typed.name());
    String hash = known.map(TeacherRepository.Known::passwordHash).orElse(null);
    if (!matches(password, hash)) {
      ofOneNameFromOneAddress.wentWrong(both);
      ofOneName.wentWrong(name);
      fromOneAddress.wentWrong(address);
      throw Problem.whoAreYou(
          "wrong-password",
          "This name and this password don't belong together. Check both, then try again.");
    }
    return known.orElseThrow().teacher();
  }

  /** The first teacher of this server, who adds the others. */
  Teacher addFirst(Credentials typed) {
    return teachers
        .addFirst(checkedName(typed.name()), hashed(typed.password()))
        .orElseThrow(
            () ->
                Problem.conflict(
                    "not-first",
                    "This server has its first teacher already. Sign in, or ask her to add you."));
  }

  List<Teacher> all(Teacher keeper) {
    requireKeeper(keeper);
    return teachers.all();
  }

  Teacher add(Teacher keeper, Credentials typed) {
    requireKeeper(keeper);
    return teachers
        .add(checkedName(typed.name()), hashed(typed.password()))
        .orElseThrow(
            () ->
                Problem.conflict(
                    "name-taken",
                    "There is a teacher of that name already. Nobody was added; choose a name that"
                        + " tells the two apart."));
  }

  /** Sets a password for a teacher who forgot hers. */
  Teacher setPassword(Teacher keeper, long teacher, @Nullable String fresh) {
    requireKeeper(keeper);
    Teacher other = byId(teacher);
    teachers.setPassword(other.id(), hashed(fresh));
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
          "Who looks after this server can't be removed: nobody could add teachers then. Nothing was"
              + " changed.");
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
    String key = teacher.id() + " " + address;
    ofOneNameFromOneAddress.check(key);
    String hash = teachers.byId(teacher.id()).orElseThrow().passwordHash();
    if (!matches(required(change.old(), "old password"), hash)) {
      ofOneNameFromOneAddress.wentWrong(key);
      throw Problem.badRequest(
          "wrong-password",
          "That is not the password you have now. It was not changed; try again.");
    }
    teachers.setPassword(teacher.id(), hashed(change.fresh()));
  }

  private boolean matches(String password, @Nullable String hash) {
    boolean fits = password.getBytes(StandardCharsets.UTF_8).length <= LONGEST_PASSWORD;
    boolean same =
        passwords.matches(fits ? password : "too long", hash == null ? NOBODYS_HASH : hash);
    return fits && same && hash != null;
  }

  private String hashed(@Nullable String password) {
    String given = required(password, "password");
    if (given.codePointCount(0, given.length()) < SHORTEST_PASSWORD) {
      throw Problem.badRequest(
          "password-short",
          "A password has at least 8 characters: a few words are easy to keep in mind. Nothing was"
              + " changed.");
    }
    if (given.getBytes(StandardCharsets.UTF_8).length > LONGEST_PASSWORD) {
      throw Problem.badRequest(
          "password-long",
          "This password is longer than can be kept (72 letters, fewer with accents). Nothing was"
              + " changed.");
    }
    return passwords.encode(given);
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
