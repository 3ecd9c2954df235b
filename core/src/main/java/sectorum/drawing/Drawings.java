package sectorum.drawing;

import java.util.List;
import java.util.function.Supplier;

/** Templates that are drawn when they are asked for: an edit does not wait for what is only printed. */
public final class Drawings {
    private final Supplier<List<Drawing>> drawn;

    private Drawings(Supplier<List<Drawing>> drawn) {
        this.drawn = drawn;
    }

    public static Drawings when(Supplier<List<Drawing>> drawn) {
        return new Drawings(drawn);
    }

    public List<Drawing> all() {
        return List.copyOf(drawn.get());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Drawings drawings && all().equals(drawings.all());
    }

    @Override
    public int hashCode() {
        return all().hashCode();
    }
}
