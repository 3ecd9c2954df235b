package sectorum.server.cupboard;

/** What a thing in the cupboard is for. */
public enum Kind {
    BOARD,
    TIN,
    CUTTER
}
