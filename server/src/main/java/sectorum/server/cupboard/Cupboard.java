package sectorum.server.cupboard;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.bench.Bench;
import sectorum.bench.Round;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.turn.Turn;

/** What the workshop owns. */
@Service
public class Cupboard {
    private static final int MOST = 2000;

    private final ItemRepository items;
    private final Turn turn;

    Cupboard(ItemRepository items, Turn turn) {
        this.items = items;
        this.turn = turn;
    }

    @Transactional
    public List<Item> all() {
        return items.findByWorkshopIdOrderByKindAscAcrossMmAscIdAsc(turn.workshop()).stream()
                .map(ItemRow::item)
                .toList();
    }

    @Transactional
    public List<Item> of(Kind kind) {
        return items.findByWorkshopIdAndKindOrderByAcrossMm(turn.workshop(), kind).stream()
                .map(ItemRow::item)
                .toList();
    }

    /** The person whose turn it is at the bench, with the workshop's rounds on the shelf. */
    @Transactional
    public Bench bench() {
        List<Round> shelf =
                all().stream().map(i -> new Round(i.name(), i.acrossMm())).toList();
        return turn.person().preferences().bench(shelf);
    }

    /** Keeps a new thing, or one that is there already under its id. */
    @Transactional
    public Item keep(Item item) {
        if (item.id() == null) {
            if (all().size() >= MOST) {
                throw new Refused(
                        "id", Phrase.of("A cupboard holds {} things. Take one out first.", Quantity.count(MOST)));
            }
            return items.saveAndFlush(new ItemRow(turn.workshop(), item)).item();
        }
        ItemRow row = items.findByIdAndWorkshopId(item.id(), turn.workshop())
                .orElseThrow(() -> new Refused(
                        "id", Phrase.of("There is no thing {} in the cupboard any more.", Quantity.count(item.id()))));
        row.hold(item);
        return items.saveAndFlush(row).item();
    }

    @Transactional
    public void takeOut(long id) {
        items.findByIdAndWorkshopId(id, turn.workshop()).ifPresent(items::delete);
    }
}
