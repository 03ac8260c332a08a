package roadbreeze.server.book;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** An entry of the book. */
@Entity
@Table(name = "book_entry")
class BookRow {
  @Id private UUID id;
  @Version private long version;

  @Enumerated(EnumType.STRING)
  private BookEntry.Sort sort;

  private UUID ownerId;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected BookRow() {}

  BookRow(BookEntry.Sort sort, UUID owner, BookEntry.BookData data) {
    id = UUID.randomUUID();
    this.sort = sort;
    ownerId = owner;
    write(data);
  }

  final void write(BookEntry.BookData data) {
    body = JsonMapper.shared().writeValueAsString(data);
  }

  BookEntry.Sort sort() {
    return sort;
  }

  BookEntry entry() {
    return new BookEntry(
        id, version, sort, ownerId, JsonMapper.shared().readValue(body, BookEntry.BookData.class));
  }
}
