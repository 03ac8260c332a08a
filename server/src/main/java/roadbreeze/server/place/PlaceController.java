package roadbreeze.server.place;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.problem.Refusal;

/** Places for a build's cooler. */
@RestController
@RequestMapping("/api/compute")
class PlaceController {
  /**
   * Whose place is asked.
   *
   * @param build its id
   * @param cooler its id
   */
  record PlaceRequest(
      @NotNull @Valid JobContent job, @NotNull String build, @NotNull String cooler) {
    /** Empty where the build has none of this id. */
    Optional<FittedCooler> chosen() {
      return job.build(build).coolers().stream().filter(c -> c.id().equals(cooler)).findFirst();
    }
  }

  /**
   * A cooler that is stood somewhere.
   *
   * @param build its id
   * @param cooler as it stands there
   * @param moved ids of what is put elsewhere for it
   */
  record StandRequest(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull @Valid FittedCooler cooler,
      @NotNull @Size(max = 20) List<@NotNull String> moved) {}

  private final Questions questions;

  PlaceController(Questions questions) {
    this.questions = questions;
  }

  /** Every place in the pack where the cooler clears what stands there, the best of them first. */
  @PostMapping("/places")
  PlaceResult places(@Valid @RequestBody PlaceRequest request) {
    Build build = request.job().build(request.build());
    FittedCooler cooler = request.chosen().orElseThrow(() -> Refusal.NO_SUCH_COOLER.refuse());
    return questions.ask(() -> PlaceResult.of(request.job(), build, cooler));
  }

  /** The build with its cooler stood there, on new brackets, with its hoses laid anew. */
  @PostMapping("/stand-cooler")
  StoodCooler stand(@Valid @RequestBody StandRequest request) {
    Build build = request.job().build(request.build());
    return questions.ask(
        () -> StoodCooler.of(request.job(), build, request.cooler(), request.moved()));
  }
}
