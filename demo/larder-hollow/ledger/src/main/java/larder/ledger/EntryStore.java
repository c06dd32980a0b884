package larder.ledger;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;

/** Keeps entries in the table {@code entries}. */
public class EntryStore {
    private static final String INSERT = "INSERT INTO entries (day, what, subject, quantity, cents) VALUES (?, ?, ?, ?, ?)";
    private static final String SELECT = "SELECT day, what, subject, quantity, cents FROM entries WHERE day BETWEEN ? AND ? ORDER BY day, id";

    private final DataSource source;

    public EntryStore(DataSource source) {
        this.source = source;
    }

    public void insert(Entry entry) throws SQLException {
        try (Connection connection = source.getConnection(); PreparedStatement statement = connection.prepareStatement(INSERT)) {
            statement.setString(1, entry.day().toString());
            if (entry instanceof Entry.MilkBought milk) {
                fill(statement, "milk", milk.dairy(), milk.litres());
            } else if (entry instanceof Entry.WheelMade made) {
                fill(statement, "made", String.valueOf(made.wheel()), 1);
            } else if (entry instanceof Entry.WheelSold sold) {
                fill(statement, "sold", String.valueOf(sold.wheel()), sold.grams());
            }
            statement.setLong(5, entry.amount().cents());
            statement.executeUpdate();
        }
    }

    private static void fill(PreparedStatement statement, String what, String subject, int quantity) throws SQLException {
        statement.setString(2, what);
        statement.setString(3, subject);
        statement.setInt(4, quantity);
    }

    public List<Entry> between(LocalDate first, LocalDate last) throws SQLException {
        List<Entry> entries = new ArrayList<>();
        try (Connection connection = source.getConnection(); PreparedStatement statement = connection.prepareStatement(SELECT)) {
            statement.setString(1, first.toString());
            statement.setString(2, last.toString());
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    entries.add(read(rows));
                }
            }
        }
        return entries;
    }

    private static Entry read(ResultSet row) throws SQLException {
        LocalDate day = LocalDate.parse(row.getString("day"));
        Money amount = new Money(row.getLong("cents"));
        String subject = row.getString("subject");
        int quantity = row.getInt("quantity");
        return switch (row.getString("what")) {
            case "milk" -> new Entry.MilkBought(day, subject, quantity, amount);
            case "made" -> new Entry.WheelMade(day, Integer.parseInt(subject), amount);
            default -> new Entry.WheelSold(day, Integer.parseInt(subject), quantity, amount);
        };
    }
}
