package larder.ledger;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Marks what writes entries: the account it books to. {@link Audit} collects these methods. */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.METHOD, ElementType.TYPE})
public @interface Booked {
    /** The account. */
    Account.Kind value();

    /** Is a second pair of eyes wanted? */
    boolean reviewed() default false;
}
