package sectorum.make;

import java.util.ArrayList;
import java.util.List;
import sectorum.material.Material;
import sectorum.material.Powder;
import sectorum.plan.Colour;
import sectorum.plan.Table;

/** What a batch is mixed from: colours by share, pastes by mass, CMC powder by purpose and weather (craft 4.3). */
final class Mixing {
    private Mixing() {}

    /** @param perKg CMC in it, g/kg */
    static List<Batch.Mixed> of(Material material, Tint tint, double grams, Palette palette, double perKg) {
        List<Batch.Mixed> mixed = new ArrayList<>();
        if (grams <= 0) {
            return mixed;
        }
        double powder = grams * perKg / 1000;
        double rest = grams - powder;
        for (Colour.Portion part : parts(tint)) {
            Tint of = palette.tint(part.colour(), tint);
            double mass = rest * part.share() / sum(tint);
            material.mixed().forEach(m -> mixed.add(new Batch.Mixed(m.material(), of, false, mass * m.share())));
        }
        if (powder > 0) {
            mixed.add(new Batch.Mixed(material, Tint.PLAIN, true, powder));
        }
        return mixed;
    }

    /**
     * Powder in the finished paste, g/kg.
     *
     * @param asked what a technique asks for whatever the weather
     */
    static double powder(Batch.Form form, Material material, Table table, double asked) {
        Powder powder = material.powder();
        double usual = table.isClose() ? powder.close() : powder.dry();
        if (!powder.rolledOnly()) {
            return usual;
        }
        return Math.max(asked, form == Batch.Form.ROLLED ? usual : 0);
    }

    private static List<Colour.Portion> parts(Tint tint) {
        return tint.blend() == null
                ? List.of(new Colour.Portion(tint.id().isEmpty() ? "plain" : tint.id(), 1))
                : tint.blend().parts();
    }

    private static double sum(Tint tint) {
        return parts(tint).stream().mapToDouble(Colour.Portion::share).reduce(0, Double::sum);
    }

    /** The plan's colours, to look parts of a blend up in. */
    record Palette(List<Colour> colours) {
        Tint tint(String id, Tint whole) {
            return whole.blend() == null ? whole : Tint.in(colours, id);
        }
    }
}
