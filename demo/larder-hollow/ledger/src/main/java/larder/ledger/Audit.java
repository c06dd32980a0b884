package larder.ledger;

import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Lists what books, and what of it nobody reviews. */
public final class Audit {
    /** A method that books, as its mark says. */
    public record Finding(String method, Account.Kind account, boolean reviewed) {
    }

    private Audit() {
    }

    public static List<Finding> of(Class<?> type) {
        return Arrays.stream(type.getDeclaredMethods())
            .filter(method -> method.isAnnotationPresent(Booked.class))
            .map(Audit::finding)
            .sorted(Comparator.comparing(Finding::method))
            .toList();
    }

    private static Finding finding(Method method) {
        Booked booked = method.getAnnotation(Booked.class);
        return new Finding(method.getName(), booked.value(), booked.reviewed());
    }
}
