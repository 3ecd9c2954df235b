package sectorum.handover;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;

/**
 * What goes with the cake to whoever serves it (craft 5.5, 7): in plain words, with nothing left to guess.
 *
 * @param readyBy local, ISO; absent: no day yet
 * @param whole how high and heavy it is
 * @param parts what is where, and whether it is eaten
 * @param out what comes out before anybody eats, counted, with its places
 * @param allergens by the materials used
 * @param unwanted what the brief says must not be in it
 * @param uncooled minutes that it is out of the fridge by the schedule; absent: it never was in one, or has no day
 * @param lifting how it is carried
 * @param portions slices of each tier that is cake, the topmost first
 * @param slices of them all
 * @param cutting in which order it is taken apart and cut
 * @param cautions collected from all steps, each once
 */
public record Handover(
        String name,
        String client,
        String place,
        @Absent String readyBy,
        Phrase whole,
        List<Handed> parts,
        List<Handed> out,
        List<Allergen> allergens,
        String unwanted,
        @Absent Long uncooled,
        List<Phrase> lifting,
        List<Portions> portions,
        int slices,
        List<Phrase> cutting,
        List<String> cautions) {
    public Handover {
        parts = List.copyOf(parts);
        out = List.copyOf(out);
        allergens = List.copyOf(allergens);
        lifting = List.copyOf(lifting);
        portions = List.copyOf(portions);
        cutting = List.copyOf(cutting);
        cautions = List.copyOf(cautions);
    }

    /**
     * A part of the cake.
     *
     * @param count how many
     * @param where in words
     * @param eaten eat, edible but hard, or take out
     */
    public record Handed(String what, int count, Phrase where, String eaten) {}

    /** An allergen and what brings it. */
    public record Allergen(String name, List<String> from) {}
}
