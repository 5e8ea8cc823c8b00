package bravium.server.limits;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a request comes from.
 *
 * @param address a whole school may share it
 * @param id the name that a browser was given here; null for one that brings none, or a false one
 * @param tags say as which learners somebody has come in on it; they mean something to {@link
 *     Devices} alone
 */
public record Device(String address, @Nullable String id, List<String> tags) {

  /** Those without a name count as one device behind each address. */
  public String key() {
    return id == null ? address : "device " + id;
  }

  /** As one among those who share its address. */
  public Asking asking() {
    return new Asking(address, key());
  }
}
