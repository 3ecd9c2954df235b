package sectorum.measure;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A length at the edge of the craft: typed, stored in mm, shown.
 *
 * @param mm any finite number of millimetres
 */
public record Length(double mm) {
    private static final Map<String, String> VULGAR = Map.ofEntries(
            Map.entry("½", " 1/2"),
            Map.entry("¼", " 1/4"),
            Map.entry("¾", " 3/4"),
            Map.entry("⅛", " 1/8"),
            Map.entry("⅜", " 3/8"),
            Map.entry("⅝", " 5/8"),
            Map.entry("⅞", " 7/8"),
            Map.entry("⅓", " 1/3"),
            Map.entry("⅔", " 2/3"));
    private static final Set<String> METRES = Set.of("m", "metre", "metres", "meter", "meters");
    private static final Pattern TYPED = Pattern.compile(
            "(?<sign>[-−–]?)\\s*(?:(?<whole>\\d{1,15}(?:[.,]\\d{1,6})?|[.,]\\d{1,6})(?:[\\s-]+(?<n2>\\d{1,3})/(?<d2>\\d{1,3}))?"
                    + "|(?<n1>\\d{1,4})/(?<d1>\\d{1,3}))\\s*(?<unit>[a-z\"″”']*)\\.?");

    private static final Pattern FEET = Pattern.compile(
            "(?<sign>[-−–]?)\\s*(?<feet>\\d{1,4}(?:[.,]\\d{1,6})?)\\s*(?:'(?!')|′|’|ft\\.?|foot|feet)(?<rest>.*)");

    public Length {
        if (!Double.isFinite(mm)) {
            throw new Refused("length", Phrase.of("A length is a finite number; this is {}.", Quantity.text("" + mm)));
        }
    }

    /** So many mm; refused where it is no finite number. */
    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    /**
     * What a person typed: {@code 190}, {@code 19 cm}, {@code 19,5cm}, {@code 7 1/2"}, {@code 7.5in}, {@code 7½}. A
     * number without a unit is in the person's own. Feet with or without inches ({@code 1' 2"}) and metres are read, too.
     *
     * @throws Refused naming the text and showing what can be typed
     */
    public static Length parse(String field, String typed, LengthUnit own) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        for (Map.Entry<String, String> fraction : VULGAR.entrySet()) {
            text = text.replace(fraction.getKey(), fraction.getValue());
        }
        Matcher feet = FEET.matcher(text.strip());
        if (feet.matches()) {
            double whole = Double.parseDouble(feet.group("feet").replace(',', '.')) * 12 * LengthUnit.INCH.mm();
            String rest = feet.group("rest").strip();
            double more =
                    rest.isEmpty() ? 0 : parse(field, rest, LengthUnit.INCH).mm();
            if (more < 0) {
                throw unreadable(field, typed);
            }
            return new Length(feet.group("sign").isEmpty() ? whole + more : -whole - more);
        }
        Matcher found = TYPED.matcher(text.strip());
        if (!found.matches()) {
            throw unreadable(field, typed);
        }
        if (METRES.contains(found.group("unit")) && found.group("whole") != null && found.group("n2") == null) {
            double metres = Double.parseDouble(found.group("whole").replace(',', '.'));
            return new Length((found.group("sign").isEmpty() ? 1 : -1) * metres * 1000);
        }
        double value = found.group("whole") != null
                ? Double.parseDouble(found.group("whole").replace(',', '.'))
                        + fraction(field, typed, found.group("n2"), found.group("d2"))
                : fraction(field, typed, found.group("n1"), found.group("d1"));
        double sign = found.group("sign").isEmpty() ? 1 : -1;
        return new Length(
                sign * value * unit(field, typed, found.group("unit"), own).mm());
    }

    private static double fraction(String field, String typed, @Absent String over, @Absent String under) {
        if (over == null) {
            return 0;
        }
        double divisor = Double.parseDouble(under);
        if (divisor == 0) {
            throw unreadable(field, typed);
        }
        return Double.parseDouble(over) / divisor;
    }

    private static LengthUnit unit(String field, String typed, String word, LengthUnit own) {
        return switch (word) {
            case "" -> own;
            case "mm", "millimetre", "millimetres" -> LengthUnit.MM;
            case "cm", "centimetre", "centimetres" -> LengthUnit.CM;
            case "\"", "″", "”", "''", "in", "ins", "inch", "inches" -> LengthUnit.INCH;
            default -> throw unreadable(field, typed);
        };
    }

    private static Refused unreadable(String field, String typed) {
        String shown = typed.length() > 40 ? typed.substring(0, 40) + "…" : typed;
        return new Refused(
                field,
                Phrase.of(
                        "\"{}\" cannot be read as a length. Type a number with or without a unit, like 190, 19 cm, 19,5cm,"
                                + " 7 1/2\", 7.5in, 1' 2\" or 0.3 m.",
                        Quantity.text(shown)));
    }

    /** As it is shown: mm and cm to the tape's last digit, inches in sixteenths. */
    public String show(LengthUnit unit) {
        return switch (unit) {
            case MM -> Numbers.plain(Rounding.halfUp(mm, 0.1), 1) + " mm";
            case CM -> Numbers.plain(Rounding.halfUp(mm / 10, 0.01), 2) + " cm";
            case INCH -> inches() + "\"";
        };
    }

    private String inches() {
        long sixteenths = (long) Rounding.halfUp(Math.abs(mm) / 25.4 * 16, 1);
        long whole = sixteenths / 16;
        long over = sixteenths % 16;
        long under = 16;
        while (over > 0 && over % 2 == 0) {
            over /= 2;
            under /= 2;
        }
        String sign = mm < 0 && sixteenths > 0 ? "−" : "";
        if (over == 0) {
            return sign + whole;
        }
        return sign + (whole == 0 ? "" : whole + " ") + over + "/" + under;
    }
}
