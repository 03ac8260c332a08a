package roadbreeze.server.photo;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Circle;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.drawing.Drawing.Stroke;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A card with four marks, to be stuck on something flat. */
final class PhotoCard {
  /** Between the marks; the card fits on either paper. */
  static final double WIDTH_MM = 220;

  static final double HEIGHT_MM = 140;

  /** Round the marks. */
  private static final double RIM = 12;

  private static final double MARK = 8;

  private PhotoCard() {}

  /** What is written on it. */
  enum Card implements Code {
    TITLE,
    HOW
  }

  static byte[] pdf(PdfDrawing.Paper paper, Units.World world) {
    List<Drawing.Mark> marks = new ArrayList<>();
    for (double x : new double[] {RIM, RIM + WIDTH_MM}) {
      for (double y : new double[] {RIM, RIM + HEIGHT_MM}) {
        marks.add(new Circle(Pen.CUT, x, y, MARK));
        marks.add(new Circle(Pen.CUT, x, y, MARK / 2));
        marks.add(new Stroke(Pen.DRILL, x - MARK - 2, y, x + MARK + 2, y));
        marks.add(new Stroke(Pen.DRILL, x, y - MARK - 2, x, y + MARK + 2));
      }
    }
    double middle = RIM + WIDTH_MM / 2;
    marks.add(
        new Drawing.Words(
            Pen.NOTE, middle, RIM + HEIGHT_MM / 2, 4, Words.of(Card.HOW.with(), world)));
    Drawing card =
        new Drawing(
            Words.of(Card.TITLE.with(), world), WIDTH_MM + 2 * RIM, HEIGHT_MM + 2 * RIM, marks);
    return PdfDrawing.of(List.of(card), paper, Words.of(Written.BAR.with(), world));
  }
}
