package sectorum.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.measure.Values;
import sectorum.plan.Brief;
import sectorum.plan.Coat;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Reading;
import tools.jackson.databind.json.JsonMapper;

/** The plan that most tests begin with: a round taped at 731 mm in five swags of 48 mm. */
public final class Plans {
    private Plans() {}

    public static Plan swags(String name) {
        Tier tier = new Tier(
                "top",
                "Top tier",
                new OutlineSpec("round", new Values(Map.of("diameter", 215.0))),
                110,
                null,
                false,
                List.of(new Coat("fondant", 8.5)),
                List.of(Reading.of(Reading.What.FOOT, 731)),
                null,
                List.of(),
                List.of(DivisionSpec.of("marks", 5, 150.0, Front.SECTION, Preference.ODD, List.of())),
                List.of(new Dressing(
                        "swags",
                        "swag",
                        null,
                        "marks",
                        null,
                        false,
                        false,
                        List.of(),
                        new Values(Map.of("drop", 48.0, "curve", "arc")))));
        return new Plan(Plan.FORMAT, Plan.VERSION, name, null, Brief.EMPTY, List.of(), List.of(tier));
    }

    /** The names of all sample plans. */
    static List<String> demos() {
        return List.of(
                "observatory-gala",
                "orchestra-season-opener",
                "beekeepers-guild-supper",
                "chess-league-final",
                "empty-plan",
                "canal-museum-reopening");
    }

    /** One of the sample plans. */
    static Plan demo(JsonMapper json, String name) {
        try (InputStream in = Plans.class.getResourceAsStream("/demo/" + name + ".json")) {
            return json.readValue(in, Plan.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A thing for the cupboard as JSON; sizes as they stand between the braces. */
    static String thing(String kind, String name, String sizes) {
        return thing(kind, name, sizes, "\"stock\":1,\"pack\":0");
    }

    static String thing(String kind, String name, String sizes, String stock) {
        return "{\"kind\":\"" + kind + "\",\"name\":\"" + name + "\",\"colour\":\"\",\"sizes\":{" + sizes
                + "},\"dial\":\"\"," + stock + ",\"notes\":\"\"}";
    }
}
