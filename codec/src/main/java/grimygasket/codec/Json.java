package grimygasket.codec;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Asks for a class beside this one, named as this with {@code Codec} behind it, with a method {@code read} and {@code write} for each of these records, and all
 * that they hold. What travels in another form than its own is turned into it by a static method {@code form} of this class.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.SOURCE)
public @interface Json {
    /** What is read. */
    Class<?>[] reads();

    /** What is written: as it is where it is also read, and with four figures where it is computed. */
    Class<?>[] writes();
}
