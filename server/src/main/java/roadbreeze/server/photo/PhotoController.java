package roadbreeze.server.photo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;

/** Photographs, and what is read off them. */
@RestController
@RequestMapping("/api")
class PhotoController {
  /** A photograph that is kept. */
  record PhotoKept(UUID id, int widthPx, int heightPx) {}

  /** A place of a photograph, so far behind the grille line. */
  record PhotoPoint(
      @Within(min = -2000, max = 20000, kind = Kind.COUNT) double xPx,
      @Within(min = -2000, max = 20000, kind = Kind.COUNT) double yPx,
      @Within(min = -3000, max = 3000, kind = Kind.SIZE) double backMm) {}

  /**
   * Places to be measured.
   *
   * @param photo its id in the nose
   */
  record PhotoRequest(
      @NotNull @Valid JobContent job,
      @NotNull String photo,
      @NotNull @Size(max = 200) List<@NotNull @Valid PhotoPoint> points) {}

  private final PhotoService photos;

  PhotoController(PhotoService photos) {
    this.photos = photos;
  }

  /** Keeps a photograph, JPEG or PNG. */
  @PostMapping("/jobs/{job}/photos")
  @ResponseStatus(HttpStatus.CREATED)
  PhotoKept keep(@PathVariable UUID job, @RequestBody byte[] content) {
    PhotoRow row = photos.keep(job, content);
    return new PhotoKept(row.id(), row.width(), row.height());
  }

  @GetMapping("/photos/{id}")
  ResponseEntity<byte[]> photo(@PathVariable UUID id) {
    PhotoRow row = photos.get(id);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(row.kind()))
        .cacheControl(CacheControl.maxAge(Duration.ofDays(7)).cachePrivate())
        .body(row.content());
  }

  @DeleteMapping("/photos/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    photos.delete(id);
  }

  /** Where places of a photograph are in the truck, and how well that is known. */
  @PostMapping("/compute/photo")
  PhotoResult measured(@Valid @RequestBody PhotoRequest request) {
    return PhotoResult.of(request.job(), request.photo(), request.points());
  }

  /** The card that is held into a photograph, at its true size. */
  @GetMapping("/photo-card/{paper}/{world}")
  ResponseEntity<byte[]> card(
      @PathVariable PdfDrawing.Paper paper, @PathVariable Units.World world) {
    return Attachment.of(
        MediaType.APPLICATION_PDF_VALUE, "photo card", "pdf", PhotoCard.pdf(paper, world));
  }
}
