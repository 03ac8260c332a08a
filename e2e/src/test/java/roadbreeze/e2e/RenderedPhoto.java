package roadbreeze.e2e;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/**
 * A front end as a known camera sees it, with the printed card in the opening's plane. Places in mm
 * in the truck's frame, pictures of them in px.
 */
final class RenderedPhoto {
  static final int WIDTH = 1600;
  static final int HEIGHT = 1200;
  static final double CARD_WIDTH = 220;
  static final double CARD_HEIGHT = 140;
  static final double CARD_ACROSS = 300;
  static final double CARD_UP = 300;

  private static final double FOCAL = 0.78 * WIDTH;
  private static final double AT_ACROSS = 480;
  private static final double AT_UP = 300;
  private static final double AT_FORWARD = 950;

  /** The camera looks a little to the left and down. */
  private static final double YAW = Math.toRadians(5);

  private static final double PITCH = Math.toRadians(3);

  /** The opening seen from the front. */
  private final double left;

  private final double bottom;
  private final double width;
  private final double height;

  RenderedPhoto(double left, double bottom, double width, double height) {
    this.left = left;
    this.bottom = bottom;
    this.width = width;
    this.height = height;
  }

  /** Where a place is in the picture. */
  static Point2D px(double across, double up, double back) {
    double x = across - AT_ACROSS;
    double y = up - AT_UP;
    double z = AT_FORWARD + back;
    double turned = x * Math.cos(YAW) + z * Math.sin(YAW);
    double ahead = z * Math.cos(YAW) - x * Math.sin(YAW);
    double tilted = y * Math.cos(PITCH) + ahead * Math.sin(PITCH);
    double depth = ahead * Math.cos(PITCH) - y * Math.sin(PITCH);
    return new Point2D.Double(
        WIDTH / 2.0 + FOCAL * turned / depth, HEIGHT / 2.0 - FOCAL * tilted / depth);
  }

  /** The card's marks, round it from the upper left. */
  static Point2D[] marks() {
    return new Point2D[] {
      px(CARD_ACROSS - CARD_WIDTH / 2, CARD_UP + CARD_HEIGHT / 2, 0),
      px(CARD_ACROSS + CARD_WIDTH / 2, CARD_UP + CARD_HEIGHT / 2, 0),
      px(CARD_ACROSS + CARD_WIDTH / 2, CARD_UP - CARD_HEIGHT / 2, 0),
      px(CARD_ACROSS - CARD_WIDTH / 2, CARD_UP - CARD_HEIGHT / 2, 0)
    };
  }

  Point2D lowerLeft() {
    return px(left, bottom, 0);
  }

  Point2D lowerRight() {
    return px(left + width, bottom, 0);
  }

  /**
   * @param holes drawn as dark discs: across, up, back
   */
  byte[] png(double[]... holes) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(new Color(0x8a8378));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    fill(g, new Color(0x34383c), left, bottom, width, height, 0);
    g.setStroke(new BasicStroke(1));
    for (double up = bottom + 20; up < bottom + height; up += 10) {
      line(g, new Color(0x5b6166), left + 30, up, left + width - 30, up, 130);
    }
    fill(g, Color.WHITE, CARD_ACROSS - 130, CARD_UP - 90, 260, 180, 0);
    for (Point2D mark : marks()) {
      g.setColor(Color.BLACK);
      g.setStroke(new BasicStroke(2));
      g.drawOval((int) mark.getX() - 8, (int) mark.getY() - 8, 16, 16);
      g.drawLine(
          (int) mark.getX() - 11, (int) mark.getY(), (int) mark.getX() + 11, (int) mark.getY());
      g.drawLine(
          (int) mark.getX(), (int) mark.getY() - 11, (int) mark.getX(), (int) mark.getY() + 11);
    }
    for (double[] hole : holes) {
      Point2D at = px(hole[0], hole[1], hole[2]);
      g.setColor(new Color(0xd9cdb8));
      g.fillOval((int) at.getX() - 14, (int) at.getY() - 14, 28, 28);
      g.setColor(Color.BLACK);
      g.fillOval((int) at.getX() - 7, (int) at.getY() - 7, 14, 14);
    }
    g.dispose();
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void fill(
      Graphics2D g, Color colour, double x, double y, double w, double h, double back) {
    Path2D path = new Path2D.Double();
    double[][] corners = {{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}};
    for (int i = 0; i < 4; i++) {
      Point2D p = px(corners[i][0], corners[i][1], back);
      if (i == 0) {
        path.moveTo(p.getX(), p.getY());
      } else {
        path.lineTo(p.getX(), p.getY());
      }
    }
    path.closePath();
    g.setColor(colour);
    g.fill(path);
  }

  private static void line(
      Graphics2D g, Color colour, double x1, double y1, double x2, double y2, double back) {
    g.setColor(colour);
    Point2D a = px(x1, y1, back);
    Point2D b = px(x2, y2, back);
    g.drawLine((int) a.getX(), (int) a.getY(), (int) b.getX(), (int) b.getY());
  }
}
