package strophos.server.access;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.nio.charset.StandardCharsets;

/**
 * A password that can be kept: at least ten characters, and at most 72 bytes, since the hash reads no more (bcrypt; Provos and
 * Mazières 1999). A longer one is refused and never cut: whoever chose it would believe in all of it.
 */
@Target({ElementType.FIELD, ElementType.RECORD_COMPONENT, ElementType.PARAMETER})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Password.Check.class)
public @interface Password {

    String message() default "at least 10 characters, at most 72 bytes";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Counts what the hash counts. */
    final class Check implements ConstraintValidator<Password, String> {

        private static final int FEWEST_CHARACTERS = 10;
        private static final int MOST_BYTES = 72;

        @Override
        public boolean isValid(String password, ConstraintValidatorContext context) {
            return canBeKept(password);
        }

        static boolean canBeKept(String password) {
            return password != null
                    && password.codePointCount(0, password.length()) >= FEWEST_CHARACTERS
                    && password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
        }
    }
}
