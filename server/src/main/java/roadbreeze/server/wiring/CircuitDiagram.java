package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.eclipse.elk.alg.layered.options.LayerConstraint;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.alg.layered.options.NodePlacementStrategy;
import org.eclipse.elk.alg.layered.options.OrderingStrategy;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.math.ElkPadding;
import org.eclipse.elk.core.math.KVector;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.options.EdgeRouting;
import org.eclipse.elk.core.options.PortConstraints;
import org.eclipse.elk.core.options.PortSide;
import org.eclipse.elk.core.util.BasicProgressMonitor;
import org.eclipse.elk.graph.ElkBendPoint;
import org.eclipse.elk.graph.ElkEdge;
import org.eclipse.elk.graph.ElkEdgeSection;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.ElkPort;
import org.eclipse.elk.graph.util.ElkGraphUtil;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Scheme;

/**
 * A circuit drawn with the current flowing down the page: every part below what feeds it, its fed
 * terminals on its upper side. Measures mm, x to the right, y down.
 *
 * @param ways one for each wire; those of metal on metal have the id of their thread
 * @param joints where several wires of one terminal part
 */
record CircuitDiagram(
    double width,
    double height,
    List<DrawnPart> parts,
    List<DrawnWire> ways,
    List<DrawnDot> joints) {

  /** A part with its terminals; the battery is drawn as what is taken from it. */
  record DrawnPart(
      String id, double x, double y, double width, double height, List<DrawnTerminal> terminals) {}

  /**
   * A terminal where a wire ends.
   *
   * @param fed on the upper side
   */
  record DrawnTerminal(String name, double x, double y, boolean fed) {}

  /**
   * A wire from its first terminal to its second.
   *
   * @param number where its number stands
   */
  record DrawnWire(String id, List<DrawnDot> points, DrawnDot number) {}

  /** A place. */
  record DrawnDot(double x, double y) {}

  /** Between two terminals of a side. */
  private static final double PITCH = 13;

  /** Where along its piece a number is tried, how far beside it, and from others, mm. */
  private static final double[] ALONG = {0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9};

  private static final double BESIDE = 2.8;
  private static final double CROWDED = 5;

  /** A letter of what stands beside a part is about so wide. */
  private static final double LETTER = 1.75;

  /** Wires stand apart by so much, and from what they pass. */
  private static final double LANE = 4.5;

  private static final double APART = 8;
  private static final double LAYERS = 7;

  /**
   * @param words what stands beside a part, its longest line
   */
  static CircuitDiagram of(Scheme scheme, Function<Scheme.Placed, String> words) {
    return new Maker(scheme, words).make();
  }

  private static final class Maker {
    /** Marks the lower side of a terminal that has both. */
    private static final String OUT = "/out";

    private final Scheme scheme;
    private final Function<Scheme.Placed, String> words;
    private final ElkNode root = ElkGraphUtil.createGraph();
    private final Map<String, ElkNode> nodes = new HashMap<>();
    private final Map<String, ElkPort> ports = new HashMap<>();
    private final Map<String, ElkEdge> edges = new HashMap<>();

    Maker(Scheme scheme, Function<Scheme.Placed, String> words) {
      this.scheme = scheme;
      this.words = words;
    }

    CircuitDiagram make() {
      root.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
      root.setProperty(CoreOptions.DIRECTION, Direction.DOWN);
      root.setProperty(CoreOptions.EDGE_ROUTING, EdgeRouting.ORTHOGONAL);
      root.setProperty(CoreOptions.PADDING, new ElkPadding(6));
      root.setProperty(LayeredOptions.SPACING_NODE_NODE, APART);
      root.setProperty(LayeredOptions.SPACING_EDGE_EDGE, LANE);
      root.setProperty(LayeredOptions.SPACING_EDGE_NODE, LANE);
      root.setProperty(LayeredOptions.SPACING_EDGE_EDGE_BETWEEN_LAYERS, LANE);
      root.setProperty(LayeredOptions.SPACING_EDGE_NODE_BETWEEN_LAYERS, LANE);
      root.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, LAYERS);
      root.setProperty(
          LayeredOptions.NODE_PLACEMENT_STRATEGY, NodePlacementStrategy.NETWORK_SIMPLEX);
      root.setProperty(LayeredOptions.CONSIDER_MODEL_ORDER_STRATEGY, OrderingStrategy.PREFER_EDGES);
      for (Scheme.Placed p : scheme.parts()) {
        if (!(p.part() instanceof Part.Battery)) {
          node(p);
        }
      }
      for (Run run : scheme.runs()) {
        edge(run.id(), run.from(), run.to());
      }
      for (Part.Thread t : scheme.all(Part.Thread.class)) {
        edge(t.id(), t.terminal(), t.at("31"));
      }
      new RecursiveGraphLayoutEngine().layout(root, new BasicProgressMonitor());
      return drawn();
    }

    private void edge(String id, String from, String to) {
      ElkPort out = ports.getOrDefault(from + OUT, ports.get(from));
      edges.put(id, ElkGraphUtil.createSimpleEdge(out, ports.get(to)));
    }

    /** Terminals that a wire comes to are on the upper side, others that are used on the lower. */
    private void node(Scheme.Placed placed) {
      Part part = placed.part();
      Set<String> fed = new LinkedHashSet<>();
      Set<String> feeding = new LinkedHashSet<>();
      for (String t : terminals(part)) {
        String at = part.at(t);
        boolean into =
            scheme.runs().stream().anyMatch(r -> r.to().equals(at)) || part instanceof Part.Thread;
        boolean from =
            scheme.runs().stream().anyMatch(r -> r.from().equals(at))
                || scheme.all(Part.Thread.class).stream().anyMatch(h -> h.terminal().equals(at));
        if (into) {
          fed.add(t);
        }
        if (from) {
          feeding.add(t);
        }
      }
      Size size =
          size(part, Math.max(fed.size(), feeding.size()), words.apply(placed).length() * LETTER);
      ElkNode node = ElkGraphUtil.createNode(root);
      node.setIdentifier(part.id());
      node.setDimensions(size.width(), size.height());
      node.setProperty(CoreOptions.PORT_CONSTRAINTS, PortConstraints.FIXED_POS);
      if (part instanceof Part.Tap || part instanceof Part.Line) {
        node.setProperty(LayeredOptions.LAYERING_LAYER_CONSTRAINT, LayerConstraint.FIRST);
      }
      nodes.put(part.id(), node);
      place(part, node, fed, true, size);
      place(part, node, feeding, false, size);
    }

    private static List<String> terminals(Part part) {
      return part instanceof Part.Thread ? List.of("31") : part.terminals();
    }

    private void place(Part part, ElkNode node, Set<String> names, boolean fed, Size size) {
      int k = 0;
      for (String name : names) {
        ElkPort port = ElkGraphUtil.createPort(node);
        double x = size.symbol() * (k + 0.5) / names.size();
        port.setLocation(x, fed ? 0 : size.height());
        port.setProperty(CoreOptions.PORT_SIDE, fed ? PortSide.NORTH : PortSide.SOUTH);
        // A splice has both sides at one terminal: its wires leave by the lower one.
        ports.put(part.at(name) + (fed ? "" : OUT), port);
        ports.putIfAbsent(part.at(name), port);
        k++;
      }
    }

    /** What it is drawn as, with room for words beside it. */
    private static Size size(Part part, int side, double words) {
      if (part instanceof Part.Relay) {
        return new Size(Math.max(2, side) * PITCH, 24, 4 + words);
      } else if (part instanceof Part.Controller || part instanceof Part.Module) {
        return new Size(Math.max(Math.max(3, side) * PITCH, words + 4), 18, 0);
      } else if (part instanceof Part.Motor) {
        return new Size(18, 18, 2 + words);
      } else if (part instanceof Part.Splice) {
        return new Size(2, 2, 0);
      } else if (part instanceof Part.Earth || part instanceof Part.Thread) {
        return new Size(12, 8, 2 + words);
      } else if (part instanceof Part.Line || part instanceof Part.Tap) {
        return new Size(Math.max(30, words + 6), 9, 0);
      } else if (part instanceof Part.Diode) {
        return new Size(10, 12, 10);
      }
      return new Size(10, 17, 3 + words);
    }

    /**
     * @param words room beside it
     */
    private record Size(double symbol, double height, double words) {
      double width() {
        return symbol + words;
      }
    }

    private CircuitDiagram drawn() {
      List<DrawnPart> parts = new ArrayList<>();
      for (Scheme.Placed p : scheme.parts()) {
        ElkNode n = nodes.get(p.part().id());
        if (n != null) {
          parts.add(part(p.part(), n));
        }
      }
      List<DrawnWire> ways = new ArrayList<>();
      List<DrawnDot> joints = new ArrayList<>();
      edges.forEach(
          (id, edge) -> {
            List<DrawnDot> points = points(edge);
            ways.add(new DrawnWire(id, points, number(points, ways)));
            for (KVector v : edge.getProperty(CoreOptions.JUNCTION_POINTS)) {
              DrawnDot dot = new DrawnDot(round(v.x), round(v.y));
              if (!joints.contains(dot)) {
                joints.add(dot);
              }
            }
          });
      return new CircuitDiagram(
          round(root.getWidth()), round(root.getHeight()), parts, ways, joints);
    }

    private DrawnPart part(Part part, ElkNode n) {
      List<DrawnTerminal> terminals = new ArrayList<>();
      for (ElkPort port : n.getPorts()) {
        String key =
            ports.entrySet().stream()
                .filter(e -> e.getValue() == port)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow();
        String name = key.substring(part.id().length() + 1).replace(OUT, "");
        terminals.add(
            new DrawnTerminal(
                name,
                round(n.getX() + port.getX()),
                round(n.getY() + port.getY()),
                port.getY() == 0));
      }
      return new DrawnPart(
          part.id(), round(n.getX()), round(n.getY()), n.getWidth(), n.getHeight(), terminals);
    }

    private static List<DrawnDot> points(ElkEdge edge) {
      List<DrawnDot> points = new ArrayList<>();
      ElkEdgeSection way = edge.getSections().get(0);
      points.add(new DrawnDot(round(way.getStartX()), round(way.getStartY())));
      for (ElkBendPoint bend : way.getBendPoints()) {
        points.add(new DrawnDot(round(bend.getX()), round(bend.getY())));
      }
      points.add(new DrawnDot(round(way.getEndX()), round(way.getEndY())));
      return points;
    }

    /**
     * Beside the middle of the longest straight piece, or where along it no other number stands.
     */
    private static DrawnDot number(List<DrawnDot> points, List<DrawnWire> before) {
      DrawnDot a = points.get(0);
      DrawnDot b = points.get(1);
      for (int i = 2; i < points.size(); i++) {
        if (apart(points.get(i - 1), points.get(i)) > apart(a, b)) {
          a = points.get(i - 1);
          b = points.get(i);
        }
      }
      boolean upright = a.x() == b.x();
      for (double along : ALONG) {
        DrawnDot at =
            new DrawnDot(
                round(a.x() + along * (b.x() - a.x()) + (upright ? BESIDE : 0)),
                round(a.y() + along * (b.y() - a.y()) - (upright ? 0 : BESIDE)));
        if (before.stream().allMatch(w -> apart(w.number(), at) > CROWDED)) {
          return at;
        }
      }
      return new DrawnDot(round((a.x() + b.x()) / 2), round((a.y() + b.y()) / 2));
    }

    private static double apart(DrawnDot a, DrawnDot b) {
      return Math.abs(a.x() - b.x()) + Math.abs(a.y() - b.y());
    }

    /** A hundredth of a millimetre is enough. */
    private static double round(double v) {
      return Math.round(v * 100) / 100.0;
    }
  }
}
