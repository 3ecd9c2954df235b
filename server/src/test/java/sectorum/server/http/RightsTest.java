package sectorum.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Who;

/** Who may ask what, row by row. */
class RightsTest {
    /** The least somebody has to be. */
    @ParameterizedTest
    @CsvSource({
        "GET, /api/here, ",
        "POST, /api/sign-in, ",
        "POST, /api/join, ",
        "GET, /api/shared, ",
        "GET, /api/plans, READER",
        "HEAD, /api/plans/7, READER",
        "POST, /api/workup, READER",
        "POST, /api/templates/pdf, READER",
        "POST, /api/days/calendar, READER",
        "PUT, /api/preferences, READER",
        "PUT, /api/account/password, READER",
        "DELETE, /api/account/devices/abc, READER",
        "POST, /api/plans/7/presence, READER",
        "POST, /api/plans/7/journal, HELPER",
        "PUT, /api/plans/7, HELPER",
        "POST, /api/cupboard/take, HELPER",
        "POST, /api/notebook/measured, HELPER",
        "POST, /api/plans, DECORATOR",
        "DELETE, /api/plans/7, DECORATOR",
        "PUT, /api/plans/7/archive, DECORATOR",
        "POST, /api/plans/7/shares, DECORATOR",
        "PUT, /api/cupboard, DECORATOR",
        "POST, /api/notebook/records, DECORATOR",
        "POST, /api/what/nobody/thought/of, DECORATOR",
        "DELETE, /api/what/nobody/thought/of, DECORATOR",
        "PUT, /api/workshop, OWNER",
        "GET, /api/people, OWNER",
        "PUT, /api/people/3/role, OWNER",
        "POST, /api/people/3/reset, OWNER",
        "GET, /api/audit, OWNER",
        "GET, /api/archive, OWNER",
        "POST, /api/archive, DECORATOR",
        "GET, /api/plans/7/archive, READER",
        "POST, /api/plans/demo, OWNER",
    })
    void theLeastSomebodyHasToBe(String method, String path, Role least) {
        assertThat(Rights.needed(method, path).orElse(null)).isEqualTo(least);
        for (Role role : Role.values()) {
            assertThat(Rights.may(new Who(1, 1, role, null), method, path))
                    .as("%s", role)
                    .isEqualTo(least == null || role.compareTo(least) >= 0);
        }
    }

    /** What somebody with a link to the turntable of plan 7 reaches. */
    @ParameterizedTest
    @CsvSource({
        "GET, /api/plans/7, true",
        "PUT, /api/plans/7, true",
        "DELETE, /api/plans/7, false",
        "GET, /api/plans/8, false",
        "GET, /api/plans/70, false",
        "GET, /api/plans, false",
        "POST, /api/plans, false",
        "GET, /api/plans/7/opened, true",
        "POST, /api/plans/7/opened, false",
        "GET, /api/plans/7/journal, true",
        "POST, /api/plans/7/journal, true",
        "GET, /api/plans/7/live, true",
        "POST, /api/plans/7/pictures, true",
        "POST, /api/plans/7/door, false",
        "POST, /api/plans/7/copy, false",
        "GET, /api/plans/7/versions, false",
        "POST, /api/workup, true",
        "POST, /api/turntable/steps, true",
        "GET, /api/preferences, true",
        "PUT, /api/preferences, false",
        "PUT, /api/workshop, false",
        "GET, /api/cupboard, false",
        "GET, /api/people, false",
        "PUT, /api/account, false",
        "GET, /api/account, false",
        "GET, /api/notebook, false",
        "GET, /api/here, true",
        "POST, /api/plans/7/shares, false",
        "HEAD, /api/plans/7, true",
    })
    void aLinkOpensOneTurntable(String method, String path, boolean open) {
        assertThat(Rights.may(new Who(1, 1, Role.HELPER, 7L), method, path)).isEqualTo(open);
    }
}
