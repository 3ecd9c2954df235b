package sectorum.technique;

import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.divide.Division;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** One row of wafer strips at the foot, standing off the side at their free edge. */
final class WaferRow implements Technique {
    /** A strip is cut along the sheet, mm. */
    private static final double LONG_MM = 270;

    private static final double OVERLAP_MM = 8;
    private static final double LEAN = 0.2;
    private static final double THICK_MM = 0.4;

    @Override
    public String id() {
        return "wafer-row";
    }

    @Override
    public String name() {
        return "Wafer row";
    }

    @Override
    public List<Rule> rules() {
        return List.of();
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("height");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        return List.of(Field.length("height", "Strips of", 5, 190, 40, "Their height."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        double height = new Chosen(fields(values, place), values).number("height");
        double around = place.surface().around(0);
        int strips = (int) Rounding.ceil(around / (LONG_MM - OVERLAP_MM));
        double step = around / strips;
        DressingBuilder work = new DressingBuilder(place);
        List<Double> strip = Flat.rectangle(-(step + OVERLAP_MM) / 2, 0, step + OVERLAP_MM, height);
        int shape = work.piece(strip);
        Division division = place.division();
        for (int k = 0; k < strips; k++) {
            work.standing(shape, division.mark(0).plus(k * step), place.zone().foot(), 0, LEAN, 0);
        }
        return work.lead("strips", Quantity.count(strips))
                .lead("high", Quantity.length(height))
                .lead("overlap", Quantity.length(OVERLAP_MM))
                .cut(Phrase.of("Strip"), Material.WAFER, THICK_MM, 0, strip, strips, Material.WAFER.spare())
                .adhesive(Material.WAFER.adhesive())
                .step(
                        Gesture.STICK,
                        Phrase.of("Cut {} strips and set them round the foot.", Quantity.count(strips)),
                        "knife, ruler",
                        Rate.CUT_PIECE.minutes(strips))
                .done();
    }
}
