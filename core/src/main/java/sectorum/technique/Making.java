package sectorum.technique;

import java.util.List;
import sectorum.bench.Storage;
import sectorum.bench.ThingKind;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Values;

/**
 * What has to be made for a dressing, and how it goes on.
 *
 * @param cuts what is cut, moulded or piped, one line for each distinct piece
 * @param used what it takes, net: without spares and off-cuts
 * @param adhesive what holds it
 * @param why the adhesive's reason
 * @param steps in order of work
 * @param tools what it asks of the cupboard, by size
 * @param powder CMC kneaded into its paste, g/kg
 * @param unstacked whether it goes onto its tier while that stands alone: a wrap is pressed onto one chilled tier
 * @param wanted what is made ahead for it, and set in its steps
 * @param layers in the order of laying, where the first laid is what shows; empty: it is laid as it is seen
 * @param out what of it comes out again before the cake is cut
 * @param turns each time it is turned over on its way to the cake; empty: it is never turned
 */
public record Making(
        List<Cut> cuts,
        List<Used> used,
        String adhesive,
        String why,
        List<Step> steps,
        List<Tool> tools,
        double powder,
        boolean unstacked,
        List<Turn> turns,
        List<Wanted> wanted,
        List<Out> out,
        List<Phrase> layers) {
    public Making {
        layers = List.copyOf(layers);
        out = List.copyOf(out);
        wanted = List.copyOf(wanted);
        tools = List.copyOf(tools);
        turns = List.copyOf(turns);
        cuts = List.copyOf(cuts);
        used = List.copyOf(used);
        steps = List.copyOf(steps);
    }

    /**
     * A line of the cut list.
     *
     * @param thickness of the rolled paste, mm; 0 for what is not cut from a sheet
     * @param colour index into the dressing's colours
     * @param width of the flat piece before bending, mm
     * @param height of the flat piece, mm
     * @param outline the flat piece: x0, y0, x1, y1, … in mm; empty for what is not cut from a sheet
     * @param spare whole pieces beside those needed
     * @param each grams of one; 0 where its material is told by length
     */
    public record Cut(
            Phrase what,
            Material material,
            double thickness,
            int colour,
            double width,
            double height,
            List<Double> outline,
            int count,
            int spare,
            double each) {
        public Cut {
            outline = List.copyOf(outline);
        }
    }

    /** Nothing of it is told, as to whoever only looks at what was made. */
    public Making unseen() {
        return new Making(
                List.of(), List.of(), "", "", List.of(), List.of(), 0, false, List.of(), List.of(), List.of(),
                List.of());
    }

    /** The index of what no colour of the palette is given to. */
    public static final int UNCOLOURED = -1;

    /**
     * A material used.
     *
     * @param colour index into the dressing's colours, or {@link #UNCOLOURED}
     * @param grams net
     * @param length of what is extruded or piped, mm; 0 for what is cut
     */
    public record Used(Material material, int colour, double thickness, double grams, double length) {}

    /**
     * One step.
     *
     * @param gesture what the hand does
     * @param tool what it is done with
     * @param minutes how long hands are busy
     * @param pause how long it is left alone after, where it must be
     * @param check what to look at before going on; absent: nothing in particular
     * @param caution a hazard and how to keep out of it, or nothing
     * @param lasting whether it cannot be undone
     * @param soft whether it is done within the hour after the covering, while that is soft (craft 1)
     */
    public record Step(
            Gesture gesture,
            Phrase what,
            String tool,
            double minutes,
            @Absent Pause pause,
            @Absent Phrase check,
            String caution,
            boolean lasting,
            boolean soft) {
        /** One that is nothing but done. */
        public static Step of(Gesture gesture, Phrase what, String tool, double minutes) {
            return new Step(gesture, what, tool, minutes, null, null, "", false, false);
        }

        Step checked(Phrase looked) {
            return new Step(gesture, what, tool, minutes, pause, looked, caution, lasting, soft);
        }

        /** The same in so many minutes. */
        public Step taking(double other) {
            return new Step(gesture, what, tool, other, pause, check, caution, lasting, soft);
        }

        /** The same left alone so. */
        public Step resting(Pause other) {
            return new Step(gesture, what, tool, minutes, other, check, caution, lasting, soft);
        }

        /** The same in other words. */
        public Step saying(Phrase other) {
            return new Step(gesture, other, tool, minutes, pause, check, caution, lasting, soft);
        }

        Step asLasting() {
            return new Step(gesture, what, tool, minutes, pause, check, caution, true, soft);
        }
    }

    /**
     * Something of a size that is worked with.
     *
     * @param field the setting that its size comes from, so that the one owned can be taken instead; empty: none
     * @param size mm, as things of the kind are measured
     * @param slack how far off one still serves, mm
     */
    public record Tool(ThingKind kind, String field, double size, double slack) {}

    /**
     * Pieces that a dressing has made ahead: how they are made, dried and weighed, their kind knows.
     *
     * @param kind as plan documents call it
     * @param what they are
     * @param settings of the kind
     * @param size across, mm
     * @param colour index into the dressing's colours
     * @param minutes hands for one
     * @param onFormer whether they dry on formers
     */
    public record Wanted(
            String kind,
            String what,
            Values settings,
            double size,
            double thickness,
            Material material,
            int colour,
            int count,
            double minutes,
            boolean onFormer) {}

    /** Things that are not eaten and come out again: wires, picks, a ribbon. */
    public record Out(String what, int count) {}

    /** One contact of two faces: what lies on what. Every one of them turns a design over once (craft 7). */
    public record Turn(Phrase contact) {}

    /** Whether a design is drawn mirrored so that it comes out right: every second turn undoes the one before. */
    public boolean isMirrored() {
        return turns.size() % 2 == 1;
    }

    /**
     * How long something is left alone, minutes.
     *
     * @param storage where
     * @param where the same in words, with what to look for
     */
    public record Pause(double least, double most, Storage storage, String where) {}

    /** The same built in reverse of these layers. */
    public Making laid(List<Phrase> reversed) {
        return new Making(cuts, used, adhesive, why, steps, tools, powder, unstacked, turns, wanted, out, reversed);
    }

    /** The same in other steps. */
    public Making in(List<Step> others) {
        return new Making(cuts, used, adhesive, why, others, tools, powder, unstacked, turns, wanted, out, layers);
    }

    /** Hands for all steps, minutes. */
    public double minutes() {
        return steps.stream().mapToDouble(Step::minutes).reduce(0, Double::sum);
    }

    /** Net of everything used, g; what is made ahead for it is not in it. */
    public double grams() {
        return used.stream().mapToDouble(Used::grams).reduce(0, Double::sum);
    }

    /** Pieces of its own cut list. */
    public int cutPieces() {
        return cuts.stream().mapToInt(Cut::count).sum();
    }

    /** Spares of its own cut list. */
    public int cutSpares() {
        return cuts.stream().mapToInt(Cut::spare).sum();
    }

    /** Pieces that go on, those made ahead with them. */
    public int pieces() {
        return wanted.stream().mapToInt(Wanted::count).sum() + cutPieces();
    }

    /** Whole pieces beside those needed. */
    public int spares() {
        return wanted.stream().mapToInt(w -> w.material().spare().of(w.count())).sum() + cutSpares();
    }
}
