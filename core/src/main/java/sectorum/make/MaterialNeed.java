package sectorum.make;

import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.material.Material;
import sectorum.measure.Absent;

/**
 * So much of a material, wherever it is needed.
 *
 * @param material of a paste or of pearls
 * @param name of a supply, such as CMC powder
 * @param across of pearls, mm
 */
record MaterialNeed(ThingKind kind, @Absent Material material, String name, String colour, double across) {
    static final String POWDER = "CMC powder";

    static MaterialNeed of(Batch.Mixed mixed) {
        return mixed.powder()
                ? supply(POWDER)
                : new MaterialNeed(
                        ThingKind.PASTE, mixed.material(), mixed.material().words(), named(mixed.tint()), 0);
    }

    static MaterialNeed supply(String name) {
        return new MaterialNeed(ThingKind.SUPPLY, null, name, "", 0);
    }

    static MaterialNeed pearls(Tint tint, double across) {
        return new MaterialNeed(ThingKind.PEARL, Material.PEARL, Material.PEARL.words(), named(tint), across);
    }

    /** Crumbs, dusts, fruit and the like: told by their colour, if they have one. */
    static MaterialNeed ready(Batch batch) {
        return new MaterialNeed(ThingKind.SUPPLY, null, batch.material().words(), named(batch.tint()), 0);
    }

    /** Sheets that are bought, by the piece. */
    static MaterialNeed sheets(Batch batch) {
        return new MaterialNeed(
                ThingKind.SHEET, batch.material(), batch.material().words(), "", 0);
    }

    private static String named(Tint tint) {
        return tint.id().isEmpty() ? "" : tint.name();
    }

    /** How well a thing serves: 2 as it is, 1 when it is coloured first, 0 not at all. */
    int served(Thing thing) {
        if (thing.kind() != kind) {
            return 0;
        }
        boolean same = switch (kind) {
            case PASTE -> thing.isPaste(material);
            case SHEET -> material != null && thing.choice("of").equals(material.key());
            case PEARL -> Math.abs(thing.size("across") - across) <= 0.3;
            default -> thing.name().equalsIgnoreCase(name);
        };
        if (!same) {
            return 0;
        }
        boolean plain = thing.colour().isEmpty() || thing.colour().equalsIgnoreCase("white");
        return thing.colour().equalsIgnoreCase(colour) ? 2 : plain && kind == ThingKind.PASTE ? 1 : 0;
    }
}
