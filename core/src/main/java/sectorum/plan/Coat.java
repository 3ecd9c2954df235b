package sectorum.plan;

import java.util.Locale;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;

/**
 * A layer laid on a tier all round and on top.
 *
 * @param name what it is: ganache, fondant, …
 * @param thickness mm
 * @param material what it is made of; absent: as its name says, otherwise by its place, see {@link #made}
 * @param colour of the palette; absent: as it comes
 * @param laid how it goes on; absent: spread, or one sheet for a paste that is rolled
 * @param margin left at the edge of a sheet for trimming, mm; absent: 20
 * @param edge how the upper edge of a coat that is spread is made sharp; absent: as it is scraped
 */
public record Coat(
        String name,
        double thickness,
        @Absent Material material,
        @Absent String colour,
        @Absent Laid laid,
        @Absent Double margin,
        @Absent Edge edge) {
    public static final Field THICKNESS =
            Field.length("coats.thickness", "Thickness", 0, 60, 5, "Coats are thin: check the unit.");
    public static final Field MARGIN =
            Field.length("coats.margin", "Margin", 0, 80, 20, "What is trimmed off a covering's edge.");

    /** How a coat goes on: spread, or in one of the schools of covering (craft 1). */
    public enum Laid {
        SPREAD,
        /** One sheet over top and sides with a margin, trimmed at the foot. */
        SHEET,
        /** The bare sum, with nothing to trim. */
        BARE,
        /** A strip round the side and a lid. */
        STRIP
    }

    /** How the upper edge of a coat comes out sharp (craft 4.3). */
    public enum Edge {
        /** Scraped as it is smoothed. */
        SCRAPED("as it is scraped"),
        /** A lip left standing, chilled, drawn in over the top. */
        DRAWN("a lip, chilled and drawn in"),
        /** A lip left standing, chilled, cut off level. */
        CUT("a lip, chilled and cut off"),
        /** Scraped against a board on top, parallel to the one below. */
        BOARD("levelled under a top board");

        private final String words;

        Edge(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether icing is left standing over the top's edge. */
        public boolean leavesLip() {
            return this == DRAWN || this == CUT;
        }
    }

    public Coat {
        name = Check.words("coats.name", "A coat's name", name, 1, 40);
        THICKNESS.check(thickness);
        if (colour != null) {
            Check.id("coats.colour", colour);
        }
        if (margin != null) {
            MARGIN.check(margin);
        }
    }

    public Coat(String name, double thickness) {
        this(name, thickness, null, null, null, null, null);
    }

    /**
     * What it is made of.
     *
     * @param outermost of two coats or more: a covering, where its name does not say otherwise
     */
    public Material made(boolean outermost) {
        if (material != null) {
            return material;
        }
        String said = name.toLowerCase(Locale.ROOT);
        // Sugar paste is another word for fondant, not for sugar.
        if (said.replace(" ", "").contains("sugarpaste")) {
            return Material.FONDANT;
        }
        for (Material each : Material.values()) {
            if (said.contains(each.words())) {
                return each;
            }
        }
        return outermost || said.contains("cover") ? Material.FONDANT : Material.BUTTERCREAM;
    }

    /** A coat whose edge nobody has spoken of. */
    public Coat(
            String name,
            double thickness,
            @Absent Material material,
            @Absent String colour,
            @Absent Laid laid,
            @Absent Double margin) {
        this(name, thickness, material, colour, laid, margin, null);
    }

    /** How its upper edge is made; only what is spread has a way of its own. */
    public Edge edged(boolean outermost) {
        return edge == null || lies(outermost) != Laid.SPREAD ? Edge.SCRAPED : edge;
    }

    /** The same so thick. */
    public Coat thick(double other) {
        return new Coat(name, other, material, colour, laid, margin, edge);
    }

    /** How it goes on. */
    public Laid lies(boolean outermost) {
        if (laid != null) {
            return laid;
        }
        return made(outermost).isKneaded() ? Laid.SHEET : Laid.SPREAD;
    }

    public double trimmed() {
        return margin == null ? ((Number) MARGIN.fallback()).doubleValue() : margin;
    }
}
