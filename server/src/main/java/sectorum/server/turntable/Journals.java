package sectorum.server.turntable;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.plans.PlanService;
import sectorum.turntable.Entry;
import sectorum.turntable.KeptEntry;
import tools.jackson.databind.json.JsonMapper;

/** Keeps journals: lines are added in order and once, however often they are sent. */
@Service
public class Journals {
    /** A large job has some hundred steps and a few thousand taps. */
    private static final int MOST_LINES = 20_000;
    /** So many come in one answer; whoever has them asks for what follows. */
    static final int PAGE = 2000;

    private final LineRepository rows;
    private final PlanService plans;
    private final JsonMapper json;
    private final Clock clock;

    Journals(LineRepository rows, PlanService plans, JsonMapper json, Clock clock) {
        this.rows = rows;
        this.plans = plans;
        this.json = json;
        this.clock = clock;
    }

    /**
     * What a device does not know yet.
     *
     * @param now ms since the epoch by this server's clock: a device's own may be wrong
     * @param revision of the plan
     * @param more whether there are further lines after these
     */
    public record Journal(long now, int revision, List<KeptEntry> lines, boolean more) {}

    /** Lines after a place, in order. */
    @Transactional
    public Journal after(long plan, long place) {
        int revision = plans.get(plan).revision();
        List<LineRow> found = rows.findByPlanIdAndIdGreaterThanOrderById(plan, place, Limit.of(PAGE));
        return new Journal(
                clock.millis(),
                revision,
                found.stream()
                        .map(row -> new KeptEntry(json.readValue(row.document(), Entry.class), row.place()))
                        .toList(),
                found.size() == PAGE);
    }

    /** Adds lines in their order; one that is kept already stays as it was. Gives back what the device does not know yet. */
    @Transactional
    public Journal add(long plan, List<Entry> lines, long after) {
        plans.hold(plan);
        Set<String> known = new HashSet<>(
                lines.isEmpty()
                        ? Set.of()
                        : rows.known(plan, lines.stream().map(Entry::id).toList()));
        if (rows.countByPlanId(plan) + lines.size() - known.size() > MOST_LINES) {
            throw new Refused(
                    "lines",
                    Phrase.of(
                            "A journal holds up to {} lines. Copy the plan, and go on with the copy.",
                            Quantity.count(MOST_LINES)));
        }
        Instant now = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        for (Entry line : lines) {
            if (known.add(line.id())) {
                rows.save(new LineRow(plan, line.id(), json.writeValueAsString(line), now));
            }
        }
        rows.flush();
        return after(plan, after);
    }
}
