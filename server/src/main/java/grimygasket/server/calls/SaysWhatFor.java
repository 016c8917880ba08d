package grimygasket.server.calls;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A new call that is not for upkeep says what somebody complains of. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = SaysWhatFor.Validator.class)
@interface SaysWhatFor {
    String message() default "Write down the complaint in the customer's words.";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Puts what is missing to the complaint, beside which the page shows it. */
    final class Validator implements ConstraintValidator<SaysWhatFor, NewCall> {
        @Override
        public boolean isValid(NewCall call, ConstraintValidatorContext context) {
            if (call.upkeep() || call.complaint() == null || !call.complaint().isBlank()) {
                return true;
            }
            context.disableDefaultConstraintViolation();
            context.buildConstraintViolationWithTemplate(context.getDefaultConstraintMessageTemplate())
                    .addPropertyNode("complaint")
                    .addConstraintViolation();
            return false;
        }
    }
}
