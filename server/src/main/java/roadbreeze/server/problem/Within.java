package roadbreeze.server.problem;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;
import roadbreeze.core.explain.Kind;

/** A number, or each number of a list, that must lie in a span given in its unit. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.TYPE_USE})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = {Within.OfNumber.class, Within.OfList.class})
public @interface Within {
  double min();

  double max();

  /** What it is; the span is in the unit that fields of this kind have. */
  Kind kind() default Kind.RATIO;

  String message() default "must be from {min} to {max}";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Checks one number; null is left to the caller. */
  final class OfNumber implements ConstraintValidator<Within, Number> {
    private Within span;

    @Override
    public void initialize(Within annotation) {
      span = annotation;
    }

    @Override
    public boolean isValid(Number value, ConstraintValidatorContext context) {
      return value == null || inside(span, value.doubleValue());
    }

    static boolean inside(Within span, double value) {
      return value >= span.min() && value <= span.max();
    }
  }

  /** Checks every number of a list. */
  final class OfList implements ConstraintValidator<Within, List<Double>> {
    private Within span;

    @Override
    public void initialize(Within annotation) {
      span = annotation;
    }

    @Override
    public boolean isValid(List<Double> values, ConstraintValidatorContext context) {
      return values == null || values.stream().allMatch(v -> v != null && OfNumber.inside(span, v));
    }
  }
}
