package sectorum.device;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import sectorum.measure.Absent;

/**
 * A device's line, understood. A line is {@code ST} (settled) or {@code US} (unsettled), a number and a unit, and of a room
 * sensor a second number with its unit; {@code OL} where it is over its range. Everything else is nonsense and is said to be.
 */
public final class Signal {
    private static final Pattern LINE = Pattern.compile(
            "(ST|US) +([+-]?\\d{1,6}(?:\\.\\d{1,4})?) ?([A-Za-z%\"]{1,4})(?: +([+-]?\\d{1,4}(?:\\.\\d{1,2})?) ?(C|F))?");
    private static final int SHOWN = 24;

    /** A unit: how much of what is stored one of it is, and what zero of it is. */
    private record Unit(DeviceKind kind, double of, double zero) {}

    private static final Map<String, Unit> UNITS = Map.of(
            "mm", new Unit(DeviceKind.TAPE, 1, 0),
            "cm", new Unit(DeviceKind.TAPE, 10, 0),
            "in", new Unit(DeviceKind.TAPE, 25.4, 0),
            "g", new Unit(DeviceKind.SCALE, 1, 0),
            "kg", new Unit(DeviceKind.SCALE, 1000, 0),
            "oz", new Unit(DeviceKind.SCALE, 28.349523125, 0),
            "C", new Unit(DeviceKind.THERMOMETER, 1, 0),
            "F", new Unit(DeviceKind.THERMOMETER, 5.0 / 9, 32),
            "%", new Unit(DeviceKind.ROOM, 0.01, 0));

    private Signal() {}

    /**
     * @param line absent: the device does not answer
     */
    public static DeviceReading read(DeviceKind kind, @Absent String line) {
        if (line == null) {
            return DeviceReading.without(
                    kind,
                    "",
                    "The " + kind.words() + " does not answer. See whether it is plugged in and switched on.");
        }
        String shown = line.strip();
        shown = shown.length() > SHOWN ? shown.substring(0, SHOWN) + "…" : shown;
        if (shown.equals("OL")) {
            return DeviceReading.without(
                    kind,
                    shown,
                    "The " + kind.words() + " is over its range. Take something off, or measure in parts.");
        }
        Matcher m = LINE.matcher(line.strip());
        Unit unit = m.matches() ? UNITS.get(m.group(3)) : null;
        if (unit == null || unit.kind() != kind) {
            return DeviceReading.without(
                    kind,
                    shown,
                    "The " + kind.words() + " says \"" + shown
                            + "\", which is no reading. Look at it, and measure again.");
        }
        double value = (Double.parseDouble(m.group(2)) - unit.zero()) * unit.of();
        String own = m.group(2) + " " + unit(m.group(3));
        if (!kind.isPossible(value)) {
            return DeviceReading.without(
                    kind,
                    own,
                    "The " + kind.words() + " says " + own + ", which cannot be. Look at it, and measure again.");
        }
        Double celsius = m.group(4) == null
                ? null
                : (Double)
                        ((Double.parseDouble(m.group(4)) - UNITS.get(m.group(5)).zero())
                                * UNITS.get(m.group(5)).of());
        return new DeviceReading(kind, value, celsius, own, m.group(1).equals("ST"), "");
    }

    private static String unit(String written) {
        return written.equals("C") || written.equals("F") ? "°" + written : written;
    }
}
