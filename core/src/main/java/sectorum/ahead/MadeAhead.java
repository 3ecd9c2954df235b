package sectorum.ahead;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import sectorum.art.Rings;
import sectorum.bench.Bases;
import sectorum.bench.Basis;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.bench.Subject;
import sectorum.build.Planted;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.plan.OwnPiece;
import sectorum.technique.Making;

/**
 * What follows for a piece made ahead.
 *
 * @param components what one is put together from, in order of work
 * @param look what is seen of one, in space
 * @param front the outline around it, seen from the front
 * @param planted how one stands in the cake
 * @param grams of one
 * @param adhesive what holds it beside, or instead of, its picks
 * @param stages of making all of them, in order
 * @param placing all of them on the cake
 * @param drawings its templates
 * @param tools what it asks of the cupboard, by size; their fields are the piece's own
 * @param out what of one is not eaten, its picks left out: wires, sticks, a bought ornament
 */
public record MadeAhead(
        List<Component> components,
        List<Face> look,
        Rings front,
        Planted planted,
        double grams,
        Adhesive adhesive,
        List<Stage> stages,
        Making.Step placing,
        Drawings drawings,
        List<Making.Out> out,
        List<Making.Tool> tools,
        List<Finding> findings) {
    public MadeAhead {
        components = List.copyOf(components);
        look = List.copyOf(look);
        stages = List.copyOf(stages);
        out = List.copyOf(out);
        tools = List.copyOf(tools);
        findings = List.copyOf(findings);
    }

    /** The last stage: what it waits for is what the cake waits for. */
    public Stage last() {
        return stages.get(stages.size() - 1);
    }

    /** All that hands do, in order. */
    public List<Making.Step> steps() {
        List<Making.Step> steps = new ArrayList<>();
        stages.forEach(s -> steps.addAll(s.steps()));
        steps.add(placing);
        return steps;
    }

    /** The same at a workshop's own pace, weights and drying. */
    MadeAhead at(OwnRates rates, OwnPiece piece) {
        if (rates.isEmpty()) {
            return this;
        }
        double pace = piece.labour().minutes() == null ? rates.time(subject(piece)) : 1;
        double plain = 0;
        double own = 0;
        for (Component c : components) {
            plain += c.each() * c.grams();
            own += c.each() * c.grams() * rates.weight(c.material());
        }
        return new MadeAhead(
                components,
                look,
                front,
                planted,
                plain > 0 ? grams * own / plain : grams,
                adhesive,
                stages.stream()
                        .map(s -> s.at(
                                pace,
                                s.dries() == null
                                        ? null
                                        : rates.drying(s.dries().material())))
                        .toList(),
                placing.taking(placing.minutes() * rates.time(Subject.task("place"))),
                drawings,
                out,
                tools,
                findings);
    }

    /** The same in other stages, and placed otherwise. */
    MadeAhead in(List<Stage> others, Making.Step placed) {
        return new MadeAhead(
                components, look, front, planted, grams, adhesive, others, placed, drawings, out, tools, findings);
    }

    /** What rates of such a piece are about. */
    public static String subject(OwnPiece piece) {
        return Subject.piece(piece.made().name().toLowerCase(Locale.ROOT));
    }

    /** The share of them that breaks: as its plan says, else as was counted here; absent: nobody knows. */
    @Absent
    public static Double breaks(OwnPiece piece, @Absent Material material, OwnRates rates) {
        OwnRate counted = rates.breakage(subject(piece), material);
        return piece.breaks() != null ? piece.breaks() : counted == null ? null : (Double) counted.value();
    }

    /** What its estimates rest on. */
    public Bases bases(OwnRates rates, OwnPiece piece) {
        OwnRate counted = rates.breakage(subject(piece), piece.material());
        return new Bases(
                piece.labour().minutes() == null ? rates.timeBasis(subject(piece)) : Basis.STATED,
                piece.breaks() != null ? Basis.STATED : counted == null ? Basis.PLAIN_SPARES : counted.basis(),
                rates.weightBasis(components.stream()
                        .map(Component::material)
                        .filter(m -> m != null)
                        .distinct()
                        .toList()));
    }

    /** Hands to make all of them, without placing. */
    public double minutes() {
        return stages.stream().mapToDouble(Stage::minutes).reduce(0, Double::sum);
    }
}
