package roadbreeze.server.heat;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.OptionalDouble;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.BoxRating;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;

/** Fans on their curves, and what a box's rating means here. */
@RestController
@RequestMapping("/api/compute")
class HeatController {
  private final Questions questions;

  HeatController(Questions questions) {
    this.questions = questions;
  }

  @Operation(summary = "Fans on their curves at four road speeds")
  @PostMapping("/fans")
  FanReport fans(@Valid @RequestBody BuildRequest request) {
    return questions.ask(() -> FanCalculator.report(request.job(), request.chosen()));
  }

  @Operation(summary = "Air traverses against the model, and their fans on equal terms")
  @PostMapping("/traverses")
  TraverseReport traverses(@Valid @RequestBody BuildRequest request) {
    return questions.ask(() -> TraverseCalculator.report(request.job(), request.chosen()));
  }

  @Operation(summary = "What the rating on a box means on this truck")
  @PostMapping("/rating")
  RatingResult rating(@Valid @RequestBody RatingRequest request) {
    return questions.ask(() -> read(request));
  }

  static RatingResult read(RatingRequest request) {
    if ((request.heatKw() == null) == (request.massKg() == null)) {
      throw Problem.BOX_HEAT_OR_MASS.refuse();
    }
    JobContent job = request.job();
    Build build = job.build(request.build());
    Setup setup = job.setup(build);
    Rig rig = Assembly.rig(setup);
    double limit = job.judge(build).coolantLimit(setup);
    BoxRating rating =
        request.heatKw() != null
            ? BoxRating.ofHeat(
                rig,
                job.point(),
                job.limits(),
                limit,
                Units.si(request.heatKw(), Kind.POWER),
                request.differenceK() == null
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(request.differenceK()))
            : BoxRating.ofMass(rig, job.point(), job.limits(), limit, request.massKg());
    return new RatingResult(
        rating.needed() / 1000,
        boxed(rating.claimedHere(), 1000),
        rating.fitted() / 1000,
        boxed(rating.massHeld(), 1),
        rating.enough().orElse(null),
        Said.of(rating.reading()));
  }

  private static Double boxed(OptionalDouble value, double unit) {
    return value.isPresent() ? Double.valueOf(value.getAsDouble() / unit) : null;
  }
}
