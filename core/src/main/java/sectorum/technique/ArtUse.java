package sectorum.technique;

/** What becomes of art on a cake (craft 3H). */
enum ArtUse {
    SCRIBED("scribed outline", 0, false, false),
    RUBBED("rubbed on from paper", 1, false, false),
    STENCILLED("scraped through a stencil", 0, false, false),
    PIPED("piped outline", 0, false, true),
    FLOODED("flooded relief", 0, false, true),
    PAINTED("painted", 1, false, false),
    LAID("cut, one layer on another", 0, true, false),
    SET("cut, each set into the one under it", 0, true, false),
    INLAID("inlaid: cut out and filled", 0, true, false),
    INSET("on a panel with an equal border", 0, true, false);

    final String words;
    /** Contacts that turn it over on its way to the cake: an odd number is drawn mirrored (craft 7). */
    final int contacts;
    /** Whether it is cut from sheets. */
    final boolean cut;
    /** Whether a nozzle draws its lines. */
    final boolean piped;

    ArtUse(String words, int contacts, boolean cut, boolean piped) {
        this.words = words;
        this.contacts = contacts;
        this.cut = cut;
        this.piped = piped;
    }
}
