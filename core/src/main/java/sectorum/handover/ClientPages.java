package sectorum.handover;

import java.util.List;
import sectorum.drawing.Drawing;
import sectorum.measure.LengthUnit;
import sectorum.measure.Numbers;
import sectorum.template.Flow;
import sectorum.template.Paper;
import sectorum.template.Sheet;

/** A client's sheet on one page. */
public final class ClientPages {
    private static final double PICTURE_HIGH = 120;

    private ClientPages() {}

    /** Lengths in the reader's unit; printed is the day as it is to be read. */
    public static List<Sheet> of(ClientSheet sheet, Drawing picture, Paper paper, LengthUnit unit, String printed) {
        Flow flow = new Flow(paper, unit);
        flow.title(sheet.name());
        flow.text(HandoverPages.who(sheet.readyBy(), sheet.client(), sheet.place(), "printed " + printed));
        flow.gap(3);
        flow.picture(picture, PICTURE_HIGH);
        flow.head("What it is");
        flow.text(sheet.whole());
        sheet.tiers().forEach(flow::text);
        if (sheet.portions() > 0) {
            flow.text(
                    "About " + sheet.portions() + " portions, " + sheet.slice().say(unit) + ".");
        }
        if (sheet.price() != null) {
            flow.head("Price");
            flow.text((sheet.incomplete() ? "from " : "") + sheet.coin() + Numbers.plain(sheet.price(), 2));
        }
        flow.head("Allergens");
        HandoverPages.allergens(flow, sheet.allergens(), flow.wide());
        if (!sheet.unwanted().isBlank()) {
            flow.text("Asked to be free of: " + sheet.unwanted());
        }
        flow.text(
                "Allergens are those the materials usually bring; ask us where this matters, and follow your local food rules.");
        return flow.sheets();
    }
}
