package sectorum.server.turntable;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.server.plans.PlanService;

/**
 * Links that open one plan's turntable on another device: each works once and for some minutes; the device that used it is
 * known for a working day. Kept as hashes, so that whoever reads the database opens nothing.
 */
@Service
public class Passes {
    public static final Duration LINK = Duration.ofMinutes(10);
    public static final Duration DAY = Duration.ofHours(14);
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final PassRepository rows;
    private final PlanService plans;
    private final Clock clock;

    Passes(PassRepository rows, PlanService plans, Clock clock) {
        this.rows = rows;
        this.plans = plans;
        this.clock = clock;
    }

    /** What a device shows that used a link. */
    public record Used(long plan, String secret) {}

    /** A link's secret for a plan. */
    @Transactional
    public String link(long plan) {
        plans.get(plan);
        rows.forget(clock.instant());
        return kept(plan, false, LINK);
    }

    /** Uses a link up; none where it is unknown, used or too old. */
    @Transactional
    public Optional<Used> use(String secret) {
        Optional<PassRow> link = rows.valid(hash(secret), false, clock.instant());
        if (link.isEmpty() || rows.take(hash(secret)) == 0) {
            return Optional.empty();
        }
        long plan = link.get().planId();
        return Optional.of(new Used(plan, kept(plan, true, DAY)));
    }

    /** The plan that a device may work at; none where its secret is unknown or too old. */
    @Transactional
    public Optional<Long> plan(String secret) {
        return rows.valid(hash(secret), true, clock.instant()).map(PassRow::planId);
    }

    private String kept(long plan, boolean used, Duration lasts) {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        Instant until = clock.instant().plus(lasts);
        rows.save(new PassRow(hash(secret), plan, used, until));
        return secret;
    }

    private static String hash(String secret) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException("Every Java has it", never);
        }
    }
}
