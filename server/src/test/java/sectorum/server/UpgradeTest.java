package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.plan.Plan;
import sectorum.server.json.StrictJson;

/**
 * A database of every version that was given out, with a plan in it as it was written then, is brought up to this one: the plan opens,
 * its versions are there, and whoever was at the bench owns the workshop.
 */
class UpgradeTest {
    /** The first that made a workshop by itself; before it nothing was given out. */
    private static final int FIRST = 3;

    private static final String SERVER = System.getenv("SECTORUM_TEST_DB");

    private static Flyway flyway(String target) {
        return Flyway.configure()
                .dataSource(SERVER + "/sectorum_upgrade", "sectorum_owner", System.getenv("SECTORUM_DB_PASSWORD"))
                .locations("classpath:db/migration")
                .target(target.isEmpty() ? MigrationVersion.LATEST : MigrationVersion.fromVersion(target))
                .cleanDisabled(false)
                .load();
    }

    private static String kept(String file) throws IOException {
        try (InputStream in = UpgradeTest.class.getResourceAsStream("/plans/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static String one(Statement ask, String sql) throws SQLException {
        try (ResultSet row = ask.executeQuery(sql)) {
            assertThat(row.next()).as(sql).isTrue();
            return row.getString(1);
        }
    }

    @ParameterizedTest(name = "from the database of version {0}")
    @ValueSource(strings = {"3", "4", "5", "6", "7", "8", "9", "10", "11", "12", "13", "14"})
    void aPlanOfThenOpensNow(String version) throws Exception {
        assumeThat(SERVER).as("a database server").isNotNull();
        Flyway old = flyway(version);
        old.clean();
        old.migrate();
        String document = kept("observatory-gala.v1.json");
        try (Connection to = DriverManager.getConnection(
                        SERVER + "/sectorum_upgrade", "sectorum_owner", System.getenv("SECTORUM_DB_PASSWORD"));
                Statement ask = to.createStatement()) {
            try (var keep =
                    to.prepareStatement("insert into plan (workshop_id, name, revision, document, created_at, saved_at)"
                            + " values (1, 'Gala', 4, ?, utc_timestamp(3), utc_timestamp(3))")) {
                keep.setString(1, document);
                keep.executeUpdate();
            }
            try (var keep = to.prepareStatement(
                    "insert into plan_revision (plan_id, revision, document, saved_at) values (1, 4, ?, utc_timestamp(3))")) {
                keep.setString(1, document);
                keep.executeUpdate();
            }
            if (Integer.parseInt(version) < 5) {
                ask.executeUpdate("insert into cupboard_item (workshop_id, kind, name, across_mm, notes, version)"
                        + " values (1, 'CUTTER', 'Ring 40', 40, '', 0)");
            }
            flyway("").migrate();
            assertThat(StrictJson.mapper().readValue(one(ask, "select document from plan"), Plan.class))
                    .isEqualTo(StrictJson.mapper().readValue(document, Plan.class));
            assertThat(one(ask, "select count(*) from plan_revision")).isEqualTo("1");
            assertThat(one(ask, "select role from person order by id limit 1")).isEqualTo("OWNER");
            assertThat(one(ask, "select demo from workshop order by id limit 1"))
                    .isEqualTo("0");
            if (Integer.parseInt(version) < 5) {
                assertThat(one(ask, "select json_value(sizes, '$.across') from cupboard_item"))
                        .startsWith("40");
            }
        }
        assertThat(flyway("").info().pending()).isEmpty();
    }

    /** Whoever adds a migration names the version before it here. */
    @org.junit.jupiter.api.Test
    void everyVersionIsTried() throws Exception {
        assumeThat(SERVER).as("a database server").isNotNull();
        int newest = Integer.parseInt(flyway("")
                .info()
                .all()[flyway("").info().all().length - 1]
                .getVersion()
                .getVersion());
        ValueSource tried = UpgradeTest.class
                .getDeclaredMethod("aPlanOfThenOpensNow", String.class)
                .getAnnotation(ValueSource.class);
        assertThat(tried.strings()).hasSize(newest - FIRST);
    }
}
