package sectorum.tier;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.build.Build;
import sectorum.days.ScheduleFindings;
import sectorum.finding.Level;
import sectorum.finding.Rule;
import sectorum.make.Fits;
import sectorum.technique.Catalogue;

/** Every rule by which a plan is judged: those of the side and its divisions here, the others with what they judge. */
public final class Rules {
    static final Rule TAPER =
            new Rule("side.taper", Level.LOOK, "Foot and top edge differ by more than 1 % of the foot.");
    static final Rule LEVEL = new Rule("side.level", Level.LOOK, "Heights round the tier spread over more than 3 mm.");
    static final Rule ZONE_CROSSED =
            new Rule("zone.crossed", Level.STOP, "A dressing's told edges cross on this side.");
    static final Rule ZONE_OVERLAP = new Rule(
            "zone.overlap", Level.NOTE, "Two claim the same heights, and neither is meant to lie on the other.");
    static final Rule SURFACE_UNSEEN = new Rule(
            "surface.unseen",
            Level.STOP,
            "A dressing lies on a board or a ledge of which nothing is seen all round, or in the hole of a cake that has none.");
    static final Rule BORDER_CROSSED = new Rule("border.crossed", Level.STOP, "A border's edges cross on this side.");
    static final Rule BORDER_OVERLAP = new Rule("border.overlap", Level.LOOK, "Two borders claim the same heights.");
    static final Rule FOLLOW =
            new Rule("divide.follow", Level.STOP, "A division uses the marks of another one that cannot give them.");
    static final Rule LOCKED = new Rule("divide.locked", Level.STOP, "Marks moved by hand no longer fit.");
    static final Rule COUNT = new Rule("divide.count", Level.STOP, "The count cannot close on this outline.");
    static final Rule DEMAND =
            new Rule("divide.demand", Level.STOP, "A dressing asks for a multiple that the count is not.");
    static final Rule UNEVEN = new Rule(
            "divide.uneven", Level.LOOK, "Sections beside one another differ by more than 3 %; up to 8 % a note.");

    static final Rule WAY =
            new Rule("divide.way", Level.LOOK, "The way to mark that was chosen cannot mark this count or outline.");

    private static final List<Rule> SIDE = List.of(
            TAPER,
            LEVEL,
            ZONE_CROSSED,
            ZONE_OVERLAP,
            SURFACE_UNSEEN,
            BORDER_CROSSED,
            BORDER_OVERLAP,
            CloseByCoat.CLOSES,
            FOLLOW,
            LOCKED,
            COUNT,
            DEMAND,
            UNEVEN,
            WAY);

    private Rules() {}

    /** All of them, those of the side first, each once. */
    public static List<Rule> all() {
        LinkedHashSet<Rule> rules = new LinkedHashSet<>(SIDE);
        Catalogue.all().forEach(technique -> rules.addAll(technique.rules()));
        AheadCatalogue.all().forEach(kind -> rules.addAll(kind.rules()));
        rules.addAll(Fits.rules());
        rules.addAll(Build.rules());
        rules.addAll(ScheduleFindings.rules());
        return new ArrayList<>(rules);
    }
}
