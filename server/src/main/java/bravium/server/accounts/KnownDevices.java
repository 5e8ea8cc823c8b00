package bravium.server.accounts;

import static bravium.server.data.schema.Tables.TEACHER_DEVICE;

import bravium.server.data.Codes;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Repository;
import org.springframework.web.util.WebUtils;

/**
 * Devices on which a teacher signed in well. It signs nobody in: it only says that whoever guesses
 * at her name from elsewhere, even from behind the same address, keeps her from nothing here.
 */
@Repository
class KnownDevices implements Nightly {

  private static final String COOKIE = "bravium-known";

  /** So long a device is known after she last signed in on it. */
  private static final Duration KEPT = Duration.ofDays(180);

  /** More than a teacher has; each has guesses of its own. */
  private static final int MOST = 10;

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  KnownDevices(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  /** A name for the device this comes from, if that teacher signed in on it. */
  Optional<String> of(long teacher, HttpServletRequest request) {
    return hash(request)
        .filter(
            hash ->
                database.fetchExists(
                    TEACHER_DEVICE,
                    TEACHER_DEVICE.TOKEN_HASH.eq(hash),
                    TEACHER_DEVICE.TEACHER_ID.eq(teacher)))
        .map(hash -> "device " + hash);
  }

  /** She signed in well here. */
  void remember(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
    Instant now = clock.instant();
    boolean known = of(teacher.id(), request).isPresent();
    String token = known ? token(request).orElseThrow() : Codes.secret();
    writer.write(
        dsl -> {
          if (known) {
            return dsl.update(TEACHER_DEVICE)
                .set(TEACHER_DEVICE.SEEN_AT, now)
                .where(TEACHER_DEVICE.TOKEN_HASH.eq(Codes.hash(token)))
                .execute();
          }
          dsl.insertInto(TEACHER_DEVICE)
              .set(TEACHER_DEVICE.TEACHER_ID, teacher.id())
              .set(TEACHER_DEVICE.TOKEN_HASH, Codes.hash(token))
              .set(TEACHER_DEVICE.SEEN_AT, now)
              .execute();
          return dsl.deleteFrom(TEACHER_DEVICE)
              .where(
                  TEACHER_DEVICE.ID.in(
                      dsl.select(TEACHER_DEVICE.ID)
                          .from(TEACHER_DEVICE)
                          .where(TEACHER_DEVICE.TEACHER_ID.eq(teacher.id()))
                          .orderBy(TEACHER_DEVICE.SEEN_AT.desc(), TEACHER_DEVICE.ID.desc())
                          .limit(-1)
                          .offset(MOST)))
              .execute();
        });
    ResponseCookie cookie =
        ResponseCookie.from(COOKIE, token)
            .path("/api/session")
            .httpOnly(true)
            .sameSite("Strict")
            .secure(request.isSecure())
            .maxAge(KEPT)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  private static Optional<String> token(HttpServletRequest request) {
    return Optional.ofNullable(WebUtils.getCookie(request, COOKIE)).map(c -> c.getValue());
  }

  private static Optional<String> hash(HttpServletRequest request) {
    return token(request).map(Codes::hash);
  }

  @Override
  public void atNight(Instant now) {
    writer.write(
        dsl ->
            dsl.deleteFrom(TEACHER_DEVICE)
                .where(TEACHER_DEVICE.SEEN_AT.lt(now.minus(KEPT)))
                .execute());
  }
}
