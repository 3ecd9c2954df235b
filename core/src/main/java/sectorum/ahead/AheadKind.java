package sectorum.ahead;

import java.util.List;
import sectorum.finding.Rule;
import sectorum.measure.Field;
import sectorum.measure.Values;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;

/** A kind of piece that is made ahead. Stateless; one file each; see {@link AheadCatalogue}. */
public interface AheadKind {
    /** What plan documents call it; the names of its settings stand there, too. */
    PieceKind kind();

    /** The name on the screen. */
    String name();

    /** The rules it judges by. */
    List<Rule> rules();

    /** Its settings, defaults taken from the piece's size and the settings given. */
    List<Field> fields(Values settings, OwnPiece piece);

    /** Everything that follows from the settings; pure. */
    MadeAhead make(Values settings, OwnPiece piece);
}
