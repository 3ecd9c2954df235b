package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
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
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Upright lines all round, so many to a section: channels pressed into soft covering, or strips laid on (craft 3B). */
final class Channels implements Technique {
    private static final Rule CLOSE = new Rule(
            "channel.close", Level.LOOK, "Lines stand closer than they are wide: nothing is left between them.");

    private enum Made {
        PRESSED("pressed in"),
        STRIPS("strips laid on");

        final String words;

        Made(String words) {
            this.words = words;
        }
    }

    private static final Field MADE = Choices.field("made", "They are", Made.values(), m -> m.words);
    private static final Field PASTE =
            Material.field("Cut from", Material.FONDANT, Material.HALF, Material.GUM, Material.CHOCOLATE);

    private record Settings(Made made, int each, double wide, double thickness, Material material) {}

    @Override
    public String id() {
        return "channel";
    }

    @Override
    public String name() {
        return "Upright channels";
    }

    @Override
    public List<Rule> rules() {
        return List.of(CLOSE, Cycle.MEETS);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("made", "each", "wide", "thickness", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double section = place.widest(0);
        int each = (int) Math.max(1, Math.min(12, Rounding.halfUp(section / 16, 1)));
        return List.of(
                MADE,
                Field.count(
                        "each", "In a section", 1, 40, each, "The marks carry one, the others stand evenly between."),
                Field.length(
                        "wide",
                        "Each wide",
                        0.5,
                        100,
                        Math.max(1, place.onTape(section / each / 4)),
                        "The rod or the strip."),
                Field.length("thickness", "Strips rolled to", 0.5, 6, 1.5, "Only where strips are laid on."),
                PASTE);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                Choices.of(Made.values(), chosen.choice("made")),
                chosen.count("each"),
                chosen.number("wide"),
                chosen.number("thickness"),
                Material.of(chosen.choice("material")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        Zone zone = place.zone();
        double high = zone.height();
        boolean strips = set.made() == Made.STRIPS;
        int shape = strips
                ? work.piece(Flat.rectangle(-set.wide() / 2, -high / 2, set.wide(), high))
                : work.guide(List.of(0.0, -high / 2, 0.0, high / 2));
        int n = place.division().count();
        int lines = 0;
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            double section = place.division().section(k);
            for (int j = 0; j < set.each(); j++, lines++) {
                Along at = place.division().mark(k).plus(section * j / set.each());
                work.put(shape, at, place.middleZ(), lines % place.colours());
            }
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(set.wide() / 2).s(), (zone.foot() + zone.top()) / 2));
        }
        double narrow = place.division().sizes().get(place.division().sizes().size() - 1)
                * Math.min(place.narrowing(zone.foot()), place.narrowing(zone.top()))
                / set.each();
        work.lead("lines", strips ? "strips" : "channels", Quantity.count(lines))
                .lead(
                        "apart",
                        Quantity.length(place.width(place.division().frontSection(), place.middleZ()) / set.each()))
                .lead("high", Quantity.length(high))
                .figure("Left between them", Quantity.length(narrow - set.wide()))
                .figure("All lines together", Quantity.length(lines * high));
        work.handle(new Handle("wide", "Width", Handle.Way.ALONG, 2, 0.5, Math.max(1, narrow), grips));
        if (!Rounding.atMost(set.wide(), narrow)) {
            List<Mend> mends = new ArrayList<>();
            int fewer = (int) Rounding.floor(narrow * set.each() / (1.5 * set.wide()));
            if (fewer >= 1) {
                mends.add(Mend.setting(Phrase.of("{} in a section", Quantity.count(fewer)), "each", fewer));
            }
            double thinner = Math.max(0.5, narrow / 3);
            mends.add(Mend.setting(Phrase.of("Make them {} wide", Quantity.length(thinner)), "wide", thinner));
            work.find(
                    CLOSE,
                    Phrase.of(
                            "Lines {} wide stand only {} apart where they are closest.",
                            Quantity.length(set.wide()),
                            Quantity.length(narrow)),
                    mends);
        }
        if (strips) {
            Cycle.judge(work, lines, place);
        }
        make(work, set, lines, high);
        return work.done();
    }

    private static void make(DressingBuilder work, Settings set, int lines, double high) {
        if (set.made() == Made.PRESSED) {
            work.tool(ThingKind.ROD, "wide", set.wide(), 1)
                    .soft()
                    .step(
                            Gesture.PRESS,
                            Phrase.of(
                                    "Press {} channels with a rod of {} while the covering is soft, {}.",
                                    Quantity.count(lines),
                                    Quantity.length(set.wide()),
                                    Quantity.text(work.order())),
                            "rod, set square",
                            Rate.UPRIGHT_LINE.minutes(lines))
                    .lasting()
                    .check("All {} upright by the set square, as deep at the back as in front.", Quantity.count(lines));
            return;
        }
        work.cycled(lines)
                .forEach((colour, many) -> work.cut(
                        Phrase.of("Strip {} long", Quantity.length(high)),
                        set.material(),
                        set.thickness(),
                        colour,
                        Flat.rectangle(0, 0, set.wide(), high),
                        many,
                        set.material().spare()));
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Cut {} strips {} wide and set them upright, {}.",
                                Quantity.count(lines),
                                Quantity.length(set.wide()),
                                Quantity.text(work.order())),
                        "strip cutter, set square, soft brush",
                        Rate.UPRIGHT_LINE.minutes(lines),
                        null,
                        Cautions.BLADE)
                .check("All {} upright by the set square.", Quantity.count(lines));
    }
}
