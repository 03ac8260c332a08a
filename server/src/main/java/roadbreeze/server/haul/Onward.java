package roadbreeze.server.haul;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;
import java.util.Objects;
import roadbreeze.core.vehicle.RoadLoad;
import roadbreeze.server.problem.Refusal;

/** Points that lie one behind the other, none steeper over the one before than a road can be. */
@Target(ElementType.FIELD)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Onward.Check.class)
public @interface Onward {
  String message() default "ROAD_TURNS_BACK";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Points that are nothing are left to others. */
  final class Check implements ConstraintValidator<Onward, List<RoadPoint>> {
    @Override
    public boolean isValid(List<RoadPoint> points, ConstraintValidatorContext context) {
      if (points == null || points.stream().anyMatch(Objects::isNull)) {
        return true;
      }
      boolean valid = true;
      for (int i = 1; i < points.size(); i++) {
        double run = (points.get(i).distanceKm() - points.get(i - 1).distanceKm()) * 1000;
        double grade = (points.get(i).elevationM() - points.get(i - 1).elevationM()) / run;
        if (!(run > 0)) {
          wrong(context, i, "distanceKm", Refusal.ROAD_TURNS_BACK);
          valid = false;
        } else if (!RoadLoad.GRADE.contains(grade)) {
          wrong(context, i, "elevationM", Refusal.ROAD_TOO_STEEP);
          valid = false;
        }
      }
      return valid;
    }

    private static void wrong(
        ConstraintValidatorContext context, int point, String field, Refusal why) {
      context.disableDefaultConstraintViolation();
      context
          .buildConstraintViolationWithTemplate(why.name())
          .addPropertyNode(field)
          .inIterable()
          .atIndex(point)
          .addConstraintViolation();
    }
  }
}
