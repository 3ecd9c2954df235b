package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.divide.Demand;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
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
 * Piped runs that lean round a side, each with the next colour and the next nozzle (craft 3B): they close only when the cycle
 * divides their number.
 */
final class DiagonalRuns implements Technique {
    private static final Rule CLOSES = new Rule(
            "runs.closes", Level.LOOK, "Runs in turns of colours or nozzles do not close: two alike meet at the back.");
    private static final Rule TIGHT =
            new Rule("runs.tight", Level.LOOK, "Runs lie nearer than they are wide: they run into one another.");

    /** Parts of a drawn line: straight between, and nobody sees it. */
    private static final double PART_MM = 12;

    private static final Field MATERIAL =
            Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL, Material.GANACHE);
    private static final Field FORM = Choices.field("form", "Piped as", Form.values(), f -> f.words);
    private static final Field LEAN = Choices.field("lean", "Leaning to the", Lean.values(), l -> l.words);

    private enum Form {
        LINE("a line", null),
        SHELLS("shells", PipeForm.SHELL),
        BEADS("beads", PipeForm.BEAD),
        STARS("stars", PipeForm.STAR);

        private final String words;
        private final PipeForm form;

        Form(String words, PipeForm form) {
            this.words = words;
            this.form = form;
        }
    }

    private enum Lean {
        RIGHT("right, going up", 1),
        LEFT("left, going up", -1);

        private final String words;
        private final int way;

        Lean(String words, int way) {
            this.words = words;
            this.way = way;
        }
    }

    /**
     * @param nozzles in turn, mm; at least one
     */
    private record Settings(Form form, Lean lean, double angle, int each, List<Double> nozzles, Material material) {
        double nozzle(int run) {
            return nozzles.get(run % nozzles.size());
        }
    }

    /** What comes out of one nozzle in one colour. */
    private record Bag(int colour, double nozzle) implements Comparable<Bag> {
        @Override
        public int compareTo(Bag other) {
            return colour != other.colour
                    ? Integer.compare(colour, other.colour)
                    : Double.compare(nozzle, other.nozzle);
        }
    }

    @Override
    public String id() {
        return "runs";
    }

    @Override
    public String name() {
        return "Diagonal runs";
    }

    @Override
    public Demand demand(Values settings, int colours) {
        return Cycle.demand(
                settings.get("each"), colours, "runs in " + colours + " colours close only on a multiple of them");
    }

    @Override
    public List<Rule> rules() {
        return List.of(CLOSES, TIGHT);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("form", "lean", "angle", "each", "nozzle", "second", "third", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field nozzle = Field.length("nozzle", "Nozzle, open", 0.5, 40, 6, "Of every run, or of the first in turn.");
        return List.of(
                FORM,
                LEAN,
                Field.angle(
                        "angle",
                        "Angle",
                        Elementary.toRadians(15),
                        Elementary.toRadians(90),
                        Elementary.toRadians(50),
                        "From the level."),
                Field.count(
                        "each",
                        "Runs in a section",
                        1,
                        DressingContext.MOST_PARTS,
                        place.parts(3 * nozzle.number(values), place.colours()),
                        "Between two marks."),
                nozzle,
                Field.length("second", "Second nozzle", 0, 40, 0, "0: every run is of the first."),
                Field.length("third", "Third nozzle", 0, 40, 0, "0: none."),
                MATERIAL);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        List<Double> nozzles = new ArrayList<>(List.of(chosen.number("nozzle")));
        for (String further : List.of("second", "third")) {
            // Finer than a needle it is none.
            if (chosen.number(further) >= 0.5) {
                nozzles.add(chosen.number(further));
            }
        }
        Settings set = new Settings(
                Choices.of(Form.values(), chosen.choice("form")),
                Choices.of(Lean.values(), chosen.choice("lean")),
                chosen.number("angle"),
                chosen.count("each"),
                nozzles,
                Material.of(chosen.choice("material")));
        DressingBuilder work = new DressingBuilder(place);
        double high = place.zone().height();
        double slanted = high / Elementary.sin(set.angle());
        int n = place.division().count() * set.each();
        TreeMap<Bag, Integer> runs = new TreeMap<>();
        int run = 0;
        for (int k = 0; k < place.division().count(); k++) {
            for (int j = 0; j < set.each(); j++, run++) {
                int colour = place.turns().firsts().get(run % place.colours());
                double s = place.division()
                        .mark(k)
                        .plus(place.division().section(k) * j / set.each())
                        .s();
                draw(work, set, place, s, run, colour);
                runs.merge(new Bag(colour, set.nozzle(run)), 1, Integer::sum);
            }
        }
        double grams = weigh(work, set, runs, slanted);
        double apart = place.narrowing(place.middleZ()) * place.division().around() / n;
        work.lead("runs", Quantity.count(n))
                .lead("apart", Quantity.length(apart))
                .lead("grams", "of icing", Quantity.mass(grams))
                .figure("Each long", Quantity.length(slanted))
                .figure("Each runs along", Quantity.length(high / Elementary.tan(set.angle())))
                .figure("Bags", Quantity.count(runs.size()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            double s = place.division()
                    .mark(k)
                    .plus(place.division().section(k) / set.each())
                    .s();
            grips.add(new Handle.Grip(s, place.zone().foot()));
        }
        work.handle(new Handle("each", "Next run", Handle.Way.ALONG, -set.each() / apart, 1, 20, grips));
        judge(work, set, place, n, apart);
        steps(work, set, n, runs, slanted, grams);
        work.draw(() -> Cover.card(
                "run-slope",
                List.of(
                        0.0,
                        0.0,
                        Math.max(30, high / Elementary.tan(set.angle())),
                        0.0,
                        high / Elementary.tan(set.angle()),
                        high),
                Phrase.of("Card to lean runs by, {}", Quantity.angle(set.angle()))));
        return work.done();
    }

    /** From its mark up, in parts: up a side that leans every part keeps to the marks' own narrowing. */
    private static void draw(DressingBuilder work, Settings set, DressingContext place, double s, int run, int colour) {
        double high = place.zone().height();
        double foot = place.zone().foot();
        double nozzle = set.nozzle(run);
        double slanted = high / Elementary.sin(set.angle());
        PipeForm form = set.form().form;
        double pitch = form == null ? PART_MM : form.pitch(nozzle);
        int parts = (int) Math.max(1, Rounding.halfUp(slanted / pitch, 1));
        double each = slanted / parts;
        int shape = form == null
                ? work.strand(nozzle, List.of(-each / 2, 0.0, each / 2, 0.0))
                : work.piece(form.outline(nozzle));
        double turn = set.lean().way > 0 ? set.angle() : Math.PI - set.angle();
        for (int i = 0; i < parts; i++) {
            double up = high * (i + 0.5) / parts;
            work.put(shape, s + set.lean().way * up / Elementary.tan(set.angle()), foot + up, turn, colour);
        }
    }

    private static double weigh(DressingBuilder work, Settings set, TreeMap<Bag, Integer> runs, double slanted) {
        Material of = set.material();
        PipeForm form = set.form().form;
        double grams = 0;
        for (var one : runs.entrySet()) {
            double nozzle = one.getKey().nozzle();
            int many = one.getValue();
            if (form == null) {
                double weighs = of.line(many * slanted, nozzle);
                work.used(of, one.getKey().colour(), 0, weighs, many * slanted);
                grams += weighs;
            } else {
                int on = many * (int) Math.max(1, Rounding.halfUp(slanted / form.pitch(nozzle), 1));
                double each = form.grams(nozzle, of.density());
                work.made(
                        Phrase.of("{} of {}", Quantity.text(form.words), Quantity.length(nozzle)),
                        of,
                        one.getKey().colour(),
                        nozzle,
                        on,
                        Spare.NONE,
                        each);
                grams += on * each;
            }
            work.tool(ThingKind.NOZZLE, "nozzle", nozzle, Math.max(0.5, nozzle / 4));
        }
        return grams;
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, int n, double apart) {
        int cycle = set.nozzles().size();
        if (n % cycle != 0 || n % place.colours() != 0) {
            int sections = place.division().count();
            int each = set.each();
            do {
                each++;
            } while ((sections * each % cycle != 0 || sections * each % place.colours() != 0)
                    && each < DressingContext.MOST_PARTS);
            work.find(
                    CLOSES,
                    Phrase.of(
                            "{} runs in turns of {} nozzles and {} colours.",
                            Quantity.count(n),
                            Quantity.count(cycle),
                            Quantity.count(place.colours())),
                    Mend.setting(Phrase.of("{} in a section", Quantity.count(each)), "each", each));
        }
        double widest = set.nozzles().stream().mapToDouble(d -> d).max().orElseThrow();
        double room = apart * Elementary.sin(set.angle());
        if (room < widest && set.each() > 1) {
            int fewer = (int) Math.max(1, Rounding.floor(set.each() * room / widest));
            work.find(
                    TIGHT,
                    Phrase.of("Runs of {} lie {} apart across.", Quantity.length(widest), Quantity.length(room)),
                    Mend.setting(Phrase.of("{} in a section", Quantity.count(fewer)), "each", fewer));
        }
    }

    private static void steps(
            DressingBuilder work, Settings set, int n, TreeMap<Bag, Integer> runs, double slanted, double grams) {
        work.adhesive(Adhesive.ITSELF)
                .step(
                        Gesture.MARK,
                        Phrase.of(
                                "Mark {} places at the foot and at the top, and lean the card between.",
                                Quantity.count(n)),
                        "tape, card, pricker",
                        Rate.MARK.minutes(n))
                .step(
                        Gesture.WEIGH,
                        Phrase.of(
                                "Fill {} bags, one for each colour with its nozzle, {} in all.",
                                Quantity.count(runs.size()),
                                Quantity.mass(grams)),
                        "bags, nozzles",
                        Rate.MARK.minutes(runs.size()))
                .step(
                        Gesture.PIPE,
                        Phrase.of("Pipe {} runs from the foot up, {}.", Quantity.count(n), Quantity.text(work.order())),
                        "turntable, damp cloth",
                        Rate.PIPED_METRE.minutes(n * slanted / 1000))
                .check("The last of {} runs is followed by the first in turn.", Quantity.count(n));
    }
}
