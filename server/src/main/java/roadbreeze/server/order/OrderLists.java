package roadbreeze.server.order;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import roadbreeze.server.order.OrderResult.OrderedStep;

/**
 * What the steps of an order ask for, each thing once with the steps that want it.
 *
 * @param tools to lay out
 * @param parts parts and consumables
 * @param carries what carries over and is easily forgotten
 * @param photos what to photograph, each with its step
 * @param two ids of steps for which there must be a second person
 */
public record OrderLists(
    List<ListedThing> tools,
    List<ListedThing> parts,
    List<ListedThing> carries,
    List<ListedThing> photos,
    List<String> two) {

  /**
   * A line of a list.
   *
   * @param steps ids of those that want it, in their order
   */
  public record ListedThing(String what, List<String> steps) {}

  static OrderLists of(List<OrderedStep> steps) {
    return new OrderLists(
        list(steps, OrderedStep::tools),
        list(steps, OrderedStep::parts),
        list(steps, OrderedStep::carries),
        list(steps, OrderedStep::photos),
        steps.stream().filter(s -> s.people() > 1).map(OrderedStep::id).toList());
  }

  private static List<ListedThing> list(
      List<OrderedStep> steps, Function<OrderedStep, List<String>> what) {
    Map<String, List<String>> wanted = new LinkedHashMap<>();
    for (OrderedStep s : steps) {
      what.apply(s).forEach(w -> wanted.computeIfAbsent(w, k -> new ArrayList<>()).add(s.id()));
    }
    return wanted.entrySet().stream().map(e -> new ListedThing(e.getKey(), e.getValue())).toList();
  }
}
