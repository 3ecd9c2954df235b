package sectorum.make;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Paste;
import sectorum.bench.Powder;
import sectorum.plan.Colour;
import sectorum.plan.Table;

/** What a batch is mixed from: colours by share, pastes by mass, CMC powder by purpose and weather (craft 4.3). */
final class Mixing {
    private Mixing() {}

    /** @param perKg CMC in it, g/kg */
    static List<Batch.Mixed> of(Paste paste, Tint tint, double grams, Palette palette, double perKg) {
        List<Batch.Mixed> mixed = new ArrayList<>();
        if (grams <= 0) {
            return mixed;
        }
        double powder = grams * perKg / 1000;
        double rest = grams - powder;
        for (Colour.Portion part : parts(tint)) {
            Tint of = palette.tint(part.colour(), tint);
            double mass = rest * part.share() / sum(tint);
            switch (paste) {
                case HALF -> {
                    mixed.add(new Batch.Mixed(Paste.FONDANT, of, false, mass / 2));
                    mixed.add(new Batch.Mixed(Paste.GUM, of, false, mass / 2));
                }
                case MODELLING -> mixed.add(new Batch.Mixed(Paste.FONDANT, of, false, mass));
                default -> mixed.add(new Batch.Mixed(paste, of, false, mass));
            }
        }
        if (powder > 0) {
            mixed.add(new Batch.Mixed(paste, Tint.PLAIN, true, powder));
        }
        return mixed;
    }

    /**
     * Powder in the finished paste, g/kg.
     *
     * @param asked what a technique asks for whatever the weather
     */
    static double powder(Batch.Form form, Paste paste, Table table, double asked) {
        if (paste == Paste.MODELLING) {
            return table.isClose() ? Powder.MODELLING_CLOSE_G_PER_KG : Powder.MODELLING_G_PER_KG;
        }
        boolean soft = (paste == Paste.FONDANT || paste == Paste.HALF) && form == Batch.Form.ROLLED;
        return Math.max(asked, soft && table.isClose() ? Powder.SOFT_G_PER_KG : 0);
    }

    private static List<Colour.Portion> parts(Tint tint) {
        return tint.blend() == null
                ? List.of(new Colour.Portion(tint.id().isEmpty() ? "plain" : tint.id(), 1))
                : tint.blend().parts();
    }

    private static double sum(Tint tint) {
        return parts(tint).stream().mapToDouble(Colour.Portion::share).sum();
    }

    /** The plan's colours, to look parts of a blend up in. */
    record Palette(List<Colour> colours) {
        Tint tint(String id, Tint whole) {
            return whole.blend() == null ? whole : Tint.in(colours, id);
        }
    }
}
