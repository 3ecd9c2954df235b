package sectorum.notebook;

import java.util.List;
import java.util.Set;
import sectorum.bench.Subject;
import sectorum.days.Air;
import sectorum.days.Drying;
import sectorum.days.WeighIn;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.OwnPiece;
import sectorum.plan.Weighing;
import sectorum.technique.CoverCount;

/**
 * Something measured for its own sake, no job around it: ten pieces weighed, a patch covered, a piece watched while it cooled, or
 * weighed while it dried. One of them.
 *
 * @param at when, local, ISO
 * @param paste its material
 */
public record Measured(
        String at,
        String who,
        Material paste,
        @Absent PiecesWeighed ten,
        @Absent PatchLaid patch,
        @Absent WorkRecord.CoolingSeen cooling,
        @Absent DryingWeighed drying) {
    private static final String JOB = "Measured at the bench";

    /**
     * Pieces of a known size on the scale (craft 4.3).
     *
     * @param width mm; of round ones their diameter
     * @param height mm; of round ones not looked at
     * @param grams of all of them together
     */
    public record PiecesWeighed(
            double width, double height, double thickness, boolean round, int pieces, double grams) {
        private static final Field SIZE =
                Field.length("ten.width", "A piece", 1, 1000, 40, "Measure one of them across.");
        private static final Field THICK =
                Field.length("ten.thickness", "Its thickness", 0.3, 30, 3, "Measure one of them at its edge.");
        private static final Field MANY = Field.count("ten.pieces", "Pieces weighed", 1, 1000, 10, "Ten are enough.");

        public PiecesWeighed {
            SIZE.check(width);
            if (!round) {
                SIZE.check(height);
            }
            THICK.check(thickness);
            MANY.check(pieces);
        }

        /** What the table says of all of them, g. */
        double plain(Material paste) {
            double area = round ? Math.PI / 4 * width * width : width * height;
            return pieces * paste.sheet(area, thickness);
        }
    }

    /**
     * A square patch covered as one likes it with round pieces (craft 3F).
     *
     * @param side of the patch, mm
     * @param across a piece, mm
     */
    public record PatchLaid(double side, double across, int counted) {
        private static final Field SIDE =
                Field.length("patch.side", "The patch", 20, 500, 60, "Cover a square as large as your palm.");
        private static final Field ACROSS =
                Field.length("patch.across", "A piece", 3, 100, 20, "Measure one of them across.");

        public PatchLaid {
            SIDE.check(side);
            ACROSS.check(across);
        }
    }

    /**
     * A piece weighed while it dried (craft 4.2).
     *
     * @param thickness mm
     * @param humidity of the room, a share of one
     */
    public record DryingWeighed(
            double thickness, OwnPiece.Faces faces, boolean dark, double humidity, List<Weighing> weighings) {
        public DryingWeighed {
            faces = Given.in("drying.faces", faces);
            weighings = List.copyOf(Given.all("drying.weighings", weighings));
        }
    }

    public Measured {
        paste = Given.in("paste", paste);
        int told =
                (ten == null ? 0 : 1) + (patch == null ? 0 : 1) + (cooling == null ? 0 : 1) + (drying == null ? 0 : 1);
        if (told != 1) {
            throw new Refused(
                    "measured", Phrase.of("{} things were measured at once. Send one of them.", Quantity.count(told)));
        }
    }

    /** As the notebook keeps it: it counts at once, for whoever measures it means it. */
    public WorkRecord record() {
        String words = paste.words();
        if (ten != null) {
            WorkRecord.WeightUsed weight = new WorkRecord.WeightUsed(ten.plain(paste), ten.grams(), false);
            return of(Subject.task("knead"), ten.pieces() + " pieces of " + words + " weighed", weight, null, null);
        }
        if (patch != null) {
            WorkRecord.PatchCovered laid = new WorkRecord.PatchCovered(
                    CoverCount.inArea(patch.side() * patch.side(), patch.across()), patch.counted());
            return of(Subject.dressing("cover"), "A patch covered with " + words, null, null, laid);
        }
        if (cooling != null) {
            return of(Subject.piece("nail_flower"), "Cooling of " + words, null, null, null);
        }
        return of(Subject.piece("own"), words + " weighed while it dried", null, dried(), null);
    }

    private WorkRecord.DryingSeen dried() {
        double plain =
                Drying.hours(paste, drying.thickness(), drying.faces(), drying.dark()) * Air.factor(drying.humidity());
        WeighIn fit = WeighIn.of(drying.weighings());
        if (fit == null || Double.isNaN(plain)) {
            throw new Refused(
                    "drying.weighings",
                    Phrase.of(
                            "{} weighings of {} say nothing yet. Weigh a piece that dries at least {} times, hours apart.",
                            Quantity.count(drying.weighings().size()),
                            Quantity.text(paste.words()),
                            Quantity.count(WeighIn.LEAST)));
        }
        return new WorkRecord.DryingSeen(plain, fit.stands(), fit.hard());
    }

    private WorkRecord of(
            String subject,
            String name,
            @Absent WorkRecord.WeightUsed weight,
            @Absent WorkRecord.DryingSeen dried,
            @Absent WorkRecord.PatchCovered laid) {
        return new WorkRecord(
                null,
                null,
                JOB,
                at,
                subject,
                name,
                "",
                who,
                paste,
                null,
                null,
                weight,
                dried,
                cooling,
                laid,
                drying == null ? null : (Double) drying.humidity(),
                null,
                "",
                List.of(),
                null,
                List.of(),
                Set.of());
    }
}
