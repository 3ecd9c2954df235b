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

    static final String DUST =
            "Only dust that is sold as edible goes on what is eaten; wear a mask: fine dust is not for the lungs. Wipe the bench,"
                    + " not the board.";

    static final String SPIRIT =
            "Spirit burns: no flame near it until it is dry, and tell whoever must not have alcohol. Follow your local food"
                    + " rules.";

    static final String SPRAY = "Spray with a mask on and a window open: mist is not for the lungs.";

    static final String LEAF = "Only leaf sold as edible, of real metal or sugar; craft leaf is not food.";

    static final String STEAM = "Steam burns: hands behind the nozzle, and the steamer away from the edge.";

    static final String WIRES =
            "Wired stems never go bare into cake: each into a pick or a barrier, counted in and out again. Fresh flowers only"
                    + " where someone qualified says they may touch food.";

    static final String FRUIT =
            "Wash and dry fruit, set it on as late as you can, and keep it cool. Follow your local food rules.";

    private Cautions() {}
}
