package strophos.server.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A password that takes at least a hundred million guesses: three of the estimator's four steps (Wheeler 2016, "zxcvbn: low-budget
 * password strength estimation"). Asked when it is chosen only; passwords chosen before go on.
 */
@Target({ElementType.FIELD, ElementType.RECORD_COMPONENT, ElementType.PARAMETER})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = HardToGuess.Check.class)
public @interface HardToGuess {

    String message() default "several words that do not belong together";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Estimates; what cannot be kept at all is said to be that. */
    final class Check implements ConstraintValidator<HardToGuess, String> {

        private static final int ENOUGH = 3;

        @Override
        public boolean isValid(String password, ConstraintValidatorContext context) {
            return !Password.Check.canBeKept(password)
                    || ESTIMATOR.measure(password).getScore() >= ENOUGH;
        }

        /** Its dictionaries take a moment to read, and most processes never see a new password. */
        private static final Zxcvbn ESTIMATOR = new Zxcvbn();
    }
}
