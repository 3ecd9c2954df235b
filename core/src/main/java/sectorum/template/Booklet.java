package sectorum.template;

import java.util.List;

/**
 * Sheets of several chapters as one document.
 *
 * @param marks where chapters, and the parts of some, begin; in order
 * @param links places on a sheet that lead to another
 */
public record Booklet(List<Sheet> sheets, List<Mark> marks, List<Link> links) {
    public Booklet {
        sheets = List.copyOf(sheets);
        marks = List.copyOf(marks);
        links = List.copyOf(links);
    }

    /**
     * A bookmark.
     *
     * @param sheet from 0
     */
    public record Mark(String title, int sheet) {}

    /**
     * A place to press.
     *
     * @param on the sheet it is on, from 0; its box is in mm from the sheet's left and top
     * @param to the sheet it leads to
     */
    public record Link(int on, double x, double y, double width, double height, int to) {}

    /** One that is nothing but its sheets. */
    public static Booklet of(List<Sheet> sheets) {
        return new Booklet(sheets, List.of(), List.of());
    }
}
