package sectorum.ahead;

import java.util.Map;
import java.util.TreeMap;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Values;
import sectorum.plan.Eaten;
import sectorum.plan.Labour;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Resting;
import sectorum.plan.Stick;
import sectorum.plan.Sticks;

/** Puts a ready piece together: what most of its kind are like. */
final class Offer {
    private final PieceKind kind;
    private final String id;
    private final String name;
    private final Map<String, Object> settings = new TreeMap<>();
    private double width = 60;
    private double height = 60;
    private double thickness = 3;
    private int count = 1;
    private Material material = Material.GUM;
    private OwnPiece.On on = OwnPiece.On.TOP;
    private Eaten eaten = Eaten.HARD;
    private Stick stick = Stick.PICK;

    Offer(PieceKind kind, String id, String name) {
        this.kind = kind;
        this.id = id;
        this.name = name;
    }

    Offer sized(double wide, double high, double thick) {
        width = whole(wide);
        height = whole(high);
        thickness = thick;
        return this;
    }

    private static double whole(double mm) {
        return Math.max(2, Math.min(800, Elementary.rint(mm)));
    }

    Offer many(int other) {
        count = other;
        return this;
    }

    Offer of(Material other) {
        material = other;
        return this;
    }

    Offer on(OwnPiece.On other) {
        on = other;
        return this;
    }

    Offer eaten(Eaten other) {
        eaten = other;
        return this;
    }

    Offer held(Stick other) {
        stick = other;
        return this;
    }

    Offer with(String setting, Object value) {
        settings.put(setting, value);
        return this;
    }

    OwnPiece made() {
        return new OwnPiece(
                id,
                name,
                kind,
                new Values(settings),
                kind == PieceKind.OWN ? OwnPiece.Form.PLAQUE : OwnPiece.Form.FIGURE,
                width,
                height,
                thickness,
                count,
                material,
                null,
                false,
                new OwnPiece.Seat("", on, 0, 0, 0),
                new Labour(null, 5, true, 0),
                Resting.USUAL,
                new Sticks(stick, null, null),
                eaten);
    }
}
