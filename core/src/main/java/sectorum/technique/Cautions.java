package sectorum.technique;

/** Hazards in plain words, said where the step is (craft 5.5). */
final class Cautions {
    static final String BLADE = "Cut away from the fingers, with a blade that is used only for food.";
    static final String PEARLS =
            "Pearls are hard and small: tell whoever serves, and keep them from small children and weak teeth. Follow your"
                    + " local food rules.";
    static final String RODS = "Count the rods in and out: none may stay in the cake.";

    static final String HEATED = "A heated scraper burns: hold it by its handle.";

    static final String WAFER =
            "Wafer paper burns: no candles near it. Wet makes it shrink and tear: dry hands, dry colour, and little gel.";

    static final String GLITTER =
            "Put only what is sold as edible on anything eaten, and wear a mask: loose glitter is not for the lungs.";

    private Cautions() {}
}
