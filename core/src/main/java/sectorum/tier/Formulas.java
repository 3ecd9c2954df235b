package sectorum.tier;

import java.util.Map;
import sectorum.measure.Absent;

/** By which formula each technique's numbers are reckoned, in words and the symbols of docs/craft/3. */
final class Formulas {
    private static final Map<String, String> BY_TECHNIQUE = Map.ofEntries(
            Map.entry(
                    "swag",
                    "A section c wide with a drop d: along the curve 2·R·θ, with R = (c²/4 + d²) ÷ 2d and θ = atan2(c/2, R − d); the slope at its ends is θ"),
            Map.entry(
                    "crescent",
                    "Two curves over one section: the upper and the lower edge each 2·R·θ of their own drop; deep in the middle is the difference of the drops"),
            Map.entry(
                    "drape",
                    "Each strip is cut (arc + 30 mm) ÷ (1 + stretch) long; a strip of w folded to the share f shows w·(1 − f/2), each next hangs half of that less deep"),
            Map.entry(
                    "jabot",
                    "k pleats over rods of ρ in paste of t: cut k·(π·(ρ + t)/2 + ρ) + two hems wide, gathered to k·(ρ + 2t)"),
            Map.entry(
                    "pennant",
                    "Squares of a cut corner to corner: a·√2 wide, a/√2 high; as many a swag as go into its length, with the gap between, and two flags a square"),
            Map.entry(
                    "garland",
                    "Elements of one pitch along each string: as many as its length holds; a string below hangs further down"),
            Map.entry(
                    "ruffles",
                    "Rows: 1 + (height − strip) ÷ rise, rounded up; strips a row: round it × fullness ÷ (sheet − lap), rounded up; each cut is its share of that and a lap long"),
            Map.entry(
                    "cover",
                    "Pieces: k × area ÷ area of one, rounded up; scales lie in rows of round it ÷ their width"),
            Map.entry("strew", "Grams: area × grams to 100 cm²; where it fades out it lies half as dense"),
            Map.entry("gathered", "Circles pull in to 0.6 of their width and take d²·π/4 ÷ 2.8 of the area each"),
            Map.entry(
                    "cluster",
                    "Sizes evenly from the largest to the smallest, each the same share of what is covered; of one size on a round floor(π ÷ asin(d/2R))"),
            Map.entry(
                    "tiles",
                    "Squares with joints from the middle, cut at the edge; those wholly under the cake are not laid"),
            Map.entry("ribbon", "As long as the edge, and a lap at the back"),
            Map.entry(
                    "panels",
                    "Panels b wide lapping by o: round it ÷ (b − o), rounded up, the lap then made even; stiff on a round they stand off √(R² + b²/4) − R"),
            Map.entry(
                    "wraps",
                    "Round it and a lap, of sheets up to 600 mm; each sheet lower and shorter than the one beneath"),
            Map.entry(
                    "collar",
                    "Round it + π × thickness, or 2π × the coat still to come, and a tab; its pattern is eased so that whole repeats close"),
            Map.entry(
                    "marbled",
                    "A sheet as long as round it and a tab; colours by their shares of its area × thickness"),
            Map.entry(
                    "combed", "Stripes: round it ÷ the comb's pitch; the last is what is left and stands at the back"),
            Map.entry(
                    "stencilled",
                    "Repeats: round it ÷ the stencil's repeat; what is left over is closed by (n·r − P) ÷ 2π of coat"),
            Map.entry(
                    "fall",
                    "Rows by the size of a piece, which grows to the foot; in each as many as the fall is wide there; a piece weighs 0.16 g × (d/cm)³"),
            Map.entry(
                    "pearls",
                    "In a row: round it ÷ one every, or ÷ the pearl where they would not fit; 1.5 g to a cm³"),
            Map.entry("border", "Elements: round it ÷ their pitch, so that it closes; each weighs 0.16 g × (d/cm)³"),
            Map.entry(
                    "piping",
                    "A line weighs its path × π·ø²/4 × density; rosettes, shells and stars 0.16 g × (d/cm)³; a bag is half full with 200 g"),
            Map.entry(
                    "frames",
                    "One in the middle of each section; a round of piping weighs its path × π·ø²/4 × density"),
            Map.entry("runs", "Each run is height ÷ sin α long, and there are as many as close with their colours"),
            Map.entry("channel", "n lines as high as the zone, round it ÷ n apart"),
            Map.entry(
                    "quilting",
                    "Lines both ways at α: diamonds a section wide and that × tan α high, each line height ÷ sin α; pearls at every crossing inside"),
            Map.entry(
                    "honeycomb",
                    "Cells w across flats: sides w/√3, rows every w·√3/2, 1 + (height − 2w/√3) ÷ (w·√3/2) of them"),
            Map.entry("squares", "Round it ÷ n wide; as many rows as the height holds"),
            Map.entry("dots", "Round it ÷ n apart, every other row between the one before"),
            Map.entry("folded", "A sheet folded in half again and again: 2ⁱ columns and 2ʲ rows"),
            Map.entry("rings", "One in the middle of each section; a line pressed as if it were flat"),
            Map.entry(
                    "mat",
                    "Repeats: round it ÷ the mat's repeat, to the nearest; closed by (n·r − P) ÷ 2π of a coat still to come"),
            Map.entry("levels", "Stripes by their heights; each is as long as the side is round at its height"),
            Map.entry(
                    "uprights",
                    "Round it ÷ n wide, n a multiple of the colours; made flat on a collar of round it and a tab"),
            Map.entry(
                    "weave",
                    "Stakes: n of them, even; rows: height ÷ the weaver; each weaver 2 × round it ÷ n less a stake, and its tucks"),
            Map.entry(
                    "ropes",
                    "Strands of δ with the lay λ take up √(1 + (πδ/λ)²) − 1 and slope by atan(πδ/λ); 2 × round it ÷ 2p strands"),
            Map.entry(
                    "art",
                    "The drawing is scaled to its height; a width w on a round of R is seen as 2R·sin(w/2R); a cord is as long as the outline and a lap"),
            Map.entry(
                    "finish",
                    "Area × faces × passes × what goes on 100 cm²; of edges their length × how wide they are"));

    private Formulas() {}

    /** None for a technique that is not here, which no technique of the catalogue may be. */
    @Absent
    static String of(String technique) {
        return BY_TECHNIQUE.get(technique);
    }
}
