package sectorum.template;

import java.util.List;
import sectorum.drawing.Ink;

/** One printed sheet: its size in mm as it is held, and everything on it. */
public record Sheet(double width, double height, List<Ink> inks) {
    public Sheet {
        inks = List.copyOf(inks);
    }
}
