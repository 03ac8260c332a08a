package roadbreeze.server.photo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import roadbreeze.server.problem.Refusal;

/**
 * What a picture says of itself before it is unpacked.
 *
 * @param kind jpeg, png …
 * @param width px
 * @param height px
 */
public record PhotoHead(String kind, int width, int height) {
  /** No photograph has a longer side, px; what says so would fill the memory. */
  private static final int LONGEST = 12_000;

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no picture, or too large
   */
  public static PhotoHead of(byte[] content) {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw Refusal.NO_PHOTO.refuse();
      }
      ImageReader reader = readers.next();
      reader.setInput(in);
      String kind = reader.getFormatName().toLowerCase(Locale.ROOT);
      PhotoHead head = new PhotoHead(kind, reader.getWidth(0), reader.getHeight(0));
      if (head.longest() > LONGEST) {
        throw Refusal.NO_PHOTO.refuse();
      }
      return head;
    } catch (IOException e) {
      throw Refusal.NO_PHOTO.refuse();
    }
  }

  /** Its longer side, px. */
  public int longest() {
    return Math.max(width, height);
  }
}
