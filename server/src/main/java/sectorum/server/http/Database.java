package sectorum.server.http;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTimeoutException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.hibernate.TransactionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.transaction.CannotCreateTransactionException;

/** What is wrong with the database, by what was thrown: libraries wrap the same fault in a dozen ways. */
enum Database {
    /** It does not answer, is being started, has its connections cut in the middle, or is busy past all patience. */
    AWAY,
    /** It answers, and has no room for what is to be kept. */
    FULL,
    /** Nothing is known to be wrong with it. */
    WELL;

    /** Seconds after which it is worth trying again. */
    static final String COME_AGAIN_S = "3";

    /** Error codes of MariaDB: a table is full, the disk is full, writing failed (which a full disk is the usual cause of). */
    private static final int TABLE_FULL = 1114;

    private static final int DISK_FULL = 1021;
    private static final int WRITE_FAILED = 1026;
    /** A node that lost the others of its cluster gives out no table; a server that is shutting down takes no more questions. */
    private static final int NOT_PREPARED = 1047;

    private static final int SHUTTING_DOWN = 1053;
    /** A row was held by somebody else for longer than is waited for. */
    private static final int HELD = 1205;

    /** Causes may go in a ring. */
    private static final int DEEPEST = 30;

    private static final Set<Class<? extends Throwable>> CUT = Set.of(
            SQLTransientConnectionException.class,
            SQLNonTransientConnectionException.class,
            SQLTimeoutException.class,
            CannotCreateTransactionException.class,
            DataAccessResourceFailureException.class,
            QueryTimeoutException.class,
            RecoverableDataAccessException.class,
            TransientDataAccessResourceException.class);

    /** What whoever asked is told; not of one that is well. */
    ProblemDetail problem() {
        return this == FULL
                ? Problems.problem(
                        HttpStatus.INSUFFICIENT_STORAGE,
                        "full",
                        "The disk is full",
                        "The disk that Sectorum keeps plans on is full, and this was not kept there. It is kept in this"
                                + " browser and saved when there is room: whoever looks after the machine makes some.")
                : Problems.problem(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "away",
                        "The database does not answer",
                        "Sectorum's database does not answer just now. What you did is kept in this browser and saved"
                                + " when it is back.");
    }

    static Database of(Throwable thrown) {
        List<Throwable> chain = Stream.iterate(thrown, t -> t != null, Throwable::getCause)
                .limit(DEEPEST)
                .toList();
        if (chain.stream().anyMatch(t -> t instanceof SQLException sql && isRoom(sql.getErrorCode()))) {
            return FULL;
        }
        return chain.stream().anyMatch(Database::isConnection) ? AWAY : WELL;
    }

    private static boolean isRoom(int code) {
        return code == TABLE_FULL || code == DISK_FULL || code == WRITE_FAILED;
    }

    private static boolean isConnection(Throwable cause) {
        if (cause instanceof SQLException sql) {
            String state = sql.getSQLState();
            return CUT.stream().anyMatch(kind -> kind.isInstance(sql))
                    || (state != null && state.startsWith("08"))
                    || sql.getErrorCode() == NOT_PREPARED
                    || sql.getErrorCode() == SHUTTING_DOWN
                    || sql.getErrorCode() == HELD
                    || "Connection is closed".equals(sql.getMessage());
        }
        // Begun, taken back or committed on a connection that is gone.
        return CUT.stream().anyMatch(kind -> kind.isInstance(cause))
                || (cause instanceof TransactionException gone && ("" + gone.getMessage()).contains("JDBC"));
    }
}
