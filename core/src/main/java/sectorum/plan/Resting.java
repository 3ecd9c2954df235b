package sectorum.plan;

import java.util.List;
import sectorum.bench.Storage;
import sectorum.measure.Absent;

/**
 * How a piece made ahead is left alone.
 *
 * @param faces how much air it gets
 * @param stated hours that somebody stated for it; absent: by the formula, as an estimate
 * @param storage where it lies meanwhile
 * @param until what it waits for; absent: by its place, see {@link OwnPiece#until()}
 * @param layer laid over its free face; absent: none
 * @param weighed one of them while it dries, in the order of hours; absent: never
 */
public record Resting(
        OwnPiece.Faces faces,
        @Absent Span stated,
        Storage storage,
        @Absent OwnPiece.Until until,
        @Absent Layer layer,
        @Absent List<Weighing> weighed) {
    /** As it usually rests: in the room, both faces free. */
    public static final Resting USUAL = new Resting(null, null, null, null, null);

    /** One that nobody has weighed. */
    public Resting(
            OwnPiece.Faces faces,
            @Absent Span stated,
            Storage storage,
            @Absent OwnPiece.Until until,
            @Absent Layer layer) {
        this(faces, stated, storage, until, layer, null);
    }

    public Resting {
        faces = faces == null ? OwnPiece.Faces.BOTH : faces;
        storage = storage == null ? Storage.ROOM : storage;
        weighed = weighed == null || weighed.isEmpty() ? null : Weighing.inOrder(weighed);
    }
}
