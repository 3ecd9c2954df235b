package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Coming in and going out, and what an owner does with a crew, over real HTTP. */
@ExtendWith(RunningApp.class)
class PeopleApiTest {
    private Http anybody;
    private JdbcClient jdbc;

    @BeforeEach
    void at(Http running, JdbcClient client) {
        anybody = Http.stranger(running.base());
        jdbc = client;
        // Each test begins with nobody having tried anything.
        jdbc.sql("delete from attempt").update();
    }

    private Http owner(String workshop) {
        return Crew.owner(anybody.base(), workshop);
    }

    private static JsonNode person(Http owner, String name) {
        return owner.get("/api/people")
                .json()
                .get("people")
                .valueStream()
                .filter(p -> p.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Http.Answer signIn(String name, String password) {
        return Http.stranger(anybody.base())
                .post("/api/sign-in", Crew.body("signIn", name, "password", password, "stay", false));
    }

    @Test
    void aStrangerIsToldToSignInAndSeesNothing() {
        Http.Answer answer = anybody.get("/api/plans");
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.header("content-type")).contains("application/problem+json");
        assertThat(answer.text()).contains("Sign in");
        assertThat(anybody.get("/").status()).isEqualTo(200);
    }

    @Test
    void theCookieIsOutOfReachOfScriptsAndOtherSites() {
        String name = Crew.signInName();
        Crew.owner(anybody.base(), "Cookies", name);
        String cookie = signIn(name, Crew.PASSWORD).header("set-cookie");
        assertThat(cookie).contains("HttpOnly", "SameSite=Lax", "Path=/").doesNotContain("Max-Age");
        Http.Answer stays = Http.stranger(anybody.base())
                .post("/api/sign-in", Crew.body("signIn", name, "password", Crew.PASSWORD, "stay", true));
        assertThat(stays.header("set-cookie")).contains("Max-Age");
    }

    @Test
    void whoSignsInHasAnotherSessionThanBefore() {
        Http owner = owner("Fixed");
        String before = owner.cookies();
        owner.post("/api/enter", "");
        assertThat(owner.cookies()).isNotEqualTo(before);
        Http old = Http.stranger(owner.base());
        assertThat(old.get("/api/names").status()).isEqualTo(401);
    }

    @Test
    void passwordsAreKeptAsBcryptAndNothingElse() {
        String name = Crew.signInName();
        Crew.owner(anybody.base(), "Hashes", name);
        String kept = jdbc.sql("select password from person where sign_in = ?")
                .param(name)
                .query(String.class)
                .single();
        assertThat(kept).startsWith("{bcrypt}$2").doesNotContain("teapot");
    }

    @ParameterizedTest(name = "{index}: {1}")
    @CsvSource({
        "too short, 15",
        "'', 15",
        "aaaaaaaaaaaaaaaaaaaa, guessed",
        "passwordpassword, guessed",
        "1234567890123456, guessed",
        "qwertyuiopasdfgh, guessed",
        "abcabcabcabcabcabc, guessed",
        "Kettle Works 2026!, guessed",
        "teapot lantern gravel sonnet teapot lantern gravel sonnet teapot lantern gravel, 72",
    })
    void whatIsEasilyGuessedIsNoPassword(String password, String why) {
        Http.Answer refused = anybody.post(
                "/api/begin",
                Crew.body(
                        "workshop",
                        "Kettle Works",
                        "name",
                        "Owner",
                        "signIn",
                        Crew.signInName(),
                        "password",
                        password));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("field").asString()).isEqualTo("password");
        assertThat(refused.text()).contains(why);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"ab, 3 to 60", "with space, without spaces", "'<b>x</b>', 3 to 60", ".dot, 3 to 60"})
    void oddNamesToSignInAreRefused(String signIn, String why) {
        Http.Answer refused = anybody.post(
                "/api/begin",
                Crew.body("workshop", "Odd", "name", "Owner", "signIn", signIn, "password", Crew.PASSWORD));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains(why);
    }

    @Test
    void twoCannotSignInAsOneHoweverItIsWritten() {
        String name = Crew.signInName();
        Crew.owner(anybody.base(), "One", name);
        Http.Answer refused = anybody.post(
                "/api/begin",
                Crew.body(
                        "workshop",
                        "Two",
                        "name",
                        "Owner",
                        "signIn",
                        name.toUpperCase(java.util.Locale.ROOT),
                        "password",
                        Crew.PASSWORD));
        assertThat(refused.text()).contains("already");
    }

    @Test
    void aWrongNameAndAWrongPasswordAreToldAlike() {
        String name = Crew.signInName();
        Crew.owner(anybody.base(), "Alike", name);
        Http.Answer wrong = signIn(name, "some other words altogether");
        Http.Answer unknown = signIn(Crew.signInName(), Crew.PASSWORD);
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(unknown.status()).isEqualTo(401);
        assertThat(wrong.text()).isEqualTo(unknown.text());
    }

    @Test
    void whoTriesTooOftenWaitsAndARightOneBeforeThatClearsIt() {
        String name = Crew.signInName();
        Crew.owner(anybody.base(), "Often", name);
        List<Integer> tries = IntStream.range(0, 9)
                .mapToObj(i -> signIn(name, "wrong words number " + i).status())
                .toList();
        assertThat(tries).containsOnly(401);
        assertThat(signIn(name, Crew.PASSWORD).status()).isEqualTo(204);
        IntStream.range(0, 10).forEach(i -> signIn(name, "wrong words number " + i));
        Http.Answer often = signIn(name, Crew.PASSWORD);
        assertThat(often.status()).isEqualTo(429);
        assertThat(often.text()).contains("15 minutes");
    }

    @Test
    void oneAddressCannotTryManyNames() {
        List<Integer> tries = IntStream.range(0, 61)
                .mapToObj(i -> signIn("nobody-" + i, Crew.PASSWORD).status())
                .toList();
        assertThat(tries.subList(0, 60)).containsOnly(401);
        assertThat(tries.get(60)).isEqualTo(429);
    }

    @Test
    void anInvitationLetsInOnceAsWhatItSays() {
        Http owner = owner("Invites");
        JsonNode code = owner.post("/api/people/invitations", Crew.body("name", "Ines", "role", "helper"))
                .json();
        String typed =
                code.get("code").asString().toLowerCase(java.util.Locale.ROOT).replace("-", " ");
        JsonNode said = anybody.post("/api/invited", Crew.body("code", typed)).json();
        assertThat(said.toString()).contains("Invites", "Ines", "helper");
        String join = Crew.body("code", typed, "name", "Ines", "signIn", Crew.signInName(), "password", Crew.PASSWORD);
        Http ines = Http.stranger(owner.base());
        assertThat(ines.post("/api/join", join).status()).isEqualTo(204);
        assertThat(ines.get("/api/names").json().get("role").asString()).isEqualTo("helper");
        assertThat(Http.stranger(owner.base()).post("/api/join", join).status()).isEqualTo(404);
    }

    @Test
    void aWithdrawnAndAnOldInvitationLetNobodyIn() {
        Http owner = owner("Withdrawn");
        JsonNode code = owner.post("/api/people/invitations", Crew.body("name", "A", "role", "reader"))
                .json();
        long id = owner.get("/api/people").json().at("/invitations/0/id").asLong();
        owner.send("DELETE", "/api/people/invitations/" + id, null);
        assertThat(anybody.post(
                                "/api/invited",
                                Crew.body("code", code.get("code").asString()))
                        .status())
                .isEqualTo(404);
        JsonNode old = owner.post("/api/people/invitations", Crew.body("name", "B", "role", "reader"))
                .json();
        jdbc.sql("update access_code set until_at = utc_timestamp(3) - interval 1 second where kind = 'INVITE'")
                .update();
        assertThat(anybody.post(
                                "/api/invited",
                                Crew.body("code", old.get("code").asString()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aChangedRoleAndARemovalHoldFromTheNextRequestOn() {
        Http owner = owner("Roles");
        Http other = Crew.joined(owner, "decorator");
        long id = person(owner, "The decorator").get("id").asLong();
        assertThat(other.post("/api/plans/fresh", "{\"name\":\"Mine\"}").status())
                .isEqualTo(201);
        owner.send("PUT", "/api/people/" + id + "/role", "{\"role\":\"reader\"}");
        assertThat(other.post("/api/plans/fresh", "{\"name\":\"Mine\"}").status())
                .isEqualTo(403);
        assertThat(other.get("/api/plans").status()).isEqualTo(200);
        owner.send("DELETE", "/api/people/" + id, null);
        assertThat(other.get("/api/plans").status()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/people",
                "/api/%70eople",
                "/api/peopl%65",
                "/%61pi/people",
                "/api/people?x",
                "/api/./people",
                "/api/people/",
                "/api//people",
                "/api/people;x=1",
                "/API/people",
                "/api/audit%20"
            })
    void howeverAnAddressIsWrittenAReaderReachesNoOwnersPage(String path) {
        Http reader = Crew.joined(owner("Spelled " + path.length()), "reader");
        Http.Answer answer = reader.get(path);
        assertThat(answer.status()).as(answer.text()).isIn(400, 401, 403, 404);
        assertThat(answer.text()).doesNotContain("\"people\"").doesNotContain("The reader");
    }

    @Test
    void manyWhoAreInvitedComeInWithinAQuarterOfAnHour() {
        Http owner = owner("Many");
        for (int i = 0; i < 12; i++) {
            Crew.joined(owner, "helper");
        }
        assertThat(owner.get("/api/people").json().get("people")).hasSize(13);
    }

    @Test
    void theLastOwnerStays() {
        Http owner = owner("Last");
        long me = person(owner, "Owner").get("id").asLong();
        assertThat(owner.send("DELETE", "/api/people/" + me, null).text()).contains("only owner");
        assertThat(owner.send("PUT", "/api/people/" + me + "/role", "{\"role\":\"reader\"}")
                        .status())
                .isEqualTo(400);
        Crew.joined(owner, "owner");
        assertThat(owner.send("PUT", "/api/people/" + me + "/role", "{\"role\":\"reader\"}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aCodeSetsANewPasswordAndSignsOutEverything() {
        Http owner = owner("Reset");
        String name = Crew.signInName();
        Http other = Crew.joined(owner, "helper", name);
        long id = person(owner, "The helper").get("id").asLong();
        String code = owner.post("/api/people/" + id + "/reset", "")
                .json()
                .get("code")
                .asString();
        Http back = Http.stranger(owner.base());
        String words = "marble ferry acorn bicycle";
        assertThat(back.post("/api/reset", Crew.body("code", code, "password", words))
                        .status())
                .isEqualTo(204);
        assertThat(other.get("/api/plans").status()).isEqualTo(401);
        assertThat(back.get("/api/plans").status()).isEqualTo(200);
        assertThat(signIn(name, Crew.PASSWORD).status()).isEqualTo(401);
        assertThat(signIn(name, words).status()).isEqualTo(204);
        assertThat(back.post("/api/reset", Crew.body("code", code, "password", words))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void onesOwnPasswordNeedsTheOldOneAndSignsOutTheOthers() {
        String name = Crew.signInName();
        Http here = Crew.owner(anybody.base(), "Own", name);
        Http there = Http.stranger(anybody.base());
        there.post("/api/sign-in", Crew.body("signIn", name, "password", Crew.PASSWORD, "stay", true));
        String words = "marble ferry acorn bicycle";
        String wrong = Crew.body("name", "Owner", "signIn", name, "password", words, "old", "not the one it was");
        assertThat(here.send("PUT", "/api/account/password", wrong)
                        .json()
                        .get("field")
                        .asString())
                .isEqualTo("old");
        String right = Crew.body("name", "Owner", "signIn", name, "password", words, "old", Crew.PASSWORD);
        assertThat(here.send("PUT", "/api/account/password", right).status()).isEqualTo(200);
        assertThat(here.get("/api/plans").status()).isEqualTo(200);
        assertThat(there.get("/api/plans").status()).isEqualTo(401);
    }

    @Test
    void devicesAreListedAndSignedOutOneByOneAndAllAtOnce() {
        String name = Crew.signInName();
        Http here = Crew.owner(anybody.base(), "Devices", name);
        Http there = Http.stranger(anybody.base());
        there.post("/api/sign-in", Crew.body("signIn", name, "password", Crew.PASSWORD, "stay", false));
        JsonNode devices = here.get("/api/account").json().get("devices");
        assertThat(devices).hasSize(2);
        String other = devices.valueStream()
                .filter(d -> !d.get("here").asBoolean())
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        here.send("DELETE", "/api/account/devices/" + other, null);
        assertThat(there.get("/api/plans").status()).isEqualTo(401);
        assertThat(here.send("DELETE", "/api/account/devices", null).status()).isEqualTo(204);
        assertThat(here.get("/api/plans").status()).isEqualTo(401);
    }

    @Test
    void signedOutIsOutEvenWithTheOldCookie() {
        Http owner = owner("Out");
        String cookie = owner.cookies();
        owner.post("/api/sign-out", "");
        Http.Answer again = Http.stranger(anybody.base()).get("/api/plans");
        assertThat(again.status()).isEqualTo(401);
        assertThat(cookie).isNotEmpty();
        assertThat(owner.get("/api/plans").status()).isEqualTo(401);
    }

    @Test
    void whatWasDoneStandsInTheAuditInWords() {
        Http owner = owner("Audit");
        Crew.joined(owner, "decorator").post("/api/plans/fresh", "{\"name\":\"Gala\"}");
        String lines = owner.get("/api/audit").text();
        assertThat(lines)
                .contains(
                        "Began the workshop Audit",
                        "Invited The decorator as decorator",
                        "Joined",
                        "Made the plan Gala")
                .doesNotContain(Crew.PASSWORD);
        jdbc.sql("update audit_line set at = utc_timestamp(3) - interval 3 year where words like 'Invited%'")
                .update();
        assertThat(owner.get("/api/audit").text())
                .doesNotContain("Invited The decorator")
                .contains("Joined");
        assertThat(owner(("Nobody's")).get("/api/audit").text()).doesNotContain("Gala");
    }

    @Test
    void aSessionThatCannotBeReadSignsNobodyIn() {
        Http owner = owner("Broken");
        jdbc.sql("update SPRING_SESSION_ATTRIBUTES set ATTRIBUTE_BYTES = 0xACED0005FF where ATTRIBUTE_NAME = 'person'")
                .update();
        assertThat(owner.get("/api/plans").status()).isEqualTo(401);
        assertThat(owner.get("/").status()).isEqualTo(200);
    }

    @Test
    void usingAPageWritesNoSession() {
        Http owner = owner("Quiet");
        String seen = jdbc.sql("select max(LAST_ACCESS_TIME) from SPRING_SESSION")
                .query(String.class)
                .single();
        IntStream.range(0, 5).forEach(i -> owner.get("/api/plans"));
        assertThat(jdbc.sql("select max(LAST_ACCESS_TIME) from SPRING_SESSION")
                        .query(String.class)
                        .single())
                .isEqualTo(seen);
    }
}
