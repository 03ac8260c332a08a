package roadbreeze.server.file;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 as hexadecimal digits. */
public final class Sha256 {
  private Sha256() {}

  public static String of(byte[] content) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // every Java has it
    }
  }

  public static String of(String text) {
    return of(text.getBytes(StandardCharsets.UTF_8));
  }
}
