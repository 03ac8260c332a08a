package roadbreeze.server.space;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.space.Neighbour;
import roadbreeze.core.space.Pack;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.mounting.Ties;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseSolid.NoseBox;

/**
 * A build's pack in the truck's nose.
 *
 * @param packFrontMm of the first of the truck's own cores, behind the grille line
 * @param packBackMm of the radiator
 * @param strips brackets where they are screwed on
 * @param near what stands near the coolers that the build hangs there, closest first
 */
public record SpaceResult(
    double packFrontMm,
    double packBackMm,
    List<Piece> pieces,
    List<HungStrip> strips,
    List<Near> near) {

  /** How far round a cooler is looked, m. */
  private static final double REACH = 0.25;

  /**
   * The middle line of a bracket where it is screwed on, or of a channel's web.
   *
   * @param piece id of it
   * @param widthMm as it is bought
   */
  public record HungStrip(String piece, double widthMm, List<Place> points) {}

  /**
   * A part of the pack where it stands.
   *
   * @param ears its holes, none of what has none
   */
  public record Piece(String id, Pack.Kind kind, NoseBox box, List<Place> ears) {}

  /**
   * The shortest way from a cooler to something that stands there.
   *
   * @param plusMinusMm as well as that is known
   * @param wantedMm what the cooler keeps from it
   */
  public record Near(
      String piece,
      String solid,
      double gapMm,
      double plusMinusMm,
      double wantedMm,
      Neighbour.State state,
      Place from,
      Place to) {
    static Near of(Neighbour n) {
      return new Near(
          n.part().id(),
          n.solid().name().id(),
          n.gap().length() * 1000,
          n.solid().plusMinus() * 1000,
          n.wanted() * 1000,
          n.state(),
          Place.of(n.gap().from()),
          Place.of(n.gap().to()));
    }
  }

  /** A place in the nose. */
  public record Place(double acrossMm, double upMm, double backMm) {
    public static Place of(Vector3D at) {
      return new Place(Axis.ACROSS.of(at) * 1000, Axis.UP.of(at) * 1000, Axis.BACK.of(at) * 1000);
    }
  }

  static SpaceResult of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    Pack pack = Pack.of(setup);
    Map<String, Ties> ties = Ties.of(job, build);
    return new SpaceResult(
        pack.front() * 1000,
        pack.back() * 1000,
        pack.pieces().stream().map(p -> piece(p, ties.get(p.name().id()))).toList(),
        strips(build, setup, ties),
        Neighbour.of(pack, setup.standing(), REACH).stream().map(Near::of).toList());
  }

  private static Piece piece(Pack.Piece p, @Nullable Ties ties) {
    List<Place> ears =
        ties == null
            ? List.of()
            : Arrays.stream(Corner.values())
                .map(c -> Place.of(ties.hanging().ears().at(p.box(), c)))
                .toList();
    return new Piece(p.name().id(), p.kind(), NoseMapper.box(p.box()), ears);
  }

  private static List<HungStrip> strips(Build build, Setup setup, Map<String, Ties> byCooler) {
    List<HungStrip> strips = new ArrayList<>();
    for (CrossChannel channel : build.mounting().across(setup.truck().front().nose().holes())) {
      strips.add(
          new HungStrip(
              channel.name().id(),
              channel.stock().web() * 1000,
              channel.middleLine().stream().map(Place::of).toList()));
    }
    for (Bracket bracket : build.mounting().brackets()) {
      try {
        Ties ties = bracket.tie() == null ? null : byCooler.get(bracket.tie().cooler());
        List<Vector3D> line = ties == null ? List.of() : ties.inPlace(bracket);
        if (!line.isEmpty()) {
          strips.add(
              new HungStrip(
                  bracket.id(), bracket.widthMm(), line.stream().map(Place::of).toList()));
        }
      } catch (RefusedException e) {
        continue; // what cannot be bent is said on its own bench
      }
    }
    return strips;
  }
}
