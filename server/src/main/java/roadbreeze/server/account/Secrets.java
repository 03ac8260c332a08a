package roadbreeze.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;

/** Codes that are good once. */
final class Secrets {
  /** Nothing that is taken for something else when it is read out. */
  private static final String SIGNS = "23456789ABCDEFGHJKMNPQRSTUVWXYZ";

  private static final SecureRandom RANDOM = new SecureRandom();

  private Secrets() {}

  static String drawn(int length) {
    StringBuilder code = new StringBuilder();
    for (int i = 0; i < length; i++) {
      code.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
    }
    return code.toString();
  }

  /** As somebody types it: small letters and gaps count for nothing. */
  static String read(String typed) {
    return typed.replaceAll("[\\s-]", "").toUpperCase(java.util.Locale.ROOT);
  }

  static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }
}
