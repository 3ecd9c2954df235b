package sectorum.server.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;
import org.springframework.boot.health.contributor.Status;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.core.simple.JdbcClient;

class PlansHealthTest {
    private final JdbcClient database = mock(JdbcClient.class, RETURNS_DEEP_STUBS);

    @Test
    void whereTheTableCanBeReadItIsWell() {
        assertThat(new PlansHealth(database).health().getStatus()).isEqualTo(Status.UP);
    }

    @Test
    void whereItCannotItIsDownAndSaysNoMore() {
        when(database.sql(anyString())).thenThrow(new DataAccessResourceFailureException("jdbc:mariadb://inside"));
        var health = new PlansHealth(database).health();
        assertThat(health.getStatus()).isEqualTo(Status.DOWN);
        assertThat(health.getDetails()).isEmpty();
    }
}
