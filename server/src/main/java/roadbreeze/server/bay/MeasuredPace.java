package roadbreeze.server.bay;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.order.YardPace;

/** The yard's pace by the minutes that were measured in the bay. */
@Component
class MeasuredPace implements YardPace {
  private final EntityManager database;

  MeasuredPace(EntityManager database) {
    this.database = database;
  }

  /** Of each step the last tick that was not taken back; what took no time was ticked later. */
  @Override
  @Transactional(readOnly = true)
  public Map<String, Pace> paces() {
    List<Tuple> rows =
        database
            .createNativeQuery(
                """
                select e.family as family, count(*) as count,
                  percentile_cont(0.5) within group (order by e.took / e.usual) as ratio
                from bay_event e
                where e.kind = 'DONE' and e.family is not null and e.usual > 0 and e.took >= 1
                  and not exists (select 1 from bay_event l where l.order_id = e.order_id
                    and l.step = e.step and l.seq > e.seq and l.kind in ('DONE', 'UNDONE'))
                group by e.family order by e.family""",
                Tuple.class)
            .getResultList();
    Map<String, Pace> paces = new LinkedHashMap<>();
    for (Tuple row : rows) {
      paces.put(
          row.get("family", String.class),
          new Pace(
              row.get("ratio", Number.class).doubleValue(),
              row.get("count", Number.class).intValue()));
    }
    return paces;
  }
}
