package roadbreeze.server.nose;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.RemotePlace;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A place away from the pack where a cooler with a fan of its own may hang.
 *
 * @param widthMm of the face that air passes
 * @param depthMm along the air
 * @param hoseM way of one hose there from the ends of the truck's own lines
 * @param holes of the body near it that can be used
 * @param sprayed behind a wheel, or lower than the bumper
 * @param warmerK the air there than ambient when the truck works
 * @param plusMinusMm how well its measures are known
 */
public record NoseRemotePlace(
    @Id String id,
    @NotBlank @Size(max = 40) String name,
    @Within(min = 50, max = 3000, kind = Kind.SIZE) double widthMm,
    @Within(min = 50, max = 3000, kind = Kind.SIZE) double heightMm,
    @Within(min = 20, max = 3000, kind = Kind.SIZE) double depthMm,
    @Within(min = 0.05, max = 10, kind = Kind.LENGTH) double hoseM,
    @Within(min = 0, max = 20, kind = Kind.COUNT) int holes,
    boolean sprayed,
    @Within(min = 0, max = 60, kind = Kind.DIFFERENCE) double warmerK,
    @Within(min = 0, max = 100, kind = Kind.SIZE) double plusMinusMm)
    implements Row {

  public RemotePlace toCore() {
    return new RemotePlace(
        Name.given(id, Name.Noun.REMOTE_PLACE, name),
        Units.mm(widthMm),
        Units.mm(heightMm),
        Units.mm(depthMm),
        hoseM,
        holes,
        sprayed,
        warmerK,
        Units.mm(plusMinusMm));
  }
}
