package sectorum.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLSyntaxErrorException;
import java.sql.SQLTimeoutException;
import java.sql.SQLTransientConnectionException;
import java.util.stream.Stream;
import org.hibernate.TransactionException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;

class DatabaseTest {
    private static SQLException code(String state, int code) {
        return new SQLException("said by the database", state, code);
    }

    /** As they came while databases were killed, stood still, were full, or held by others. */
    static Stream<Arguments> troubles() {
        return Stream.of(
                Arguments.of(Database.AWAY, new CannotCreateTransactionException("no connection")),
                Arguments.of(Database.AWAY, new DataAccessResourceFailureException("cut")),
                Arguments.of(Database.AWAY, new IllegalStateException(new SQLTransientConnectionException("pool"))),
                Arguments.of(Database.AWAY, new IllegalStateException(new SQLNonTransientConnectionException("x"))),
                Arguments.of(Database.AWAY, new IllegalStateException(new SQLTimeoutException("late"))),
                Arguments.of(Database.AWAY, new IllegalStateException(code("08000", 0))),
                Arguments.of(Database.AWAY, new IllegalStateException(code("HY000", 1047))),
                Arguments.of(Database.AWAY, new IllegalStateException(code("08S01", 1053))),
                Arguments.of(Database.AWAY, new CannotAcquireLockException("held", code("HY000", 1205))),
                Arguments.of(
                        Database.AWAY,
                        new JpaSystemException(new TransactionException("Unable to rollback against JDBC Connection"))),
                Arguments.of(Database.AWAY, new IllegalStateException(new SQLException("Connection is closed"))),
                Arguments.of(Database.FULL, new IllegalStateException(code("HY000", 1114))),
                Arguments.of(Database.FULL, new DataAccessResourceFailureException("x", code("HY000", 1021))),
                Arguments.of(Database.FULL, new IllegalStateException(code("HY000", 1026))),
                Arguments.of(Database.WELL, new CannotAcquireLockException("raced", code("40001", 1213))),
                Arguments.of(Database.WELL, new DataIntegrityViolationException("twice", code("23000", 1062))),
                Arguments.of(Database.WELL, new IllegalStateException(new SQLSyntaxErrorException("no such", "42S02"))),
                Arguments.of(Database.WELL, new IllegalStateException(new SocketTimeoutException("a device"))),
                Arguments.of(Database.WELL, new TransactionException("no such state")));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("troubles")
    void isKnownByWhatWasThrown(Database trouble, Exception thrown) {
        assertThat(Database.of(thrown)).isEqualTo(trouble);
    }

    @org.junit.jupiter.api.Test
    void aRingOfCausesEnds() {
        Exception one = new IllegalStateException("one");
        Exception two = new IllegalStateException("two", one);
        one.initCause(two);
        assertThat(Database.of(one)).isEqualTo(Database.WELL);
    }
}
