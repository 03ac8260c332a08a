package roadbreeze.server.book;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import roadbreeze.server.book.TruckLife.LifeMoment;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.Job;

@RestController
@RequestMapping("/api")
class BookController {
  private final Book book;
  private final TruckLife life;
  private final CustomerFile file;
  private final SisterTruck sister;

  BookController(Book book, TruckLife life, CustomerFile file, SisterTruck sister) {
    this.book = book;
    this.life = life;
    this.file = file;
    this.sister = sister;
  }

  @Operation(summary = "Customers, trucks and trailers, and how far each job has come")
  @GetMapping("/book")
  Book.WholeBook all() {
    return book.all();
  }

  @PostMapping("/book")
  @ResponseStatus(HttpStatus.CREATED)
  BookEntry add(@Valid @RequestBody BookEntry.BookNew made) {
    return book.add(made);
  }

  @PutMapping("/book/{id}")
  BookEntry save(@PathVariable UUID id, @Valid @RequestBody BookEntry.BookEdit edit) {
    return book.save(id, edit);
  }

  @Operation(summary = "Takes a truck or trailer out; jobs that are about it stay")
  @DeleteMapping("/book/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    book.remove(id);
  }

  /** What a job is about. */
  record JobPlace(@Nullable UUID truck, @Nullable UUID trailer) {}

  @PutMapping("/jobs/{job}/book")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(@PathVariable UUID job, @RequestBody JobPlace place) {
    book.put(job, place.truck(), place.trailer());
  }

  @Operation(summary = "A truck's life on one line, the oldest first")
  @GetMapping("/book/{id}/life")
  List<LifeMoment> life(@PathVariable UUID id) {
    book.entry(id);
    return life.of(id);
  }

  @Operation(summary = "All that is known of a customer, as files in a ZIP")
  @GetMapping("/book/{id}/all")
  ResponseEntity<StreamingResponseBody> everything(@PathVariable UUID id) {
    BookEntry customer = book.entry(id);
    return Attachment.streamed(
        "application/zip", customer.data().name(), "zip", out -> file.write(id, out));
  }

  /** A customer's name, typed by who wants them taken out. */
  record EraseAsk(@NotBlank @Size(max = 80) String name) {}

  @Operation(summary = "Takes out a customer and all that is known of them, for good")
  @PostMapping("/book/{id}/erase")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void erase(@PathVariable UUID id, @Valid @RequestBody EraseAsk ask) {
    book.erase(id, ask.name());
  }

  /** What the sister's job is called. */
  record SisterAsk(@NotBlank @Size(max = 80) String name) {}

  @Operation(
      summary =
          "A job for a truck of the same kind: the plan as it is, all numbers to be measured anew")
  @PostMapping("/jobs/{job}/sister")
  @ResponseStatus(HttpStatus.CREATED)
  Job sister(@PathVariable UUID job, @Valid @RequestBody SisterAsk ask) {
    return sister.of(job, ask.name());
  }
}
