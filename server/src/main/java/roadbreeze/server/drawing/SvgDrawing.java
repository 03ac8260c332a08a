package roadbreeze.server.drawing;

import java.util.Locale;
import org.springframework.web.util.HtmlUtils;

/** A drawing as SVG whose units are millimetres. */
public final class SvgDrawing {
  private SvgDrawing() {}

  public static String of(Drawing drawing) {
    StringBuilder svg = new StringBuilder();
    say(
        svg,
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\""
            + " font-family=\"sans-serif\">%n<title>%s</title>%n",
        drawing.width(),
        drawing.height(),
        drawing.width(),
        drawing.height(),
        drawing.title());
    for (Drawing.Mark mark : drawing.marks()) {
      mark(svg, mark, drawing.height());
    }
    return svg.append("</svg>\n").toString();
  }

  /** Upwards on a drawing is downwards in SVG. */
  private static void mark(StringBuilder svg, Drawing.Mark mark, double height) {
    if (mark instanceof Drawing.Stroke line) {
      say(
          svg,
          "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" %s/>%n",
          line.x1(),
          height - line.y1(),
          line.x2(),
          height - line.y2(),
          style(line.pen()));
    } else if (mark instanceof Drawing.Circle circle) {
      say(
          svg,
          "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"none\" %s/>%n",
          circle.x(),
          height - circle.y(),
          circle.radius(),
          style(circle.pen()));
    } else if (mark instanceof Drawing.Arc arc) {
      double from = Math.toRadians(arc.from());
      double to = Math.toRadians(arc.to());
      say(
          svg,
          "<path d=\"M%s %sA%s %s 0 %s 0 %s %s\" fill=\"none\" %s/>%n",
          arc.x() + arc.radius() * Math.cos(from),
          height - arc.y() - arc.radius() * Math.sin(from),
          arc.radius(),
          arc.radius(),
          arc.to() - arc.from() > 180 ? "1" : "0",
          arc.x() + arc.radius() * Math.cos(to),
          height - arc.y() - arc.radius() * Math.sin(to),
          style(arc.pen()));
    } else if (mark instanceof Drawing.Words words) {
      say(
          svg,
          "<text x=\"%s\" y=\"%s\" font-size=\"%s\" text-anchor=\"%s\">%s</text>%n",
          words.x(),
          height - words.y(),
          words.size() / CAPITALS,
          words.centred() ? "middle" : "start",
          words.text());
    }
  }

  /** Capitals are about so high in a letter's size. */
  static final double CAPITALS = 0.72;

  private static String style(Drawing.Pen pen) {
    String dashes = pen.dashed() ? " stroke-dasharray=\"3 2\"" : "";
    return "class=\"%s\" stroke=\"#000\" stroke-width=\"%s\"%s"
        .formatted(pen.name().toLowerCase(Locale.ROOT).replace('_', '-'), pen.width(), dashes);
  }

  /** Numbers to the thousandth of a millimetre; text with its signs escaped. */
  private static void say(StringBuilder to, String pattern, Object... values) {
    Object[] shown = new Object[values.length];
    for (int i = 0; i < values.length; i++) {
      shown[i] =
          values[i] instanceof Double number
              ? String.format(Locale.ROOT, "%.3f", number)
              : values[i].toString().contains("stroke=")
                  ? values[i]
                  : HtmlUtils.htmlEscape(values[i].toString(), "UTF-8");
    }
    to.append(String.format(Locale.ROOT, pattern, shown));
  }
}
