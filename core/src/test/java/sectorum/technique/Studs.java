package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** One round stud in the middle of each section. */
final class Studs implements Technique {
    private static final Rule HIGH = new Rule("studs.out-of-zone", Level.STOP, "A stud is higher than its zone.");

    /** What a decorator decides, mm. */
    private record Settings(double diameter, double thickness) {}

    @Override
    public String id() {
        return "studs";
    }

    @Override
    public String name() {
        return "Studs";
    }

    @Override
    public List<Rule> rules() {
        return List.of(HIGH);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("diameter", "thickness");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double across = place.onTape(place.widest(0) / 4);
        return List.of(
                Field.length("diameter", "Studs of", 1, 300, across, "Their diameter."),
                Field.length("thickness", "Paste rolled to", 0.5, 12, 3, "Before they are cut."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(chosen.number("diameter"), chosen.number("thickness"));
        DressingBuilder work = new DressingBuilder(place);
        double z = (place.zone().foot() + place.zone().top()) / 2;
        int n = place.division().count();
        int stud = work.piece(Flat.circle(set.diameter(), 24));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            work.put(stud, place.division().middle(k), z, k % place.colours());
            grips.add(new Handle.Grip(place.division().middle(k).s(), z + set.diameter() / 2));
        }
        double room = place.zone().height();
        work.handle(new Handle("diameter", "Upper rim", Handle.Way.UP, 2, 1, Math.min(300, room), grips))
                .lead("studs", Quantity.count(n))
                .lead("across", Quantity.length(set.diameter()))
                .lead("above the foot", Quantity.length(z));
        if (!Rounding.atMost(set.diameter(), room)) {
            work.find(
                    HIGH,
                    Phrase.of(
                            "{} across, they leave a zone of {}.",
                            Quantity.length(set.diameter()),
                            Quantity.length(room)),
                    Mend.setting(Phrase.of("Make them {} across", Quantity.length(room)), "diameter", room));
        }
        work.cycled(n)
                .forEach((colour, many) -> work.cut(
                        Phrase.of("Stud of {}", Quantity.length(set.diameter())),
                        Material.GUM,
                        set.thickness(),
                        colour,
                        Flat.circle(set.diameter(), 24),
                        many,
                        Spare.USUAL));
        return work.adhesive(Material.GUM.adhesive())
                .step(
                        Gesture.STICK,
                        Phrase.of("Cut {} studs and set them, {}.", Quantity.count(n), Quantity.text(work.order())),
                        "round cutter, soft brush",
                        Rate.CUT_PIECE.minutes(n))
                .done();
    }
}
