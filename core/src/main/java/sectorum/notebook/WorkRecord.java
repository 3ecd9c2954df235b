package sectorum.notebook;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import sectorum.bench.RateKind;
import sectorum.bench.Subject;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Wording;
import sectorum.plan.Check;
import sectorum.plan.Table;

/**
 * What one dressing, one piece made ahead or one task of a job took.
 *
 * @param id absent: it is not kept yet
 * @param plan whose it is; absent: a job of before
 * @param job what the order was called
 * @param at when it was begun, local, ISO, to the minute
 * @param subject what rates it speaks for, see {@link Subject}
 * @param name of the work, in words
 * @param task of the plan; empty: it was typed in
 * @param who worked; empty: nobody said
 * @param paste its material; absent: several, or none
 * @param humidity of the room, a share of one
 * @param celsius of the room
 * @param pictures by their numbers
 * @param markMm how far this hand's marks were off (σ), mm; absent: nobody measured
 * @param aside what it does not count for, each with a reason
 * @param waiting what it would teach that nobody has decided on; it does not count for these yet
 */
public record WorkRecord(
        @Absent Long id,
        @Absent Long plan,
        String job,
        String at,
        String subject,
        String name,
        String task,
        String who,
        @Absent Material paste,
        @Absent TimeTaken time,
        @Absent PiecesMade pieces,
        @Absent WeightUsed weight,
        @Absent DryingSeen drying,
        @Absent CoolingSeen cooling,
        @Absent PatchCovered patch,
        @Absent Double humidity,
        @Absent Double celsius,
        String note,
        List<Long> pictures,
        @Absent Double markMm,
        List<PutAside> aside,
        Set<RateKind> waiting) {
    private static final int MOST_PICTURES = 40;
    private static final Field CELSIUS =
            Field.share("celsius", "Warmth of the room, °C", -5, 45, 20, "Read the thermometer again.");

    /**
     * Hands.
     *
     * @param plain minutes by the plain tables
     * @param minutes they took
     */
    public record TimeTaken(double plain, double minutes) {
        public TimeTaken {
            Figures.check("time.plain", "Minutes by the plain table", plain, 0.01, 100_000);
            Figures.check("time.minutes", "Minutes taken", minutes, 0.01, 100_000);
        }
    }

    /**
     * Pieces.
     *
     * @param made in all, those that broke with them
     * @param broken of these
     * @param spare how many were planned beside those needed; absent: nobody planned
     */
    public record PiecesMade(int made, int broken, @Absent Integer spare) {
        public PiecesMade {
            Figures.check("pieces.made", "Pieces made", made, 1, 100_000);
            Figures.check("pieces.broken", "Pieces broken", broken, 0, made);
            if (spare != null) {
                Figures.check("pieces.spare", "Spare pieces", spare, 0, 100_000);
            }
        }
    }

    /**
     * What was weighed.
     *
     * @param plain g by the plain tables
     * @param grams it was
     * @param line whether it was piped or extruded by length; else it was pieces of a known size
     */
    public record WeightUsed(double plain, double grams, boolean line) {
        public WeightUsed {
            Figures.check("weight.plain", "Grams by the plain table", plain, 0.01, 100_000);
            Figures.check("weight.grams", "Grams weighed", grams, 0.01, 100_000);
        }
    }

    /**
     * Hours after it was made.
     *
     * @param plain until hard by the formula, in that room
     * @param handled until it stood or could be handled; absent: nobody saw it
     * @param hard until it was hard; absent likewise
     */
    public record DryingSeen(
            double plain, @Absent Double handled, @Absent Double hard) {
        public DryingSeen {
            Figures.check("drying.plain", "Hours by the formula", plain, 0.01, 5000);
            if (handled != null) {
                Figures.check("drying.handled", "Hours until handled", handled, 0.01, 5000);
            }
            if (hard != null) {
                Figures.check("drying.hard", "Hours until hard", hard, handled == null ? 0.01 : handled, 5000);
            }
        }
    }

    /**
     * Minutes.
     *
     * @param chilled until a piece could be lifted; absent: nobody saw it
     * @param soft until it was too soft to place; absent likewise
     */
    public record CoolingSeen(
            @Absent Double chilled, @Absent Double soft) {
        public CoolingSeen {
            if (chilled != null) {
                RateKind.CHILLING.check(chilled);
            }
            if (soft != null) {
                RateKind.SOFTENING.check(soft);
            }
        }
    }

    /**
     * A patch covered as one likes it.
     *
     * @param plain pieces that the technique would lay there
     * @param counted pieces that lie there
     */
    public record PatchCovered(double plain, int counted) {
        public PatchCovered {
            Figures.check("patch.plain", "Pieces by the look", plain, 0.1, 100_000);
            Figures.check("patch.counted", "Pieces counted", counted, 1, 100_000);
        }
    }

    /** What a record does not count for. */
    public record PutAside(RateKind kind, String why) {
        public PutAside {
            kind = Given.in("aside.kind", kind);
            why = Wording.checked("aside.why", "A reason", why == null ? "" : why, 1, 200);
        }
    }

    public WorkRecord {
        job = Wording.checked("job", "A job's name", job == null ? "" : job, 1, 120);
        at = Check.moment("at", Given.in("at", at));
        subject = Given.in("subject", subject);
        if (!Subject.isOne(subject) || subject.length() > 100) {
            throw new Refused(
                    "subject",
                    Phrase.of(
                            "\"{}\" is no technique, piece or task. Choose one from the list.",
                            Quantity.text(subject.length() > 60 ? subject.substring(0, 60) + "…" : subject)));
        }
        name = Wording.checked("name", "What was done", name == null ? "" : name, 1, 160);
        task = task == null ? "" : task;
        who = Wording.checked("who", "A name", who == null ? "" : who, 0, 40);
        note = Wording.checked("note", "A note", note == null ? "" : note, 0, 2000);
        pictures = Check.list("pictures", "Pictures", pictures == null ? List.of() : pictures, 0, MOST_PICTURES);
        if (humidity != null) {
            Table.HUMIDITY.check(humidity);
        }
        if (celsius != null) {
            CELSIUS.check(celsius);
        }
        if (markMm != null) {
            RateKind.HAND.check(markMm);
        }
        aside = Check.list("aside", "Reasons", aside == null ? List.of() : aside, 0, RateKind.values().length);
        waiting = waiting == null ? Set.of() : Collections.unmodifiableSet(new LinkedHashSet<>(waiting));
    }

    /** What it says of a kind of rate: a ratio to the plain figure, or the figure itself; not a number where it says nothing. */
    public double says(RateKind kind) {
        return switch (kind) {
            case TIME -> time == null ? Double.NaN : time.minutes() / time.plain();
            case BREAKAGE -> pieces == null ? Double.NaN : (double) pieces.broken() / pieces.made();
            case DENSITY -> weight == null || weight.line() ? Double.NaN : weight.grams() / weight.plain();
            case METRE -> weight == null || !weight.line() ? Double.NaN : weight.grams() / weight.plain();
            case DRYING -> dried();
            case COVERAGE -> patch == null ? Double.NaN : patch.counted() / patch.plain();
            case CHILLING -> cooling == null || cooling.chilled() == null ? Double.NaN : cooling.chilled();
            case SOFTENING -> cooling == null || cooling.soft() == null ? Double.NaN : cooling.soft();
            case HAND -> markMm == null ? Double.NaN : markMm;
        };
    }

    private double dried() {
        if (drying == null) {
            return Double.NaN;
        }
        if (drying.hard() != null) {
            return drying.hard() / drying.plain();
        }
        return drying.handled() == null
                ? Double.NaN
                : drying.handled() / (drying.plain() * sectorum.days.Drying.HANDLED);
    }

    /** What a rate that it speaks for is about: its subject, or its material; absent: it speaks for none. */
    @Absent
    public String about(RateKind kind) {
        return switch (kind) {
            case TIME, BREAKAGE, COVERAGE -> subject;
            case HAND -> Rates.HAND;
            case DENSITY, METRE, DRYING, CHILLING, SOFTENING -> paste == null ? null : paste.key();
        };
    }

    /** Whether it counts for a kind of rate. */
    public boolean counts(RateKind kind) {
        return isKnown(kind) && aside.stream().noneMatch(a -> a.kind() == kind) && !waiting.contains(kind);
    }

    /** Whether it says anything of a kind. */
    public boolean isKnown(RateKind kind) {
        return about(kind) != null && !Double.isNaN(says(kind));
    }

    /** The same under a number. */
    public WorkRecord known(long as) {
        return new WorkRecord(
                as, plan, job, at, subject, name, task, who, paste, time, pieces, weight, drying, cooling, patch,
                humidity, celsius, note, pictures, markMm, aside, waiting);
    }

    /** The same begun at another moment. */
    public WorkRecord begun(String moment) {
        return new WorkRecord(
                id, plan, job, moment, subject, name, task, who, paste, time, pieces, weight, drying, cooling, patch,
                humidity, celsius, note, pictures, markMm, aside, waiting);
    }

    /** The same of a plan's task; absent and empty: of none. */
    public WorkRecord of(@Absent Long order, String done) {
        return new WorkRecord(
                id, order, job, at, subject, name, done, who, paste, time, pieces, weight, drying, cooling, patch,
                humidity, celsius, note, pictures, markMm, aside, waiting);
    }

    /** What was found anew, with what was decided and written beside it before; what is new in it waits. */
    public WorkRecord after(WorkRecord before) {
        Set<RateKind> undecided = new LinkedHashSet<>(waiting);
        for (RateKind kind : RateKind.values()) {
            if (before.isKnown(kind) && !before.waiting.contains(kind)) {
                undecided.remove(kind);
            }
        }
        return new WorkRecord(
                before.id,
                plan,
                job,
                at,
                subject,
                name,
                task,
                who,
                paste,
                time,
                pieces,
                weight,
                drying,
                cooling == null ? before.cooling : cooling,
                patch == null ? before.patch : patch,
                humidity,
                celsius,
                note,
                before.pictures,
                before.markMm,
                before.aside,
                undecided);
    }

    /** The same counting so. */
    public WorkRecord decided(List<PutAside> without, Set<RateKind> undecided) {
        return new WorkRecord(
                id, plan, job, at, subject, name, task, who, paste, time, pieces, weight, drying, cooling, patch,
                humidity, celsius, note, pictures, markMm, without, undecided);
    }
}
