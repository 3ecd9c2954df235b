package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;

/** A ribbon round the board's edge: as long as the edge and a lap at the back (craft 3J). */
final class BoardRibbon implements Technique {
    private static final Rule WIDE = new Rule(
            "ribbon.wide", Level.LOOK, "A ribbon wider than the board is thick stands over it, or is seen from above.");

    /** The share of a board's edge that may stay bare above and below. */
    private static final double SEEN_MM = 2.5;

    @Override
    public String id() {
        return "ribbon";
    }

    @Override
    public String name() {
        return "Board ribbon";
    }

    @Override
    public Set<SurfaceKind> surfaces() {
        return Set.of(SurfaceKind.BOARD);
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(WIDE);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("wide", "thick", "lap");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return new Zone(0, Math.min(1, surface.depth()));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        return List.of(
                Field.length("wide", "Ribbon, wide", 3, 60, 12, "Measure the ribbon itself."),
                Field.length("thick", "Board, thick", 2, 60, 12, "With its covering."),
                Field.length("lap", "Lap at the back", 5, 100, 20, "What lies over its beginning."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        double wide = chosen.number("wide");
        double thick = chosen.number("thick");
        double edge = place.surface().around(0);
        double length = edge + chosen.number("lap");
        DressingBuilder work = new DressingBuilder(place);
        double period = place.surface().period();
        List<Double> patch = place.surface().patch(0, period, place.zone());
        int line = work.strand(SEEN_MM, patch.subList(0, patch.size() / 2));
        work.put(line, period / 2, place.zone().foot(), 0, 0);
        work.lead("long", Quantity.length(length))
                .lead("wide", Quantity.length(wide))
                .lead("edge", Quantity.length(edge));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot()));
        }
        work.handle(new Handle("lap", "Lap at the back", Handle.Way.ALONG, 1, 5, 100, grips));
        if (wide > thick) {
            work.find(
                    WIDE,
                    Phrase.of("{} of ribbon on {} of board.", Quantity.length(wide), Quantity.length(thick)),
                    Mend.setting(Phrase.of("Take {}", Quantity.length(thick)), "wide", thick));
        }
        return work.comesOut("ribbon", 1)
                .adhesive(Adhesive.GLUE)
                .step(
                        Gesture.WRAP,
                        Phrase.of(
                                "Cut {} of ribbon {} wide; fix it with double-sided tape under the edge or dots of glue, from"
                                        + " the back round, its end over its beginning.",
                                Quantity.length(length),
                                Quantity.length(wide)),
                        "ribbon, scissors, tape",
                        Rate.UPRIGHT_LINE.minutes(1))
                .check("Its lap is at the back and it touches no food; it is taken off before the cake is cut.")
                .done();
    }
}
