package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Crumbs, flakes, sprinkles, moss or glitter over an area (craft 3F): grams = area × grams per 100 cm², by what is usual or
 * by a swatch weighed; its inner edge may fade out.
 */
final class Strewing implements Everywhere {
    private static final Rule HEAP =
            new Rule("strew.heap", Level.LOOK, "More than 40 g to 100 cm² is a heap: the rest falls off.");

    private static final double HEAP_G = 40;
    /** Specks that are drawn of it: enough to see how dense it lies. */
    private static final int DRAWN = 1600;

    /** An area of 100 cm², mm². */
    private static final double HUNDRED_CM2 = 10_000;

    private static final Material[] STREWN = {
        Material.CRUMBS, Material.FLAKES, Material.SPRINKLES, Material.MOSS, Material.GLITTER
    };
    private static final Field MATERIAL = Material.field("Of", STREWN);
    private static final Field BY = Choices.field("by", "How much", By.values(), b -> b.words);

    private enum By {
        AREA("grams to 100 cm²"),
        SWATCH("by a swatch weighed");

        private final String words;

        By(String words) {
            this.words = words;
        }
    }

    private static final Field EDGE = Choices.field("edge", "Which edge fades", Edge.values(), e -> e.words);

    /** Which of its edges is soft. */
    private enum Edge {
        UPPER("the upper, or inner"),
        LOWER("the lower, or outer");

        private final String words;

        Edge(String words) {
            this.words = words;
        }
    }

    private record Settings(
            Material material, By by, double grams, double patch, double weighed, double fade, Edge edge) {
        /** From where it fades, seen from its other edge, mm above the surface's own. */
        double begins(Zone zone) {
            return edge == Edge.UPPER ? zone.top() - fade : zone.foot() + fade;
        }

        /** How far a place lies in what fades, mm; 0 or less: it does not. */
        double into(Zone zone, double z) {
            return edge == Edge.UPPER ? z - begins(zone) : begins(zone) - z;
        }

        /** Grams to 100 cm². */
        double per() {
            return by == By.AREA ? grams : weighed * HUNDRED_CM2 / (patch * patch);
        }
    }

    @Override
    public String id() {
        return "strew";
    }

    @Override
    public String name() {
        return "Strewn cover";
    }

    @Override
    public List<Rule> rules() {
        return List.of(HEAP);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "by", "grams", "patch", "weighed", "fade", "edge");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.kind().isLevel() ? surface.whole() : new Zone(0, Math.min(30, surface.depth()));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Material of = Material.of(MATERIAL.choice(values));
        double fade = Math.min(10, place.zone().height() / 2);
        return List.of(
                MATERIAL,
                BY,
                Field.mass("grams", "To 100 cm²", 0.1, 200, of.strewn(), "Weigh what covers as you like it."),
                Field.length("patch", "Swatch, each way", 20, 300, 60, "A square strewn as you like it."),
                Field.mass("weighed", "It weighed", 0.1, 500, of.strewn() * 0.36, "What lies on the swatch alone."),
                Field.length("fade", "Fades out over", 0, 300, fade, "Towards the edge that fades; 0 ends sharply."),
                EDGE);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                Choices.of(By.values(), chosen.choice("by")),
                chosen.number("grams"),
                chosen.number("patch"),
                chosen.number("weighed"),
                Math.min(chosen.number("fade"), place.zone().height()),
                Choices.of(Edge.values(), chosen.choice("edge")));
        // Where it fades it lies half as dense on the whole.
        double full = place.area();
        double fading = set.fade() > 0 ? full - sharp(place, set) : 0;
        double grams = (full - fading / 2) / HUNDRED_CM2 * set.per();
        DressingBuilder work = new DressingBuilder(place);
        draw(work, set, place);
        work.lead("grams", "to strew", Quantity.mass(grams))
                .lead("to-100-cm2", "to 100 cm²", Quantity.mass(set.per()))
                .lead("fades over", Quantity.length(set.fade()))
                .figure("Area", Quantity.text(Elementary.round(full / 100) + " cm²"));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), set.begins(place.zone())));
        }
        work.handle(new Handle(
                "fade",
                "Where it begins to fade",
                Handle.Way.UP,
                set.edge() == Edge.UPPER ? -1 : 1,
                0,
                place.zone().height(),
                grips));
        if (set.per() > HEAP_G) {
            double usual = set.material().strewn();
            work.find(
                    HEAP,
                    Phrase.of("{} to 100 cm² do not stay on.", Quantity.mass(set.per())),
                    set.by() == By.AREA
                            ? Mend.setting(Phrase.of("Take {}", Quantity.mass(usual)), "grams", usual)
                            : Mend.setting(Phrase.of("Take what is usual"), "by", "area"));
        }
        // Colours share it by their turns: what is strewn has no count.
        for (int first : place.turns().firsts()) {
            work.used(set.material(), first, 0, grams / place.colours(), 0);
        }
        if (set.by() == By.SWATCH) {
            work.draw(() -> Cover.swatch(set.patch()));
        }
        return work.adhesive(set.material().adhesive())
                .step(
                        Gesture.STREW,
                        Phrase.of(
                                "Weigh {} of {} and press or strew it on by the handful, over a tray, {}.",
                                Quantity.mass(grams),
                                Quantity.text(set.material().words()),
                                Quantity.text(work.order())),
                        "scale, tray, dry brush",
                        Rate.STREWN_DM2.minutes(full / HUNDRED_CM2),
                        null,
                        set.material().isDusty() ? Cautions.GLITTER : "")
                .check("What fell off is brushed up and weighed: about {} stay.", Quantity.mass(grams))
                .done();
    }

    /** Area of what does not fade, mm². */
    private static double sharp(DressingContext place, Settings set) {
        double begins = set.begins(place.zone());
        boolean upper = set.edge() == Edge.UPPER;
        double left = upper ? begins - place.zone().foot() : place.zone().top() - begins;
        if (left <= 1e-9) {
            return 0;
        }
        return place.within(
                        upper
                                ? new Zone(place.zone().foot(), begins)
                                : new Zone(begins, place.zone().top()))
                .area();
    }

    /** Specks as dense as it lies: details, for nobody counts them. */
    private static void draw(DressingBuilder work, Settings set, DressingContext place) {
        double across = set.material().speck();
        // What is usual covers about half of what lies beneath it.
        double dense = 0.5 * set.per() / set.material().strewn();
        int wanted = (int) Math.max(20, Math.min(DRAWN, Rounding.ceil(dense * place.area() / (across * across))));
        int speck = work.detail(Contour.closed(Flat.circle(across, 6)));
        int drawn = 0;
        for (Spread.Spot at : Spread.over(place, wanted, across, 1)) {
            double over = set.into(place.zone(), at.z());
            if (over <= 0 || Seeded.share(17, drawn) * 0.999 + at.chance() / 1000 > over / Math.max(1e-9, set.fade())) {
                work.put(
                        speck,
                        at.s(),
                        at.z(),
                        at.chance() * Math.PI,
                        0.6 + 0.8 * at.chance(),
                        place.turns().firsts().get(drawn % place.colours()));
            }
            drawn++;
        }
    }
}
