package bravium.core.readiness;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Places that are filled from a bank, each filling as likely as the others: how many places come
 * out right. Which words are right at which place is a board, and how many right ones there are
 * follows from its rook numbers (Riordan, <i>An Introduction to Combinatorial Analysis</i>, 1958,
 * chapters 7 and 8). Equal cards make it a board with blocks. Exact, in whole numbers; cubic in the
 * places for blocks, exponential in the words of any other connected part.
 */
final class Placings {

  /** The words of a connected part that is no block. */
  private static final int MOST_WORDS = 14;

  private final List<long[]> right;
  private final int bank;
  private boolean exact = true;

  private Placings(List<long[]> right, int bank) {
    this.right = right;
    this.bank = bank;
  }

  /** What came out of it, and whether it could be counted. */
  record Counted(List<Responses.Parts> parts, boolean exact) {}

  /**
   * Counts.
   *
   * @param right for each place and each word whether it is right there
   */
  static Counted of(boolean[][] right, int bank) {
    List<long[]> rows = new ArrayList<>();
    for (boolean[] row : right) {
      long[] bits = new long[(bank + 63) / 64];
      for (int word = 0; word < bank; word++) {
        bits[word / 64] |= row[word] ? 1L << (word % 64) : 0;
      }
      rows.add(bits);
    }
    Placings placings = new Placings(rows, bank);
    return new Counted(placings.count(), placings.exact);
  }

  private List<Responses.Parts> count() {
    int places = right.size();
    BigInteger[] rooks = {BigInteger.ONE};
    for (List<Integer> part : connected()) {
      rooks = times(rooks, rooks(part));
    }
    // Fillings that hold j given right words: what is left is filled anyhow.
    BigInteger all = falling(bank, places);
    List<Responses.Parts> parts = new ArrayList<>();
    for (int hits = 0; hits <= places; hits++) {
      BigInteger sum = BigInteger.ZERO;
      for (int j = hits; j <= places && j < rooks.length; j++) {
        BigInteger term =
            choose(j, hits).multiply(rooks[j]).multiply(falling(bank - j, places - j));
        sum = (j - hits) % 2 == 0 ? sum.add(term) : sum.subtract(term);
      }
      if (sum.signum() > 0) {
        parts.add(new Responses.Parts(hits, places - hits, share(sum, all)));
      }
    }
    return parts;
  }

  /** A quotient of whole numbers that may be larger than a double holds. */
  private static double share(BigInteger part, BigInteger all) {
    int shift = Math.max(0, all.bitLength() - 1_000);
    return part.shiftRight(shift).doubleValue() / all.shiftRight(shift).doubleValue();
  }

  /** Places that share a right word, directly or by way of others. */
  private List<List<Integer>> connected() {
    List<List<Integer>> parts = new ArrayList<>();
    for (int place = 0; place < right.size(); place++) {
      List<Integer> joined = new ArrayList<>(List.of(place));
      List<List<Integer>> apart = new ArrayList<>();
      for (List<Integer> part : parts) {
        int here = place;
        if (part.stream().anyMatch(other -> meets(right.get(other), right.get(here)))) {
          joined.addAll(part);
        } else {
          apart.add(part);
        }
      }
      apart.add(joined);
      parts = apart;
    }
    return parts;
  }

  private static boolean meets(long[] one, long[] other) {
    for (int i = 0; i < one.length; i++) {
      if ((one[i] & other[i]) != 0) {
        return true;
      }
    }
    return false;
  }

  /** In how many ways 0, 1, 2 … of these places are filled right. */
  private BigInteger[] rooks(List<Integer> part) {
    long[] first = right.get(part.getFirst());
    boolean block = part.stream().allMatch(p -> Arrays.equals(right.get(p), first));
    long[] any = new long[first.length];
    for (int place : part) {
      for (int i = 0; i < any.length; i++) {
        any[i] |= right.get(place)[i];
      }
    }
    int words = 0;
    for (long bits : any) {
      words += Long.bitCount(bits);
    }
    if (!block && words <= MOST_WORDS) {
      return searched(part, any);
    }
    exact &= block;
    int most = Math.min(part.size(), words);
    BigInteger[] rooks = new BigInteger[most + 1];
    for (int j = 0; j <= most; j++) {
      rooks[j] = choose(part.size(), j).multiply(falling(words, j));
    }
    return rooks;
  }

  /** Place by place, over the sets of words that are used. */
  private BigInteger[] searched(List<Integer> part, long[] any) {
    List<Integer> words = new ArrayList<>();
    for (int word = 0; word < bank; word++) {
      if ((any[word / 64] >> (word % 64) & 1) == 1) {
        words.add(word);
      }
    }
    long[] ways = new long[1 << words.size()];
    ways[0] = 1;
    for (int place : part) {
      long[] next = ways.clone();
      for (int used = 0; used < ways.length; used++) {
        for (int i = 0; ways[used] > 0 && i < words.size(); i++) {
          int word = words.get(i);
          boolean fits = (right.get(place)[word / 64] >> (word % 64) & 1) == 1;
          if (fits && (used >> i & 1) == 0) {
            next[used | 1 << i] += ways[used];
          }
        }
      }
      ways = next;
    }
    BigInteger[] rooks = new BigInteger[words.size() + 1];
    Arrays.fill(rooks, BigInteger.ZERO);
    for (int used = 0; used < ways.length; used++) {
      int count = Integer.bitCount(used);
      rooks[count] = rooks[count].add(BigInteger.valueOf(ways[used]));
    }
    return rooks;
  }

  private static BigInteger[] times(BigInteger[] one, BigInteger[] other) {
    BigInteger[] product = new BigInteger[one.length + other.length - 1];
    Arrays.fill(product, BigInteger.ZERO);
    for (int i = 0; i < one.length; i++) {
      for (int j = 0; j < other.length; j++) {
        product[i + j] = product[i + j].add(one[i].multiply(other[j]));
      }
    }
    return product;
  }

  private static BigInteger choose(int n, int k) {
    BigInteger ways = BigInteger.ONE;
    for (int i = 1; i <= k; i++) {
      ways = ways.multiply(BigInteger.valueOf(n - k + i)).divide(BigInteger.valueOf(i));
    }
    return ways;
  }

  /** n (n - 1) … (n - k + 1). */
  private static BigInteger falling(int n, int k) {
    BigInteger product = BigInteger.ONE;
    for (int i = 0; i < k; i++) {
      product = product.multiply(BigInteger.valueOf(n - i));
    }
    return product;
  }
}
