package roadbreeze.server.yard;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/yard")
class YardController {
  private final YardService yard;

  YardController(YardService yard) {
    this.yard = yard;
  }

  @GetMapping
  Yard yard() {
    return yard.yard();
  }

  /** Answers 409 with what stands where somebody else was faster. */
  @PutMapping
  Yard save(@Valid @RequestBody Yard changed) {
    return yard.save(changed);
  }
}
