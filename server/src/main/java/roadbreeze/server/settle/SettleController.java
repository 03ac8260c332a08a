package roadbreeze.server.settle;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.settle.Disputes;
import roadbreeze.core.settle.Offer;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Supply;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.order.Days;
import roadbreeze.server.order.TaskShelf;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.parts.CoolerPart;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.PartKind;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.parts.PartsService;

/** Every dispute of sizing, run on one build of a job with the catalogue's parts. */
@RestController
@RequestMapping("/api/compute")
class SettleController {
  private final PartsService parts;
  private final Questions questions;
  private final TaskShelf shelf;

  SettleController(PartsService parts, Questions questions, TaskShelf shelf) {
    this.shelf = shelf;
    this.parts = parts;
    this.questions = questions;
  }

  @PostMapping("/settle")
  List<SettledDispute> settle(@Valid @RequestBody BuildRequest request) {
    return questions.ask(
        () -> disputes(request).stream().map(q -> SettledDispute.of(q.answer().get())).toList());
  }

  List<Disputes.Question> disputes(BuildRequest request) {
    Tasks tasks = shelf.tasks();
    JobContent job = request.job();
    Build build = request.chosen();
    Disputes disputes =
        new Disputes(
            job.judge(build),
            job.drivenSomehow(build),
            parts.all(PartKind.FANS, FanPart.class).stream().map(SettleController::offer).toList(),
            parts.all(PartKind.OIL_COOLERS, CoolerPart.class).stream()
                .map(PartMapper::cooler)
                .toList(),
            build.fans().stream()
                .map(f -> f.part())
                .filter(p -> p.kind() == FanUnit.Type.ELECTRIC)
                .findFirst()
                .map(SettleController::offer),
            build.coolers().stream()
                .findFirst()
                .flatMap(c -> MountingResult.holding(job, build, c)),
            usedCooler(job, build),
            wired(job, build),
            school -> Days.of(job, build, tasks, school));
    return disputes.questions(job.setup(build));
  }

  /** The first fan that a temperature switches, if there is one with a motor. */
  private static Optional<Disputes.Wired> wired(JobContent job, Build build) {
    Supply supply = job.rig().electrics().toCore();
    return WiringMapper.consumers(WiringMapper.fed(build, supply.system())).stream()
        .filter(c -> c.kind() == Consumer.Kind.FAN && c.on() > 0)
        .findFirst()
        .map(fan -> new Disputes.Wired(fan, supply));
  }

  private static Offer<FanUnit> offer(FanPart part) {
    return new Offer<>(part.name(), PartMapper.fan(part));
  }

  private static boolean usedCooler(JobContent job, Build build) {
    return !build.coolers().isEmpty()
        && !new Changes(build, job.found()).newCoolers().contains(build.coolers().get(0));
  }
}
