package roadbreeze.server.mounting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.radiator.CarriedOver;
import roadbreeze.core.radiator.FitRow;
import roadbreeze.core.radiator.Plate;
import roadbreeze.core.radiator.RadiatorBought;
import roadbreeze.core.radiator.RadiatorFit;
import roadbreeze.core.radiator.RadiatorSeat;
import roadbreeze.core.radiator.Shell;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Pack;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.RadiatorPart;

/**
 * Another radiator in this truck.
 *
 * @param rows everything that is looked at, in the order that a hand goes round it; none where the
 *     build keeps the truck's own
 * @param carried what becomes of what the old one has
 * @param plates that are cut and welded in
 * @param bought beside brackets
 * @param own the old one as it stood, seen from the front
 * @param other the new one as it stands
 * @param bracketed its upper holes can be joined to the old ones by brackets
 */
public record RadiatorResult(
    List<FitLine> rows,
    List<Carried> carried,
    List<PlateSheet> plates,
    List<Said> bought,
    RadiatorOutline own,
    RadiatorOutline other,
    boolean bracketed) {

  /** One thing that is looked at. */
  public record FitLine(
      FitRow.What what,
      FitRow.State state,
      @Nullable Said truck,
      @Nullable Said part,
      List<Said> says) {}

  /** Something of the old radiator. */
  public record Carried(CarriedOver.Item item, CarriedOver.Fate fate) {}

  /**
   * Flat sheet.
   *
   * @param notchDepthMm what is cut out of the core support from its inner edge; null where nothing
   * @param notchBottomMm where that begins, up in the nose
   */
  public record PlateSheet(
      Plate.What what,
      Plate.Side side,
      double widthMm,
      double heightMm,
      Double notchDepthMm,
      Double notchBottomMm,
      Double notchHeightMm) {}

  /** A place on the front view, mm in the nose. */
  public record RoundMark(double acrossMm, double upMm, double sizeMm) {}

  /**
   * A radiator from the front, mm in the nose.
   *
   * @param widthMm over its tanks, of the core where nobody knows
   * @param pins empty where nobody knows; likewise what follows
   */
  public record RadiatorOutline(
      double coreLeftMm,
      double coreBottomMm,
      double coreWidthMm,
      double coreHeightMm,
      double widthMm,
      double heightMm,
      List<RoundMark> pins,
      List<RoundMark> tops,
      List<RoundMark> necks,
      Double capUpMm,
      Shell.@Nullable Drain drain) {

    static RadiatorOutline of(Core core, Shell shell) {
      double width = shell.width().orElse(core.outline().width());
      double height = shell.height().orElse(core.outline().height());
      double middle = core.outline().x() + core.outline().width() / 2;
      double low = core.outline().y() + (core.outline().height() - height) / 2;
      List<RoundMark> pins = new ArrayList<>();
      List<RoundMark> tops = new ArrayList<>();
      List<RoundMark> necks = new ArrayList<>();
      for (int side = -1; side <= 1; side += 2) {
        double way = side;
        shell
            .pins()
            .ifPresent(p -> pins.add(place(middle + way * p.apart() / 2, low, p.diameter())));
        shell
            .tops()
            .ifPresent(
                t ->
                    tops.add(
                        place(middle + way * t.apart() / 2, core.outline().y() + t.up(), 0.009)));
      }
      for (Shell.End end : Shell.End.values()) {
        shell
            .neck(end)
            .ifPresent(
                n ->
                    necks.add(
                        place(middle + n.across(), core.outline().y() + n.up(), n.diameter())));
      }
      boolean cap = shell.capUp().isPresent() && shell.capUp().getAsDouble() > 0;
      return new RadiatorOutline(
          core.outline().x() * 1000,
          core.outline().y() * 1000,
          core.outline().width() * 1000,
          core.outline().height() * 1000,
          width * 1000,
          height * 1000,
          pins,
          tops,
          necks,
          cap ? (core.outline().y() + shell.capUp().getAsDouble()) * 1000 : null,
          shell.drain().orElse(null));
    }

    private static RoundMark place(double across, double up, double size) {
      return new RoundMark(across * 1000, up * 1000, size * 1000);
    }
  }

  /** A build's radiator held against its truck. */
  public static RadiatorFit fit(JobContent job, Build build, Setup setup) {
    RadiatorPart part = build.radiator();
    Core own = setup.truck().cores().radiator();
    boolean tank = setup.truck().oil().tankConductance().isPresent();
    return new RadiatorFit(
        seat(job, own),
        part.shell().toCore(part.depthMm()),
        own,
        setup.radiator(),
        Pack.of(setup).box(Assembly.RADIATOR).z(),
        FanFitResult.behind(setup).map(fan -> FanFitResult.fit(job, setup, fan)),
        tank && build.oilOrder() != OilOrder.TANK_BYPASSED,
        part.inTankWattsPerKelvin() != null);
  }

  /** What the truck has round its radiator. */
  public static RadiatorSeat seat(JobContent job, Core own) {
    return job.nose()
        .radiator()
        .toCore(own.depth() * 1000, job.rig().vehicle().cooling().fanRoom().capMm());
  }

  /** Where the build keeps the truck's radiator there is only that to be seen. */
  static RadiatorResult of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    if (build.radiator() == null) {
      Core core = setup.truck().cores().radiator();
      RadiatorOutline own = RadiatorOutline.of(core, seat(job, core).own());
      return new RadiatorResult(List.of(), List.of(), List.of(), List.of(), own, own, false);
    }
    RadiatorFit fit = fit(job, build, setup);
    List<FitRow> rows = fit.rows();
    return new RadiatorResult(
        rows.stream()
            .map(
                r ->
                    new FitLine(
                        r.what(), r.state(), said(r.truck()), said(r.part()), Said.of(r.says())))
            .toList(),
        CarriedOver.of(fit).stream().map(c -> new Carried(c.item(), c.fate())).toList(),
        fit.plates().stream().map(RadiatorResult::sheet).toList(),
        Said.of(RadiatorBought.of(fit)),
        RadiatorOutline.of(fit.ownCore(), fit.seat().own()),
        RadiatorOutline.of(fit.core(), fit.other()),
        Ties.of(job, build).containsKey(Assembly.RADIATOR.id()));
  }

  private static @Nullable Said said(Optional<Finding> finding) {
    return finding.map(Said::of).orElse(null);
  }

  private static PlateSheet sheet(Plate p) {
    Plate.Notch notch = p.notch().isEmpty() ? null : p.notch().get(0);
    return new PlateSheet(
        p.what(),
        p.side(),
        p.width() * 1000,
        p.height() * 1000,
        notch == null ? null : notch.depth() * 1000,
        notch == null ? null : notch.bottom() * 1000,
        notch == null ? null : notch.height() * 1000);
  }
}
