package larder.ledger;

import java.util.EnumMap;
import java.util.Map;

/** One account: its kind, its name, what stands in it. */
public final class Account {
    /** What an account is for. */
    public enum Kind {
        MILK, CAVE, WHEELS, SALES, CASH;

        /** Does a growing balance mean that the cooperative owns more? */
        public boolean isAsset() {
            return switch (this) {
                case CAVE, WHEELS, CASH -> true;
                case MILK, SALES -> false;
            };
        }
    }

    private final Kind kind;
    private Money balance = Money.ZERO;

    Account(Kind kind) {
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    public Money balance() {
        return balance;
    }

    void add(Money amount) {
        balance = balance.plus(amount);
    }

    static Map<Kind, Account> all() {
        Map<Kind, Account> accounts = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            accounts.put(kind, new Account(kind));
        }
        return accounts;
    }
}
