package sectorum.server.documents;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import sectorum.tasks.Days;

/**
 * A plan's days as iCalendar (RFC 5545). Every event has an id made of its order and task, so that a calendar that takes
 * the file again moves what it knows; moments are in UTC, so no program has to know where the clocks change.
 */
public final class CalendarWriter {
    private static final Duration AHEAD = Duration.ofMinutes(-15);
    /** Rests shorter than this are on the timers, not in the calendar. */
    private static final Duration LONG = Duration.ofMinutes(60);

    private final ZoneId zone;
    private final Instant stamp;
    private final int sequence;
    private final Calendar calendar = new Calendar();

    private CalendarWriter(ZoneId zone, Instant stamp, int sequence) {
        this.zone = zone;
        this.stamp = stamp;
        this.sequence = sequence;
    }

    /**
     * @param stamp when it is written
     * @param sequence grows with every writing, so that the later one counts
     */
    public static String write(Days days, ZoneId zone, Instant stamp, int sequence) {
        return new CalendarWriter(zone, stamp, sequence).written(days);
    }

    private String written(Days days) {
        calendar.add(new ProdId("-//Sectorum//Days//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        String name = "";
        String order = "";
        for (Days.Item item : days.items()) {
            if (item.own()) {
                name = item.plan();
                order = item.order();
                task(item);
            }
        }
        if (!order.isEmpty()) {
            VEvent ready = event(days.readyBy(), days.readyBy(), "Ready: " + name, order + "-ready");
            calendar.add(ready);
        }
        StringWriter out = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException("A calendar in memory cannot be written", e);
        }
        return out.toString();
    }

    private void task(Days.Item item) {
        List<Days.Sitting> work = item.work();
        for (int k = 0; k < work.size(); k++) {
            String part = work.size() == 1 ? "" : " (" + (k + 1) + " of " + work.size() + ")";
            String suffix = k == 0 ? "" : "-" + (k + 1);
            VEvent event = event(
                    work.get(k).from(), work.get(k).to(), item.name() + part, item.order() + "-" + item.id() + suffix);
            event.add(new Description(item.plan() + (item.critical() ? ". On the tightest way: not later." : "")));
            if (item.state() != Days.State.DONE) {
                VAlarm alarm = new VAlarm();
                Trigger trigger = new Trigger(AHEAD);
                trigger.add(Related.START);
                alarm.add(trigger);
                alarm.add(new Action("DISPLAY"));
                alarm.add(new Description(item.name()));
                event.add(alarm);
            }
            calendar.add(event);
        }
        Days.Shelved lying = item.lying();
        if (lying != null
                && Duration.between(at(lying.from()), at(lying.until())).compareTo(LONG) >= 0) {
            String about = lying.basis().isEstimate() ? "about ready, look" : "ready";
            calendar.add(event(
                    lying.until(),
                    lying.until(),
                    item.name() + ": " + about,
                    item.order() + "-" + item.id() + "-rested"));
        }
    }

    private VEvent event(String from, String to, String summary, String id) {
        VEvent event = new VEvent(at(from), at(to), summary);
        event.getProperty("DTSTAMP").ifPresent(event::remove);
        event.add(new DtStamp(stamp));
        event.add(new Uid(id + "@sectorum"));
        event.add(new Sequence(sequence));
        if (from.equals(to)) {
            event.add(new Transp("TRANSPARENT"));
        }
        return event;
    }

    private Instant at(String local) {
        return LocalDateTime.parse(local).atZone(zone).toInstant();
    }
}
