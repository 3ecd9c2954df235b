package sectorum.server.json;

import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import sectorum.measure.Absent;
import sectorum.measure.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.core.exc.UnexpectedEndOfInputException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/**
 * Why a document could not be read, in words that tell nothing of how it is read here.
 *
 * @param field where in the document, as {@code tiers[0].coats[1].thickness}; empty: in no field
 * @param refused what a field refused by itself; null: it was not understood
 * @param why otherwise: what is wrong, what is allowed, what to do
 */
public record Unread(String field, @Absent Refused refused, String why) {
    private static final Pattern QUOTED = Pattern.compile("value \\((\".*?\")\\)");

    public static Unread of(JacksonException json) {
        String field = path(json);
        for (Throwable cause = json; cause != null; cause = cause.getCause()) {
            if (cause instanceof Refused refused) {
                return new Unread(field, refused, "");
            }
        }
        String why;
        if (json instanceof UnrecognizedPropertyException unknown) {
            why = "\"" + unknown.getPropertyName()
                    + "\" is not a field known here. Take it out, or open the file with the"
                    + " Sectorum that wrote it. Known: "
                    + unknown.getKnownPropertyIds().stream()
                            .map(String::valueOf)
                            .sorted()
                            .collect(Collectors.joining(", "))
                    + ".";
        } else if (json instanceof InvalidFormatException format) {
            why = "\"" + shortened("" + format.getValue()) + "\" is not allowed here. "
                    + allowed(format.getTargetType());
        } else if (json instanceof UnexpectedEndOfInputException) {
            why = "The file stops in the middle" + at(json) + ". It was cut off: fetch it again.";
        } else if (json instanceof StreamReadException) {
            why = "The file is not well formed" + at(json) + ": " + shortened(json.getOriginalMessage());
        } else if (json instanceof MismatchedInputException mismatch) {
            why = value(mismatch) + " is missing or of another kind than expected. "
                    + allowed(mismatch.getTargetType());
        } else {
            why = "It cannot be read" + at(json) + ".";
        }
        return new Unread(field, null, why);
    }

    /** The value as the reader of the file quotes it in its own words; it is told in no other way. */
    private static String value(MismatchedInputException mismatch) {
        Matcher quoted = QUOTED.matcher(mismatch.getOriginalMessage());
        return quoted.find() ? shortened(quoted.group(1)) : "The value";
    }

    /** What may be given where this is asked for, as a sentence. */
    public static String allowed(@Absent Class<?> type) {
        if (type == null) {
            return "";
        }
        if (type.isEnum()) {
            Object[] constants = type.getEnumConstants();
            return "Allowed: "
                    + Arrays.stream(constants)
                            .map(c -> ((Enum<?>) c).name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining(", "))
                    + ".";
        }
        if (Collection.class.isAssignableFrom(type)) {
            return "Give a list, in square brackets.";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "Give true or false.";
        }
        boolean number = type.isPrimitive() || Number.class.isAssignableFrom(type);
        if (number) {
            return "Give a number, without quotes or a unit.";
        }
        return type == String.class ? "Give words in quotes." : "See docs/plan-format.md.";
    }

    private static String at(JacksonException json) {
        TokenStreamLocation where = json.getLocation();
        return where == null ? "" : " at line " + where.getLineNr() + ", column " + where.getColumnNr();
    }

    /** {@code tiers[0].coats[1].thickness}. */
    private static String path(JacksonException json) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : json.getPath()) {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                path.append('[').append(step.getIndex()).append(']');
            }
        }
        return path.toString();
    }

    private static String shortened(String text) {
        return text.length() > 120 ? text.substring(0, 120) + "…" : text;
    }
}
