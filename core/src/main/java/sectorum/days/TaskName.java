package sectorum.days;

/**
 * What a task is called within its order. Its text stands in plan documents and is never taken apart: who wants the number
 * of a coat or of a part asks for it.
 *
 * @param stem what is done, and to what
 * @param number of several of the stem, from 1; 0: the only one
 * @param part of one that is done in parts, from 1; 0: whole, or the last part
 */
public record TaskName(String stem, int number, int part) {
    public static final TaskName INSPECT = of("inspect");
    public static final TaskName BOARD = of("board");

    public static TaskName of(String stem) {
        return new TaskName(stem, 0, 0);
    }

    public static TaskName bake(String tier) {
        return of("bake-" + tier);
    }

    public static TaskName fill(String tier) {
        return of("fill-" + tier);
    }

    /** @param number of the coat, from 1 */
    public static TaskName coat(String tier, int number) {
        return of("coat-" + tier).numbered(number);
    }

    /** The upper edge of a coat, where that is made for itself. */
    public static TaskName edge(String tier, int coat) {
        return of("edge-" + tier).numbered(coat);
    }

    public static TaskName measure(String tier) {
        return of("measure-" + tier);
    }

    public static TaskName dress(String tier, String dressing) {
        return of("dress-" + tier + "-" + dressing);
    }

    public static TaskName stack(String tier) {
        return of("stack-" + tier);
    }

    public static TaskName dowel(String tier) {
        return of("dowel-" + tier);
    }

    public static TaskName piece(String piece) {
        return of("piece-" + piece);
    }

    /** A stage of a piece's making before the last, from 1. */
    public static TaskName parts(String piece, int stage) {
        return of("parts-" + piece).numbered(stage);
    }

    public static TaskName place(String piece) {
        return of("place-" + piece);
    }

    /** One added by hand. */
    public static TaskName own(String id) {
        return of("own-" + id);
    }

    public TaskName numbered(int which) {
        return new TaskName(stem, which, part);
    }

    TaskName part(int which) {
        return new TaskName(stem, number, which);
    }

    /** Whether a text means this task, or what its numbered ones were cut from. */
    boolean isMeant(String text) {
        return text.equals(text()) || text.equals(stem);
    }

    /** As it stands in documents. */
    public String text() {
        return stem + (number == 0 ? "" : "-" + number) + (part == 0 ? "" : "#" + part);
    }
}
