package sectorum.server.people;

import java.time.Clock;
import java.time.Duration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Counts what was tried, by account and by address, for all copies of the server together. Whoever tries too often waits for the
 * next quarter of an hour; nobody is locked out for good.
 */
@Component
public class Attempts {
    static final Duration QUARTER = Duration.ofMinutes(15);
    /** A name may be tried so often in a quarter of an hour. */
    static final int OF_A_NAME = 10;
    /** A whole workshop may sit behind one address. */
    static final int OF_AN_ADDRESS = 60;

    private final JdbcClient jdbc;
    private final Clock clock;

    Attempts(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** One more try of this name from this address. Counted for itself, whatever becomes of the rest. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void oneMore(String name, String address) {
        long quarter = quarter();
        int ofName = count("name " + shortened(name), quarter);
        int ofAddress = count("from " + shortened(address), quarter);
        if (ofName > OF_A_NAME || ofAddress > OF_AN_ADDRESS) {
            throw tooOften();
        }
    }

    /** One more try of something that has no name, as a code or a beginning. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void oneMoreFrom(String address) {
        if (count("from " + shortened(address), quarter()) > OF_AN_ADDRESS) {
            throw tooOften();
        }
    }

    private static Denied tooOften() {
        return new Denied(
                Denied.Why.TOO_OFTEN,
                "This was tried too often. Wait until " + QUARTER.toMinutes()
                        + " minutes have gone by, or let an owner give you a code.");
    }

    /** It was the right one: what was mistyped before does not count any more. */
    @Transactional
    public void right(String name) {
        jdbc.sql("delete from attempt where what = ? or quarter < ?")
                .params("name " + shortened(name), quarter() - 1)
                .update();
    }

    private int count(String what, long quarter) {
        return jdbc.sql("insert into attempt (what, quarter, many) values (?, ?, 1)"
                        + " on duplicate key update many = many + 1 returning many")
                .params(what, quarter)
                .query(Integer.class)
                .single();
    }

    private long quarter() {
        return clock.millis() / QUARTER.toMillis();
    }

    private static String shortened(String text) {
        return text.length() > 100 ? text.substring(0, 100) : text;
    }
}
