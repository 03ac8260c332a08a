package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.bracket.Form;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.space.Corner;
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
   * The forms of a bracket that is tied.
   *
   * @param build its id
   * @param bracket its id
   */
  record FormsRequest(
      @NotNull @Valid JobContent job, @NotNull String build, @NotNull String bracket) {}

  /**
   * What gets tabs.
   *
   * @param build its id
   * @param channel its id
   */
  record ChannelRequest(
      @NotNull @Valid JobContent job, @NotNull String build, @NotNull String channel) {}

  /**
   * Whose frame is strapped.
   *
   * @param build its id
   * @param fan its id
   */
  record FanRequest(@NotNull @Valid JobContent job, @NotNull String build, @NotNull String fan) {}

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

  /** The main fan in its shroud; nothing where the build has none behind its radiator. */
  @PostMapping("/fan-fit")
  FanFitResult fanFit(@Valid @RequestBody BuildRequest request) {
    return FanFitResult.of(request.job(), request.chosen());
  }

  /** A build's radiator held against its truck. */
  @PostMapping("/radiator")
  RadiatorResult radiator(@Valid @RequestBody BuildRequest request) {
    return RadiatorResult.of(request.job(), request.chosen());
  }

  /** Brackets from the upper holes of another radiator to where the old one was held. */
  @PostMapping("/radiator-brackets")
  List<Bracket> radiatorBrackets(@Valid @RequestBody BuildRequest request) {
    return Ties.proposed(request.job(), request.chosen(), Assembly.RADIATOR.id());
  }

  /** Straps from the corners of an electric fan's frame to the radiator's own frame. */
  @PostMapping("/fan-straps")
  List<Bracket> straps(@Valid @RequestBody FanRequest request) {
    Build build = request.job().build(request.build());
    return Ties.proposed(request.job(), build, request.fan());
  }

  /** All forms between a bracket's ear and its hole, of its own strip, simplest first. */
  @PostMapping("/bracket-forms")
  List<BracketForm> forms(@Valid @RequestBody FormsRequest request) {
    Build build = request.job().build(request.build());
    Bracket bracket =
        build.mounting().brackets().stream()
            .filter(b -> b.id().equals(request.bracket()) && b.tie() != null)
            .findFirst()
            .orElse(null);
    Ties ties = bracket == null ? null : Ties.of(request.job(), build).get(bracket.tie().cooler());
    BodyHole hole = ties == null ? null : ties.hole(bracket.tie().hole());
    if (hole == null) {
      return List.of();
    }
    Corner corner = bracket.tie().corner();
    List<BracketForm> forms = new ArrayList<>();
    for (Form form : ties.hanging().forms(corner, hole, bracket.stock())) {
      Bracket made = ties.entered(bracket.id(), bracket.name(), corner, hole, form);
      forms.add(
          new BracketForm(
              form.kind(),
              form.start().up().getZ() > 0,
              made,
              FlatBracket.of(made),
              ties.hanging().blocked(form, hole).map(Said.PartName::of).orElse(null)));
    }
    return forms;
  }

  /** For the build's first cooler, channels across with tabs on them. */
  @PostMapping("/channel-start")
  List<Across> channels(@Valid @RequestBody BuildRequest request) {
    return request.chosen().coolers().stream()
        .limit(1)
        .flatMap(c -> Across.proposed(request.job(), request.chosen(), c).stream())
        .toList();
  }

  /** Tabs from a channel to the nearest ears of the build's first cooler. */
  @PostMapping("/channel-tabs")
  List<Bracket> tabs(@Valid @RequestBody ChannelRequest request) {
    Build build = request.job().build(request.build());
    return build.coolers().stream()
        .limit(1)
        .flatMap(c -> Across.tabs(request.job(), build, c.id(), request.channel()).stream())
        .toList();
  }

  /** A bracket for each ear of the build's first cooler that a usable hole is near. */
  @PostMapping("/bracket-start")
  List<Bracket> start(@Valid @RequestBody BuildRequest request) {
    return request.chosen().coolers().stream()
        .limit(1)
        .flatMap(c -> Ties.proposed(request.job(), request.chosen(), c.id()).stream())
        .toList();
  }
}
