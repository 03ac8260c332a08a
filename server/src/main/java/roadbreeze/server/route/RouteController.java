package roadbreeze.server.route;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;

/** How the hoses of a build run. */
@RestController
@RequestMapping("/api/compute")
class RouteController {
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
}
