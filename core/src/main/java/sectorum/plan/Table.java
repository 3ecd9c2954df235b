package sectorum.plan;

import java.util.List;
import java.util.Map;
import sectorum.bench.Thing;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * How a plan is made: the room, the board, and what has been done at the table.
 *
 * @param humidity of the room, a share of one; absent: half
 * @param celsius of the room, °C; absent: 20
 * @param base the board under the cake
 * @param ticked lines of the cut list that are done
 * @param made batches that are made, and what they took from the cupboard
 * @param yields pieces counted from one sheet, by line of the cut list; they win over the nest
 * @param wanted things meant to be bought for this plan
 * @param recipes that batches are made by where somebody has said, by batch; absent: none
 * @param joints what a dressing is stuck with where it is not the usual, by {@code tier/dressing}
 */
public record Table(
        @Absent Double humidity,
        @Absent Double celsius,
        @Absent Base base,
        List<String> ticked,
        List<Made> made,
        Map<String, Integer> yields,
        List<Thing> wanted,
        Map<String, Adhesive> joints,
        @Absent Map<String, String> recipes) {
    public static final Field HUMIDITY =
            Field.share("humidity", "Humidity", 0.05, 1, 0.5, "Read it off a hygrometer, or leave it.");
    /** Above this share of humidity, or this warmth, soft paste needs powder to stand (craft 4.2, 4.3). */
    private static final double DAMP = 0.6;

    private static final double HOT = 24;

    public static final Table USUAL = new Table(null, null, null, List.of(), List.of(), Map.of(), List.of(), Map.of());

    /** A table whose batches say no recipe. */
    public Table(
            @Absent Double humidity,
            @Absent Double celsius,
            @Absent Base base,
            List<String> ticked,
            List<Made> made,
            Map<String, Integer> yields,
            List<Thing> wanted,
            Map<String, Adhesive> joints) {
        this(humidity, celsius, base, ticked, made, yields, wanted, joints, null);
    }

    /**
     * The board under the cake.
     *
     * @param across its diameter, or its side, mm
     * @param material what it is covered with; absent: bare
     * @param thickness of the covering, mm
     * @param colour of the palette
     */
    public record Base(
            double across,
            @Absent Material material,
            double thickness,
            @Absent String colour) {
        public static final Field ACROSS =
                Field.length("base.across", "The board", 60, 1500, 300, "Give the board under the cake.");
        public static final Field THICKNESS =
                Field.length("base.thickness", "Its covering", 0, 20, 3, "Boards are covered thin.");

        public Base {
            ACROSS.check(across);
            THICKNESS.check(thickness);
        }
    }

    /** A batch that is made. */
    public record Made(String batch, List<Taken> taken) {
        public Made {
            batch = Check.words("made.batch", "A batch", batch, 1, 120);
            taken = Check.list("made.taken", "Takings", taken, 0, 200);
        }
    }

    /** Grams or pieces taken from a thing in the cupboard. */
    public record Taken(long thing, double amount) {}

    public Table {
        if (humidity != null) {
            HUMIDITY.check(humidity);
        }
        if (celsius != null && !(celsius >= -5 && celsius <= 45)) {
            throw new Refused(
                    "celsius",
                    Phrase.of(
                            "A room of {} °C is outside {} to {}. Read the thermometer again.",
                            Quantity.plain(celsius),
                            Quantity.count(-5),
                            Quantity.count(45)));
        }
        ticked = Check.list("ticked", "Ticked lines", ticked, 0, 2000);
        made = Check.list("made", "Batches made", made, 0, 500);
        wanted = Check.list("wanted", "Things wanted", wanted, 0, 200);
        yields = Check.map("yields", "Yields", yields);
        joints = Check.map("joints", "Joints", joints);
        recipes = recipes == null || recipes.isEmpty() ? null : Check.map("recipes", "Recipes", recipes);
        yields.forEach((line, many) -> {
            if (many < 1 || many > 100_000) {
                throw new Refused(
                        "yields",
                        Phrase.of(
                                "{} pieces from a sheet is outside {} to {}. Count them on one sheet.",
                                Quantity.text("" + many),
                                Quantity.count(1),
                                Quantity.count(100_000)));
            }
        });
    }

    /** Humidity of the room, a share of 1. */
    public double humid() {
        return humidity == null ? ((Number) HUMIDITY.fallback()).doubleValue() : humidity;
    }

    /** Warmth of the room, °C. */
    public double warm() {
        return celsius == null ? 20 : celsius;
    }

    public boolean isMade(String batch) {
        return made.stream().anyMatch(m -> m.batch().equals(batch));
    }

    /** The recipe that a batch is made by; absent: nobody has said. */
    @Absent
    public String recipe(String batch) {
        return recipes == null ? null : recipes.get(batch);
    }

    /** Whether soft paste needs help to stand. */
    public boolean isClose() {
        return humid() > DAMP || warm() > HOT;
    }

    /** The same for another order of the design: nothing done, nothing taken. */
    public Table untouched() {
        return new Table(humidity, celsius, base, List.of(), List.of(), yields, wanted, joints, recipes);
    }
}
