package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.bracket.Form;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.Hanging;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/** How the coolers of a build are held. */
@RestController
@RequestMapping("/api/compute")
class MountingController {
  /**
   * From which ear of a cooler to which hole of the body.
   *
   * @param build its id
   */
  record FormsRequest(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      @NotNull String cooler,
      @NotNull Corner corner,
      @NotNull String hole) {}

  /**
   * A way to bend it.
   *
   * @param behind it lies on the ear's back, not on its front
   * @param blockedBy what its strip would run into, null where nothing
   */
  record BracketForm(
      Form.Kind kind,
      boolean behind,
      Bracket bracket,
      FlatBracket flat,
      @Nullable Said.PartName blockedBy) {}

  @PostMapping("/mounting")
  MountingResult mounting(@Valid @RequestBody BuildRequest request) {
    return MountingResult.of(request.job(), request.chosen());
  }

  /** All forms between an ear and a hole, simplest first. */
  @PostMapping("/bracket-forms")
  List<BracketForm> forms(@Valid @RequestBody FormsRequest request) {
    Build build = request.job().build(request.build());
    Ties ties = Ties.of(request.job(), build, request.cooler());
    BodyHole hole = ties == null ? null : ties.hole(request.hole());
    List<BracketForm> forms = new ArrayList<>();
    if (hole != null) {
      for (Form form : ties.hanging().forms(request.corner(), hole)) {
        Bracket made = ties.entered("bracket", "bracket", request.corner(), hole, form);
        forms.add(
            new BracketForm(
                form.kind(),
                form.start().up().getZ() > 0,
                made,
                FlatBracket.of(made),
                ties.hanging().blocked(form, hole).map(Said.PartName::of).orElse(null)));
      }
    }
    return forms;
  }

  /** A bracket for each ear of the build's first cooler that a usable hole is near. */
  @PostMapping("/bracket-start")
  List<Bracket> start(@Valid @RequestBody BuildRequest request) {
    Build build = request.chosen();
    if (build.coolers().isEmpty()) {
      return List.of();
    }
    Ties ties = Ties.of(request.job(), build, build.coolers().get(0).id());
    List<Bracket> brackets = new ArrayList<>();
    if (ties != null) {
      for (Hanging.Tied tied : ties.hanging().proposed(ties.holes())) {
        String corner = tied.corner().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        brackets.add(
            ties.entered(
                "bracket-" + corner.replace(' ', '-'),
                corner + " bracket",
                tied.corner(),
                tied.hole(),
                tied.form()));
      }
    }
    return brackets;
  }
}
