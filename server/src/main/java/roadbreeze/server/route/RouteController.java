package roadbreeze.server.route;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.build.Hose;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.parts.AdapterPart;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartsService;

/** How the hoses of a build run. */
@RestController
@RequestMapping("/api/compute")
class RouteController {
  private final PartsService parts;

  RouteController(PartsService parts) {
    this.parts = parts;
  }

  /**
   * One hose of a build.
   *
   * @param build its id
   * @param hose its id
   */
  record HoseRequest(@NotNull @Valid JobContent job, @NotNull String build, @NotNull String hose) {}

  /** How they run, and what is wrong with that. */
  @PostMapping("/routes")
  RouteResult routes(@Valid @RequestBody BuildRequest request) {
    return RouteResult.of(new Routes(request.job(), request.chosen()));
  }

  /** What mends what is wrong with one. */
  @PostMapping("/route-mends")
  List<RouteResult.Mendable> mends(@Valid @RequestBody HoseRequest request) {
    Routes routes = new Routes(request.job(), request.job().build(request.build()));
    return RouteResult.mends(routes, request.hose());
  }

  /** Every hose that the oil's way asks for, laid where it is not drawn yet. */
  @PostMapping("/lay-hoses")
  Laying all(@Valid @RequestBody BuildRequest request) {
    return Laying.all(request.job(), request.chosen());
  }

  /** One hose laid anew between its ends. */
  @PostMapping("/lay-hose")
  Laying one(@Valid @RequestBody HoseRequest request) {
    return Laying.one(request.job(), request.job().build(request.build()), request.hose());
  }

  /** The hoses with the cheapest adapters of the catalogue that join them to their ports. */
  @PostMapping("/join-hoses")
  List<Hose> joined(@Valid @RequestBody BuildRequest request) {
    return Joints.joined(
        request.job(), request.chosen(), parts.all(PartKind.ADAPTERS, AdapterPart.class));
  }
}
