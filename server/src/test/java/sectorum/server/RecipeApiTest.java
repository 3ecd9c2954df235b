package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.plan.Plan;
import tools.jackson.databind.JsonNode;

/** Recipes and colours of the workshop's own over real HTTP: kept, scaled, out and in as a file; what cannot be is refused. */
class RecipeApiTest extends OverHttp {
    private static String part(String name, Object amount, String more) {
        return "{\"name\":\"%s\",\"amount\":%s,\"unit\":\"gram\",\"allergens\":[]%s}".formatted(name, amount, more);
    }

    private static String recipe(String id, String parts, String more) {
        return "{\"id\":\"%s\",\"name\":\"Made %s\",\"makes\":\"buttercream\",\"note\":\"\",\"parts\":[%s]%s}"
                .formatted(id, id, parts, more);
    }

    private JsonNode own() {
        return http.get("/api/recipes/file").json().get("recipes");
    }

    @AfterEach
    void nothingIsLeft() {
        // What needs another goes first.
        for (int turn = 0; turn < 5 && !own().isEmpty(); turn++) {
            own().forEach(r -> http.send("DELETE", "/api/recipes/" + r.get("id").asString(), null));
        }
        assertThat(own()).isEmpty();
        http.get("/api/swatches").json().forEach(s -> http.send("DELETE", "/api/swatches/" + s.get("id"), null));
    }

    @Test
    void aRecipeIsKeptScaledByAScarcePartAndTakenOut() {
        String nutty = recipe(
                "nutty",
                part("buttercream", 800, ",\"recipe\":\"buttercream\"") + "," + part("praline", 200, ""),
                ",\"rests\":6");
        assertThat(http.send("PUT", "/api/recipes", nutty).status()).isEqualTo(200);
        JsonNode all = http.get("/api/recipes").json();
        assertThat(all.get(0).at("/recipe/id").asString()).isEqualTo("nutty");
        assertThat(all.get(0).get("own").asBoolean()).isTrue();
        assertThat(all.get(1).get("own").asBoolean()).isFalse();
        JsonNode scaled =
                http.get("/api/recipes/scaled?id=nutty&part=1&have=90").json();
        assertThat(scaled.get("grams").asDouble()).isCloseTo(450, within(1e-9));
        assertThat(scaled.at("/first/0/recipe").asString()).isEqualTo("buttercream");
        assertThat(scaled.get("allergens").toString()).isEqualTo("[\"milk\"]");
        // A plan's filling by it is bought by its parts, and what it holds is told.
        Plan plan = Plans.swags("Nutty");
        String body = json.writeValueAsString(Map.of("plan", plan))
                .replace("\"dummy\":false", "\"dummy\":false,\"inside\":{\"recipe\":\"nutty\"}");
        JsonNode top = http.post("/api/worktop", body).json();
        assertThat(top.get("shopping").valueStream().map(b -> b.get("name").asString()))
                .contains("praline", "butter");
        assertThat(http.send("DELETE", "/api/recipes/nutty", null).status()).isEqualTo(204);
        assertThat(http.post("/api/worktop", body).json().get("findings").toString())
                .contains("fit.recipe");
    }

    @Test
    void whatAnotherNeedsStaysAndTheFileComesBackTheSame() {
        http.send("PUT", "/api/recipes", recipe("base", part("sugar", 10, ""), ""));
        http.send("PUT", "/api/recipes", recipe("top", part("base", 5, ",\"recipe\":\"base\""), ""));
        Http.Answer refused = http.send("DELETE", "/api/recipes/base", null);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.text()).contains("Made top");
        String file = http.get("/api/recipes/file").text();
        http.send("DELETE", "/api/recipes/top", null);
        http.send("DELETE", "/api/recipes/base", null);
        JsonNode taken = http.post("/api/recipes/file", file).json();
        assertThat(taken.get("fresh").asInt()).isEqualTo(2);
        assertThat(http.get("/api/recipes/file").text()).isEqualTo(file);
        assertThat(http.post("/api/recipes/file", file).json().get("replaced").asInt())
                .isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "needs itself                | round, {\"name\":\"r\",\"amount\":5,\"recipe\":\"x\",\"allergens\":[]} | needs x",
                "zero yield                  | , {\"name\":\"s\",\"amount\":5,\"allergens\":[]} #\"yield\":0           | yield of 0 g",
                "more out than in            | , {\"name\":\"s\",\"amount\":5,\"allergens\":[]} #\"yield\":6           | 5 g that go in",
                "nothing of a part           | , {\"name\":\"s\",\"amount\":0,\"allergens\":[]}                        | 0 of s",
                "no density                  | , {\"name\":\"s\",\"amount\":1,\"unit\":\"cup\",\"allergens\":[]}       | density of s",
                "an unknown recipe           | , {\"name\":\"s\",\"amount\":1,\"recipe\":\"soup\",\"allergens\":[]}    | soup",
                "no such unit                | , {\"name\":\"s\",\"amount\":1,\"unit\":\"bucket\",\"allergens\":[]}    | bucket",
                "an unknown field            | , {\"name\":\"s\",\"amount\":1,\"colour\":\"red\",\"allergens\":[]}     | colour",
                "a word for a number         | , {\"name\":\"s\",\"amount\":\"much\",\"allergens\":[]}                 | amount",
            })
    void whatCannotBeIsRefusedAndNothingIsKept(String what, String given, String said) {
        String[] split = given.substring(given.indexOf('{')).split("#");
        Http.Answer answer =
                http.send("PUT", "/api/recipes", recipe("x", split[0].strip(), split.length > 1 ? "," + split[1] : ""));
        assertThat(answer.status()).as(what + answer.text()).isEqualTo(400);
        assertThat(answer.text()).contains(said);
        assertThat(own()).isEmpty();
    }

    @Test
    void aMillionPartsAFileOfAnotherKindAndAShippedNameAreRefused() {
        String many = String.join(",", Collections.nCopies(41, part("s", 1, "")));
        assertThat(http.send("PUT", "/api/recipes", recipe("x", many, "")).text())
                .contains("41 parts");
        String huge = String.join(",", Collections.nCopies(1_000_000, "{}"));
        assertThat(http.send("PUT", "/api/recipes", recipe("x", huge, "")).status())
                .isIn(400, 413);
        assertThat(http.send("PUT", "/api/recipes", recipe("royal", part("s", 1, ""), ""))
                        .text())
                .contains("royal");
        assertThat(http.send("PUT", "/api/recipes", recipe("x", "null", "")).text())
                .contains("parts", "is empty");
        assertThat(http.post("/api/recipes/file", "{\"format\":\"sectorum-recipes\",\"version\":1,\"recipes\":[null]}")
                        .text())
                .contains("recipes", "is empty");
        assertThat(http.post("/api/recipes/file", "{\"format\":\"soup\",\"version\":1,\"recipes\":[]}")
                        .text())
                .contains("soup");
        assertThat(http.post("/api/recipes/file", "{\"format\":\"sectorum-recipes\",\"version\":9,\"recipes\":[]}")
                        .text())
                .contains("version 9");
        // All or none: the second needs what is not there.
        String file = "{\"format\":\"sectorum-recipes\",\"version\":1,\"recipes\":[%s,%s]}"
                .formatted(
                        recipe("good", part("s", 1, ""), ""), recipe("bad", part("s", 1, ",\"recipe\":\"gone\""), ""));
        assertThat(http.post("/api/recipes/file", file).status()).isEqualTo(400);
        assertThat(own()).isEmpty();
    }

    /** Two that each fit alone would need one another: one of the two comes too late, whoever is first. */
    @Test
    void recipesThatWouldNeedOneAnotherAreNeverBothKept() {
        for (int turn = 0; turn < 5; turn++) {
            for (String id : List.of("a", "b")) {
                http.send("PUT", "/api/recipes", recipe(id, part("sugar", 1, ""), ""));
            }
            List<Integer> answers = new ArrayList<>(IntStream.of(0, 1)
                    .parallel()
                    .mapToObj(i -> http.send(
                                    "PUT",
                                    "/api/recipes",
                                    recipe(
                                            i == 0 ? "a" : "b",
                                            part("it", 1, ",\"recipe\":\"" + (i == 0 ? "b" : "a") + "\""),
                                            ""))
                            .status())
                    .toList());
            assertThat(answers).containsExactlyInAnyOrder(200, 400);
            assertThat(http.get("/api/recipes").status()).isEqualTo(200);
            nothingIsLeft();
        }
    }

    @Test
    void aColourThatWasSeenTellsItsDoseAndOneThatWasNotIsAskedFor() {
        String seen =
                "{\"colour\":\"Red gel\",\"material\":\"buttercream\",\"dose\":2,\"plain\":\"#fbf6ea\",\"now\":\"#d9606a\","
                        + "\"hours\":12,\"later\":\"#b3232f\"}";
        assertThat(http.post("/api/swatches", seen).status()).isEqualTo(201);
        String wanted =
                "{\"colour\":\"red gel\",\"material\":\"buttercream\",\"shade\":\"#b3232f\",\"hours\":12,\"grams\":500,"
                        + "\"have\":0}";
        JsonNode reached = http.post("/api/swatches/reach", wanted).json();
        assertThat(reached.get("add").asDouble()).isCloseTo(10, within(0.2));
        assertThat(reached.get("later").asString()).isEqualTo("#b3232f");
        String dose = "{\"colour\":\"Red gel\",\"material\":\"buttercream\",\"dose\":2,\"hours\":12}";
        assertThat(http.post("/api/swatches/shades", dose).json().get("now").asString())
                .isEqualTo("#d9606a");
        for (String odd : List.of(
                wanted.replace("red gel", "blue gel"),
                wanted.replace("#b3232f", "red"),
                wanted.replace("500", "0"),
                wanted.replace("12", "999"))) {
            assertThat(http.post("/api/swatches/reach", odd).status()).as(odd).isEqualTo(400);
        }
        assertThat(http.post("/api/swatches", seen.replace("#d9606a", "pink")).text())
                .contains("pink");
    }
}
