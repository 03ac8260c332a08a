package roadbreeze.server.book;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * A customer, or a truck or trailer of one.
 *
 * @param owner whose it is; null of a customer
 */
record BookEntry(UUID id, long version, Sort sort, @Nullable UUID owner, BookData data) {

  /** What it is. */
  enum Sort {
    CUSTOMER,
    TRUCK,
    TRAILER
  }

  /**
   * What is known of it.
   *
   * @param contact of a customer
   * @param marking by which a truck or trailer is known from outside: plate, fleet number
   * @param massKg of a trailer as it is towed; null where nobody has said it
   */
  record BookData(
      @NotBlank @Size(max = 80) String name,
      @NotNull @Size(max = 200) String contact,
      @NotNull @Size(max = 40) String marking,
      @NotNull @Size(max = 1000) String note,
      @Nullable @Within(min = 0, max = 60_000, kind = Kind.MASS) Double massKg) {}

  /** One that is added. */
  record BookNew(@NotNull Sort sort, @Nullable UUID owner, @NotNull @Valid BookData data) {}

  /** One as it is edited. */
  record BookEdit(long version, @NotNull @Valid BookData data) {}
}
