package sectorum.technique;

/**
 * How what is finished looks, for whoever draws it.
 *
 * @param edge whether it lies on edges alone
 * @param wide how wide an edge is, mm; 0 for faces
 * @param dense how densely its colour lies on what is beneath, 0 to 1
 * @param sheen how much it shines, 0 to 1
 * @param tint #rrggbb, its own colour where none of the palette is chosen
 * @param order when it is done, as to what it goes over
 */
public record FinishLook(boolean edge, double wide, double dense, double sheen, String tint, FinishOrder order) {}
