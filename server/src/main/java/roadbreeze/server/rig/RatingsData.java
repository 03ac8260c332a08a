package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.Ratings;
import roadbreeze.server.problem.Within;

/**
 * Plates and weighbridge, kg; null where nobody has looked.
 *
 * @param combinedKg rating of truck and trailer together
 * @param grossKg of the truck
 * @param towKg of the trailer that may be towed
 * @param hitchKg that may rest on the hitch
 * @param emptyKg the truck without load, as weighed
 * @param onFrontAxleKg as weighed, as the next two
 */
public record RatingsData(
    @Nullable @Within(min = 500, max = 100000, kind = Kind.MASS) Double combinedKg,
    @Nullable @Within(min = 500, max = 60000, kind = Kind.MASS) Double grossKg,
    @Nullable @Within(min = 0, max = 60000, kind = Kind.MASS) Double towKg,
    @Nullable @Within(min = 100, max = 30000, kind = Kind.MASS) Double frontAxleKg,
    @Nullable @Within(min = 100, max = 30000, kind = Kind.MASS) Double rearAxleKg,
    @Nullable @Within(min = 0, max = 10000, kind = Kind.MASS) Double hitchKg,
    @Nullable @Within(min = 300, max = 60000, kind = Kind.MASS) Double emptyKg,
    @Nullable @Within(min = 0, max = 30000, kind = Kind.MASS) Double onFrontAxleKg,
    @Nullable @Within(min = 0, max = 30000, kind = Kind.MASS) Double onRearAxleKg,
    @Nullable @Within(min = 0, max = 10000, kind = Kind.MASS) Double onHitchKg) {

  List<Finding> passed(double truckKg, double trailerKg) {
    return new Ratings(
            read(combinedKg),
            read(grossKg),
            read(towKg),
            read(frontAxleKg),
            read(rearAxleKg),
            read(hitchKg))
        .passed(
            new Ratings.Weighed(
                truckKg,
                read(emptyKg),
                trailerKg,
                read(onHitchKg),
                read(onFrontAxleKg),
                read(onRearAxleKg)));
  }

  private static OptionalDouble read(@Nullable Double kg) {
    return kg == null ? OptionalDouble.empty() : OptionalDouble.of(kg);
  }
}
