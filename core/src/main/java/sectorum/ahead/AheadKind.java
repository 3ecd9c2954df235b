package sectorum.ahead;

import java.util.List;
import sectorum.bench.OwnRates;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.PieceRecipe;

/** A kind of piece that is made ahead. Stateless; one file each; see {@link AheadCatalogue}. */
public interface AheadKind {
    /** What plan documents call it; the names of its settings stand there, too. */
    PieceKind kind();

    /** The name on the screen. */
    String name();

    /** The rules it judges by. */
    List<Rule> rules();

    /** Its settings, defaults taken from the piece's size, the settings given and what it goes onto. */
    List<Field> fields(Values settings, OwnPiece piece, Bed bed);

    /** Everything that follows from the settings; pure. */
    MadeAhead make(Values settings, OwnPiece piece, Bed bed);

    /** What its three measures are. */
    default Sizes sizes() {
        return new Sizes("Width", "Height", "Thickness");
    }

    /** What its colours are for, the first one first. */
    default List<String> colours(Values settings, OwnPiece piece) {
        return List.of("Colour");
    }

    /** The recipe of parts that it follows. */
    @Absent
    default PieceRecipe recipe(Values settings, OwnPiece piece) {
        return null;
    }

    /** The same with what a workshop has seen of it beyond pace, weights and drying. */
    default MadeAhead paced(MadeAhead made, OwnPiece piece, OwnRates rates) {
        return made;
    }

    /** Ready ones to begin with, as large as what they go onto asks; each under a name of its own. */
    List<OwnPiece> offers(Bed bed);

    /**
     * What a kind calls the measures of its pieces.
     *
     * @param height absent: it is not asked for, and likewise the others
     */
    record Sizes(
            String width, @Absent String height, @Absent String thickness) {}
}
