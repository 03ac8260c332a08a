package roadbreeze.server.sizing;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;

/** Stateless: everything needed comes with the request, nothing is kept. */
@RestController
@RequestMapping("/api/compute")
class ComputeController {
  private final SizingService sizing;
  private final Assessor assessor;

  ComputeController(SizingService sizing, Assessor assessor) {
    this.sizing = sizing;
    this.assessor = assessor;
  }

  @Operation(summary = "Steady balance of one build; the example is the published worked case")
  @PostMapping("/balance")
  BalanceResult balance(@Valid @RequestBody BalanceRequest request) {
    return sizing.balance(request);
  }

  @Operation(summary = "Headroom strip of every build of a job")
  @PostMapping("/assessment")
  Assessment assessment(@Valid @RequestBody JobContent job) {
    return assessor.assess(job);
  }

  @Operation(summary = "Margin map of one build, or its difference to another")
  @PostMapping("/map")
  MapResult map(@Valid @RequestBody MapRequest request) {
    return sizing.map(request);
  }

  @Operation(summary = "Fans on their curves at four road speeds, and an air traverse")
  @PostMapping("/fans")
  FanReport fans(@Valid @RequestBody BuildRequest request) {
    return FanCalculator.report(request.job(), SizingService.build(request.job(), request.build()));
  }

  @Operation(summary = "What the rating on a box means on this truck")
  @PostMapping("/rating")
  RatingResult rating(@Valid @RequestBody RatingRequest request) {
    return RatingReader.read(request, SizingService.boiling(request.job()));
  }

  @PostMapping("/switching")
  SwitchResult switching(@Valid @RequestBody BuildRequest request) {
    return sizing.switching(request);
  }

  @PostMapping("/lines")
  LineResult lines(@Valid @RequestBody BuildRequest request) {
    return sizing.lines(request);
  }

  @PostMapping("/strip")
  MountingStrip.Flat strip(@Valid @RequestBody MountingStrip strip) {
    return strip.flat();
  }

  @PostMapping("/work-sheet")
  WorkSheet workSheet(@Valid @RequestBody BuildRequest request) {
    return sizing.workSheet(request);
  }

  @Operation(summary = "A number of the strip opened to formula, inputs and source")
  @PostMapping("/working/{quantity}")
  Working working(
      @PathVariable Workings.Quantity quantity, @Valid @RequestBody BuildRequest request) {
    return assessor.workings(request).of(quantity);
  }
}
