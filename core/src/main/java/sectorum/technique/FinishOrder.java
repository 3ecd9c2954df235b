package sectorum.technique;

/** When a finish is done, as to the pieces it goes over. */
public enum FinishOrder {
    AFTER("after they are on"),
    BEFORE("before they are set on"),
    /** On the mould or the sheet: what is laid first is what shows (craft 3J). */
    FIRST("first, under what is poured: the first laid is what shows");

    final String words;

    FinishOrder(String words) {
        this.words = words;
    }
}
