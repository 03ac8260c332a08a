package roadbreeze.server.log;

import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import roadbreeze.server.problem.Refusal;

/** Bytes of a logger's file as text: UTF-8, UTF-16 with its mark, or Windows-1252. */
public final class LogText {
  private static final int HEAD = 1 << 16;

  private LogText() {}

  /**
   * Reads on as far as it is asked to.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is packed, or no text
   */
  public static Reader of(InputStream file) throws IOException {
    BufferedInputStream in = new BufferedInputStream(file, HEAD);
    in.mark(HEAD);
    byte[] head = in.readNBytes(HEAD);
    in.reset();
    Charset charset = charset(head);
    skipMark(in, head);
    return new BufferedReader(new InputStreamReader(in, charset), HEAD);
  }

  /** The beginning alone. */
  static String head(byte[] bytes) {
    Charset charset = charset(bytes);
    String text = new String(bytes, charset);
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }

  private static Charset charset(byte[] head) {
    if (begins(head, 'P', 'K') || begins(head, 0x1f, 0x8b) || begins(head, '7', 'z')) {
      throw Refusal.PACKED.refuse(); // nobody knows how large it grows
    }
    if (begins(head, 0xff, 0xfe)) {
      return StandardCharsets.UTF_16LE;
    }
    if (begins(head, 0xfe, 0xff)) {
      return StandardCharsets.UTF_16BE;
    }
    for (byte b : head) {
      if (b == 0) {
        throw Refusal.NOT_TEXT.refuse();
      }
    }
    return utf8(head) ? StandardCharsets.UTF_8 : Charset.forName("windows-1252");
  }

  private static boolean begins(byte[] head, int one, int other) {
    return head.length > 1 && head[0] == (byte) one && head[1] == (byte) other;
  }

  /** Its end may lie in the middle of a sign. */
  private static boolean utf8(byte[] head) {
    for (int cut = 0; cut < Math.min(4, head.length + 1); cut++) {
      try {
        StandardCharsets.UTF_8
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .decode(ByteBuffer.wrap(Arrays.copyOf(head, head.length - cut)));
        return true;
      } catch (CharacterCodingException e) {
        continue;
      }
    }
    return false;
  }

  private static void skipMark(InputStream in, byte[] head) throws IOException {
    boolean three = head.length > 2 && begins(head, 0xef, 0xbb) && head[2] == (byte) 0xbf;
    int mark = three ? 3 : begins(head, 0xff, 0xfe) || begins(head, 0xfe, 0xff) ? 2 : 0;
    in.readNBytes(mark);
  }
}
