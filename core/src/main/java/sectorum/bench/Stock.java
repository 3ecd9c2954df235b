package sectorum.bench;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import sectorum.divide.Press;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.recipe.RecipeBook;

/** What a workshop has. Asked by kind again and again, so it is put in order once; the same by value is equal. */
public final class Stock {
    public static final Stock NONE = new Stock(List.of(), null);

    private static final double MOST_AN_HOUR = 100_000;

    private final List<Thing> things;

    @Absent
    private final Double hour;

    private final RecipeBook recipes;
    private final Map<ThingKind, List<Thing>> byKind;
    private final int hash;

    /**
     * @param hour what an hour of hands costs, in the workshop's coin; absent: not counted
     * @param recipes its own and those that ship
     */
    public Stock(@Absent List<Thing> things, @Absent Double hour, RecipeBook recipes) {
        if (hour != null && !(hour >= 0 && hour <= MOST_AN_HOUR)) {
            throw new Refused(
                    "hour",
                    Phrase.of(
                            "An hour at {} is outside 0 to {}. Leave it empty where hours are not counted.",
                            Quantity.plain(hour),
                            Quantity.plain(MOST_AN_HOUR)));
        }
        this.things = things == null ? List.of() : List.copyOf(things);
        this.hour = hour;
        this.recipes = recipes;
        this.byKind = this.things.stream().collect(Collectors.groupingBy(Thing::kind));
        this.hash = Objects.hash(this.things, hour, recipes);
    }

    /** By the recipes that ship. */
    public Stock(List<Thing> things, @Absent Double hour) {
        this(things, hour, RecipeBook.SHIPPED);
    }

    public Stream<Thing> of(ThingKind kind) {
        return byKind.getOrDefault(kind, List.of()).stream();
    }

    public List<Thing> things() {
        return things;
    }

    @Absent
    public Double hour() {
        return hour;
    }

    public RecipeBook recipes() {
        return recipes;
    }

    /** With these beside what is there: what is meant to be bought counts as owned. */
    public Stock with(List<Thing> wanted) {
        return wanted.isEmpty()
                ? this
                : new Stock(Stream.concat(things.stream(), wanted.stream()).toList(), hour, recipes);
    }

    /** The rounds that a curve can be traced around. */
    public List<Round> shelf() {
        return things.stream()
                .filter(t -> t.kind().draws())
                .limit(Bench.MOST)
                .map(t -> new Round(t.name(), t.size("across")))
                .toList();
    }

    /** Round cutters that a side can be pressed with. */
    public List<Cutter> cutters() {
        return of(ThingKind.CUTTER)
                .filter(t -> t.size("across") >= Press.CUTTER.min() && t.size("across") <= Press.CUTTER.max())
                .limit(Bench.MOST)
                .map(t -> new Cutter(t.name(), t.size("across")))
                .toList();
    }

    /** What finishes took when a patch was weighed. */
    public List<Weighed> weighed() {
        return of(ThingKind.COLOUR)
                .filter(t -> t.size("per") > 0)
                .map(t -> new Weighed(t.choice("of"), t.size("per")))
                .toList();
    }

    @Override
    public boolean equals(@Absent Object other) {
        return this == other
                || (other instanceof Stock stock
                        && hash == stock.hash
                        && things.equals(stock.things)
                        && Objects.equals(hour, stock.hour)
                        && recipes.equals(stock.recipes));
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
