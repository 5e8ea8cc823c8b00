package bravium.core.play;

import java.util.ArrayList;
import java.util.List;

/**
 * A stream of chance: xoshiro128++ by Blackman and Vigna (Scrambled Linear Pseudorandom Number
 * Generators, 2021), in 32-bit integer arithmetic, so that it runs alike on the JVM and in the
 * browser. Each kind of draw takes a stream of its own name, so that a new one never shifts an old
 * one.
 */
public final class Chance {

  private static final int GOLDEN = 0x9e3779b9;
  private final int[] state;

  private Chance(int[] state) {
    this.state = state;
  }

  /** The stream of that name under that seed. */
  public static Chance of(String seed, String stream) {
    int hash = fnv1a(stream, fnv1a("\u0000", fnv1a(seed, 0x811c9dc5)));
    int other = fnv1a(seed, fnv1a("\u0000", fnv1a(stream, 0x2f0b4f1d)));
    return new Chance(
        new int[] {
          mixed(hash),
          mixed(other + GOLDEN),
          mixed(hash ^ 2 * GOLDEN),
          mixed(other + 3 * GOLDEN) | 1
        });
  }

  /** A stream with a given state of four numbers, not all zero; for checks against others' work. */
  static Chance ofState(int... state) {
    return new Chance(state.clone());
  }

  /** The next 32 bits. */
  int next() {
    int result = Integer.rotateLeft(state[0] + state[3], 7) + state[0];
    int t = state[1] << 9;
    state[2] ^= state[0];
    state[3] ^= state[1];
    state[1] ^= state[2];
    state[0] ^= state[3];
    state[2] ^= t;
    state[3] = Integer.rotateLeft(state[3], 11);
    return result;
  }

  /**
   * A whole number from 0 to bound - 1, each as likely as the others: the last, incomplete round of
   * the 2³² numbers is left out. In 32-bit arithmetic, because 64 bits are slow in a browser.
   */
  public int below(int bound) {
    int leftOut = remainder(-bound, bound);
    while (true) {
      int bits = next();
      if (leftOut == 0 || Integer.compareUnsigned(bits, -leftOut) < 0) {
        return remainder(bits, bound);
      }
    }
  }

  /** Of the bits as a number without sign; a double holds it, and the quotient's floor, exactly. */
  private static int remainder(int bits, int bound) {
    double number = (bits >>> 1) * 2.0 + (bits & 1);
    return (int) (number - Math.floor(number / bound) * bound);
  }

  /** The items in a new order, each order as likely as the others (Fisher–Yates). */
  public <T> List<T> shuffled(List<T> items) {
    List<T> mixed = new ArrayList<>(items);
    for (int i = mixed.size() - 1; i > 0; i--) {
      int j = below(i + 1);
      T moved = mixed.get(i);
      mixed.set(i, mixed.get(j));
      mixed.set(j, moved);
    }
    return List.copyOf(mixed);
  }

  /** FNV-1a over the characters' 16-bit units (Fowler, Noll, Vo). */
  private static int fnv1a(String text, int start) {
    int hash = start;
    for (int i = 0; i < text.length(); i++) {
      hash = (hash ^ text.charAt(i)) * 0x01000193;
    }
    return hash;
  }

  /** The final mix of MurmurHash3 (Appleby): every bit of the input touches every bit. */
  private static int mixed(int bits) {
    int h = bits;
    h = (h ^ (h >>> 16)) * 0x85ebca6b;
    h = (h ^ (h >>> 13)) * 0xc2b2ae35;
    return h ^ (h >>> 16);
  }
}
