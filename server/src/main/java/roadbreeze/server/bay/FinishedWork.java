package roadbreeze.server.bay;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Component;
import roadbreeze.server.document.Paper;
import roadbreeze.server.message.Units;
import roadbreeze.server.order.OrderResult.OrderedStep;
import roadbreeze.server.order.OrderResult.StepReading;

/** Work that was done and signed, for a demo yard: what two people would have ticked and read. */
@Component
public class FinishedWork {
  private static final String FITTER = "Ada Ferrow";
  private static final String HELPER = "Wick Dunmore";

  /** Places of screws on a tray, px. */
  private static final int[][] TRAY = {{90, 80}, {180, 140}, {300, 90}, {420, 170}, {520, 100}};

  private final BayPlanner planner;
  private final BayService orders;
  private final BayPhotos photos;
  private final BaySigning signing;

  FinishedWork(BayPlanner planner, BayService orders, BayPhotos photos, BaySigning signing) {
    this.planner = planner;
    this.orders = orders;
    this.photos = photos;
    this.signing = signing;
  }

  /** Begins the work on a build, does it and signs it. */
  public void on(UUID job, String build) {
    BayOrder order = planner.begin(job, build, FITTER);
    BayPlan plan = orders.plan(order.id());
    Instant begun = order.begunAt();
    List<BayEvent> events = new ArrayList<>();
    int count = 0;
    for (OrderedStep s : plan.steps()) {
      String by = count % 3 == 2 ? HELPER : FITTER;
      Instant at = begun.plusMillis(10L * ++count);
      for (StepReading r : s.readings()) {
        if (r.goesTo() == null && r.low() != null && r.high() != null) {
          double value = r.low() + 0.4 * (r.high() - r.low());
          events.add(event(BayEvent.Kind.READ, at, by, s.id(), r.id(), null, value));
        }
      }
      events.add(event(BayEvent.Kind.DONE, at, by, s.id(), null, null, 0.0));
    }
    String first = plan.steps().get(0).id();
    UUID photo = UUID.randomUUID();
    photos.keep(order.id(), photo, tray());
    events.add(
        event(BayEvent.Kind.PHOTOGRAPHED, begun, FITTER, first, photo.toString(), "tray 1", null));
    events.add(
        event(BayEvent.Kind.NOTED, begun, HELPER, first, null, "wing was scratched before", null));
    piece(events, begun, first, "speed nut, upper right", "M6", BayEvent.Kind.BACK);
    piece(events, begun, first, "grille clip, second from the left", "8 mm", BayEvent.Kind.BROKEN);
    for (int i = 0; i < events.size(); i += 50) {
      orders.add(order.id(), events.subList(i, Math.min(events.size(), i + 50)));
    }
    LocalDate day = LocalDate.ofInstant(begun.plus(Duration.ofDays(1)), ZoneOffset.UTC);
    signing.sign(
        order.id(),
        FITTER,
        "tablet in bay 1",
        new BaySigning.Layout(day, Units.World.METRIC, Paper.Size.A4));
  }

  private static void piece(
      List<BayEvent> to, Instant at, String step, String what, String size, BayEvent.Kind end) {
    String id = UUID.randomUUID().toString();
    to.add(
        new BayEvent(
            UUID.randomUUID(),
            BayEvent.Kind.TAKEN,
            at,
            FITTER,
            "tablet in bay 1",
            step,
            id,
            what,
            size,
            BayEvent.Sort.CLIP,
            null));
    to.add(event(end, at.plusMillis(1), FITTER, step, id, null, null));
  }

  private static BayEvent event(
      BayEvent.Kind kind,
      Instant at,
      String by,
      String step,
      String item,
      String text,
      Double value) {
    return new BayEvent(
        UUID.randomUUID(), kind, at, by, "tablet in bay 1", step, item, text, null, null, value);
  }

  /** A tray with screws in it, as a photograph would show it from afar. */
  private static byte[] tray() {
    BufferedImage image = new BufferedImage(640, 260, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setColor(new Color(0x5a6468));
    pen.fillRect(0, 0, 640, 260);
    pen.setColor(new Color(0xd0c7b5));
    pen.fillRoundRect(30, 30, 580, 200, 24, 24);
    pen.setStroke(new BasicStroke(6));
    for (int[] at : TRAY) {
      pen.setColor(new Color(0x343a3d));
      pen.fillOval(at[0] - 16, at[1] - 16, 32, 32);
      pen.setColor(new Color(0x8b9395));
      pen.drawLine(at[0] - 8, at[1], at[0] + 8, at[1]);
    }
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "jpeg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
