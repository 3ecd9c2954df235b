package sectorum.technique;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.finding.Change;
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

/** Planks, bark, shards or tablets standing or lying round a side, each lapping over the next (craft 3G). */
final class Panels implements Technique {
    private static final Rule STANDS_OFF = new Rule(
            "panels.stand-off",
            Level.LOOK,
            "Stiff flat panels stand off a round side by more than 3 mm at their edges.");
    private static final Rule LAP = new Rule(
            "panels.lap",
            Level.STOP,
            "Panels that lap by their whole width leave nothing to be seen, and never close.");
    private static final Rule WINDOW = new Rule(
            "panels.window", Level.STOP, "A window reaches over an end of the panels: they are not cut for it.");

    /** Of those that lie so many differ at their ends. */
    private static final int LYING_FORMS = 5;

    /**
     * One as it is seen.
     *
     * @param form which of the widths it has
     * @param along how much of the side it spans, mm
     */
    private record Panel(int form, List<Double> outline, Along at, double z, int colour, double along) {}

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
        return List.of(STANDS_OFF, LAP, WINDOW);
    }

    @Override
    public Set<String> settingNames() {
        return PanelSet.NAMES;
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        return PanelSet.fields(values, place);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        PanelSet set = PanelSet.of(values, place);
        DressingBuilder work = new DressingBuilder(place);
        // On a side that leans they close where it is widest.
        double foot = place.zone().foot();
        double length = Math.max(place.along(foot), place.along(place.zone().top()));
        double high = place.zone().height() + set.rise();
        boolean none = set.lap() > set.width() * (1 - set.vary()) * 0.8;
        PanelForms forms = PanelForms.of(
                set.isLevel() ? high : length,
                !set.isLevel() && place.isClosed(),
                set.width(),
                none ? 0 : set.lap(),
                set.vary(),
                set.seed());
        List<Panel> panels = set.isLevel() ? lying(set, place, forms) : standing(set, place, forms, length, high);
        List<Panel> seen = opened(set, place, panels);
        Map<List<Double>, Integer> shapes = new LinkedHashMap<>();
        for (Panel panel : seen) {
            work.put(shapes.computeIfAbsent(panel.outline(), work::piece), panel.at(), panel.z(), panel.colour());
        }
        boolean stiff = set.bed() != PanelSet.Bed.BENT;
        double off = stiff ? standOff(place, panels) : 0;
        double icing = icing(
                place,
                panels,
                set.isLevel() ? set.width() : Math.min(high, place.zone().height()));
        work.lead("panels", Quantity.count(panels.size()))
                .lead("lap", Quantity.length(forms.lap()))
                .lead("stand off", Quantity.length(set.bed() == PanelSet.Bed.BEDDED ? 0 : off))
                .figure(
                        set.isLevel() ? "Each long" : "Each high",
                        Quantity.length(set.isLevel() ? panels.get(0).along() : high));
        if (set.isLevel()) {
            work.figure("Rows", Quantity.count(forms.count()));
        }
        if (forms.widths().size() > 1) {
            work.figure("From", Quantity.length(forms.widths().get(0)))
                    .figure(
                            "To",
                            Quantity.length(forms.widths().get(forms.widths().size() - 1)));
        }
        handle(work, set, place);
        judge(work, set, place, none, off, icing, panels);
        make(work, set, forms, seen, icing);
        PanelMaking.steps(work, set, panels.size(), seen.size() - panels.size(), forms.lap(), icing);
        return work.done();
    }

    /** Side by side, told along the widest line; where the foot is shorter they lap by more. */
    private static List<Panel> standing(
            PanelSet set, DressingContext place, PanelForms forms, double length, double high) {
        double foot = place.zone().foot();
        double share = place.along(foot) / length;
        double from = place.isClosed()
                ? place.surface().period() / 2
                : place.stretch().from().s();
        double along = place.isClosed() ? 0 : forms.width(0) / 2;
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i < forms.count(); i++) {
            int form = forms.order().get(i);
            Along at = Along.of(
                    place.surface().further(from, along * share, foot),
                    place.surface().period());
            panels.add(new Panel(
                    form, set.outline(forms.width(i), high, form), at, foot, colour(place, i), forms.width(i)));
            if (i + 1 < forms.count()) {
                along += (forms.width(i) + forms.width(i + 1)) / 2 - forms.lap();
            }
        }
        return panels;
    }

    /** Row over row, each lapping over the one below, joints in the middle of those below. */
    private static List<Panel> lying(PanelSet set, DressingContext place, PanelForms forms) {
        List<Panel> panels = new ArrayList<>();
        double up = 0;
        int number = 0;
        for (int j = 0; j < forms.count(); j++) {
            int form = forms.order().get(j);
            double wide = forms.width(j);
            double z = place.zone().foot() + up + wide / 2;
            double long_ = place.along(Math.min(z, place.surface().depth()));
            int many = (int) Math.max(1, Rounding.halfUp(long_ / set.plank(), 1));
            double each = long_ / many;
            double from = place.isClosed()
                    ? place.surface().period() / 2
                    : place.stretch().from().s();
            // All round joints of one row lie over the middles of the row below; a part has its ends cut in line.
            double first = place.isClosed() ? (j % 2) * each / 2 : each / 2;
            for (int i = 0; i < many; i++, number++) {
                List<Double> lying = Flat.moved(
                        Flat.turned(set.outline(wide, each, number % LYING_FORMS), -Math.PI / 2), -each / 2, 0);
                Along at = Along.of(
                        place.surface()
                                .further(
                                        from,
                                        first + i * each,
                                        Math.min(z, place.surface().depth())),
                        place.surface().period());
                panels.add(new Panel(form, lying, at, z, colour(place, j), each));
            }
            up += wide - forms.lap();
        }
        return panels;
    }

    /** The same with the window cut out of those that it meets; of one cut through there are two. */
    private static List<Panel> opened(PanelSet set, DressingContext place, List<Panel> panels) {
        if (!set.window().isOpen()) {
            return panels;
        }
        double period = place.surface().period();
        double middle = place.zone().foot() + set.window().up();
        List<Panel> seen = new ArrayList<>();
        for (Panel panel : panels) {
            double aside = (period / 2 - panel.at().s()) * place.narrowing(place.middleZ());
            List<List<Double>> left = set.window().cut(panel.outline(), aside, middle - panel.z());
            for (List<Double> part : left) {
                seen.add(new Panel(panel.form(), part, panel.at(), panel.z(), panel.colour(), panel.along()));
            }
        }
        return seen;
    }

    private static int colour(DressingContext place, int panel) {
        return place.turns().firsts().get(panel % place.colours());
    }

    /** The radius of the outline there; flats have none. */
    private static double radius(DressingContext place, Along at) {
        double bend = place.division().outline().at(at.s()).curvature();
        return bend > 1e-6 ? 1 / bend : Double.POSITIVE_INFINITY;
    }

    private static double standOff(DressingContext place, List<Panel> panels) {
        return panels.stream()
                .mapToDouble(p -> PanelForms.standOff(radius(place, p.at()), p.along()))
                .max()
                .orElse(0);
    }

    /** What lies between panels and side, g. */
    private static double icing(DressingContext place, List<Panel> panels, double behind) {
        double sum = panels.stream()
                .mapToDouble(p -> PanelForms.gap(radius(place, p.at()), p.along()))
                .reduce(0, Double::sum);
        return sum * behind / 1000 * Material.BUTTERCREAM.density();
    }

    private static void handle(DressingBuilder work, PanelSet set, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            Along middle = place.division().middle(k);
            grips.add(
                    set.isLevel()
                            ? new Handle.Grip(middle.s(), place.zone().foot() + set.width())
                            : new Handle.Grip(middle.plus(set.width() / 2).s(), place.middleZ()));
        }
        work.handle(new Handle(
                "width",
                "Edge of a panel",
                set.isLevel() ? Handle.Way.UP : Handle.Way.ALONG,
                set.isLevel() ? 1 : 2,
                5,
                300,
                grips));
    }

    private static void judge(
            DressingBuilder work,
            PanelSet set,
            DressingContext place,
            boolean none,
            double off,
            double icing,
            List<Panel> panels) {
        if (none) {
            double less = Rounding.floor(set.width() * (1 - set.vary()) / 4);
            work.find(
                    LAP,
                    Phrase.of("A lap of {} on panels of {}.", Quantity.length(set.lap()), Quantity.length(set.width())),
                    Mend.setting(Phrase.of("Lap by {}", Quantity.length(less)), "lap", less));
        }
        if (off > PanelSet.STANDS_OFF_MM + Rounding.EPS && set.bed() == PanelSet.Bed.AGAINST) {
            standsOff(work, set, place, off, icing);
        }
        double least = place.zone().height() + set.rise() - set.uneven();
        if (set.window().isOpen() && !set.isLevel()) {
            for (Panel panel : panels) {
                double top = Double.MAX_VALUE;
                for (int i = 5; i < panel.outline().size(); i += 2) {
                    top = Math.min(top, panel.outline().get(i));
                }
                least = Math.min(least, top);
            }
        }
        if (!set.window().fits(least)) {
            double high = Math.max(10, Rounding.floor(0.7 * least));
            work.find(
                    WINDOW,
                    Phrase.of(
                            "A window {} high about {} leaves no rim in panels of {}.",
                            Quantity.length(set.window().high()),
                            Quantity.length(set.window().up()),
                            Quantity.length(least)),
                    new Mend(
                            Phrase.of("{} high, in their middle", Quantity.length(high)),
                            List.of(
                                    new Change(Change.Target.SETTING, "windowHigh", high),
                                    new Change(Change.Target.SETTING, "windowUp", least / 2))));
        }
    }

    private static void standsOff(DressingBuilder work, PanelSet set, DressingContext place, double off, double icing) {
        double tightest = Double.POSITIVE_INFINITY;
        Outline outline = place.division().outline();
        for (int i = 0; i < 64; i++) {
            double bend = outline.at(i * outline.perimeter() / 64).curvature();
            tightest = bend > 1e-6 ? Math.min(tightest, 1 / bend) : tightest;
        }
        double widest = Rounding.floor(PanelForms.widest(tightest, PanelSet.STANDS_OFF_MM));
        String field = set.isLevel() ? "plank" : "width";
        double narrower = set.isLevel()
                ? Math.max(10, Rounding.floor(widest * 0.8))
                : Math.max(5, Rounding.floor(widest / (1 + set.vary())));
        work.find(
                STANDS_OFF,
                Phrase.of(
                        "Panels of {} stand off by {} at their edges.",
                        Quantity.length(set.isLevel() ? set.plank() : set.width()),
                        Quantity.length(off)),
                Mend.setting(
                        Phrase.of(set.isLevel() ? "Take {} long" : "Take {} wide", Quantity.length(narrower)),
                        field,
                        narrower),
                Mend.setting(Phrase.of("Bed them in {} of icing", Quantity.mass(icing)), "bed", "bedded"),
                Mend.setting(Phrase.of("Lay them while they still bend"), "bed", "bent"));
    }

    private static void make(DressingBuilder work, PanelSet set, PanelForms forms, List<Panel> seen, double icing) {
        Map<List<Double>, Map<Integer, Integer>> counts = new LinkedHashMap<>();
        Map<List<Double>, Panel> of = new LinkedHashMap<>();
        for (Panel panel : seen) {
            counts.computeIfAbsent(panel.outline(), f -> new TreeMap<>()).merge(panel.colour(), 1, Integer::sum);
            of.putIfAbsent(panel.outline(), panel);
        }
        counts.forEach((outline, by) -> by.forEach((colour, many) -> work.cut(
                Phrase.of(
                        "Panel {} wide",
                        Quantity.length(forms.widths().get(of.get(outline).form()))),
                set.material(),
                set.thick(),
                colour,
                outline,
                many,
                set.material().spare())));
        if (set.bed() == PanelSet.Bed.BEDDED) {
            work.used(Material.BUTTERCREAM, Making.UNCOLOURED, 0, icing, 0);
        }
        List<List<Double>> cards = List.copyOf(counts.keySet());
        // Of broken planks none is like another: their first is the card, they are broken by eye.
        int most = set.isLevel() && set.edge() != PanelSet.Edge.STRAIGHT ? 1 : cards.size();
        for (int f = 0; f < most; f++) {
            List<Double> outline = cards.get(f);
            String name = Choices.numbered("panel", f);
            Phrase title = Phrase.of(
                    "Panel {} wide",
                    Quantity.length(forms.widths().get(of.get(outline).form())));
            work.draw(() -> Cover.card(name, outline, title));
        }
    }
}
