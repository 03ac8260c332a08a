package roadbreeze.server.nose;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Stands in a box or runs along a tube: one of them. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = OneShape.Check.class)
public @interface OneShape {
  String message() default "BOX_OR_TUBE";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  final class Check implements ConstraintValidator<OneShape, NoseSolid> {
    @Override
    public boolean isValid(NoseSolid solid, ConstraintValidatorContext context) {
      if (solid == null || (solid.box() == null) != (solid.tube() == null)) {
        return true;
      }
      context.disableDefaultConstraintViolation();
      context
          .buildConstraintViolationWithTemplate(context.getDefaultConstraintMessageTemplate())
          .addPropertyNode("box")
          .addConstraintViolation();
      return false;
    }
  }
}
