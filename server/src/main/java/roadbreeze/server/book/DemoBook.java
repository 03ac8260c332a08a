package roadbreeze.server.book;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.book.BookEntry.BookData;
import roadbreeze.server.book.BookEntry.BookNew;
import roadbreeze.server.book.BookEntry.Sort;

/** Who owns the trucks of a demo yard. */
@Component
public class DemoBook {
  /** Customer, truck with its marking, trailer. */
  private record Owned(String customer, String truck, String marking, String trailer) {}

  private static final List<Owned> OWNERS =
      List.of(
          new Owned("Linden Bees", "Flat-bed utility", "HM 12", "Hive trailer"),
          new Owned("Saltpan Recovery", "Tilt-tray", "HM 40", "A van on the tray"),
          new Owned("Tallow Line Crew", "Bucket truck", "TL 3", "Cable-drum trailer"),
          new Owned("Harrowmere Council", "Snow-plough pickup", "HC 7", "Grit spreader"));

  private final Book book;

  DemoBook(Book book) {
    this.book = book;
  }

  /** Whose the jobs' trucks are, in their order. */
  public void fill(List<UUID> jobs) {
    for (int i = 0; i < Math.min(jobs.size(), OWNERS.size()); i++) {
      Owned o = OWNERS.get(i);
      UUID customer = add(Sort.CUSTOMER, null, o.customer(), "");
      UUID truck = add(Sort.TRUCK, customer, o.truck(), o.marking());
      UUID trailer = add(Sort.TRAILER, customer, o.trailer(), "");
      book.put(jobs.get(i), truck, trailer);
    }
  }

  private UUID add(Sort sort, UUID owner, String name, String marking) {
    return book.add(new BookNew(sort, owner, new BookData(name, "", marking, "", null))).id();
  }
}
