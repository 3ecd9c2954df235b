package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Dots on a grid, all or every other one (craft 3B; every other one asks for an even count), or strewn as thickly as a
 * palm-sized swatch that was covered to taste (craft 7).
 */
final class Dots implements Everywhere {
    private static final Rule TOUCH =
            new Rule("dots.touch", Level.LOOK, "Dots are wider than the distance to their neighbours.");
    private static final Rule CROWDED = new Rule(
            "dots.crowded",
            Level.LOOK,
            "Dots of the swatch cover more than 0.6 of it: strewn they would lie on one another.");
    private static final Field SET = Choices.field("set", "Set", Where.values(), w -> w.words);
    private static final Field MADE = Choices.field("made", "Dots are", Made.values(), m -> m.words);
    private static final double CROWD = 0.6;
    /** How far in from a rim dots usually go, mm. */
    private static final double NEAR_RIM_MM = 40;

    private enum Where {
        OTHER("at every other crossing"),
        ALL("at every crossing"),
        STREWN("strewn like a swatch");

        final String words;

        Where(String words) {
            this.words = words;
        }
    }

    private enum Made {
        PIPED("piped"),
        CUT("cut discs"),
        PEARLS("pearls");

        final String words;

        Made(String words) {
            this.words = words;
        }
    }

    private record Settings(Where where, Made made, int each, double diameter, int rows, double patch, int inPatch) {}

    @Override
    public String id() {
        return "dots";
    }

    @Override
    public String name() {
        return "Dots";
    }

    @Override
    public Demand demand(Values settings, int colours) {
        return Cycle.demand(
                settings.get("each"),
                multiple(settings),
                "every other dot alternates all round, so their count is even");
    }

    private static int multiple(Values settings) {
        return Choices.of(Where.values(), SET.choice(settings)) == Where.OTHER ? 2 : 1;
    }

    @Override
    public List<Rule> rules() {
        return List.of(TOUCH, CROWDED);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("set", "made", "each", "diameter", "rows", "patch", "inPatch");
    }

    @Override
    public Zone usualZone(Surface surface) {
        // Towards the middle of a top its marks run together.
        return surface.kind().isLevel() ? new Zone(0, Math.min(surface.depth(), NEAR_RIM_MM)) : surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field each = Field.count(
                "each",
                "Columns in a section",
                1,
                DressingContext.MOST_PARTS,
                place.parts(0.2 * place.zone().height(), multiple(values)),
                "1 has them on the marks alone.");
        double w = place.parted((int) each.number(values)).widest(0);
        int rows = (int) Math.max(1, Math.min(100, Rounding.halfUp(place.zone().height() / w, 1) + 1));
        return List.of(
                SET,
                MADE,
                each,
                Field.length(
                        "diameter", "Dots of", 1, 60, Math.max(2, Math.min(8, Rounding.halfUp(w / 5, 1))), "Across."),
                Field.count("rows", "Rows", 1, 200, rows, "From one edge of the zone to the other."),
                Field.length("patch", "Swatch, each way", 20, 200, 60, "A square about as wide as a palm."),
                Field.count("inPatch", "Dots counted in it", 1, 500, 20, "As many as look right to you."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Where.values(), SET.choice(values)),
                Choices.of(Made.values(), MADE.choice(values)),
                chosen.count("each"),
                chosen.number("diameter"),
                chosen.count("rows"),
                chosen.number("patch"),
                chosen.count("inPatch"));
        DressingContext fine = place.parted(set.each());
        DressingBuilder work = new DressingBuilder(place);
        int dot = work.piece(Flat.circle(set.diameter(), 20));
        double room = place.zone().height() - set.diameter();
        double rise = set.rows() == 1 ? room / 2 : room / (set.rows() - 1);
        int dots = set.where() == Where.STREWN ? strewn(work, dot, set, place) : grid(work, dot, set, fine, rise);
        int front = fine.division().frontSection();
        double w = Math.min(
                fine.width(front, place.zone().foot()),
                fine.width(front, place.zone().top()));
        work.lead("dots", Quantity.count(dots))
                .lead("across", Quantity.length(set.diameter()))
                .lead(
                        "apart",
                        Quantity.length(set.where() == Where.STREWN ? set.patch() / Math.sqrt(set.inPatch()) : w))
                .figure("Rows apart", Quantity.length(rise));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.diameter() / 2).s(),
                    place.zone().foot() + set.diameter() / 2));
        }
        work.handle(new Handle("diameter", "Rim", Handle.Way.ALONG, 2, 1, Math.min(60, Math.max(2, w)), grips));
        judge(work, set, w, rise);
        make(work, set, dots);
        work.draw(() -> Prick.card(w, Math.max(1, room), Math.max(1, set.rows() - 1), set.where() == Where.OTHER));
        return work.done();
    }

    private static int grid(DressingBuilder work, int dot, Settings set, DressingContext place, double rise) {
        Division division = place.division();
        int dots = 0;
        for (int j = 0; j < set.rows(); j++) {
            double z = place.zone().foot() + set.diameter() / 2 + (set.rows() == 1 ? rise : j * rise);
            for (int k = 0; k < division.count(); k++) {
                if ((set.where() == Where.ALL || (k + j) % 2 == 0) && place.holds(division.mark(k))) {
                    work.put(dot, division.mark(k), z, dots++ % place.colours());
                }
            }
        }
        return dots;
    }

    /**
     * As many as the swatch says for the whole area, spread without clumps: the places of a Halton row, which are the same
     * every time and never lie in lines.
     */
    private static int strewn(DressingBuilder work, int dot, Settings set, DressingContext place) {
        double area = place.share() * place.surface().area(place.zone());
        int dots = (int) Math.max(1, Rounding.ceil(area * set.inPatch() / (set.patch() * set.patch())));
        double inset = Math.min(set.diameter(), place.zone().height() - 1e-6) / 2;
        Zone middles = new Zone(place.zone().foot() + inset, place.zone().top() - inset);
        for (int i = 0; i < dots; i++) {
            double z = place.surface().at(middles, Seeded.even(i + 1, 3));
            double s = Seeded.even(i + 1, 2) * place.share() * place.division().around();
            work.put(dot, s + (place.isClosed() ? 0 : place.stretch().from().s()), z, 0, i % place.colours());
        }
        return dots;
    }

    private static void judge(DressingBuilder work, Settings set, double w, double rise) {
        double apart = set.where() == Where.OTHER
                ? Math.min(2 * w, Elementary.hypot(w, rise))
                : set.rows() > 1 ? Math.min(w, rise) : w;
        if (set.where() != Where.STREWN && set.diameter() > apart + Rounding.EPS) {
            double fits = Math.max(1, Rounding.floor(apart / 2));
            work.find(
                    TOUCH,
                    Phrase.of(
                            "Dots of {} stand only {} apart.", Quantity.length(set.diameter()), Quantity.length(apart)),
                    Mend.setting(Phrase.of("Dots of {}", Quantity.length(fits)), "diameter", fits));
        }
        double share = set.inPatch() * Math.PI * set.diameter() * set.diameter() / 4 / (set.patch() * set.patch());
        if (set.where() == Where.STREWN && share > CROWD) {
            int fewer = (int) Math.max(1, Rounding.floor(set.inPatch() * CROWD / share));
            work.find(
                    CROWDED,
                    Phrase.of(
                            "{} dots of {} cover {} of the swatch.",
                            Quantity.count(set.inPatch()),
                            Quantity.length(set.diameter()),
                            Quantity.share(share)),
                    Mend.setting(Phrase.of("{} dots in the swatch", Quantity.count(fewer)), "inPatch", fewer));
        }
    }

    private static void make(DressingBuilder work, Settings set, int dots) {
        Phrase what = Phrase.of("Dot of {}", Quantity.length(set.diameter()));
        Material material =
                set.made() == Made.PEARLS ? Material.PEARL : set.made() == Made.CUT ? Material.FONDANT : Material.ROYAL;
        work.cycled(dots).forEach((colour, many) -> {
            if (set.made() == Made.CUT) {
                work.cutRound(what, material, 1.5, colour, set.diameter(), many, Spare.USUAL);
            } else {
                double grams =
                        set.made() == Made.PEARLS ? material.ball(set.diameter()) : material.ball(set.diameter()) / 2;
                Spare spare = set.made() == Made.PEARLS ? Spare.USUAL : Spare.NONE;
                work.made(what, material, colour, set.diameter(), many, spare, grams);
            }
        });
        Rate rate = set.made() == Made.PIPED ? Rate.PIPED_PIECE : set.made() == Made.CUT ? Rate.CUT_PIECE : Rate.PEARL;
        if (set.made() == Made.CUT) {
            work.tool(ThingKind.PUNCH, "diameter", set.diameter(), 0.5);
        }
        work.adhesive(material.adhesive())
                .step(
                        Gesture.MARK,
                        set.where() == Where.STREWN
                                ? Phrase.of(
                                        "Strew {} evenly, as in the swatch, {}.",
                                        Quantity.count(dots),
                                        Quantity.text(work.order()))
                                : Phrase.of(
                                        "Prick {} places with the card, {}.",
                                        Quantity.count(dots),
                                        Quantity.text(work.order())),
                        "prick card, pricker",
                        set.where() == Where.STREWN ? 0 : Rate.PRICK.minutes(dots))
                .step(
                        Gesture.STICK,
                        Phrase.of("Set {} dots.", Quantity.count(dots)),
                        set.made() == Made.PIPED ? "bag, plain nozzle" : "fine brush",
                        rate.minutes(dots),
                        null,
                        set.made() == Made.PEARLS ? Cautions.PEARLS : "");
    }
}
