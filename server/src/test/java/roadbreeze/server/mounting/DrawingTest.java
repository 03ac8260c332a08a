package roadbreeze.server.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Bracket.BracketHole;
import roadbreeze.server.build.Bracket.BracketStep;
import roadbreeze.server.build.Build;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.DxfDrawing;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.drawing.SvgDrawing;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units.World;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Drawings read by others than those who wrote them: an XML parser, group codes, PDFBox. */
class DrawingTest {
  private static Bracket bracket(double leg) {
    return new Bracket(
        "b",
        "upper <left> 1 & 2",
        1,
        Metal.STEEL,
        3.2,
        25,
        3.2,
        List.of(
            new BracketStep("a", BracketStep.What.LEG, leg, 0),
            new BracketStep("b", BracketStep.What.BEND, 0, 90),
            new BracketStep("c", BracketStep.What.LEG, 60, 0),
            new BracketStep("d", BracketStep.What.TWIST, 100, -90),
            new BracketStep("e", BracketStep.What.LEG, 40, 0)),
        List.of(new BracketHole("h1", "a", 15, 0, 6.6, 0), new BracketHole("h2", "e", 25, 2, 9, 8)),
        null,
        0);
  }

  private static final double FLAT = FlatBracket.of(bracket(60)).flatMm();

  @Test
  void svgIsInMillimetresAndWellFormed() throws Exception {
    String svg = SvgDrawing.of(FlatDrawing.of(bracket(60), World.METRIC));
    Element root =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
            .getDocumentElement();
    double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
    assertThat(root.getAttribute("viewBox")).startsWith("0 0 %.3f".formatted(width));
    NodeList lines = root.getElementsByTagName("line");
    List<Double> cuts = new ArrayList<>();
    for (int i = 0; i < lines.getLength(); i++) {
      Element line = (Element) lines.item(i);
      if (line.getAttribute("class").equals("cut")) {
        cuts.add(
            Math.hypot(
                number(line, "x2") - number(line, "x1"), number(line, "y2") - number(line, "y1")));
      }
    }
    assertThat(cuts).hasSize(4);
    assertThat(cuts.get(0)).isCloseTo(FLAT, within(0.002));
    assertThat(cuts.get(1)).isCloseTo(25, within(0.002));
    assertThat(number((Element) root.getElementsByTagName("circle").item(0), "r"))
        .isCloseTo(3.3, within(1e-9));
    assertThat(root.getTextContent())
        .contains("upper <left> 1 & 2", "Ø 6.6")
        .containsPattern("1: 90.?° up");
  }

  /** What is cut out stands beside the plate that makes it good, each to scale. */
  @Test
  void platesAreDrawnToScaleBesideWhatIsCutOut() throws Exception {
    JobContent tray = Jobs.TILT_TRAY;
    Build plan = tray.build("plan-4");
    List<Drawing> plates =
        RadiatorResult.fit(tray, plan, tray.setup(plan)).plates().stream()
            .map(p -> PlateDrawing.of(p, World.METRIC))
            .toList();
    String svg = SvgDrawing.of(Drawing.beside(plates));
    Element root =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
            .getDocumentElement();
    List<Double> cuts = new ArrayList<>();
    NodeList lines = root.getElementsByTagName("line");
    for (int i = 0; i < lines.getLength(); i++) {
      Element line = (Element) lines.item(i);
      if (line.getAttribute("class").equals("cut")) {
        cuts.add(
            Math.hypot(
                number(line, "x2") - number(line, "x1"), number(line, "y2") - number(line, "y1")));
      }
    }
    // Two edges of 50 × 642 with cuts of 10 × 592, and two plates of 110 × 70.
    assertThat(cuts).hasSize(24);
    assertThat(cuts).filteredOn(c -> Math.abs(c - 642) < 0.01).hasSize(4);
    assertThat(cuts).filteredOn(c -> Math.abs(c - 592) < 0.01).hasSize(4);
    assertThat(cuts).filteredOn(c -> Math.abs(c - 10) < 0.01).hasSize(4);
    assertThat(cuts).filteredOn(c -> Math.abs(c - 110) < 0.01).hasSize(4);
    assertThat(root.getTextContent()).contains("cut out of the support, from −6.0");
    double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
    assertThat(width).isCloseTo(plates.stream().mapToDouble(Drawing::width).sum(), within(0.01));
  }

  private static double number(Element element, String name) {
    return Double.parseDouble(element.getAttribute(name));
  }

  /** Pairs of a code and a value; each entity is what follows its code 0. */
  private record Entity(String kind, List<String[]> groups) {
    double number(int code) {
      return Double.parseDouble(text(code));
    }

    String text(int code) {
      return groups.stream()
          .filter(g -> Integer.parseInt(g[0]) == code)
          .findFirst()
          .orElseThrow()[1];
    }
  }

  private static List<Entity> entities(String dxf) {
    String[] lines = dxf.split("\r\n");
    assertThat(lines.length % 2).isZero();
    List<Entity> found = new ArrayList<>();
    for (int i = 0; i < lines.length; i += 2) {
      if (lines[i].equals("0")) {
        found.add(new Entity(lines[i + 1], new ArrayList<>()));
      } else {
        found.get(found.size() - 1).groups().add(new String[] {lines[i], lines[i + 1]});
      }
    }
    return found;
  }

  @Test
  void dxfIsOfReleaseTwelveWithItsLayers() {
    String dxf = DxfDrawing.of(FlatDrawing.of(bracket(60), World.METRIC));
    assertThat(dxf).contains("$ACADVER\r\n1\r\nAC1009").endsWith("0\r\nEOF\r\n");
    assertThat(dxf).matches("[\\x0d\\x0a\\x20-\\x7e]*");
    List<Entity> all = entities(dxf);
    List<Entity> cuts =
        all.stream().filter(e -> e.kind().equals("LINE") && e.text(8).equals("CUT")).toList();
    assertThat(cuts).hasSize(4);
    assertThat(cuts.get(0).number(11) - cuts.get(0).number(10)).isCloseTo(FLAT, within(2e-4));
    assertThat(all.stream().filter(e -> e.kind().equals("CIRCLE")).toList())
        .singleElement()
        .satisfies(c -> assertThat(c.number(40)).isEqualTo(3.3));
    assertThat(all.stream().filter(e -> e.kind().equals("ARC"))).hasSize(2);
    assertThat(all.stream().filter(e -> e.kind().equals("LAYER")).map(e -> e.text(2)))
        .contains("CUT", "DRILL", "BEND_UP", "BEND_DOWN");
    assertThat(
            all.stream()
                .filter(e -> e.kind().equals("LINE"))
                .map(e -> e.text(8))
                .filter(l -> l.equals("BEND_UP")))
        .hasSize(1);
  }

  /** By the parser that the front end's packages bring for this alone. */
  @Test
  void dxfIsReadByAParserThatIsNotOurs() throws Exception {
    String script =
        "const d = new (require('dxf-parser'))().parseSync(require('fs').readFileSync(0, 'utf8'));"
            + "console.log(JSON.stringify({version: d.header.$ACADVER, entities: d.entities,"
            + " layers: Object.keys(d.tables.layer.layers)}))";
    ProcessBuilder node = new ProcessBuilder("node", "-e", script);
    node.environment().put("NODE_PATH", "../web/node_modules");
    Process reader = node.start();
    String dxf = DxfDrawing.of(FlatDrawing.of(bracket(60), World.METRIC));
    reader.getOutputStream().write(dxf.getBytes(StandardCharsets.US_ASCII));
    reader.getOutputStream().close();
    String out = new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(reader.waitFor()).as(out).isZero();
    JsonNode read = JsonMapper.shared().readTree(out);
    assertThat(read.get("version").asString()).isEqualTo("AC1009");
    assertThat(read.get("layers").toString()).contains("CUT", "DRILL", "BEND_UP", "BEND_DOWN");
    List<JsonNode> cuts = new ArrayList<>();
    List<JsonNode> holes = new ArrayList<>();
    for (JsonNode e : read.get("entities")) {
      if (e.get("layer").asString().equals("CUT")) {
        cuts.add(e);
      }
      if (e.get("type").asString().equals("CIRCLE")) {
        holes.add(e);
      }
    }
    assertThat(cuts).hasSize(4);
    JsonNode edge = cuts.get(0).get("vertices");
    double start = edge.get(0).get("x").asDouble();
    assertThat(edge.get(1).get("x").asDouble() - start).isCloseTo(FLAT, within(2e-4));
    assertThat(holes).hasSize(1);
    assertThat(holes.get(0).get("radius").asDouble()).isEqualTo(3.3);
    assertThat(holes.get(0).get("center").get("x").asDouble() - start).isCloseTo(15, within(1e-4));
  }

  @Test
  void pdfIsTrueToScaleAndGoesOnOverSeveralSheets() throws Exception {
    byte[] one = pdf(bracket(60), PdfDrawing.Paper.A4);
    try (PDDocument document = Loader.loadPDF(one)) {
      assertThat(document.getNumberOfPages()).isEqualTo(2);
      assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(841.9f, within(0.2f));
      Strokes strokes = new Strokes(document.getPage(0));
      // The bar is 100 mm on paper, and so wide is the strip.
      assertThat(strokes.lengths).anySatisfy(l -> assertThat(l).isCloseTo(100, within(0.01)));
      assertThat(strokes.lengths).anySatisfy(l -> assertThat(l).isCloseTo(25, within(0.01)));
      assertThat(strokes.lengths).anySatisfy(l -> assertThat(l).isCloseTo(FLAT, within(0.01)));
      String text = new PDFTextStripper().getText(document);
      assertThat(text).contains("print at 100 %", "1/2", "2/2", "upper <left> 1 & 2");
    }
    try (PDDocument document = Loader.loadPDF(pdf(bracket(900), PdfDrawing.Paper.LETTER))) {
      // 1,167 mm and its margins over sheets of 255 mm that share 15.
      assertThat(document.getNumberOfPages()).isEqualTo(5);
    }
  }

  private static byte[] pdf(Bracket bracket, PdfDrawing.Paper paper) {
    return PdfDrawing.of(
        List.of(FlatDrawing.of(bracket, World.METRIC)), paper, "100 mm: print at 100 %");
  }

  @Test
  void inchesStandWhereTheReaderHasThemAndWhatCannotBeIsRefused() {
    String svg = SvgDrawing.of(FlatDrawing.of(bracket(60), World.IMPERIAL));
    assertThat(svg).contains("0.591\u00a0in").doesNotContain("\u00a0mm");
    assertThatThrownBy(
            () ->
                FlatDrawing.of(
                    new Bracket(
                        "x",
                        "x",
                        1,
                        Metal.STEEL,
                        3.2,
                        25,
                        3.2,
                        List.of(new BracketStep("a", BracketStep.What.BEND, 0, 90)),
                        List.of(),
                        null,
                        0),
                    World.METRIC))
        .isInstanceOf(BadInputException.class);
  }

  /** Lengths of all straight strokes of a page, mm. */
  private static final class Strokes extends PDFGraphicsStreamEngine {
    private final List<Double> lengths = new ArrayList<>();
    private double x;
    private double y;

    Strokes(PDPage page) throws IOException {
      super(page);
      processPage(page);
    }

    @Override
    public void moveTo(float toX, float toY) {
      x = toX;
      y = toY;
    }

    @Override
    public void lineTo(float toX, float toY) {
      lengths.add(Math.hypot(toX - x, toY - y) / 72 * 25.4);
      moveTo(toX, toY);
    }

    @Override
    public void curveTo(float a, float b, float c, float d, float toX, float toY) {
      moveTo(toX, toY);
    }

    @Override
    public java.awt.geom.Point2D getCurrentPoint() {
      return new java.awt.geom.Point2D.Double(x, y);
    }

    @Override
    public void appendRectangle(
        java.awt.geom.Point2D a,
        java.awt.geom.Point2D b,
        java.awt.geom.Point2D c,
        java.awt.geom.Point2D d) {}

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int rule) {}

    @Override
    public void closePath() {}

    @Override
    public void endPath() {}

    @Override
    public void strokePath() {}

    @Override
    public void fillPath(int rule) {}

    @Override
    public void fillAndStrokePath(int rule) {}

    @Override
    public void shadingFill(COSName name) {}
  }
}
