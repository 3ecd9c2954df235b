package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.MadeAhead;
import sectorum.ahead.Stage;
import sectorum.build.Planted;
import sectorum.days.Task;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.OwnPiece;
import sectorum.plan.PieceKind;
import sectorum.plan.Plan;
import sectorum.plan.Stick;
import sectorum.technique.Gesture;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;

/** What to do to make a piece ahead, stage by stage, and to put it on. */
final class PieceSteps {
    private static final String WIRE = "Wires never go bare into cake: each into a pick.";
    private static final String PICKS =
            "Picks are counted in, and told to whoever cuts the cake: the take-out list names each.";
    private static final String HOT =
            "Hot sugar burns to the bone: gloves and sleeves, no children near, cold water by, and never touch a drip to"
                    + " test it.";
    private static final String DUST =
            "Wear a mask when brushing or spraying dust, and put only what is sold as edible on anything eaten.";

    private final Plan plan;
    private final StackWorkup worked;
    private final List<TaskSteps.Said> said = new ArrayList<>();

    PieceSteps(Plan plan, StackWorkup worked) {
        this.plan = plan;
        this.worked = worked;
    }

    List<TaskSteps.Said> of(Task t) {
        if (t.kind() == Task.Kind.PLACE) {
            place(t);
        } else {
            making(t);
        }
        return said;
    }

    private void add(Task t, Gesture gesture, Phrase what, String tool, @Absent Phrase check, String caution) {
        said.add(new TaskSteps.Said(
                gesture,
                what,
                tool,
                "",
                t.minutes(),
                null,
                check == null ? List.of() : List.of(check),
                caution,
                false));
    }

    private OwnPiece piece(String id) {
        return worked.pieces(plan).stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private void making(Task t) {
        OwnPiece p = piece(t.about());
        if (p.made() != PieceKind.OWN) {
            stage(t, AheadCatalogue.make(plan, p));
            return;
        }
        String faces = switch (p.resting().faces()) {
            case BOTH -> "with both faces free";
            case TURNED -> "on a flat board, and turn half way";
            case FORMER -> "on a former";
        };
        String hot =
                p.material() != null && p.material().isHot() ? HOT : p.sticks().kind() == Stick.WIRE ? WIRE : "";
        add(
                t,
                Gesture.SHAPE,
                Phrase.of(
                        "Make {} × {}: {} wide, {} high, {} thick, of {}; dry {}.",
                        Quantity.count(p.count()),
                        Quantity.text(p.name()),
                        Quantity.length(p.width()),
                        Quantity.length(p.height()),
                        Quantity.length(p.thickness()),
                        Quantity.text(
                                p.material() == null
                                        ? "what it is made of"
                                        : p.material().words()),
                        Quantity.text(faces)),
                "cutter or template",
                p.picks() == 0
                        ? null
                        : Phrase.of("{} picks are set in each while it is soft.", Quantity.count(p.picks())),
                hot);
    }

    /** What its kind says of the stage. */
    private void stage(Task t, MadeAhead made) {
        int number = t.key().number();
        Stage stage = number == 0 ? made.last() : made.stages().get(number - 1);
        double told = Math.max(1e-9, stage.minutes());
        for (Making.Step step : stage.steps()) {
            said.add(new TaskSteps.Said(
                    step.gesture(),
                    step.what(),
                    step.tool(),
                    "",
                    t.minutes() * step.minutes() / told,
                    step.pause(),
                    step.check() == null ? List.of() : List.of(step.check()),
                    step.caution(),
                    step.lasting()));
        }
    }

    private void place(Task t) {
        OwnPiece p = piece(t.about());
        MadeAhead made = AheadCatalogue.make(plan, p);
        Planted stands = made.planted();
        boolean picked = stands.picks() > 0;
        boolean plain = p.made() == PieceKind.OWN;
        add(
                t,
                picked ? Gesture.INSERT : Gesture.STICK,
                plain
                        ? Phrase.of(
                                "Put {} × {} on, {} {} in each, {} deep.",
                                Quantity.count(p.count()),
                                Quantity.text(p.name()),
                                Quantity.count(stands.picks()),
                                Quantity.text(p.sticks().kind().words()),
                                Quantity.length(stands.buried()))
                        : made.placing().what(),
                plain ? (picked ? "picks" : "royal icing") : made.placing().tool(),
                Phrase.of("Upright, and {} picks counted in.", Quantity.count((long) stands.picks() * p.count())),
                p.sticks().kind() == Stick.WIRE ? WIRE : picked ? PICKS : p.dark() ? DUST : "");
    }
}
