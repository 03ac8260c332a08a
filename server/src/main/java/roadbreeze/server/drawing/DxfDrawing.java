package roadbreeze.server.drawing;

import java.util.Locale;

/**
 * A drawing as DXF of release 12, the oldest that everything reads: pairs of a group code and a
 * value, entities by themselves, in mm. No library for it is in the registry of Java.
 */
public final class DxfDrawing {
  private final StringBuilder dxf = new StringBuilder();

  private DxfDrawing() {}

  public static String of(Drawing drawing) {
    return new DxfDrawing().write(drawing);
  }

  private String write(Drawing drawing) {
    group(0, "SECTION");
    group(2, "HEADER");
    group(9, "$ACADVER");
    group(1, "AC1009");
    group(9, "$EXTMIN");
    place(10, 0, 0);
    group(9, "$EXTMAX");
    place(10, drawing.width(), drawing.height());
    group(0, "ENDSEC");
    tables();
    group(0, "SECTION");
    group(2, "ENTITIES");
    drawing.marks().forEach(this::entity);
    group(0, "ENDSEC");
    group(0, "EOF");
    return dxf.toString();
  }

  private void tables() {
    group(0, "SECTION");
    group(2, "TABLES");
    group(0, "TABLE");
    group(2, "LTYPE");
    group(70, "2");
    lineType("CONTINUOUS", "", 0);
    lineType("DASHED", "__ __ __", 5);
    group(49, "3.0");
    group(49, "-2.0");
    group(0, "ENDTAB");
    group(0, "TABLE");
    group(2, "LAYER");
    group(70, String.valueOf(Drawing.Pen.values().length));
    for (Drawing.Pen pen : Drawing.Pen.values()) {
      group(0, "LAYER");
      group(2, pen.name());
      group(70, "0");
      group(62, String.valueOf(pen.colour()));
      group(6, pen.dashed() ? "DASHED" : "CONTINUOUS");
    }
    group(0, "ENDTAB");
    group(0, "ENDSEC");
  }

  private void lineType(String name, String looks, double length) {
    group(0, "LTYPE");
    group(2, name);
    group(70, "0");
    group(3, looks);
    group(72, "65");
    group(73, length > 0 ? "2" : "0");
    number(40, length);
  }

  private void entity(Drawing.Mark mark) {
    if (mark instanceof Drawing.Stroke line) {
      start("LINE", mark.pen());
      place(10, line.x1(), line.y1());
      place(11, line.x2(), line.y2());
    } else if (mark instanceof Drawing.Circle circle) {
      start("CIRCLE", mark.pen());
      place(10, circle.x(), circle.y());
      number(40, circle.radius());
    } else if (mark instanceof Drawing.Arc arc) {
      start("ARC", mark.pen());
      place(10, arc.x(), arc.y());
      number(40, arc.radius());
      number(50, arc.from());
      number(51, arc.to());
    } else if (mark instanceof Drawing.Words words) {
      start("TEXT", mark.pen());
      place(10, words.x(), words.y());
      number(40, words.size());
      group(1, plain(words.text()));
      if (words.centred()) {
        group(72, "1");
        place(11, words.x(), words.y());
      }
    }
  }

  /** Release 12 knows ASCII and three signs by codes of their own. */
  private static String plain(String text) {
    String known =
        text.replace("°", "%%d")
            .replace("Ø", "%%c")
            .replace("±", "%%p")
            .replace('×', 'x')
            .replace('−', '-')
            .replace('\u00a0', ' ')
            .replace('\u202f', ' ')
            .replace('’', '\'');
    return known.replaceAll("[^\\x20-\\x7e]", "?");
  }

  private void start(String entity, Drawing.Pen pen) {
    group(0, entity);
    group(8, pen.name());
  }

  private void place(int code, double x, double y) {
    number(code, x);
    number(code + 10, y);
  }

  private void number(int code, double value) {
    group(code, String.format(Locale.ROOT, "%.4f", value));
  }

  private void group(int code, String value) {
    dxf.append(code).append("\r\n").append(value).append("\r\n");
  }
}
