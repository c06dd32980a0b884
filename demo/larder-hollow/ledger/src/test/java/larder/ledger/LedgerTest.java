package larder.ledger;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import larder.ledger.prices.PriceList;
import larder.ledger.prices.Quality;
import org.junit.jupiter.api.Test;

class LedgerTest {
    private static final LocalDate DAY = LocalDate.of(2025, 3, 6);

    /** Keeps entries in memory. */
    private static final class Drawer extends EntryStore {
        private final List<Entry> entries = new ArrayList<>();

        Drawer() {
            super(null);
        }

        @Override
        public void insert(Entry entry) {
            entries.add(entry);
        }
    }

    private final Drawer drawer = new Drawer();
    private final Ledger ledger = new Ledger(drawer, PriceList.MARKET);

    @Test
    void milkIsPaidInCash() throws SQLException {
        ledger.buyMilk(DAY, "Upper Meadow", 100);
        assertEquals(Money.of(-62), ledger.balance(Account.Kind.CASH));
    }

    @Test
    void whatIsOverripeCostsLess() throws SQLException {
        Entry prime = ledger.sell(DAY, 1, 1000, Quality.Prime.INSTANCE);
        Entry late = ledger.sell(DAY, 2, 1000, new Quality.Overripe(10));
        assertTrue(late.amount().compareTo(prime.amount()) < 0);
        assertEquals(2, drawer.entries.size());
    }

    @Test
    void everythingThatSellsIsReviewed() {
        assertTrue(Audit.of(Ledger.class).stream().filter(f -> f.account() == Account.Kind.SALES).allMatch(Audit.Finding::reviewed));
    }
}
