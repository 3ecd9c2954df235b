package sectorum.server.presence;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.plans.PlanService;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.Who;

/** Says where somebody is in a plan, and who else is. */
@Service
public class Presence {
    /** Told every quarter of a minute while a page is open; who was not heard for longer is gone. */
    static final Duration HEARD = Duration.ofSeconds(45);

    private static final int MOST = 80;

    private final JdbcClient jdbc;
    private final PlanService plans;
    private final Tenancy tenancy;

    Presence(JdbcClient jdbc, PlanService plans, Tenancy tenancy) {
        this.jdbc = jdbc;
        this.plans = plans;
        this.tenancy = tenancy;
    }

    /** Somebody at a plan. @param device a window of a browser @param place the view, and the tier where there is one */
    public record Present(String device, String who, String place) {}

    /** This window is here now; an empty place: it is closed. */
    @Transactional
    public void here(long plan, String device, String place) {
        String window = checked("device", device, 40);
        String at = checked("place", place, MOST);
        plans.check(plan);
        if (at.isEmpty()) {
            jdbc.sql("delete from presence where plan_id = ? and device = ?")
                    .params(plan, window)
                    .update();
            return;
        }
        // A window that was closed without a word, or whose machine went to sleep.
        jdbc.sql("delete from presence where plan_id = ? and seen_at < utc_timestamp(3) - interval 1 hour")
                .param(plan)
                .update();
        Who who = Tenancy.who();
        String name = tenancy.names().person();
        jdbc.sql(
                        "insert into presence (plan_id, device, person_id, who, place, seen_at) values (?, ?, ?, ?, ?, utc_timestamp(3))"
                                + " on duplicate key update person_id = values(person_id), who = values(who), place ="
                                + " values(place), seen_at = values(seen_at)")
                .params(plan, window, who.person(), name, at)
                .update();
    }

    /** Who is at these plans. */
    @Transactional(readOnly = true)
    public Map<Long, List<Present>> at(Collection<Long> plans) {
        record Row(long plan, Present present) {}
        return jdbc
                .sql("select plan_id, device, who, place from presence where plan_id in (:plans) and seen_at >"
                        + " utc_timestamp(3) - interval :heard second"
                        + " order by who, device")
                .param("plans", plans)
                .param("heard", HEARD.toSeconds())
                .query((row, n) ->
                        new Row(row.getLong(1), new Present(row.getString(2), row.getString(3), row.getString(4))))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Row::plan, Collectors.mapping(Row::present, Collectors.toList())));
    }

    private static String checked(String field, String words, int most) {
        String told = words == null ? "" : words.strip();
        if (told.length() > most || (field.equals("device") && told.isEmpty())) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "\"{}\" has {} signs; 1 to {} are read.",
                            Quantity.text(field),
                            Quantity.count(told.length()),
                            Quantity.count(most)));
        }
        return told;
    }
}
