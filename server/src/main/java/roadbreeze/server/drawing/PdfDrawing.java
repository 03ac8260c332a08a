package roadbreeze.server.drawing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/**
 * Drawings as PDF at their true size. What is longer than a sheet goes on over several, each with
 * crosses where they are laid on each other, and every sheet has a bar of 100 mm to hold a rule to.
 */
public final class PdfDrawing {
  /** Sheets, laid across, mm. */
  public enum Paper {
    A4(297, 210),
    LETTER(279.4, 215.9);

    private final double width;
    private final double height;

    Paper(double width, double height) {
      this.width = width;
      this.height = height;
    }

    /** Room for a drawing on one sheet, mm. */
    public double drawnWidth() {
      return width - 2 * MARGIN;
    }

    public double drawnHeight() {
      return height - 2 * MARGIN - FOOT;
    }
  }

  /** Points of a millimetre. */
  private static final double POINT = 72 / 25.4;

  private static final double MARGIN = 12;

  /** What two sheets have in common. */
  private static final double OVERLAP = 15;

  /** Under the drawing, for the bar and the title. */
  private static final double FOOT = 18;

  private static final double BAR = 100;
  private static final double CROSS = 4;

  private final Paper paper;
  private final PDDocument document;
  private final PDFont font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
  private final String check;
  private PDPageContentStream page;
  private double dx;
  private double dy;

  private PdfDrawing(Paper paper, PDDocument document, String check) {
    this.paper = paper;
    this.document = document;
    this.check = check;
  }

  /**
   * @param check words under the bar
   */
  public static byte[] of(List<Drawing> drawings, Paper paper, String check) {
    try (PDDocument document = new PDDocument()) {
      PdfDrawing pdf = new PdfDrawing(paper, document, check);
      for (Drawing drawing : drawings) {
        pdf.sheets(drawing);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void sheets(Drawing drawing) throws IOException {
    double wide = paper.drawnWidth();
    double high = paper.drawnHeight();
    int across = tiles(drawing.width(), wide);
    int up = tiles(drawing.height(), high);
    for (int row = 0; row < up; row++) {
      for (int column = 0; column < across; column++) {
        double left = column * (wide - OVERLAP);
        double low = row * (high - OVERLAP);
        String number =
            across * up > 1 ? "  %d/%d".formatted(row * across + column + 1, across * up) : "";
        sheet(drawing, left, low, wide, high, drawing.title() + number, across * up > 1);
      }
    }
  }

  private static int tiles(double size, double room) {
    return size <= room ? 1 : (int) Math.ceil((size - OVERLAP) / (room - OVERLAP) - 1e-9);
  }

  private void sheet(
      Drawing drawing,
      double left,
      double low,
      double wide,
      double high,
      String title,
      boolean joined)
      throws IOException {
    PDPage sheet =
        new PDPage(new PDRectangle((float) (paper.width * POINT), (float) (paper.height * POINT)));
    document.addPage(sheet);
    try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
      page = content;
      page.saveGraphicsState();
      page.addRect(pt(MARGIN), pt(MARGIN + FOOT), pt(wide), pt(high));
      page.clip();
      dx = MARGIN - left;
      dy = MARGIN + FOOT - low;
      for (Drawing.Mark mark : drawing.marks()) {
        draw(mark);
      }
      page.restoreGraphicsState();
      dx = 0;
      dy = 0;
      if (joined) {
        crosses(wide, high);
      }
      foot(title);
    }
  }

  /** Crosses at the same places of the drawing on each sheet that shows them. */
  private void crosses(double wide, double high) throws IOException {
    for (double x : new double[] {OVERLAP / 2, wide - OVERLAP / 2}) {
      for (double y : new double[] {OVERLAP / 2, high - OVERLAP / 2}) {
        double px = MARGIN + x;
        double py = MARGIN + FOOT + y;
        draw(new Drawing.Stroke(Drawing.Pen.NOTE, px - CROSS, py, px + CROSS, py));
        draw(new Drawing.Stroke(Drawing.Pen.NOTE, px, py - CROSS, px, py + CROSS));
      }
    }
  }

  private void foot(String title) throws IOException {
    double y = MARGIN + 8;
    draw(new Drawing.Stroke(Drawing.Pen.CUT, MARGIN, y, MARGIN + BAR, y));
    for (int tick = 0; tick <= 10; tick++) {
      double x = MARGIN + tick * BAR / 10;
      double high = tick % 5 == 0 ? 3 : 1.5;
      draw(new Drawing.Stroke(Drawing.Pen.CUT, x, y, x, y + high));
    }
    text(MARGIN, MARGIN + 2, 2.4, check);
    text(MARGIN + BAR + 10, MARGIN + 6, 3.2, title);
  }

  private void draw(Drawing.Mark mark) throws IOException {
    Drawing.Pen pen = mark.pen();
    page.setLineWidth(pt(pen.width()));
    page.setLineDashPattern(pen.dashed() ? new float[] {pt(3), pt(2)} : new float[0], 0);
    if (mark instanceof Drawing.Stroke line) {
      page.moveTo(x(line.x1()), y(line.y1()));
      page.lineTo(x(line.x2()), y(line.y2()));
      page.stroke();
    } else if (mark instanceof Drawing.Circle circle) {
      arc(circle.x(), circle.y(), circle.radius(), 0, 360);
    } else if (mark instanceof Drawing.Arc arc) {
      arc(arc.x(), arc.y(), arc.radius(), arc.from(), arc.to());
    } else if (mark instanceof Drawing.Words words) {
      double width = width(words.text(), words.size());
      double left = words.centred() ? words.x() - width / 2 : words.x();
      text(left + dx, words.y() + dy, words.size(), words.text());
    }
  }

  /**
   * In pieces of a quarter at most, each a curve that is off by a few ten-thousandths of its
   * radius.
   */
  private void arc(double cx, double cy, double radius, double from, double to) throws IOException {
    int pieces = (int) Math.ceil((to - from) / 90 - 1e-9);
    double step = Math.toRadians((to - from) / pieces);
    double reach = radius * 4 / 3 * Math.tan(step / 4);
    double at = Math.toRadians(from);
    page.moveTo(x(cx + radius * Math.cos(at)), y(cy + radius * Math.sin(at)));
    for (int i = 0; i < pieces; i++) {
      double next = at + step;
      page.curveTo(
          x(cx + radius * Math.cos(at) - reach * Math.sin(at)),
          y(cy + radius * Math.sin(at) + reach * Math.cos(at)),
          x(cx + radius * Math.cos(next) + reach * Math.sin(next)),
          y(cy + radius * Math.sin(next) - reach * Math.cos(next)),
          x(cx + radius * Math.cos(next)),
          y(cy + radius * Math.sin(next)));
      at = next;
    }
    page.stroke();
  }

  private void text(double left, double foot, double capitals, String words) throws IOException {
    page.beginText();
    page.setFont(font, pt(capitals / SvgDrawing.CAPITALS));
    page.newLineAtOffset(pt(left), pt(foot));
    page.showText(plain(words));
    page.endText();
  }

  private double width(String words, double capitals) throws IOException {
    return font.getStringWidth(plain(words)) / 1000 * capitals / SvgDrawing.CAPITALS;
  }

  /** What the font of every reader has. */
  private static String plain(String words) {
    String known =
        words.replace('−', '-').replace('\u202f', ' ').replace('\u00a0', ' ').replace('’', '\'');
    return known.replaceAll("[^\\x20-\\x7e\\xa1-\\xff]", "?");
  }

  private float x(double mm) {
    return pt(mm + dx);
  }

  private float y(double mm) {
    return pt(mm + dy);
  }

  private static float pt(double mm) {
    return (float) (mm * POINT);
  }
}
