package sectorum.technique;

import java.util.List;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Every technique there is, in the order of the tray. A new one is one row here. */
public final class Catalogue {
    private static final List<Technique> ALL = List.of(
            new SwagLine(),
            new Crescent(),
            new Drape(),
            new Jabot(),
            new Pennants(),
            new Garland(),
            new RuffleRows(),
            new Coverage(),
            new Strewing(),
            new GatheredCircles(),
            new Clusters(),
            new Tiles(),
            new BoardRibbon(),
            new Panels(),
            new Wraps(),
            new Collars(),
            new Marbled(),
            new Combed(),
            new Stencilled(),
            new Fall(),
            new PearlRow(),
            new PipedBorder(),
            new Piping(),
            new Frames(),
            new DiagonalRuns(),
            new Channels(),
            new Quilting(),
            new Honeycomb(),
            new Squares(),
            new Dots(),
            new FoldedGrid(),
            new Rings(),
            new PressMat(),
            new LevelStripes(),
            new UprightStripes(),
            new BasketWeave(),
            new KnittedRopes(),
            new Art(),
            new Finishing());

    private Catalogue() {}

    public static List<Technique> all() {
        return ALL;
    }

    /** The technique of that name, or refused with the names there are. */
    public static Technique of(String id) {
        return ALL.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "technique",
                        Phrase.of(
                                "A technique \"{}\" is not known. Known: {}.",
                                Quantity.text(id),
                                Quantity.text(String.join(
                                        ", ", ALL.stream().map(Technique::id).toList())))));
    }
}
