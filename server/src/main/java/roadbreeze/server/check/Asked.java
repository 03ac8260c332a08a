package roadbreeze.server.check;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;
import org.hibernate.validator.constraintvalidation.HibernateConstraintValidatorContext;
import roadbreeze.core.check.Ask;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.Problem;
import roadbreeze.server.message.Units;

/** A reading that answers what its check asks, with numbers that can be. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Asked.Validator.class)
public @interface Asked {
  String message() default "a reading that cannot be";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** What is missing is left to others. */
  final class Validator implements ConstraintValidator<Asked, CheckReading> {
    @Override
    public boolean isValid(CheckReading reading, ConstraintValidatorContext context) {
      if (reading == null
          || reading.check() == null
          || reading.numbers() == null
          || reading.choices() == null) {
        return true;
      }
      context.disableDefaultConstraintViolation();
      boolean[] valid = {true};
      reading
          .numbers()
          .forEach(
              (ask, values) -> {
                Finding wrong = wrong(reading, ask, values);
                if (wrong != null) {
                  valid[0] = say(context, "numbers", ask, wrong);
                }
              });
      reading
          .choices()
          .forEach(
              (ask, answer) -> {
                boolean known =
                    answer == null
                        || reading.check().asks().contains(ask) && ask.answers().contains(answer);
                if (!known) {
                  valid[0] = say(context, "choices", ask, Problem.READING_OF.with(ask));
                }
              });
      return valid[0];
    }

    private static Finding wrong(CheckReading reading, Ask ask, List<Double> values) {
      if (values == null || values.contains(null)) {
        return null;
      }
      if (!reading.check().asks().contains(ask) || values.size() != ask.count()) {
        return Problem.READING_OF.with(ask);
      }
      for (double value : values) {
        double si = Units.si(value, ask.kind());
        if (!(si >= ask.low() && si <= ask.high())) {
          return Double.isFinite(si)
              ? Problem.OUT_OF_RANGE.with(ask, of(ask, si), of(ask, ask.low()), of(ask, ask.high()))
              : Problem.READING_OF.with(ask);
        }
      }
      return null;
    }

    private static Argument.Amount of(Ask ask, double si) {
      return Argument.amount(ask.kind(), si);
    }

    private static boolean say(
        ConstraintValidatorContext context, String where, Ask ask, Finding why) {
      context
          .unwrap(HibernateConstraintValidatorContext.class)
          .withDynamicPayload(why)
          .buildConstraintViolationWithTemplate("a reading that cannot be")
          .addPropertyNode(where)
          .addPropertyNode(ask.name())
          .addConstraintViolation();
      return false;
    }
  }
}
