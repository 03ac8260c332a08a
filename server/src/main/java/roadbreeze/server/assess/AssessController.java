package roadbreeze.server.assess;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;

/** Verdicts at once, the detail of the build in hand, and the working behind a number. */
@RestController
@RequestMapping("/api/compute")
class AssessController {
  @Operation(summary = "Steady balance of one build; the example is the published worked case")
  @PostMapping("/balance")
  BalanceResult balance(@Valid @RequestBody BuildRequest request) {
    Setup setup = request.job().setup(request.chosen());
    Rig rig = Assembly.rig(setup);
    return BalanceResult.of(rig, new SteadyBalance(rig).solve(request.job().point()));
  }

  @Operation(summary = "Headroom of every build of a job")
  @PostMapping("/verdicts")
  List<Verdict> verdicts(@Valid @RequestBody JobContent job) {
    return Verdict.all(job);
  }

  @Operation(summary = "What stands behind the headroom of one build")
  @PostMapping("/detail")
  Detail detail(@Valid @RequestBody BuildRequest request) {
    return Detail.of(request.job(), request.chosen());
  }

  @Operation(summary = "What one build does more or less than another")
  @PostMapping("/against")
  Against against(@Valid @RequestBody AgainstRequest request) {
    JobContent job = request.job();
    return Against.of(job, job.build(request.build()), job.build(request.other()));
  }

  @Operation(summary = "A number of the strip opened to formula, inputs and source")
  @PostMapping("/working/{fluid}")
  Working working(@PathVariable Fluid fluid, @Valid @RequestBody BuildRequest request) {
    return Working.of(request.job(), request.chosen(), fluid);
  }
}
