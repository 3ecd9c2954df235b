package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import sectorum.Kept;
import sectorum.Seeds;
import sectorum.divide.Front;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.Spot;
import sectorum.plan.DivisionSpec;
import sectorum.plan.OutlineSpec;
import sectorum.plan.Tier;
import sectorum.tier.TierWorkup;

/**
 * Outlines as they are sent to the screens, with places whose point and normal core knows exactly: the screens' own test
 * projects them at twelve angles and compares.
 */
class ProjectionTest {
    private static final Map<String, Map<String, Object>> SHAPES = new java.util.TreeMap<>(Map.of(
            "round", Map.of("diameter", 180.0),
            "ring", Map.of("diameter", 200.0, "hole", 60.0),
            "square", Map.of("side", 240.0, "corner", 12.0),
            "rectangle", Map.of("width", 300.0, "depth", 200.0, "corner", 0.0),
            "polygon", Map.of("sides", 6.0, "side", 130.0, "corner", 10.0),
            "oval", Map.of("length", 300.0, "width", 220.0),
            "heart", Map.of("side", 180.0),
            "petal", Map.of("lobes", 6.0, "lobe", 100.0, "ring", 90.0)));

    private static Tier tier(String kind) {
        return new Tiers(
                        new OutlineSpec(kind, new Values(SHAPES.get(kind))),
                        List.of(),
                        null,
                        List.of(),
                        List.of(DivisionSpec.of("marks", 12, null, Front.SECTION, null, List.of())),
                        List.of())
                .tier();
    }

    @Test
    void pointsSentLieOnTheOutlineBetweenThemToo() {
        Random random = new Random(11);
        StringBuilder json = new StringBuilder("{\n");
        for (String kind : SHAPES.keySet()) {
            Outline outline = tier(kind).side().outline();
            TierWorkup.Form form = Workup.tier(tier(kind), Tiers.BENCH).form();
            json.append(json.length() > 2 ? ",\n" : "")
                    .append("\"")
                    .append(kind)
                    .append("\": {\"around\": ");
            json.append(number(outline.perimeter())).append(",\n  \"outline\": [");
            List<TierWorkup.OutlinePoint> points = form.outline();
            for (int i = 0; i < points.size(); i++) {
                TierWorkup.OutlinePoint p = points.get(i);
                json.append(i == 0 ? "" : ",").append(row(p.s(), p.x(), p.y()));
                TierWorkup.OutlinePoint next = points.get((i + 1) % points.size());
                double end = i + 1 < points.size() ? next.s() : outline.perimeter();
                Spot middle = outline.at((p.s() + end) / 2);
                assertThat(Math.hypot(middle.x() - (p.x() + next.x()) / 2, middle.y() - (p.y() + next.y()) / 2))
                        .as(kind)
                        .isCloseTo(0, within(0.05));
            }
            json.append("],\n  \"probes\": [");
            for (int i = 0; i < 30; i++) {
                double s = Seeds.between(random, 0, outline.perimeter());
                Spot spot = outline.at(s);
                json.append(i == 0 ? "" : ",").append(row(s, spot.x(), spot.y(), spot.nx(), spot.ny()));
            }
            json.append("]}");
        }
        Kept.check("web/src/band/outlines.fixture.json", json.append("\n}\n").toString());
    }

    private static String row(double... numbers) {
        StringBuilder row = new StringBuilder("[");
        for (double number : numbers) {
            row.append(row.length() > 1 ? "," : "").append(number(number));
        }
        return row.append("]").toString();
    }

    private static String number(double x) {
        return String.format(Locale.ROOT, "%.4f", x);
    }
}
