package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How short a day can be at best: the longest chain of what waits for each other, where between any
 * two steps there is room for the hands of all that must lie between them. What is opened again is
 * counted only where it surely is.
 */
public final class LeastDay {
  private final List<Step> steps;
  private final Map<String, Integer> index = new HashMap<>();
  private final int people;

  /** Longest wait from the end of a step to the beginning of another, min; −1 where none waits. */
  private final int[][] between;

  private LeastDay(List<Step> given, Rule.Rules rules, int people) {
    this.people = people;
    Set<String> sure = new HashSet<>();
    Set<String> repeated = rules.repeated();
    for (Rule.Cycle c : rules.cycles()) {
      if (!c.toggle().atFirst() && !c.inside().isEmpty()) {
        sure.addAll(c.toggle().opens());
      }
    }
    steps =
        given.stream().filter(s -> !repeated.contains(s.id()) || sure.contains(s.id())).toList();
    for (int i = 0; i < steps.size(); i++) {
      index.put(steps.get(i).id(), i);
    }
    between = new int[steps.size()][steps.size()];
    for (int[] row : between) {
      Arrays.fill(row, -1);
    }
    rules.rules().stream()
        .filter(r -> !repeated.contains(r.before()) && !repeated.contains(r.after()))
        .forEach(r -> waits(r.before(), r.after(), 0));
    rules.firm().stream()
        .filter(r -> sure.contains(r.before()))
        .forEach(r -> waits(r.before(), r.after(), 0));
    Rule.gaps(rules, given).forEach(g -> waits(g.before(), g.after(), g.minutes()));
    close();
  }

  /**
   * @param steps without a ring in their rules
   * @return min
   */
  public static int of(List<Step> steps, Rule.Rules rules, int people) {
    LeastDay day = new LeastDay(steps, rules, people);
    day.energy();
    day.close();
    return day.longest();
  }

  /** The longest way from the end of each step to the end of the day, min. */
  static Map<String, Integer> tails(List<Step> steps, Rule.Rules rules, int people) {
    LeastDay day = new LeastDay(steps, rules, people);
    Map<String, Integer> tails = new HashMap<>();
    for (int i = 0; i < day.steps.size(); i++) {
      int tail = 0;
      for (int k = 0; k < day.steps.size(); k++) {
        if (day.between[i][k] >= 0) {
          tail = Math.max(tail, day.between[i][k] + day.steps.get(k).lasts());
        }
      }
      tails.put(day.steps.get(i).id(), tail + day.steps.get(i).lasts());
    }
    return tails;
  }

  private void waits(String before, String after, int minutes) {
    Integer a = index.get(before);
    Integer b = index.get(after);
    if (a != null && b != null) {
      between[a][b] = Math.max(between[a][b], minutes);
    }
  }

  /** Longest ways through others, Floyd's way: there are no rings. */
  private void close() {
    int n = steps.size();
    for (int k = 0; k < n; k++) {
      int lasts = steps.get(k).lasts();
      for (int i = 0; i < n; i++) {
        if (between[i][k] >= 0) {
          for (int j = 0; j < n; j++) {
            if (between[k][j] >= 0) {
              between[i][j] = Math.max(between[i][j], between[i][k] + lasts + between[k][j]);
            }
          }
        }
      }
    }
  }

  /** Hands of all that must lie between two steps, shared by the people there are. */
  private void energy() {
    int n = steps.size();
    List<int[]> more = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        if (between[i][j] >= 0) {
          int work = 0;
          for (int k = 0; k < n; k++) {
            if (between[i][k] >= 0 && between[k][j] >= 0) {
              work += work(steps.get(k));
            }
          }
          int room = (work + people - 1) / people;
          if (room > between[i][j]) {
            more.add(new int[] {i, j, room});
          }
        }
      }
    }
    more.forEach(m -> between[m[0]][m[1]] = m[2]);
  }

  private int work(Step step) {
    return step.hands() * Math.min(people, step.people());
  }

  /** What comes before a step, the step, and what comes after it. */
  private int longest() {
    int n = steps.size();
    int all = (steps.stream().mapToInt(this::work).sum() + people - 1) / people;
    for (int i = 0; i < n; i++) {
      int before = 0;
      int after = 0;
      int workBefore = 0;
      int workAfter = 0;
      for (int k = 0; k < n; k++) {
        if (between[k][i] >= 0) {
          before = Math.max(before, steps.get(k).lasts() + between[k][i]);
          workBefore += work(steps.get(k));
        }
        if (between[i][k] >= 0) {
          after = Math.max(after, between[i][k] + steps.get(k).lasts());
          workAfter += work(steps.get(k));
        }
      }
      before = Math.max(before, (workBefore + people - 1) / people);
      after = Math.max(after, (workAfter + people - 1) / people);
      all = Math.max(all, before + steps.get(i).lasts() + after);
    }
    return all;
  }
}
