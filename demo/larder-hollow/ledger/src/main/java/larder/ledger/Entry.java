package larder.ledger;

import java.time.LocalDate;

/** What happened, as the books have it. */
public sealed interface Entry permits Entry.MilkBought, Entry.WheelMade, Entry.WheelSold {
    LocalDate day();

    Money amount();

    /** Where the amount comes from. */
    Account.Kind from();

    /** Where it goes. */
    Account.Kind to();

    record MilkBought(LocalDate day, String dairy, int litres, Money amount) implements Entry {
        @Override
        public Account.Kind from() {
            return Account.Kind.CASH;
        }

        @Override
        public Account.Kind to() {
            return Account.Kind.MILK;
        }
    }

    record WheelMade(LocalDate day, int wheel, Money amount) implements Entry {
        @Override
        public Account.Kind from() {
            return Account.Kind.MILK;
        }

        @Override
        public Account.Kind to() {
            return Account.Kind.WHEELS;
        }
    }

    record WheelSold(LocalDate day, int wheel, int grams, Money amount) implements Entry {
        @Override
        public Account.Kind from() {
            return Account.Kind.SALES;
        }

        @Override
        public Account.Kind to() {
            return Account.Kind.CASH;
        }
    }
}
