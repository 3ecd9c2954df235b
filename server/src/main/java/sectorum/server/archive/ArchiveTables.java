package sectorum.server.archive;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import sectorum.art.Motif;
import sectorum.measure.Absent;
import sectorum.notebook.WorkRecord;
import sectorum.plan.Plan;
import sectorum.server.tenancy.Tenancy;
import sectorum.turntable.Entry;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What an archive is made of and becomes again, row by row, always of the workshop that asks. */
@Component
class ArchiveTables {
    private final JdbcClient jdbc;
    private final Tenancy tenancy;
    private final JsonMapper json;

    ArchiveTables(JdbcClient jdbc, Tenancy tenancy, JsonMapper json) {
        this.jdbc = jdbc;
        this.tenancy = tenancy;
        this.json = json;
    }

    /** A plan that is not deleted. */
    record PlanLine(long id, String document, Parts.AboutPlan about) {}

    /** @param only absent: all of the workshop */
    List<PlanLine> plans(@Absent Long only) {
        return jdbc.sql("select id, document, revision, created_at, saved_at, archived_at from plan"
                        + " where workshop_id = :workshop and deleted_at is null"
                        + (only == null ? "" : " and id = :only") + " order by id")
                .param("workshop", tenancy.workshop())
                .param("only", only)
                .query((row, n) -> new PlanLine(
                        row.getLong(1),
                        row.getString(2),
                        new Parts.AboutPlan(
                                row.getInt(3),
                                at(row.getObject(4, LocalDateTime.class)),
                                at(row.getObject(5, LocalDateTime.class)),
                                atOrNone(row.getObject(6, LocalDateTime.class)))))
                .list();
    }

    List<Parts.ArchivedVersion> versions(long plan) {
        return jdbc.sql(
                        "select revision, saved_at, name, document from plan_revision where plan_id = ? order by revision")
                .param(plan)
                .query((row, n) -> new Parts.ArchivedVersion(
                        row.getInt(1),
                        at(row.getObject(2, LocalDateTime.class)),
                        row.getString(3),
                        json.readValue(row.getString(4), Plan.class)))
                .list();
    }

    List<Parts.ArchivedLine> journal(long plan) {
        return jdbc.sql("select kept_at, document from journal_line where plan_id = ? order by id")
                .param(plan)
                .query((row, n) -> new Parts.ArchivedLine(
                        at(row.getObject(1, LocalDateTime.class)), json.readValue(row.getString(2), Entry.class)))
                .list();
    }

    /** @param each of the picture's number and bytes, one after the other: they are large */
    List<Parts.ArchivedPicture> pictures(long plan, Map<Long, Integer> numbers, BiConsumer<String, byte[]> each) {
        List<Parts.ArchivedPicture> all = new ArrayList<>();
        List<Long> ids = jdbc.sql("select id from picture where plan_id = ? order by id")
                .param(plan)
                .query(Long.class)
                .list();
        for (long id : ids) {
            jdbc.sql("select caption, width, height, added_at, bytes from picture where id = ?")
                    .param(id)
                    .query((row, n) -> {
                        int number = numbers.size() + 1;
                        numbers.put(id, number);
                        String file = "pictures/%04d.jpg".formatted(number);
                        each.accept(file, row.getBytes(5));
                        return new Parts.ArchivedPicture(
                                file,
                                row.getString(1),
                                row.getInt(2),
                                row.getInt(3),
                                at(row.getObject(4, LocalDateTime.class)));
                    })
                    .list()
                    .forEach(all::add);
        }
        return all;
    }

    /** Pictures are named by their numbers here, as the ids of a database say nothing in another. */
    List<Parts.ArchivedRecord> records(Map<Long, Integer> plans, Map<Long, Integer> pictures) {
        return jdbc.sql("select plan_id, edited, document from work_record where workshop_id = ? order by id")
                .param(tenancy.workshop())
                .query((row, n) -> {
                    Long plan = row.getObject(1, Long.class);
                    return new Parts.ArchivedRecord(
                            plan == null ? null : plans.get(plan),
                            row.getBoolean(2),
                            numbered(row.getString(3), pictures));
                })
                .list();
    }

    private WorkRecord numbered(String document, Map<Long, Integer> pictures) {
        ObjectNode record = (ObjectNode) json.readTree(document);
        record.remove("id");
        record.remove("plan");
        ArrayNode named = json.createArrayNode();
        record.path("pictures").forEach(id -> {
            Integer number = pictures.get(id.asLong());
            if (number != null) {
                named.add(number);
            }
        });
        record.set("pictures", named);
        return json.treeToValue(record, WorkRecord.class);
    }

    List<Parts.ArchivedMotif> motifs() {
        return jdbc.sql("select kept_at, document from drawer_motif where workshop_id = ? order by id")
                .param(tenancy.workshop())
                .query((row, n) -> new Parts.ArchivedMotif(
                        at(row.getObject(1, LocalDateTime.class)), json.readValue(row.getString(2), Motif.class)))
                .list();
    }

    void settle(long plan, Parts.AboutPlan about) {
        jdbc.sql("delete from plan_revision where plan_id = ?").param(plan).update();
        jdbc.sql("update plan set revision = ?, created_at = ?, saved_at = ?, archived_at = ? where id = ?")
                .param(about.revision())
                .param(local(about.created()))
                .param(local(about.saved()))
                .param(about.archived() == null ? null : local(about.archived()))
                .param(plan)
                .update();
    }

    void version(long plan, Parts.ArchivedVersion version) {
        jdbc.sql(
                        "insert into plan_revision (plan_id, revision, document, saved_at, person_id, name) values (?, ?, ?, ?, ?, ?)")
                .param(plan)
                .param(version.revision())
                .param(json.writeValueAsString(version.document()))
                .param(local(version.saved()))
                .param(Tenancy.who().person())
                .param(version.name())
                .update();
    }

    void line(long plan, Parts.ArchivedLine line) {
        jdbc.sql("insert into journal_line (plan_id, line, document, kept_at) values (?, ?, ?, ?)")
                .param(plan)
                .param(line.line().id())
                .param(json.writeValueAsString(line.line()))
                .param(local(line.kept()))
                .update();
    }

    /** The number of the picture here. */
    long picture(long plan, Parts.ArchivedPicture picture, byte[] bytes) {
        return jdbc.sql("insert into picture (workshop_id, plan_id, caption, width, height, bytes, added_at)"
                        + " values (?, ?, ?, ?, ?, ?, ?) returning id")
                .param(tenancy.workshop())
                .param(plan)
                .param(picture.caption())
                .param(picture.width())
                .param(picture.height())
                .param(bytes)
                .param(local(picture.added()))
                .query(Long.class)
                .single();
    }

    void motif(Parts.ArchivedMotif motif) {
        jdbc.sql("insert into drawer_motif (workshop_id, name, document, kept_at) values (?, ?, ?, ?)")
                .param(tenancy.workshop())
                .param(motif.motif().name())
                .param(json.writeValueAsString(motif.motif()))
                .param(local(motif.kept()))
                .update();
    }

    void record(Parts.ArchivedRecord archived, @Absent Long plan, Map<Integer, Long> pictures) {
        WorkRecord record = archived.record();
        ObjectNode document = json.valueToTree(record);
        ArrayNode named = json.createArrayNode();
        record.pictures().stream()
                .map(n -> pictures.get(n.intValue()))
                .filter(id -> id != null)
                .forEach(named::add);
        document.set("pictures", named);
        if (plan != null) {
            document.put("plan", plan);
        }
        jdbc.sql(
                        "insert into work_record (workshop_id, plan_id, task, job, subject, begun, who, plain_minutes, minutes,"
                                + " waiting, edited, document) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
                .param(tenancy.workshop())
                .param(plan)
                .param(record.task().isEmpty() || plan == null ? null : record.task())
                .param(record.job())
                .param(record.subject())
                .param(record.at().substring(0, 16))
                .param(record.who())
                .param(record.time() == null ? 0 : record.time().plain())
                .param(record.time() == null ? 0 : record.time().minutes())
                .param(!record.waiting().isEmpty())
                .param(archived.mended())
                .param(json.writeValueAsString(document))
                .update();
    }

    /** What is in the journal of a plan has been read into the notebook that came with it. */
    void harvested(long plan, int revision) {
        jdbc.sql("insert into notebook_mark (plan_id, place, revision) select :plan, coalesce(max(id), 0), :revision"
                        + " from journal_line where plan_id = :plan")
                .param("plan", plan)
                .param("revision", revision)
                .update();
    }

    /** How often each record of the notebook is there, as it says itself. */
    Map<WorkRecord, Integer> known() {
        Map<WorkRecord, Integer> known = new HashMap<>();
        records(Map.of(), Map.of()).forEach(r -> known.merge(r.record(), 1, Integer::sum));
        return known;
    }

    private static Instant at(LocalDateTime utc) {
        return utc.toInstant(ZoneOffset.UTC);
    }

    @Absent
    private static Instant atOrNone(@Absent LocalDateTime utc) {
        return utc == null ? null : at(utc);
    }

    private static LocalDateTime local(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
    }
}
