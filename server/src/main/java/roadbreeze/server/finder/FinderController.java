package roadbreeze.server.finder;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/finder")
class FinderController {
  private final FinderService finder;

  FinderController(FinderService finder) {
    this.finder = finder;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.ACCEPTED)
  FinderState start(@Valid @RequestBody FinderRequest request) {
    return finder.state(finder.start(request));
  }

  @GetMapping("/{id}")
  FinderState state(@PathVariable UUID id) {
    return finder.state(id);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@PathVariable UUID id) {
    finder.cancel(id);
  }
}
