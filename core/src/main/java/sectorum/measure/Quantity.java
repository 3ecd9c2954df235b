package sectorum.measure;

/**
 * A number with what it measures, so that whoever shows it can do so in the reader's own unit.
 *
 * @param kind what is measured
 * @param value mm, g, ml, minutes, radians, a plain number, or a share of one
 * @param text the words themselves where the kind is {@link Kind#TEXT}, otherwise null
 */
public record Quantity(Kind kind, double value, @Absent String text) {
    /** What a number measures. */
    public enum Kind {
        LENGTH,
        MASS,
        VOLUME,
        MINUTES,
        ANGLE,
        COUNT,
        SHARE,
        PLAIN,
        TEXT
    }

    /** mm. */
    public static Quantity length(double mm) {
        return new Quantity(Kind.LENGTH, mm, null);
    }

    /** g. */
    public static Quantity mass(double g) {
        return new Quantity(Kind.MASS, g, null);
    }

    /** ml. */
    public static Quantity volume(double ml) {
        return new Quantity(Kind.VOLUME, ml, null);
    }

    /** Minutes, shown in hours where there are many. */
    public static Quantity minutes(double minutes) {
        return new Quantity(Kind.MINUTES, minutes, null);
    }

    public static Quantity count(long n) {
        return new Quantity(Kind.COUNT, n, null);
    }

    /** A share of 1, shown in per cent. */
    public static Quantity share(double ofOne) {
        return new Quantity(Kind.SHARE, ofOne, null);
    }

    /** Radians, shown in degrees. */
    public static Quantity angle(double radians) {
        return new Quantity(Kind.ANGLE, radians, null);
    }

    /** A number without a unit. */
    public static Quantity plain(double number) {
        return new Quantity(Kind.PLAIN, number, null);
    }

    public static Quantity text(String words) {
        return new Quantity(Kind.TEXT, 0, words);
    }

    /** Of dust and spirit there is less than a gram: a hundredth of it, or a thousandth, still says something. */
    private int digits() {
        return Math.abs(value) < 0.1 ? 3 : Math.abs(value) < 1 ? 2 : 1;
    }

    /** As its reader sees it: lengths in the unit given, shares and angles to what matters. */
    public String say(LengthUnit unit) {
        return switch (kind) {
            case LENGTH -> Length.ofMm(value).show(unit);
            case SHARE -> Numbers.plain(value * 100, 1) + " %";
            default -> toString();
        };
    }

    /** In millimetres and plain words: for logs, tests and errors that meet no person's unit. */
    @Override
    public String toString() {
        return switch (kind) {
            case LENGTH -> Numbers.plain(value, 3) + " mm";
            case MASS -> Numbers.plain(value, digits()) + " g";
            case VOLUME -> Numbers.plain(value, digits()) + " ml";
            case MINUTES -> Numbers.plain(value, 1) + " min";
            case ANGLE -> Numbers.plain(Elementary.toDegrees(value), 1) + "°";
            case SHARE -> Numbers.plain(value * 100, 1) + " %";
            case COUNT, PLAIN -> Numbers.plain(value, 3);
            case TEXT -> text;
        };
    }
}
