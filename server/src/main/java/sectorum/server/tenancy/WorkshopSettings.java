package sectorum.server.tenancy;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import sectorum.bench.Storage;
import sectorum.days.Workshop;
import sectorum.handover.Slice;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.PlanDefaults;
import sectorum.template.Paper;
import sectorum.template.Printer;

/**
 * What holds for a whole workshop.
 *
 * @param hour what an hour of hands costs; absent: hours are not counted
 * @param coin the sign that prices are shown with; empty: none
 * @param printedAcross how long the printer makes the level line of 100 mm, mm
 * @param printedDown the same for the upright line
 * @param zone the place's clock, such as Europe/Paris; empty: the machine's
 * @param week open hours by day, Monday first, such as {@code 09:00-13:00 14:00-18:00}; empty days are closed; no days at
 *     all: the usual week
 * @param hands pairs of hands that work at the same time
 * @param fridge trays or tiers that the fridge takes; absent: not counted
 * @param freezer the same for the freezer
 * @param margin a share on top of what a cake costs; absent: no price is asked
 * @param sliceWide of a slice as it is seen from outside, mm; absent: 25
 * @param sliceDeep of a slice from the outside in, mm; absent: 50
 * @param plans what every plan begins with; absent: what is usual
 */
public record WorkshopSettings(
        @Absent Double hour,
        String coin,
        double printedAcross,
        double printedDown,
        String zone,
        List<String> week,
        int hands,
        @Absent Integer fridge,
        @Absent Integer freezer,
        @Absent Double margin,
        @Absent Double sliceWide,
        @Absent Double sliceDeep,
        @Absent PlanDefaults plans) {
    private static final Field PRINTED = Field.length(
            "printedAcross", "The printed line", 90, 110, 100, "Measure the line of 100 mm on a printed sheet.");

    private static final double MOST_MARGIN = 20;
    /** Of a workshop that has said nothing yet. */
    static final WorkshopSettings USUAL =
            new WorkshopSettings(null, "", 100, 100, "", List.of(), 1, null, null, null, null, null, null);

    public WorkshopSettings {
        coin = coin == null ? "" : coin.strip();
        if (coin.length() > 8) {
            throw new Refused(
                    "coin", Phrase.of("The coin has {} letters; up to 8 are shown.", Quantity.count(coin.length())));
        }
        new sectorum.bench.Stock(java.util.List.of(), hour);
        PRINTED.check(printedAcross);
        PRINTED.check(printedDown);
        zone = zone == null ? "" : zone.strip();
        week = week == null
                ? List.of()
                : week.stream().map(d -> d == null ? "" : d).toList();
        places("fridge", "The fridge", fridge);
        places("freezer", "The freezer", freezer);
        if (margin != null && !(margin >= 0 && margin <= MOST_MARGIN)) {
            throw new Refused(
                    "margin",
                    Phrase.of(
                            "A margin of {} is outside {} to {} on top of the cost. Leave it empty where no price is asked.",
                            Quantity.share(margin),
                            Quantity.share(0),
                            Quantity.share(MOST_MARGIN)));
        }
        sliceWide = sliceWide == null ? Slice.USUAL.wide() : sliceWide;
        sliceDeep = sliceDeep == null ? Slice.USUAL.deep() : sliceDeep;
        new Slice(sliceWide, sliceDeep);
        plans = plans == null ? PlanDefaults.USUAL : plans;
        // Kept as they are read, so that what is typed loosely is stored in one form.
        Workshop works = workshop(zone(zone), week, hands, Map.of());
        week = week.isEmpty()
                ? week
                : works.week().stream()
                        .map(day -> day.stream().map(Workshop.Hours::toString).collect(Collectors.joining(" ")))
                        .toList();
    }

    private static void places(String field, String label, @Absent Integer places) {
        if (places != null) {
            Field.count(field, label, 0, 200, 4, "Count the trays or tiers that fit.")
                    .check(places);
        }
    }

    private static ZoneId zone(String zone) {
        try {
            return zone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(zone);
        } catch (DateTimeException e) {
            throw new Refused(
                    "zone",
                    Phrase.of(
                            "\"{}\" is no place with a clock of its own. Write it like Europe/Paris, or leave it empty.",
                            Quantity.text(zone)));
        }
    }

    /** A slice as it is cut here. */
    public Slice slice() {
        return new Slice(sliceWide, sliceDeep);
    }

    /** The printer with this paper in it. */
    public Printer printer(Paper paper) {
        return new Printer(paper, printedAcross, printedDown);
    }

    /** Who works when; formers are the cupboard's. */
    public Workshop workshop(@Absent Integer formers) {
        Map<Storage, Integer> places = new EnumMap<>(Storage.class);
        put(places, Storage.FRIDGE, fridge);
        put(places, Storage.FREEZER, freezer);
        put(places, Storage.FORMER, formers);
        return workshop(zone(zone), week, hands, places);
    }

    private static void put(Map<Storage, Integer> places, Storage storage, @Absent Integer many) {
        if (many != null) {
            places.put(storage, many);
        }
    }

    private static Workshop workshop(ZoneId zone, List<String> week, int hands, Map<Storage, Integer> places) {
        return week.isEmpty()
                ? new Workshop(zone, Workshop.usual(zone).week(), hands, places)
                : new Workshop(zone, week.stream().map(Workshop.Hours::parse).toList(), hands, places);
    }
}
