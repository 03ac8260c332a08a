package roadbreeze.server.row;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;

/** Rows of which no two share an id. */
@Target({ElementType.FIELD, ElementType.PARAMETER})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = DistinctIds.Check.class)
public @interface DistinctIds {
  String message() default "two rows have one id";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Null and empty lists are left to others. */
  final class Check implements ConstraintValidator<DistinctIds, List<? extends Row>> {
    @Override
    public boolean isValid(List<? extends Row> rows, ConstraintValidatorContext context) {
      return Row.distinct(rows);
    }
  }
}
