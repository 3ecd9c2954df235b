package sectorum.outline;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;

/** The kinds of outline a tier may have, each with the sizes that a decorator gives for it. */
public enum OutlineKind {
    ROUND("Round", List.of(across("diameter", "Diameter", 200))) {
        @Override
        Outline form(Values v, double t) {
            return Outlines.round(size(v, "diameter"), t);
        }
    },
    RING("Ring", List.of(across("diameter", "Diameter", 250), across("hole", "Hole", 80))) {
        @Override
        Outline form(Values v, double t) {
            if (size(v, "hole") > size(v, "diameter") - 20) {
                throw new Refused(
                        "hole",
                        Phrase.of(
                                "A hole of {} leaves under {} of cake on each side of {}. Make it smaller.",
                                Quantity.length(size(v, "hole")),
                                Quantity.length(10),
                                Quantity.length(size(v, "diameter"))));
            }
            return Outlines.round(size(v, "diameter"), t);
        }

        @Override
        public Optional<Outline> hole(Values v, double t) {
            double d = size(v, "hole");
            return d > 2 * t ? Optional.of(Outlines.round(d, -t)) : Optional.empty();
        }
    },
    SQUARE("Square", List.of(across("side", "Side", 200), corner())) {
        @Override
        Outline form(Values v, double t) {
            return Outlines.rectangle(size(v, "side"), size(v, "side"), size(v, "corner"), t);
        }
    },
    RECTANGLE("Rectangle", List.of(across("width", "Width", 300), across("depth", "Depth", 200), corner())) {
        @Override
        Outline form(Values v, double t) {
            return Outlines.rectangle(size(v, "width"), size(v, "depth"), size(v, "corner"), t);
        }
    },
    POLYGON(
            "Polygon",
            List.of(
                    Field.count("sides", "Sides", 3, 12, 6, "A round cake is entered as a round."),
                    across("side", "Side", 130),
                    corner())) {
        @Override
        Outline form(Values v, double t) {
            return Outlines.polygon((int) size(v, "sides"), size(v, "side"), size(v, "corner"), t);
        }
    },
    OVAL("Oval", List.of(across("length", "Length", 300), across("width", "Width", 220))) {
        @Override
        Outline form(Values v, double t) {
            return Outlines.oval(size(v, "length"), size(v, "width"), t);
        }
    },
    HEART(
            "Heart",
            List.of(
                    across("side", "Side of the square", 180),
                    Field.choice(
                            "front",
                            "In front",
                            List.of(new Field.Choice("point", "the point"), new Field.Choice("notch", "the notch")),
                            "point"))) {
        @Override
        Outline form(Values v, double t) {
            boolean notch = field("front").choice(v).equals("notch");
            return Outlines.heart(size(v, "side"), t, notch);
        }
    },
    PETAL(
            "Petal",
            List.of(
                    Field.count("lobes", "Lobes", 3, 16, 6, "Count the lobes once round."),
                    across("lobe", "Lobe across", 100),
                    across("ring", "Middle to a lobe's middle", 90))) {
        @Override
        Outline form(Values v, double t) {
            return Outlines.petal((int) size(v, "lobes"), size(v, "lobe"), size(v, "ring"), t);
        }
    };

    private final String label;
    private final List<Field> fields;

    OutlineKind(String label, List<Field> fields) {
        this.label = label;
        this.fields = fields;
    }

    public String label() {
        return label;
    }

    /** The sizes to be given, with ranges and what they are when nobody has said. */
    public List<Field> fields() {
        return fields;
    }

    /** The name in documents: {@code round}, {@code petal}, … */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The kind of that name in documents; refused with the names there are. */
    public static OutlineKind of(String key) {
        return Arrays.stream(values())
                .filter(k -> k.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "kind",
                        Phrase.of(
                                "An outline \"{}\" is not known. Choose one of: {}.",
                                Quantity.text(key),
                                Quantity.text(String.join(
                                        ", ",
                                        Arrays.stream(values())
                                                .map(OutlineKind::key)
                                                .toList())))));
    }

    /** The outline under a coat of t mm; refused when a size is unknown, out of range or does not fit the others. */
    public Outline build(Values sizes, double t) {
        for (String name : sizes.byName().keySet()) {
            field(name);
        }
        return form(sizes, t);
    }

    abstract Outline form(Values sizes, double t);

    /** The line round the hole, where there is one; coats close it. */
    public Optional<Outline> hole(Values sizes, double t) {
        return Optional.empty();
    }

    final double size(Values sizes, String name) {
        return field(name).number(sizes);
    }

    final Field field(String name) {
        return fields.stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        name,
                        Phrase.of(
                                label + " has no size \"{}\". It has: {}.",
                                Quantity.text(name),
                                Quantity.text(String.join(
                                        ", ", fields.stream().map(Field::name).toList())))));
    }

    private static Field across(String name, String label, double fallback) {
        return Field.length(name, label, 20, 1500, fallback, "Check the unit, or measure again.");
    }

    private static Field corner() {
        return Field.length("corner", "Corner radius", 0, 750, 10, "Press a coin into the corner to compare.");
    }
}
