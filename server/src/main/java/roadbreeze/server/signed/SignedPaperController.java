package roadbreeze.server.signed;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class SignedPaperController {
  private final SignedPapers papers;

  SignedPaperController(SignedPapers papers) {
    this.papers = papers;
  }

  @Operation(summary = "Papers of a job that somebody has signed, the newest first")
  @GetMapping("/jobs/{job}/papers")
  List<SignedPaper> of(@PathVariable UUID job) {
    return papers.of(job);
  }

  @Operation(summary = "A signed paper as it was signed")
  @GetMapping(path = "/papers/{id}/pages", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pages(@PathVariable UUID id) {
    return papers.pages(id);
  }

  @Operation(summary = "All that a signed paper was made of; the hash on it is of these very bytes")
  @GetMapping(path = "/papers/{id}/snapshot", produces = MediaType.APPLICATION_JSON_VALUE)
  byte[] snapshot(@PathVariable UUID id) {
    return papers.snapshot(id).getBytes(java.nio.charset.StandardCharsets.UTF_8);
  }
}
