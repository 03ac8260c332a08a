package roadbreeze.server.settle;

import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.sizing.Assessor;
import roadbreeze.server.sizing.BuildRequest;

/** Runs both schools of each dispute on one build and says which is right here, and why. */
@Service
public class SettleService {
  private final Assessor assessor;
  private final PartsService parts;

  SettleService(Assessor assessor, PartsService parts) {
    this.assessor = assessor;
    this.parts = parts;
  }

  /** Every dispute of sizing, on one build of a job. */
  public List<Dispute> all(BuildRequest request) {
    JobContent job = request.job();
    if (request.build() >= job.builds().size()) {
      throw new BadInputException("build", "this job has no build " + request.build());
    }
    Build build = job.builds().get(request.build());
    Build cooled = build.coolers().isEmpty() ? withUsualCooler(job, build) : build;
    Trial trial = new Trial(assessor, job);
    OilDisputes oil = new OilDisputes(trial);
    AirDisputes air = new AirDisputes(trial, parts.fans());
    List<Supplier<Dispute>> questions =
        List.of(
            () -> oil.inTank(cooled),
            () -> oil.placement(cooled),
            () -> air.pusher(build),
            () -> air.thermostat(build),
            () -> air.mainFan(build),
            () -> air.rows(build),
            () -> air.metal(build),
            () -> oil.coreType(cooled),
            () -> oil.filter(cooled));
    return questions.parallelStream().map(Supplier::get).toList();
  }

  /** Where no cooler is fitted the disputes about one are run with a middling one. */
  private Build withUsualCooler(JobContent job, Build build) {
    double depth = job.vehicle().cooling().openingDepthMm() - 20;
    List<CoolerPart> fitting =
        parts.oilCoolers().stream()
            .filter(p -> p.family() == CoolerPart.Family.STACKED_PLATE)
            .filter(p -> p.bypassOpensC() == null && p.depthMm() <= depth)
            .filter(p -> p.widthMm() <= job.vehicle().cooling().openingWidthMm())
            .sorted(Comparator.comparingDouble(p -> p.widthMm() * p.heightMm()))
            .toList();
    if (fitting.isEmpty()) {
      throw new BadInputException(
          "openingDepthMm", "no cooler of the catalogue goes in this opening");
    }
    CoolerPart middling = fitting.get(fitting.size() / 2);
    return build.withCoolers(
        List.of(new FittedCooler(middling, FittedCooler.Place.FRONT, 20, 200, 20, true, null, 1)));
  }
}
