package roadbreeze.server.sheet;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.order.TaskShelf;

@RestController
@RequestMapping("/api/compute")
class SheetController {
  private final TaskShelf shelf;

  SheetController(TaskShelf shelf) {
    this.shelf = shelf;
  }

  @PostMapping("/work-sheet")
  WorkSheet workSheet(@Valid @RequestBody BuildRequest request) {
    return WorkSheet.of(request.job(), request.chosen(), shelf.tasks());
  }
}
