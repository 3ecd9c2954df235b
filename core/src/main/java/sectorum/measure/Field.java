package sectorum.measure;

import java.util.List;

/**
 * One setting that a person may type: its name in documents, its words on the screen, what it measures, its range and
 * the value it takes when nobody has said. Screens are drawn from fields, so a new technique needs no new screen.
 *
 * @param name the key in the plan document
 * @param label sentence case, of the trade
 * @param kind what is measured
 * @param min smallest value allowed (mm, radians, …)
 * @param max largest value allowed
 * @param fallback the value taken when none is given
 * @param choices for a choice the names allowed, otherwise empty
 * @param hint the likely mistake, said when a value is refused
 */
public record Field(
        String name,
        String label,
        Quantity.Kind kind,
        double min,
        double max,
        Object fallback,
        List<Choice> choices,
        String hint) {

    /** One of several schools or forms, by the name in documents and the words on the screen. */
    public record Choice(String name, String label) {}

    public Field {
        choices = List.copyOf(choices);
    }

    /** A length in mm, both ends of its range allowed. */
    public static Field length(String name, String label, double minMm, double maxMm, double fallbackMm, String hint) {
        return new Field(name, label, Quantity.Kind.LENGTH, minMm, maxMm, fallbackMm, List.of(), hint);
    }

    /** A whole number. */
    public static Field count(String name, String label, int min, int max, int fallback, String hint) {
        return new Field(name, label, Quantity.Kind.COUNT, min, max, (double) fallback, List.of(), hint);
    }

    /** A share, 1 is all of it. */
    public static Field share(String name, String label, double min, double max, double fallback, String hint) {
        return new Field(name, label, Quantity.Kind.SHARE, min, max, fallback, List.of(), hint);
    }

    /** Grams. */
    public static Field mass(String name, String label, double min, double max, double fallback, String hint) {
        return new Field(name, label, Quantity.Kind.MASS, min, max, fallback, List.of(), hint);
    }

    /** An angle in radians. */
    public static Field angle(String name, String label, double min, double max, double fallback, String hint) {
        return new Field(name, label, Quantity.Kind.ANGLE, min, max, fallback, List.of(), hint);
    }

    /** One of some names; the fallback is one of them. */
    public static Field choice(String name, String label, List<Choice> choices, String fallback) {
        return new Field(name, label, Quantity.Kind.TEXT, 0, 0, fallback, choices, "");
    }

    /** The same with another value when nobody has said. */
    public Field usually(Object other) {
        return new Field(name, label, kind, min, max, other, choices, hint);
    }

    /** Gives the value back, or refuses it by name, value and range. */
    public double check(double value) {
        if (!Double.isFinite(value) || value < min - Rounding.EPS || value > max + Rounding.EPS) {
            throw new Refused(
                    name,
                    Phrase.of(
                            label + " {} is outside {} to {}. " + hint,
                            new Quantity(kind, value, null),
                            new Quantity(kind, min, null),
                            new Quantity(kind, max, null)));
        }
        if (kind == Quantity.Kind.COUNT && value != Elementary.rint(value)) {
            throw new Refused(
                    name, Phrase.of(label + " is a whole number; this is {}. " + hint, Quantity.plain(value)));
        }
        return value;
    }

    /** The value under this field's name, or its fallback; refused when it is of another kind or out of range. */
    public double number(Values values) {
        Object given = values.get(name);
        if (given == null) {
            return check(((Number) fallback).doubleValue());
        }
        if (given instanceof Number number) {
            return check(number.doubleValue());
        }
        throw new Refused(name, Phrase.of(label + " is a number; this is \"{}\". " + hint, Quantity.text("" + given)));
    }

    /** The chosen name, or the fallback; refused when it is none of the choices. */
    public String choice(Values values) {
        Object given = values.get(name);
        String chosen = given == null ? (String) fallback : String.valueOf(given);
        if (choices.stream().noneMatch(c -> c.name().equals(chosen))) {
            throw new Refused(
                    name,
                    Phrase.of(
                            label + " \"{}\" is not known. Choose one of: {}.",
                            Quantity.text(chosen),
                            Quantity.text(String.join(
                                    ", ", choices.stream().map(Choice::name).toList()))));
        }
        return chosen;
    }
}
