package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Planks, bark, shards or tablets standing round a side, each lapping over the next (craft 3G). */
final class Panels implements Technique {
    private static final Rule STANDS_OFF = new Rule(
            "panels.stand-off",
            Level.LOOK,
            "Stiff flat panels stand off a round side by more than 3 mm at their edges.");
    private static final Rule LAP = new Rule(
            "panels.lap",
            Level.STOP,
            "Panels that lap by their whole width leave nothing to be seen, and never close.");

    private static final double STANDS_OFF_MM = 3;

    private static final Field MATERIAL = Material.field(
            "Of", Material.CHOCOLATE, Material.GUM, Material.HALF, Material.FONDANT, Material.SUGAR_SHEET);
    private static final Field EDGE = Choices.field("edge", "Upper edge", Edge.values(), e -> e.words);
    private static final Field BED = Choices.field("bed", "They stand", Bed.values(), b -> b.words);
    private static final Field LAID = Choices.field("laid", "Built", Laid.values(), l -> l.words);

    private enum Edge {
        STRAIGHT("straight"),
        BROKEN("broken"),
        CUT("cut at a slant");

        private final String words;

        Edge(String words) {
            this.words = words;
        }
    }

    private enum Bed {
        AGAINST("against the side"),
        BEDDED("bedded in icing");

        private final String words;

        Bed(String words) {
            this.words = words;
        }
    }

    private enum Laid {
        SEEN("as it is seen"),
        REVERSE("in reverse: grain first, then the sheet");

        private final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    private record Settings(
            Material material,
            double width,
            double lap,
            double vary,
            double rise,
            double uneven,
            double thick,
            Edge edge,
            Bed bed,
            Laid laid,
            int seed) {}

    @Override
    public String id() {
        return "panels";
    }

    @Override
    public String name() {
        return "Panels";
    }

    @Override
    public boolean isPartial() {
        return true;
    }

    @Override
    public boolean rises() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(STANDS_OFF, LAP);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "width", "lap", "vary", "rise", "uneven", "thick", "edge", "bed", "laid", "seed");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double radius = place.surface().around(0) / (2 * Math.PI);
        // As wide as still lies against a round of this size.
        double width = Math.max(8, Math.min(60, Rounding.floor(PanelForms.widest(radius, STANDS_OFF_MM * 0.9))));
        double given = values.get("width") instanceof Number n ? n.doubleValue() : width;
        return List.of(
                MATERIAL,
                Field.length("width", "Panel, wide", 5, 300, width, "Of several the mean."),
                Field.length("lap", "Laps by at least", 0, 100, Math.min(8, given / 4), "Made even all round."),
                Field.share("vary", "Widths differ by", 0, 0.6, 0, "0: they are equal."),
                Field.length("rise", "Over the edge", 0, 200, 0, "Above the upper edge of its zone."),
                Field.length("uneven", "Tops differ by", 0, 120, 0, "Lower ones by up to so much."),
                Field.length("thick", "Thickness", 0.5, 12, 3, "Of the sheet."),
                EDGE,
                BED,
                LAID,
                Seeded.SEED);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                chosen.number("width"),
                chosen.number("lap"),
                chosen.number("vary"),
                chosen.number("rise"),
                Math.min(chosen.number("uneven"), 0.8 * place.zone().height()),
                chosen.number("thick"),
                Choices.of(Edge.values(), chosen.choice("edge")),
                Choices.of(Bed.values(), chosen.choice("bed")),
                Choices.of(Laid.values(), chosen.choice("laid")),
                chosen.count("seed"));
        DressingBuilder work = new DressingBuilder(place);
        // On a side that leans they close where it is widest.
        double foot = place.zone().foot();
        double length = Math.max(place.along(foot), place.along(place.zone().top()));
        boolean none = set.lap() > set.width() * (1 - set.vary()) * 0.8;
        PanelForms forms =
                PanelForms.of(length, place.isClosed(), set.width(), none ? 0 : set.lap(), set.vary(), set.seed());
        double high = place.zone().height() + set.rise();
        List<List<Double>> outlines = new ArrayList<>();
        for (int f = 0; f < forms.widths().size(); f++) {
            outlines.add(outline(set, forms.widths().get(f), high, f));
        }
        List<Integer> shapes = outlines.stream().map(work::piece).toList();
        List<Along> places = places(place, forms, length);
        for (int i = 0; i < forms.count(); i++) {
            work.put(shapes.get(forms.order().get(i)), places.get(i), foot, colour(place, i));
        }
        double off = standOff(place, forms, places);
        double icing = icing(place, forms, places, high);
        work.lead("panels", Quantity.count(forms.count()))
                .lead("lap", Quantity.length(forms.lap()))
                .lead("stand off", Quantity.length(set.bed() == Bed.BEDDED ? 0 : off))
                .figure("Each high", Quantity.length(high));
        if (forms.widths().size() > 1) {
            work.figure("From", Quantity.length(forms.widths().get(0)))
                    .figure(
                            "To",
                            Quantity.length(forms.widths().get(forms.widths().size() - 1)));
        }
        handle(work, set, place);
        judge(work, set, place, none, off, icing);
        make(work, set, place, forms, outlines, icing);
        return work.done();
    }

    /** From its foot up; what is uneven is lower, never higher. */
    private static List<Double> outline(Settings set, double wide, double high, int form) {
        double half = wide / 2;
        double top = high - set.uneven() * Seeded.share(set.seed() + 17L, form);
        List<Double> line = new ArrayList<>(List.of(-half, 0.0, half, 0.0));
        switch (set.edge()) {
            case STRAIGHT -> line.addAll(List.of(half, top, -half, top));
            case CUT -> {
                double slant = Math.min(0.35 * wide, 0.3 * top);
                boolean left = Seeded.share(set.seed() + 29L, form) < 0.5;
                line.addAll(List.of(half, left ? top : top - slant, -half, left ? top - slant : top));
            }
            case BROKEN -> {
                double deep = Math.min(0.25 * wide, 0.15 * top);
                int parts = 9;
                for (int i = parts; i >= 0; i--) {
                    line.add(-half + wide * i / parts);
                    line.add(top - deep * Seeded.share(set.seed() + 41L * form, i));
                }
            }
        }
        return line;
    }

    /** Where each stands: told along the widest line; where the foot is shorter they lap by more. */
    private static List<Along> places(DressingContext place, PanelForms forms, double length) {
        double foot = place.zone().foot();
        double share = place.along(foot) / length;
        double from = place.isClosed()
                ? place.surface().period() / 2
                : place.stretch().from().s();
        double along = place.isClosed() ? 0 : forms.width(0) / 2;
        List<Along> places = new ArrayList<>();
        for (int i = 0; i < forms.count(); i++) {
            places.add(Along.of(
                    place.surface().further(from, along * share, foot),
                    place.surface().period()));
            if (i + 1 < forms.count()) {
                along += (forms.width(i) + forms.width(i + 1)) / 2 - forms.lap();
            }
        }
        return places;
    }

    private static int colour(DressingContext place, int panel) {
        return place.turns().firsts().get(panel % place.colours());
    }

    /** The radius of the outline there; flats have none. */
    private static double radius(DressingContext place, Along at) {
        double bend = place.division().outline().at(at.s()).curvature();
        return bend > 1e-6 ? 1 / bend : Double.POSITIVE_INFINITY;
    }

    private static double standOff(DressingContext place, PanelForms forms, List<Along> places) {
        double most = 0;
        for (int i = 0; i < forms.count(); i++) {
            most = Math.max(most, PanelForms.standOff(radius(place, places.get(i)), forms.width(i)));
        }
        return most;
    }

    /** What lies between panels and side, g. */
    private static double icing(DressingContext place, PanelForms forms, List<Along> places, double high) {
        double sum = 0;
        for (int i = 0; i < forms.count(); i++) {
            sum += PanelForms.gap(radius(place, places.get(i)), forms.width(i));
        }
        double behind = Math.min(high, place.zone().height());
        return sum * behind / 1000 * Material.BUTTERCREAM.density();
    }

    private static void handle(DressingBuilder work, Settings set, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.width() / 2).s(), place.middleZ()));
        }
        work.handle(new Handle("width", "Edge of a panel", Handle.Way.ALONG, 2, 5, 300, grips));
    }

    private static void judge(
            DressingBuilder work, Settings set, DressingContext place, boolean none, double off, double icing) {
        if (none) {
            double less = Rounding.floor(set.width() * (1 - set.vary()) / 4);
            work.find(
                    LAP,
                    Phrase.of("A lap of {} on panels of {}.", Quantity.length(set.lap()), Quantity.length(set.width())),
                    Mend.setting(Phrase.of("Lap by {}", Quantity.length(less)), "lap", less));
        }
        if (off > STANDS_OFF_MM + Rounding.EPS && set.bed() == Bed.AGAINST) {
            double tightest = Double.POSITIVE_INFINITY;
            Outline outline = place.division().outline();
            for (int i = 0; i < 64; i++) {
                double bend = outline.at(i * outline.perimeter() / 64).curvature();
                tightest = bend > 1e-6 ? Math.min(tightest, 1 / bend) : tightest;
            }
            double narrower =
                    Math.max(5, Rounding.floor(PanelForms.widest(tightest, STANDS_OFF_MM) / (1 + set.vary())));
            work.find(
                    STANDS_OFF,
                    Phrase.of(
                            "Panels of {} stand off by {} at their edges.",
                            Quantity.length(set.width()),
                            Quantity.length(off)),
                    Mend.setting(Phrase.of("Take {} wide", Quantity.length(narrower)), "width", narrower),
                    Mend.setting(Phrase.of("Bed them in {} of icing", Quantity.mass(icing)), "bed", "bedded"));
        }
    }

    private static void make(
            DressingBuilder work,
            Settings set,
            DressingContext place,
            PanelForms forms,
            List<List<Double>> outlines,
            double icing) {
        Map<Integer, Map<Integer, Integer>> counts = new TreeMap<>();
        for (int i = 0; i < forms.count(); i++) {
            counts.computeIfAbsent(forms.order().get(i), f -> new TreeMap<>()).merge(colour(place, i), 1, Integer::sum);
        }
        counts.forEach((form, by) -> by.forEach((colour, many) -> work.cut(
                Phrase.of("Panel {} wide", Quantity.length(forms.widths().get(form))),
                set.material(),
                set.thick(),
                colour,
                outlines.get(form),
                many,
                set.material().spare())));
        if (set.bed() == Bed.BEDDED) {
            work.used(Material.BUTTERCREAM, Making.UNCOLOURED, 0, icing, 0);
        }
        for (int f = 0; f < outlines.size(); f++) {
            List<Double> outline = outlines.get(f);
            String name = Choices.numbered("panel", f);
            Phrase title =
                    Phrase.of("Panel {} wide", Quantity.length(forms.widths().get(f)));
            work.draw(() -> Cover.card(name, outline, title));
        }
        steps(work, set, forms.count(), forms.lap(), icing);
        if (set.laid() == Laid.REVERSE) {
            work.layer(Phrase.of("{} brushed and flicked on the parchment: what shows", Quantity.text("the grain")))
                    .layer(Phrase.of(
                            "{} spread over it, {} thick",
                            Quantity.text(set.material().words()),
                            Quantity.length(set.thick())))
                    .layer(Phrase.of("turned over and peeled: {} shows", Quantity.text("the grain")));
        }
    }

    private static void steps(DressingBuilder work, Settings set, int n, double lap, double icing) {
        boolean poured = set.material().shaping() == Material.Shaping.MELTED;
        String made = (set.laid() == Laid.REVERSE ? "Brush the grain on parchment first, then " : "First ")
                + (poured
                        ? "spread the sheet {} thick on parchment; when it bends but no longer marks a finger, "
                        : "roll the sheet to {} and ")
                + (set.edge() == Edge.BROKEN ? "break {} panels." : "cut {} panels.");
        work.adhesive(set.material().adhesive())
                .step(
                        Phrase.of(made, Quantity.length(set.thick()), Quantity.count(n)),
                        poured ? "palette knife, parchment, ruler" : "roller, ruler, wheel cutter",
                        Rate.CUT_PIECE.minutes(n),
                        poured
                                ? new Making.Pause(5, 15, Storage.FRIDGE, "in the fridge, until they snap")
                                : new Making.Pause(120, 720, Storage.ROOM, "flat, until they stand"),
                        Cautions.BLADE)
                .check("{} whole ones and their spares; large first, small cannot be made big.", Quantity.count(n));
        if (set.bed() == Bed.BEDDED) {
            work.step(
                    Phrase.of("Spread {} of icing where they stand.", Quantity.mass(icing)),
                    "palette knife",
                    Rate.UPRIGHT_LINE.minutes(1));
        }
        work.step(
                        Phrase.of(
                                "Stand {} panels up, each lapping {} over the last, {}; the first is lifted for the last.",
                                Quantity.count(n),
                                Quantity.length(lap),
                                Quantity.text(work.order())),
                        "gloves",
                        Rate.PANEL.minutes(n))
                .check("At half the way round {} are used.", Quantity.count(n / 2));
    }
}
