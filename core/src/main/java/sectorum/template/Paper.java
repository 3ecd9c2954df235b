package sectorum.template;

import java.util.Arrays;
import java.util.Locale;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Sheets a printer takes, upright, in mm. */
public enum Paper {
    A4(210, 297),
    LETTER(215.9, 279.4),
    A3(297, 420);

    private final double width;
    private final double height;

    Paper(double width, double height) {
        this.width = width;
        this.height = height;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    /** The paper of that name; refused with the names there are. */
    public static Paper of(String name) {
        return Arrays.stream(values())
                .filter(p -> p.name().equals(name.toUpperCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "paper",
                        Phrase.of("Paper \"{}\" is not known. Choose A4, Letter or A3.", Quantity.text(name))));
    }
}
