package sectorum.server.shares;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.audit.Audit;
import sectorum.server.people.Secrets;
import sectorum.server.plans.PlanService;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.Who;

/**
 * Links to one plan. Each says what it opens, ends by itself, can be withdrawn at any moment and counts how often it was opened.
 * Kept as hashes, so that whoever reads the database opens nothing.
 */
@Service
public class Shares {
    /** A link that opens another device of one's own, once. */
    public static final Duration ONCE = Duration.ofMinutes(10);
    /** What the device that used it is known for. */
    public static final Duration WORKING_DAY = Duration.ofHours(14);

    private static final Field DAYS = Field.count("days", "The days", 1, 365, 14, "A link ends by itself.");
    /** In one plan at a time. */
    private static final int MOST = 40;

    private static final int MOST_NAME = 60;

    private final ShareRepository rows;
    private final PlanService plans;
    private final Register register;
    private final Tenancy tenancy;
    private final Audit audit;
    private final Clock clock;

    Shares(ShareRepository rows, PlanService plans, Register register, Tenancy tenancy, Audit audit, Clock clock) {
        this.rows = rows;
        this.plans = plans;
        this.register = register;
        this.tenancy = tenancy;
        this.audit = audit;
        this.clock = clock;
    }

    /** What a link opens. */
    public enum Kind {
        CLIENT("the client's sheet"),
        HANDOVER("the handover sheet"),
        TURNTABLE("the turntable");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }

    /** A link that is wished. @param name who it is for @param priced whether the client's sheet says a price */
    public record Wish(Kind kind, String name, boolean priced) {
        public Wish {
            Given.in("kind", kind);
            name = name == null ? "" : name.strip();
            if (name.length() > MOST_NAME) {
                throw new Refused(
                        "name",
                        Phrase.of(
                                "The name has {} letters; up to {} are shown.",
                                Quantity.count(name.length()),
                                Quantity.count(MOST_NAME)));
            }
        }
    }

    /** A link as its giver sees it. @param opened how often */
    public record ShareLink(
            long id,
            Kind kind,
            String name,
            boolean priced,
            Instant made,
            Instant until,
            int opened,
            @Absent Instant last) {}

    /** What somebody is let in with. @param secret that the browser shows from now on */
    public record Opened(String secret, Kind kind, long plan, Duration lasts) {}

    /** What a link shows, and as whom it is put together. */
    public record Sheet(Kind kind, long plan, boolean priced, Instant until, Who as) {}

    /** A link's secret; it is told once. */
    @Transactional
    public String make(long plan, Wish wish, int days) {
        DAYS.check(days);
        String name = plans.get(plan).document().name();
        rows.forget(now());
        if (rows.of(tenancy.workshop(), plan, now()).size() >= MOST) {
            throw new Refused(
                    "kind",
                    Phrase.of(
                            "This plan has {} links already. Withdraw one that is not needed.", Quantity.count(MOST)));
        }
        audit.tell(
                Audit.Kind.SHARE,
                "Made a link to " + wish.kind().words + " of " + name
                        + (wish.name().isEmpty() ? "" : ", for " + wish.name()));
        return kept(plan, wish, false, Duration.ofDays(days));
    }

    /** A link that opens the turntable on another device, once and soon. */
    @Transactional
    public String once(long plan) {
        plans.get(plan);
        rows.forget(now());
        return kept(plan, new Wish(Kind.TURNTABLE, "A device beside", false), true, ONCE);
    }

    @Transactional(readOnly = true)
    public List<ShareLink> of(long plan) {
        plans.get(plan);
        return rows.of(tenancy.workshop(), plan, now()).stream()
                .map(ShareRow::link)
                .toList();
    }

    /** Whoever has the link is shut out from the next request on. */
    @Transactional
    public void withdraw(long plan, long link) {
        if (rows.withdraw(tenancy.workshop(), plan, link) == 1) {
            audit.tell(
                    Audit.Kind.SHARE,
                    "Withdrew a link to " + plans.get(plan).document().name());
        }
    }

    /** Opens a link; none where it is unknown, used up, withdrawn or too old. */
    @Transactional
    public Optional<Opened> open(String secret) {
        return rows.held(Secrets.hash(secret), now()).map(row -> {
            String shown = row.isOnce() ? Secrets.link() : secret;
            row.opened(now(), row.isOnce() ? Secrets.hash(shown) : null, WORKING_DAY);
            rows.save(row);
            return new Opened(shown, row.kind(), row.planId(), Duration.between(now(), row.untilAt()));
        });
    }

    /** The sheet that a link shows. */
    @Transactional(readOnly = true)
    public Optional<Sheet> sheet(String secret) {
        return rows.valid(Secrets.hash(secret), now())
                .flatMap(row -> register.person(row.personId())
                        .map(PersonRow::who)
                        .map(giver -> new Sheet(
                                row.kind(),
                                row.planId(),
                                row.isPriced(),
                                row.untilAt(),
                                giver.at(row.planId(), Role.READER))));
    }

    /** Whoever has a link to a turntable: ticks and times as a helper, in that plan. */
    @Transactional(readOnly = true)
    public Optional<Who> turntable(String secret) {
        return sheet(secret).filter(s -> s.kind() == Kind.TURNTABLE).map(s -> s.as().at(s.plan(), Role.HELPER));
    }

    private String kept(long plan, Wish wish, boolean once, Duration lasts) {
        String secret = Secrets.link();
        rows.save(new ShareRow(Secrets.hash(secret), Tenancy.who(), plan, wish, once, now(), lasts));
        return secret;
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
