package sectorum.bench;

/**
 * Plain rates to start with, until the notebook knows this pair of hands: seconds a piece (or a metre where it says so)
 * and minutes to set up (craft 4.5; those it does not name are of the same kind).
 */
public enum Rate {
    MARK(12, 5),
    PEARL(6, 5),
    FLAG(40, 8),
    DRAPE_STRIP(300, 15),
    JABOT(240, 10),
    CRESCENT(120, 10),
    CUT_PIECE(20, 8),
    /** A strip of a ruffle, gathered and stuck. */
    RUFFLE(45, 8),
    /** A disc or a like small piece of a covering, punched or cut and stuck (craft 4.5). */
    COVER_PIECE(15, 8),
    /** A flower, a ball or a fruit chosen, turned and set in a cluster. */
    CLUSTERED(40, 10),
    /** A circle gathered in its middle and set in icing. */
    GATHERED(35, 10),
    /** A panel stood up and held until it stays. */
    PANEL(60, 10),
    /** A sheet wrapped round and smoothed. */
    WRAPPED(240, 10),
    /** A rosette of a fall (craft 4.5). */
    ROSETTE(12, 8),
    /** A flag laid close to its neighbours. */
    TILED(30, 10),
    /** A square decimetre strewn and brushed off. */
    STREWN_DM2(60, 8),
    /** A square decimetre brushed, painted or sprayed once. */
    FINISHED_DM2(60, 8),
    /** A metre of edge gilded. */
    GILDED_METRE(90, 8),
    /** A square decimetre laid with leaf. */
    LEAFED_DM2(300, 10),
    PIPED_PIECE(4, 8),
    PIPED_METRE(90, 8),
    EXTRUDED_METRE(150, 10),
    SCRIBED_METRE(60, 3),
    UPRIGHT_LINE(45, 5),
    QUILTING_LINE(45, 5),
    PRICK(4, 5),
    PRESSED(10, 5),
    WEAVE_PIECE(25, 15),
    TWISTED_ROPE(90, 20),
    COMBED_STRIPE(240, 20),
    COLLAR_STRIPE(40, 25),
    /** A layer mixed, panned and turned out. */
    BAKED_LAYER(300, 20),
    /** A metre of a chilled lip, drawn in or cut off. */
    LIP_METRE(90, 3),
    /** A board set on top, made parallel and lifted off again. */
    TOP_BOARD(300, 2),
    /** A layer filled and set on the last. */
    LAYER(240, 10),
    /** A square decimetre of a coat, spread and scraped. */
    COATED_DM2(60, 10),
    /** A square decimetre of a covering, rolled, laid and smoothed. */
    COVERED_DM2(45, 15),
    /** A batch coloured and kneaded, or mixed. */
    BATCH(360, 5),
    /** A dowel cut and set. */
    DOWEL(90, 5),
    /** A tier lowered, made level and its join filled. */
    STACKED(900, 0);

    private final double seconds;
    private final double setUp;

    Rate(double seconds, double setUp) {
        this.seconds = seconds;
        this.setUp = setUp;
    }

    /** Minutes of hands for so many pieces or metres, set-up included; none for none. */
    public double minutes(double many) {
        return many <= 0 ? 0 : setUp + many * seconds / 60;
    }
}
