package sectorum.server.audit;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Absent;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.Who;

/** Writes down who did what. A line is written with what it tells, or not at all. */
@Service
public class Audit {
    private static final int PAGE = 100;
    private static final int MOST_LETTERS = 400;
    /** What is done over and over, as saving, is told once in so long. */
    private static final Duration SITTING = Duration.ofHours(2);

    private static final Duration KEPT = Duration.ofDays(730);

    private final AuditRepository rows;
    private final Tenancy tenancy;
    private final Clock clock;
    private final Cache<String, Kind> told =
            Caffeine.newBuilder().maximumSize(10_000).expireAfterWrite(SITTING).build();

    Audit(AuditRepository rows, Tenancy tenancy, Clock clock) {
        this.rows = rows;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    /** What a line is about. */
    public enum Kind {
        SIGN_IN,
        PEOPLE,
        PLAN,
        SHARE,
        SETTINGS,
        FILES
    }

    /** One thing that somebody did. */
    public record AuditLine(long id, Instant at, String who, Kind kind, String words) {}

    /** Lines before one, the newest first. @param before absent: from the newest on */
    @Transactional(readOnly = true)
    public List<AuditLine> lines(@Absent Long before) {
        return rows
                .findByWorkshopIdAndIdLessThanOrderByIdDesc(
                        tenancy.workshop(), before == null ? Long.MAX_VALUE : before, Limit.of(PAGE))
                .stream()
                .map(AuditRow::line)
                .toList();
    }

    /** Whoever asks did this. */
    @Transactional
    public void tell(Kind kind, String words) {
        Who who = Tenancy.who();
        String name = tenancy.person().name();
        tell(who.workshop(), who.plan() == null ? name : "With a link from " + name, kind, words);
    }

    /** The same, once in a sitting; another copy of the server may tell it again. */
    @Transactional
    public void tellOnce(Kind kind, String words) {
        Who who = Tenancy.who();
        if (told.asMap().putIfAbsent(who.person() + " " + words, kind) == null) {
            tell(who.workshop(), tenancy.person().name(), kind, words);
        }
    }

    /** Somebody did this who is not signed in yet. */
    @Transactional
    public void tell(long workshop, String name, Kind kind, String words) {
        rows.save(new AuditRow(workshop, now(), name, kind, shortened(words)));
    }

    /** What is older than two years is let go. */
    @Transactional
    public void forget() {
        rows.forget(tenancy.workshop(), now().minus(KEPT));
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }

    private static String shortened(String words) {
        return words.length() > MOST_LETTERS ? words.substring(0, MOST_LETTERS - 1) + "…" : words;
    }
}
