package sectorum.bench;

import java.util.HashSet;
import java.util.Set;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.measure.Wording;

/**
 * A thing in the cupboard.
 *
 * @param id absent until it is kept
 * @param colour of a paste, a colour or a pearl, in words; empty: none
 * @param sizes by the fields of its kind
 * @param dial of a pasta machine, such as {@code 1=2.4 2=2.0}; see {@link Dial}
 * @param stock grams or pieces, as its kind is counted
 * @param pack what is bought at once, in the same; 0: as much as is asked for
 * @param price of a pack, or of a gram or piece where there is no pack; absent: not known
 */
public record Thing(
        @Absent Long id,
        ThingKind kind,
        String name,
        String colour,
        Values sizes,
        String dial,
        double stock,
        double pack,
        @Absent Double price,
        String notes) {
    private static final double MOST = 1_000_000;

    public Thing {
        if (kind == null) {
            throw new Refused(
                    "kind", Phrase.of("A thing is of a {}. Choose one of the cupboard's.", Quantity.text("kind")));
        }
        name = Wording.checked("name", "A thing's name", name, 1, 80);
        colour = Wording.checked("colour", "The colour", colour, 0, 60);
        notes = Wording.checked("notes", "The note", notes, 0, 200);
        dial = Wording.checked("dial", "The dial", dial, 0, 400);
        if (!dial.isEmpty()) {
            Dial.parse(dial);
        }
        sizes = sizes == null ? Values.NONE : sizes;
        Set<String> known = new HashSet<>();
        for (Field field : kind.fields()) {
            known.add(field.name());
            if (field.choices().isEmpty()) {
                field.number(sizes);
            } else {
                field.choice(sizes);
            }
        }
        for (String given : sizes.byName().keySet()) {
            if (!known.contains(given)) {
                throw new Refused(
                        given,
                        Phrase.of(
                                "{} have no \"{}\". Leave it out.", Quantity.text(kind.label()), Quantity.text(given)));
            }
        }
        amount("stock", "Stock", stock);
        amount("pack", "A pack", pack);
        if (price != null) {
            amount("price", "A price", price);
        }
    }

    /** One of a kind, of one of which nothing but its size is known. */
    public static Thing of(ThingKind kind, String name, Values sizes) {
        return new Thing(null, kind, name, "", sizes, "", 1, 0, null, "");
    }

    private static void amount(String field, String what, double given) {
        if (!(given >= 0) || given > MOST) {
            throw new Refused(
                    field,
                    Phrase.of(
                            what + " of {} is outside {} to {}. Leave it empty where it is not known.",
                            Quantity.plain(given),
                            Quantity.count(0),
                            Quantity.count((long) MOST)));
        }
    }

    /** A size of it by its field's name, mm. */
    public double size(String field) {
        return field(field).number(sizes);
    }

    public String choice(String field) {
        return field(field).choice(sizes);
    }

    private Field field(String name) {
        return kind.fields().stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(kind + " has no " + name));
    }

    public boolean isPaste(Material material) {
        return kind == ThingKind.PASTE && choice("paste").equals(material.key());
    }

    /** Price of a gram or a piece; not a number where none is known. */
    public double each() {
        return price == null ? Double.NaN : pack > 0 ? price / pack : price;
    }

    /** The same with less or more of it; never under none. */
    public Thing stocked(double now) {
        return new Thing(id, kind, name, colour, sizes, dial, Math.max(0, now), pack, price, notes);
    }

    public Thing known(Long as) {
        return new Thing(as, kind, name, colour, sizes, dial, stock, pack, price, notes);
    }
}
