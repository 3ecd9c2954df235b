package sectorum.handover;

/** The chapters of an order's booklet, in their order. */
public enum Chapter {
    BRIEF("The order"),
    VIEWS("The cake from the front and above"),
    CUTS("Cut list"),
    BATCHES("Batches and recipes"),
    DAYS("Days"),
    STEPS("Steps"),
    LAY_OUT("To lay out"),
    TEMPLATES("Templates"),
    HANDOVER("Handover");

    private final String title;

    Chapter(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
