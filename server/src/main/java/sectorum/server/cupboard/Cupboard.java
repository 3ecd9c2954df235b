package sectorum.server.cupboard;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.bench.Bench;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Table;
import sectorum.server.notebook.Notebook;
import sectorum.server.recipes.Recipes;
import sectorum.server.tenancy.Tenancy;

/** What the workshop owns. */
@Service
public class Cupboard {
    private static final int MOST = 10_000;

    /** A workshop's cupboard as it was at a change; the number is drawn anew with each, so none comes twice. */
    private record State(long workshop, long stamp) {}

    private final ItemRepository items;
    private final Recipes recipes;
    private final Notebook notebook;
    private final Tenancy tenancy;
    private final JdbcClient database;
    private final Cache<State, List<Thing>> known =
            Caffeine.newBuilder().maximumSize(60).build();

    Cupboard(ItemRepository items, Recipes recipes, Notebook notebook, Tenancy tenancy, JdbcClient database) {
        this.items = items;
        this.recipes = recipes;
        this.notebook = notebook;
        this.tenancy = tenancy;
        this.database = database;
    }

    /** By kind, then by size, then as they came. */
    @Transactional
    public List<Thing> all() {
        long stamp = database.sql("select stamp from cupboard_stamp where workshop_id = :workshop")
                .param("workshop", tenancy.workshop())
                .query(Long.class)
                .optional()
                .orElse(0L);
        return known.get(new State(tenancy.workshop(), stamp), now -> read());
    }

    private List<Thing> read() {
        return items.findByWorkshopIdOrderById(tenancy.workshop()).stream()
                .map(ItemRow::thing)
                .sorted(Comparator.comparing(Thing::kind).thenComparingDouble(Cupboard::wide))
                .toList();
    }

    /** Told within each change, so that whoever reads after it reads anew. */
    private void changed() {
        database.sql("insert into cupboard_stamp (workshop_id, stamp) values (:workshop, :stamp)"
                        + " on duplicate key update stamp = :stamp")
                .param("workshop", tenancy.workshop())
                .param("stamp", ThreadLocalRandom.current().nextLong())
                .update();
    }

    private static double wide(Thing thing) {
        return thing.kind().fields().stream()
                .filter(f -> f.choices().isEmpty())
                .mapToDouble(f -> f.number(thing.sizes()))
                .findFirst()
                .orElse(0);
    }

    /** What is there, what an hour costs here, and by which recipes it is worked. */
    @Transactional
    public Stock stock() {
        return new Stock(all(), tenancy.settings().hour(), recipes.book());
    }

    /** The person whose turn it is at the bench, with the workshop's rounds on the shelf. */
    @Transactional
    public Bench bench() {
        return tenancy.person().preferences().bench(new Stock(all(), null), notebook.flowing());
    }

    /** Keeps a new thing, or one that is there already under its id. */
    @Transactional
    public Thing keep(Thing thing) {
        Thing kept = put(thing);
        changed();
        return kept;
    }

    private Thing put(Thing thing) {
        if (thing.id() == null) {
            room(1);
            return items.saveAndFlush(new ItemRow(tenancy.workshop(), thing)).thing();
        }
        ItemRow row = held(thing.id());
        row.hold(thing);
        return items.saveAndFlush(row).thing();
    }

    /** Keeps all or, where one cannot be kept, none. */
    @Transactional
    public int keepAll(List<Thing> things) {
        room((int) things.stream().filter(t -> t.id() == null).count());
        things.forEach(this::put);
        changed();
        return things.size();
    }

    private void room(int more) {
        if (items.countByWorkshopId(tenancy.workshop()) + more > MOST) {
            throw new Refused("id", Phrase.of("A cupboard holds {} things. Take one out first.", Quantity.count(MOST)));
        }
    }

    /** Held until the transaction is over: two hands at one thing come one after the other. */
    private ItemRow held(long id) {
        return items.held(id, tenancy.workshop())
                .orElseThrow(() -> new Refused(
                        "id", Phrase.of("There is no thing {} in the cupboard any more.", Quantity.count(id))));
    }

    @Transactional
    public void takeOut(long id) {
        items.takeOut(id, tenancy.workshop());
        changed();
    }

    /** Takes amounts from stock, as far as there is any; tells what was taken. Less than nothing puts back. */
    @Transactional
    public List<Table.Taken> take(List<Table.Taken> wanted) {
        // Always in one order, so that two takings of several things never wait for one another.
        List<Table.Taken> taken = new ArrayList<>(Collections.nCopies(wanted.size(), (Table.Taken) null));
        IntStream.range(0, wanted.size())
                .boxed()
                .sorted(Comparator.comparingLong(
                        i -> wanted.get(i) == null ? 0 : wanted.get(i).thing()))
                .forEach(i -> taken.set(i, take(wanted.get(i))));
        changed();
        return taken;
    }

    private Table.Taken take(@Absent Table.Taken wanted) {
        if (wanted == null) {
            throw new Refused("amount", Phrase.of("{} of the takings is empty. Leave it out.", Quantity.text("One")));
        }
        if (!Double.isFinite(wanted.amount()) || Math.abs(wanted.amount()) > 1_000_000) {
            throw new Refused(
                    "amount",
                    Phrase.of(
                            "{} cannot be taken. Say grams or pieces, up to a million.",
                            Quantity.text("" + wanted.amount())));
        }
        ItemRow row = held(wanted.thing());
        Thing thing = row.thing();
        double taken = Math.min(wanted.amount(), thing.stock());
        row.hold(thing.stocked(thing.stock() - taken));
        items.saveAndFlush(row);
        return new Table.Taken(wanted.thing(), taken);
    }
}
