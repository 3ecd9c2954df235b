package sectorum.server.health;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Whether plans can be read. A node of a cluster that lost the others still answers a bare question; a table it does not give out,
 * so a table is what is read.
 */
@Component("plans")
class PlansHealth implements HealthIndicator {
    private final JdbcClient database;

    PlansHealth(JdbcClient database) {
        this.database = database;
    }

    @Override
    public Health health() {
        try {
            database.sql("select id from plan limit 1").query(Long.class).optional();
            return Health.up().build();
        } catch (RuntimeException away) {
            // Why stands in the log; whoever asks learns that it is away.
            return Health.down().build();
        }
    }
}
