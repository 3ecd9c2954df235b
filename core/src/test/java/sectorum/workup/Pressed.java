package sectorum.workup;

import java.util.List;
import java.util.Map;
import sectorum.finding.Change;
import sectorum.finding.Mend;
import sectorum.material.Material;
import sectorum.plan.Agenda;
import sectorum.plan.Eaten;
import sectorum.plan.Labour;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Resting;
import sectorum.plan.Stand;
import sectorum.plan.Sticks;
import sectorum.plan.Table;
import sectorum.plan.Tier;

/** A mend of a whole plan pressed, as the screens do it. */
final class Pressed {
    private Pressed() {}

    static Plan on(Plan plan, Mend mend) {
        Plan changed = plan;
        for (Change c : mend.changes()) {
            changed = switch (c.target()) {
                case STAND -> changed.on(stand(changed.stands(), c));
                case PIECE -> piece(changed, c);
                case AGENDA -> changed.on(agenda(changed.settled(), c));
                case TABLE -> changed.on(humid(changed.made(), (Double) c.value()));
                case SETTING -> setting(changed, c);
                case TIER -> formed(changed, c);
                default -> changed;
            };
        }
        return changed;
    }

    private static Plan formed(Plan plan, Change c) {
        Tier t = plan.tier(c.field().split("/")[0]);
        return plan.with(t.formed((OutlineSpec) c.value(), t.height(), t.coats()));
    }

    @SuppressWarnings("unchecked")
    private static Stand stand(Stand s, Change c) {
        return switch (c.field()) {
            case "rod" -> new Stand(Stand.Rod.PLASTIC, s.carries(), s.board(), s.centre(), s.cakes(), s.shifts());
            case "centre" -> new Stand(s.rod(), s.carries(), s.board(), (Boolean) c.value(), s.cakes(), s.shifts());
            default ->
                new Stand(s.rod(), s.carries(), s.board(), s.centre(), s.cakes(), (Map<String, Stand.Shift>) c.value());
        };
    }

    private static Plan piece(Plan plan, Change c) {
        String[] at = c.field().split("/");
        OwnPiece p = plan.pieces().stream()
                .filter(o -> o.id().equals(at[0]))
                .findFirst()
                .orElseThrow();
        return plan.with(
                switch (at[1]) {
                    case "width" -> p.sized((Double) c.value(), p.height());
                    case "seat" -> p.at((OwnPiece.Seat) c.value());
                    case "thickness" -> p.thick((Double) c.value());
                    // A plain piece has none.
                    case "settings" -> at.length > 2 ? p.set(at[2], c.value()) : p;
                    case "height" -> p.sized(p.width(), (Double) c.value());
                    case "kind" ->
                        new OwnPiece(
                                p.id(),
                                p.name(),
                                p.form(),
                                p.width(),
                                p.height(),
                                p.thickness(),
                                p.count(),
                                p.material(),
                                p.dark(),
                                p.seat(),
                                p.labour(),
                                p.resting(),
                                p.sticks(),
                                p.eaten());
                    case "count" -> p.many((Integer) c.value());
                    case "material" -> p.of(Material.of((String) c.value()));
                    case "resting" -> p.aired(((Resting) c.value()).faces());
                    case "sticks" ->
                        new OwnPiece(
                                p.id(),
                                p.name(),
                                p.form(),
                                p.width(),
                                p.height(),
                                p.thickness(),
                                p.count(),
                                p.material(),
                                p.dark(),
                                p.seat(),
                                p.labour(),
                                p.resting(),
                                (Sticks) c.value(),
                                p.eaten());
                    default -> throw new AssertionError("No mend changes a piece's " + at[1]);
                });
    }

    @SuppressWarnings("unchecked")
    private static Agenda agenda(Agenda a, Change c) {
        return switch (c.field()) {
            case "fixed" ->
                new Agenda(
                        a.done(),
                        (Map<String, String>) c.value(),
                        a.split(),
                        a.own(),
                        a.waits(),
                        a.air(),
                        a.dressFirst());
            case "split" ->
                new Agenda(
                        a.done(),
                        a.fixed(),
                        (Map<String, Integer>) c.value(),
                        a.own(),
                        a.waits(),
                        a.air(),
                        a.dressFirst());
            case "own" ->
                new Agenda(
                        a.done(),
                        a.fixed(),
                        a.split(),
                        (List<Agenda.OwnTask>) c.value(),
                        a.waits(),
                        a.air(),
                        a.dressFirst());
            default -> a.dressing((Boolean) c.value());
        };
    }

    static Table humid(Table t, double humidity) {
        return new Table(humidity, t.celsius(), t.base(), t.ticked(), t.made(), t.yields(), t.wanted(), t.joints());
    }

    private static Plan setting(Plan plan, Change c) {
        String[] at = c.field().split("/");
        Tier tier = plan.tier(at[0]);
        return plan.with(tier.wearing(tier.dressings().stream()
                .map(d -> d.id().equals(at[1]) ? d.with(d.settings().with(at[2], c.value())) : d)
                .toList()));
    }

    static OwnPiece.Seat seat(OwnPiece.On on, double angle, double out) {
        return new OwnPiece.Seat("", on, angle, out, 20);
    }

    /** A piece of gum paste, 3 thick, 100 by 100. */
    static OwnPiece piece(String id, OwnPiece.Seat seat, Sticks sticks) {
        return new OwnPiece(
                id,
                "A " + id,
                OwnPiece.Form.PLAQUE,
                100,
                100,
                3,
                1,
                Material.GUM,
                false,
                seat,
                new Labour(30.0, 5, true, 0),
                null,
                sticks,
                Eaten.HARD);
    }

    static Plan with(Plan plan, OwnPiece... pieces) {
        return plan.with(List.of(pieces));
    }
}
