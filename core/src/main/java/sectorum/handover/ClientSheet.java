package sectorum.handover;

import java.util.ArrayList;
import java.util.List;
import sectorum.make.Price;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.Plan;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/**
 * What a client is shown: the picture, how large, when, what is in it, and a price where one is asked. Nothing of how it is
 * made, what it costs the workshop or who else has ordered.
 *
 * @param readyBy local, ISO; absent: no day yet
 * @param whole how high and heavy
 * @param tiers each with its sizes, the topmost first
 * @param portions slices of all tiers that are cake
 * @param slice what one is, in words
 * @param price absent: none is shown
 * @param coin it is shown with
 * @param incomplete whether something in the price is not known, so that it is a least
 */
public record ClientSheet(
        String name,
        String client,
        String place,
        @Absent String readyBy,
        Phrase whole,
        List<Phrase> tiers,
        int portions,
        Phrase slice,
        List<Handover.Allergen> allergens,
        String unwanted,
        @Absent Double price,
        String coin,
        boolean incomplete) {
    public ClientSheet {
        tiers = List.copyOf(tiers);
        allergens = List.copyOf(allergens);
    }

    public static ClientSheet of(
            Plan plan, StackWorkup worked, Handover handover, Slice slice, @Absent Price price, String coin) {
        List<Phrase> tiers = new ArrayList<>();
        for (int i = plan.tiers().size() - 1; i >= 0; i--) {
            TierWorkup.Form form = worked.tiers().get(i).form();
            tiers.add(Phrase.of(
                    "{}: {} wide, {} high",
                    Quantity.text(plan.tiers().get(i).name()),
                    Quantity.length(form.width()),
                    Quantity.length(form.height().mm())));
        }
        return new ClientSheet(
                handover.name(),
                handover.client(),
                handover.place(),
                handover.readyBy(),
                handover.whole(),
                tiers,
                handover.slices(),
                Phrase.of("each {} by {}", Quantity.length(slice.wide()), Quantity.length(slice.deep())),
                handover.allergens(),
                handover.unwanted(),
                price == null ? null : price.price(),
                coin,
                price != null && price.isLeast());
    }
}
