package roadbreeze.server.rig;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Objects;
import roadbreeze.core.rig.Calibrated;

/** A calibration with each factor once and a covariance of them. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Whole.Validator.class)
public @interface Whole {
  String message() default "CALIBRATION_BROKEN";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** What is missing is left to others. */
  final class Validator implements ConstraintValidator<Whole, CalibrationData> {
    @Override
    public boolean isValid(CalibrationData data, ConstraintValidatorContext context) {
      if (data == null
          || data.factors() == null
          || data.covariance() == null
          || data.factors().stream().anyMatch(f -> f == null || f.factor() == null)
          || data.covariance().stream()
              .anyMatch(row -> row == null || row.stream().anyMatch(Objects::isNull))) {
        return true;
      }
      int n = data.factors().size();
      return data.factors().stream().map(CalibrationData.TunedFactor::factor).distinct().count()
              == n
          && data.covariance().size() == n
          && data.covariance().stream().allMatch(row -> row.size() == n)
          && Calibrated.isCovariance(data.covariance());
    }
  }
}
