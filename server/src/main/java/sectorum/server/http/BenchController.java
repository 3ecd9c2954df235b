package sectorum.server.http;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.divide.Fold;
import sectorum.divide.Ladder;
import sectorum.divide.Press;
import sectorum.divide.Rehearsal;
import sectorum.measure.Field;
import sectorum.measure.Length;
import sectorum.measure.LengthUnit;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.Tier;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.turn.House;
import sectorum.server.turn.Preferences;
import sectorum.server.turn.Turn;
import sectorum.side.Reading;
import sectorum.technique.Catalogue;

/** What can be chosen and typed, how a typed length is read, and how this person likes to see it. */
@RestController
@RequestMapping("/api")
class BenchController {
    private final Turn turn;
    private final Cupboard cupboard;

    BenchController(Turn turn, Cupboard cupboard) {
        this.turn = turn;
        this.cupboard = cupboard;
    }

    /** A kind of outline and the sizes that it asks for. */
    record Kind(String kind, String label, List<Field> fields) {}

    /** A technique of the tray. */
    record Offered(String id, String name, boolean covers) {}

    /** All that is the same for every plan. */
    record Choices(
            List<Kind> outlines,
            List<Offered> techniques,
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

    /** A typed length as it was understood. */
    record Understood(double mm, String shown) {}

    @GetMapping("/catalogue")
    Choices catalogue() {
        return new Choices(
                Arrays.stream(OutlineKind.values())
                        .map(k -> new Kind(k.key(), k.label(), k.fields()))
                        .toList(),
                Catalogue.all().stream()
                        .map(t -> new Offered(t.id(), t.name(), t.covers()))
                        .toList(),
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
    Understood length(@RequestParam String field, @RequestParam String typed, @RequestParam LengthUnit unit) {
        Length length = Length.parse(field, typed, unit);
        return new Understood(length.mm(), length.show(unit));
    }

    @GetMapping("/names")
    Turn.Names names() {
        return turn.names();
    }

    /** The bench that questions about plans are asked with. */
    @GetMapping("/bench")
    Bench bench() {
        return cupboard.bench();
    }

    @GetMapping("/house")
    House house() {
        return turn.house();
    }

    @PutMapping("/house")
    House settle(@RequestBody House house) {
        return turn.settle(house);
    }

    @GetMapping("/preferences")
    Preferences preferences() {
        return turn.person().preferences();
    }

    @PutMapping("/preferences")
    Preferences prefer(@RequestBody Preferences preferences) {
        return turn.prefer(preferences);
    }
}
