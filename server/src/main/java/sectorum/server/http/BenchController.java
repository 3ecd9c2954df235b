package sectorum.server.http;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import sectorum.ahead.AheadCatalogue;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.divide.Fold;
import sectorum.divide.Ladder;
import sectorum.divide.Press;
import sectorum.divide.Rehearsal;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.LengthUnit;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.PieceKind;
import sectorum.plan.Tier;
import sectorum.question.LengthRequest;
import sectorum.recipe.RecipeBook;
import sectorum.server.audit.Audit;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.tenancy.Preferences;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopSettings;
import sectorum.surface.Reading;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.workup.Workup;

/** What can be chosen and typed, how a typed length is read, and how this person likes to see it. */
@RestController
@RequestMapping("/api")
class BenchController {
    private final Tenancy tenancy;
    private final Cupboard cupboard;
    private final Audit audit;

    BenchController(Tenancy tenancy, Cupboard cupboard, Audit audit) {
        this.tenancy = tenancy;
        this.cupboard = cupboard;
        this.audit = audit;
    }

    /** A kind of outline and the sizes that it asks for. */
    record Kind(String kind, String label, List<Field> fields) {}

    /** A technique of the tray. */
    record Offered(
            String id, String name, Set<SurfaceKind> surfaces, boolean covers, boolean partial, boolean finishes) {}

    /** A kind of piece made ahead. */
    record AheadChoice(PieceKind kind, String name) {}

    /** All that is the same for every plan. */
    record Choices(
            List<Kind> outlines,
            List<Offered> techniques,
            List<AheadChoice> ahead,
            List<MaterialChoice> materials,
            Field height,
            Field coat,
            Field count,
            Field wanted,
            Field readFoot,
            Field readTop,
            Field readHeight,
            Field hand,
            Field humidity,
            Field base,
            Field baseThickness,
            Field margin,
            Field pressCutter,
            Field pressSpace,
            Field foldShape) {}

    /**
     * A material to choose.
     *
     * @param coats whether tiers are coated or covered with it
     * @param pieces whether a piece can be made of it
     * @param dries whether it dries hard, or firm
     * @param fills whether layers are filled with it
     * @param made whether a recipe can make it
     */
    record MaterialChoice(
            Material material,
            String words,
            boolean coats,
            boolean pieces,
            boolean dries,
            boolean fills,
            boolean made) {
        static MaterialChoice of(Material m) {
            return new MaterialChoice(
                    m,
                    m.words(),
                    m.coats(),
                    m.isShaped(),
                    !Double.isNaN(m.dryingHours()),
                    m.fills(),
                    !m.isBoughtReady() || RecipeBook.usual(m).isPresent());
        }
    }

    @GetMapping("/catalogue")
    Choices catalogue() {
        return new Choices(
                Arrays.stream(OutlineKind.values())
                        .map(k -> new Kind(k.key(), k.label(), k.fields()))
                        .toList(),
                Catalogue.all().stream()
                        .map(t -> new Offered(
                                t.id(), t.name(), new TreeSet<>(t.surfaces()), t.covers(), t.isPartial(), t.finishes()))
                        .toList(),
                AheadCatalogue.all().stream()
                        .map(k -> new AheadChoice(k.kind(), k.name()))
                        .toList(),
                Arrays.stream(Material.values()).map(MaterialChoice::of).toList(),
                Tier.HEIGHT,
                Coat.THICKNESS,
                Division.COUNT,
                Ladder.WANTED,
                Reading.field(Reading.What.FOOT),
                Reading.field(Reading.What.TOP),
                Reading.field(Reading.What.HEIGHT),
                Rehearsal.HAND,
                sectorum.plan.Table.HUMIDITY,
                sectorum.plan.Table.Base.ACROSS,
                sectorum.plan.Table.Base.THICKNESS,
                Coat.MARGIN,
                Press.CUTTER,
                Press.SPACE,
                Fold.SHAPE);
    }

    /** Reads a length as a person typed it; without a unit it is in the one given. */
    @GetMapping("/length")
    LengthRequest.Understood length(
            @RequestParam String field, @RequestParam String typed, @RequestParam LengthUnit unit) {
        return new LengthRequest(field, typed, unit).answer(Workup::tier);
    }

    @GetMapping("/names")
    Tenancy.Names names() {
        return tenancy.names();
    }

    /** The bench that questions about plans are asked with. */
    @GetMapping("/bench")
    Bench bench() {
        return cupboard.bench();
    }

    @GetMapping("/workshop")
    WorkshopSettings settings() {
        return tenancy.settings();
    }

    @PutMapping("/workshop")
    WorkshopSettings settle(@RequestBody WorkshopSettings settings) {
        audit.tellOnce(Audit.Kind.SETTINGS, "Changed what holds for the whole workshop");
        return tenancy.settle(settings);
    }

    @GetMapping("/preferences")
    Preferences preferences() {
        return tenancy.person().preferences();
    }

    @PutMapping("/preferences")
    Preferences prefer(@RequestBody Preferences preferences) {
        return tenancy.prefer(preferences);
    }
}
