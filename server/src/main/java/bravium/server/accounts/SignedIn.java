package bravium.server.accounts;

import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;

/** Who sends a request: a teacher, or whoever covers for her for a day. */
public final class SignedIn extends AbstractAuthenticationToken {

  static final String TEACHER = "teacher";
  static final String COVER = "cover";

  private static final long serialVersionUID = 1;

  private final transient Teacher teacher;
  private final @Nullable Long cover;
  private final transient BooleanSupplier still;

  /**
   * Signed in.
   *
   * @param teacher whose things are seen
   * @param cover the number of the row of the cover; null for the teacher herself
   * @param still whether the session goes on
   */
  SignedIn(Teacher teacher, @Nullable Long cover, BooleanSupplier still) {
    super(AuthorityUtils.createAuthorityList(cover == null ? TEACHER : COVER));
    this.teacher = teacher;
    this.cover = cover;
    this.still = still;
    setAuthenticated(true);
  }

  @Override
  public Teacher getPrincipal() {
    return teacher;
  }

  @Override
  public @Nullable Object getCredentials() {
    return null;
  }

  /** The number of the row of the cover; null for the teacher herself. */
  public @Nullable Long cover() {
    return cover;
  }

  /** Whether the session of this request goes on: for what lasts longer than the request. */
  public boolean stillSignedIn() {
    return still.getAsBoolean();
  }

  @Override
  public boolean equals(Object other) {
    return this == other;
  }

  @Override
  public int hashCode() {
    return System.identityHashCode(this);
  }
}
