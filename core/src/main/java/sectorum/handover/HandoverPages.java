package sectorum.handover;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.LengthUnit;
import sectorum.template.Flow;
import sectorum.template.Paper;
import sectorum.template.Sheet;

/** A handover on paper: what everybody needs on the first page, everything stuck in on the second. */
public final class HandoverPages {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("EEEE d MMMM yyyy, HH:mm", Locale.ENGLISH);
    /** How wide and high the picture at the side is, with its gap, mm. */
    private static final double PICTURE = 86;

    private static final double PICTURE_HIGH = 110;
    private static final double BESIDE = 92;

    private final Handover handover;
    private final FrontView view;
    private final LengthUnit unit;
    private final Flow flow;

    private HandoverPages(Handover handover, FrontView view, Paper paper, LengthUnit unit) {
        this.handover = handover;
        this.view = view;
        this.unit = unit;
        this.flow = new Flow(paper, unit);
    }

    /** Upright sheets, lengths in the reader's unit; printed is the day as it is to be read. */
    public static List<Sheet> of(Handover handover, FrontView view, Paper paper, LengthUnit unit, String printed) {
        return new HandoverPages(handover, view, paper, unit).pages(printed);
    }

    private double column() {
        return flow.wide() - BESIDE;
    }

    private List<Sheet> pages(String printed) {
        flow.title(handover.name());
        flow.text(who(handover.readyBy(), handover.client(), handover.place(), "printed " + printed));
        flow.gap(3);
        double top = flow.y();
        double left = Flow.EDGE + flow.wide() - PICTURE;
        flow.picture(view.pieces(), left, top, PICTURE, PICTURE_HIGH);
        flow.head("What it is");
        flow.text(handover.whole().say(unit), column());
        if (handover.slices() > 0) {
            flow.text(handover.slices() + " portions.", column());
        }
        flow.head("Allergens");
        allergens(flow, handover.allergens(), column());
        if (!handover.unwanted().isBlank()) {
            flow.text("Asked to be free of: " + handover.unwanted(), column());
        }
        if (handover.uncooled() != null) {
            flow.text("Out of the fridge for " + hours(handover.uncooled()) + " when it is handed over.", column());
        }
        flow.head("Lifting");
        handover.lifting().forEach(p -> flow.text(p.say(unit), column()));
        flow.down(top + PICTURE_HIGH + 4);
        flow.head("Take out before it is cut");
        handover.out().forEach(p -> flow.text(line(p)));
        flow.head("Cutting order");
        for (int i = 0; i < handover.cutting().size(); i++) {
            flow.text((i + 1) + "  " + handover.cutting().get(i).say(unit));
        }
        flow.turn();
        double second = flow.y();
        flow.picture(view.stuck(), left, second, PICTURE, PICTURE_HIGH);
        flow.head("What is where");
        handover.parts()
                .forEach(p -> flow.text(
                        line(p) + ": " + p.eaten(), flow.y() < second + PICTURE_HIGH + 2 ? column() : flow.wide()));
        flow.down(second + PICTURE_HIGH + 4);
        flow.head("Cautions");
        handover.cautions().forEach(flow::text);
        return flow.sheets();
    }

    /** What is told of whom and when, as far as it is. */
    static String who(@Absent String readyBy, String... others) {
        return String.join(
                " · ",
                Stream.concat(Stream.of(moment(readyBy)), Stream.of(others))
                        .filter(s -> !s.isBlank())
                        .toList());
    }

    /** A local moment as it is read on paper; empty: none. */
    static String moment(@Absent String iso) {
        return iso == null ? "" : LocalDateTime.parse(iso).format(MOMENT);
    }

    static void allergens(Flow flow, List<Handover.Allergen> allergens, double wide) {
        if (allergens.isEmpty()) {
            flow.text("None by the materials named. The packets rule.", wide);
        }
        allergens.forEach(a -> flow.text(a.name() + ": " + String.join("; ", a.from()), wide));
    }

    private String line(Handover.Handed p) {
        return (p.count() > 1 ? p.count() + " × " : "") + p.what() + ", "
                + p.where().say(unit);
    }

    static String hours(long minutes) {
        long half = Elementary.round(minutes / 30.0);
        return half < 2 ? minutes + " minutes" : half / 2 + (half % 2 == 1 ? "½" : "") + " hours";
    }
}
