package bravium.server.data;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Locale;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** Names and secrets that nobody can guess, of letters and digits that nobody can mix up. */
public final class Codes {

  /** No vowels, so that no code reads as a word, and none of 0 O 1 I L. */
  private static final String ALPHABET = "23456789bcdfghjkmnpqrstvwxyz";

  private static final String HMAC = "HmacSHA256";
  private static final int CODE = 6;
  private static final int LONG_CODE = 9;
  private static final int ID = 12;
  private static final int TOKEN = 32;
  private static final SecureRandom RANDOM = new SecureRandom();

  private Codes() {}

  /** A code to be read off a board and typed: 6 characters. */
  public static String code() {
    return random(CODE);
  }

  /** A code that opens more than a game: 9 characters, about 43 bits. */
  public static String longCode() {
    return random(LONG_CODE);
  }

  /** The public name of an activity or a sitting: 12 characters. */
  public static String id() {
    return random(ID);
  }

  /** A learner's token or a play's seed: 32 characters, about 150 bits. */
  public static String secret() {
    return random(TOKEN);
  }

  /** A code as it was typed: case, spaces and hyphens don't matter. */
  public static String typed(String code) {
    return code.toLowerCase(Locale.ROOT).replaceAll("[\\s-]", "");
  }

  /** Whether two secrets are the same; how long it takes to say so tells nothing. */
  public static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }

  /** What is kept of a secret: its SHA-256, in hexadecimal digits. */
  public static String hash(String secret) {
    try {
      byte[] bytes = secret.getBytes(StandardCharsets.UTF_8);
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  /** The HMAC-SHA-256 (RFC 2104) of a text under a secret, in hexadecimal digits. */
  public static String hmac(byte[] secret, String text) {
    try {
      Mac mac = Mac.getInstance(HMAC);
      mac.init(new SecretKeySpec(secret, HMAC));
      return HexFormat.of().formatHex(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("every Java has HMAC-SHA-256", e);
    }
  }

  private static String random(int length) {
    return RANDOM
        .ints(length, 0, ALPHABET.length())
        .mapToObj(ALPHABET::charAt)
        .collect(StringBuilder::new, StringBuilder::append, StringBuilder::append)
        .toString();
  }
}
