package sectorum.plan;

import java.util.Map;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;

/**
 * A tier's form.
 *
 * @param kind the name of an {@link OutlineKind}
 * @param sizes its sizes by name, mm
 */
public record OutlineSpec(String kind, Values sizes) {
    static final OutlineSpec USUAL = new OutlineSpec("round", new Values(Map.of("diameter", 200.0)));

    public OutlineSpec {
        kind = OutlineKind.of(kind == null ? "round" : kind).key();
        sizes = sizes == null ? Values.NONE : sizes;
    }

    OutlineKind known() {
        return OutlineKind.of(kind);
    }
}
