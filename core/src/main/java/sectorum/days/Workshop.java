package sectorum.days;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import sectorum.bench.Storage;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * Who works when, and what places there are.
 *
 * @param week hours of each day of the week, Monday first; a day may have several, or none
 * @param hands pairs of them
 * @param places on shelves of which the workshop has told how many there are; others are not counted
 */
public record Workshop(ZoneId zone, List<List<Hours>> week, int hands, Map<Storage, Integer> places) {
    public static final Field HANDS =
            Field.count("hands", "Pairs of hands", 1, 6, 1, "Those who work on cakes at the same time.");
    private static final int DAYS = 7;
    /** Stretches of hours in a day. */
    private static final int MOST_HOURS = 4;

    private static final int MINUTES = 24 * 60;

    /**
     * Open hours of a day, minutes after midnight.
     *
     * @param to up to 1440, the next midnight
     */
    public record Hours(int from, int to) {
        private static final Pattern WRITTEN = Pattern.compile("(\\d{1,2}):(\\d{2})\\s*[-–]\\s*(\\d{1,2}):(\\d{2})");

        /** A day's hours, such as {@code 09:00-13:00 14:00-18:00}; none for an empty day. */
        public static List<Hours> parse(String day) {
            List<Hours> hours = new ArrayList<>();
            Matcher each = WRITTEN.matcher(day);
            int read = 0;
            while (each.find()) {
                if (!day.substring(read, each.start()).isBlank()) {
                    break;
                }
                read = each.end();
                hours.add(new Hours(minutes(each.group(1), each.group(2)), minutes(each.group(3), each.group(4))));
            }
            if (!day.substring(read).isBlank()) {
                throw new Refused(
                        "week",
                        Phrase.of(
                                "Hours \"{}\" are not read. Write them like 09:00-13:00 14:00-18:00, or leave the day"
                                        + " empty.",
                                Quantity.text(day.strip())));
            }
            return hours;
        }

        /** As {@link #parse} reads it. */
        @Override
        public String toString() {
            return clock(from) + "-" + clock(to);
        }

        private static int minutes(String hour, String minute) {
            int minutes = Integer.parseInt(minute);
            // 10:75 is no time of day; it is refused with the range below.
            return minutes > 59 ? MINUTES + minutes : Integer.parseInt(hour) * 60 + minutes;
        }

        public Hours {
            if (from < 0 || to > MINUTES || to <= from) {
                throw new Refused(
                        "week",
                        Phrase.of(
                                "Hours from {} to {} are not within one day, the earlier first. Write them like"
                                        + " 08:00-12:00.",
                                Quantity.text(clock(from)),
                                Quantity.text(clock(to))));
            }
        }
    }

    public Workshop {
        HANDS.check(hands);
        week = List.copyOf(week);
        places = Map.copyOf(places);
        if (week.size() != DAYS) {
            throw new Refused(
                    "week",
                    Phrase.of(
                            "A week has {} days; hours of {} are given, Monday first.",
                            Quantity.count(DAYS),
                            Quantity.count(week.size())));
        }
        if (week.stream().allMatch(List::isEmpty)) {
            throw new Refused(
                    "week",
                    Phrase.of("No hours on any of {} days. Give at least one day its hours.", Quantity.count(DAYS)));
        }
        for (List<Hours> day : week) {
            if (day.size() > MOST_HOURS) {
                throw new Refused(
                        "week",
                        Phrase.of(
                                "A day has {} stretches of hours; up to {} are kept. Join some.",
                                Quantity.count(day.size()),
                                Quantity.count(MOST_HOURS)));
            }
            for (int i = 1; i < day.size(); i++) {
                if (day.get(i).from() < day.get(i - 1).to()) {
                    throw new Refused(
                            "week",
                            Phrase.of(
                                    "Hours from {} begin before the ones to {} end. Write them one after the other.",
                                    Quantity.text(clock(day.get(i).from())),
                                    Quantity.text(clock(day.get(i - 1).to()))));
                }
            }
        }
    }

    /** From nine to one and from two to six, Monday to Saturday, and one pair of hands; nothing told of places. */
    public static Workshop usual(ZoneId zone) {
        List<Hours> open = List.of(new Hours(9 * 60, 13 * 60), new Hours(14 * 60, 18 * 60));
        return new Workshop(zone, List.of(open, open, open, open, open, open, List.of()), 1, Map.of());
    }

    public List<Hours> on(DayOfWeek day) {
        return week.get(day.getValue() - 1);
    }

    public Workshop with(int others) {
        return new Workshop(zone, week, others, places);
    }

    /** The longest time without a break, minutes. */
    public int longest() {
        return week.stream()
                .flatMap(List::stream)
                .mapToInt(h -> h.to() - h.from())
                .max()
                .orElse(0);
    }

    private static String clock(int minutes) {
        return minutes == MINUTES
                ? "24:00"
                : minutes >= 0 && minutes < MINUTES
                        ? LocalTime.ofSecondOfDay(minutes * 60L).toString()
                        : minutes + " min";
    }
}
