package larder.ledger;

import java.util.Locale;
import java.util.Objects;

/** An amount in cents of the one currency the cooperative knows. */
public record Money(long cents) implements Comparable<Money> {
    public static final Money ZERO = new Money(0);

    public static Money of(double amount) {
        return new Money(Math.round(amount * 100));
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(cents, other.cents));
    }

    public Money minus(Money other) {
        return plus(other.negated());
    }

    public Money negated() {
        return new Money(Math.negateExact(cents));
    }

    /** A share of the amount, rounded half up. */
    public Money share(int part, int whole) {
        if (whole <= 0) {
            throw new IllegalArgumentException("no share of " + whole);
        }
        return new Money(Math.floorDiv(cents * part * 2L + whole, whole * 2L));
    }

    public boolean isDebt() {
        return cents < 0;
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(cents, Objects.requireNonNull(other).cents);
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%d.%02d", cents / 100, Math.abs(cents % 100));
    }
}
