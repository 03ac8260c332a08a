package roadbreeze.server.row;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A row's own short name, never given to another row of its list. */
@NotNull
@Pattern(regexp = "[a-z0-9][a-z0-9-]{0,23}")
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.TYPE_USE})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = {})
public @interface Id {
  String message() default "must be an id";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};
}
