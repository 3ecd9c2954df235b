package sectorum.server.archive;

import java.time.Instant;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.notebook.WorkRecord;
import sectorum.plan.Plan;
import sectorum.server.tenancy.Preferences;
import sectorum.server.tenancy.Role;
import sectorum.turntable.Entry;

/** What the files of an archive hold. */
final class Parts {
    private Parts() {}

    /** One of the people; no password and no name to sign in with ever leaves. */
    record ArchivedPerson(String name, Role role, Preferences preferences) {}

    /** What stands beside a plan's document. @param archived when it was put away; absent: in work */
    record AboutPlan(
            int revision,
            Instant created,
            Instant saved,
            @Absent Instant archived) {}

    record ArchivedVersion(
            int revision, Instant saved, @Absent String name, Plan document) {}

    record ArchivedLine(Instant kept, Entry line) {}

    /** @param file beside it; its name is the number by which records of the notebook name the picture */
    record ArchivedPicture(String file, String caption, int width, int height, Instant added) {}

    /** @param plan its number in the archive; absent: a job of before @param mended whether somebody wrote it by hand */
    record ArchivedRecord(@Absent Integer plan, boolean mended, WorkRecord record) {}

    record ArchivedNotebook(List<String> off, List<ArchivedRecord> records) {}

    record ArchivedMotif(Instant kept, sectorum.art.Motif motif) {}

    /** All that one plan has. */
    record WholePlan(
            Plan document,
            AboutPlan about,
            List<ArchivedVersion> versions,
            List<ArchivedLine> journal,
            List<ArchivedPicture> pictures) {}
}
