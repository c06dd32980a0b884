package larder.ledger;

import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import larder.ledger.prices.PriceList;
import larder.ledger.prices.Quality;

/** Books what happens in the caves and says where the cooperative stands. */
@Booked(Account.Kind.CASH)
public class Ledger {
    private final EntryStore store;
    private final PriceList prices;
    private final Map<Account.Kind, Account> accounts = Account.all();

    public Ledger(EntryStore store, PriceList prices) {
        this.store = store;
        this.prices = prices;
    }

    @Booked(Account.Kind.MILK)
    public Entry buyMilk(LocalDate day, String dairy, int litres) throws SQLException {
        return book(new Entry.MilkBought(day, dairy, litres, prices.milk(litres)));
    }

    @Booked(Account.Kind.WHEELS)
    public Entry makeWheel(LocalDate day, int wheel, int litres) throws SQLException {
        return book(new Entry.WheelMade(day, wheel, prices.milk(litres)));
    }

    /** Sells a wheel by weight; what is overripe costs less. */
    @Booked(value = Account.Kind.SALES, reviewed = true)
    public Entry sell(LocalDate day, int wheel, int grams, Quality quality) throws SQLException {
        return book(new Entry.WheelSold(day, wheel, grams, prices.cheese(grams, quality)));
    }

    private Entry book(Entry entry) throws SQLException {
        store.insert(entry);
        post(entry);
        return entry;
    }

    private void post(Entry entry) {
        accounts.get(entry.from()).add(entry.amount().negated());
        accounts.get(entry.to()).add(entry.amount());
    }

    /** Reads the books of a year anew. */
    public void open(int year) throws SQLException {
        List<Entry> entries = store.between(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
        entries.forEach(this::post);
    }

    public Money balance(Account.Kind kind) {
        return accounts.get(kind).balance();
    }

    /** What each kind of asset is worth. */
    public Map<Account.Kind, Money> assets() {
        return accounts.values().stream()
            .filter(account -> account.kind().isAsset())
            .collect(Collectors.toMap(Account::kind, Account::balance));
    }
}
