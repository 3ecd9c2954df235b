package sectorum.turntable;

import java.util.regex.Pattern;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Wording;

/**
 * One line of a job's journal: what somebody did at the bench. Lines are only ever added; what is taken back is a line, too.
 *
 * @param id made by the device, so that a line sent twice is one
 * @param device that it was made on
 * @param who worked; empty: nobody said
 * @param at milliseconds since the epoch, by the clock of the server as far as the device knows it
 * @param seen the place of the last line that the device knew of then; 0: of none
 * @param step that it is about; empty: about none
 * @param amount of a count, or of what broke, how many; of a reading, mm; of what was used, g; of what was worked, minutes
 * @param about another line's id where one is taken back, stopped or looked at; else words: a timer's name, a reason, a note
 * @param window of a timer; absent: it is none
 */
public record Entry(
        String id,
        String device,
        String who,
        long at,
        long seen,
        Kind kind,
        String step,
        double amount,
        String about,
        @Absent Window window) {
    private static final Pattern NAME = Pattern.compile("[0-9a-zA-Z-]{1,40}");
    private static final int LONGEST_STEP = 160;
    private static final int LONGEST_WORDS = 2000;
    private static final double MOST_COUNTED = 100_000;
    /** Of a reading, mm, and of what was weighed, g. */
    private static final double MOST_MM = 20_000;

    private static final double MOST_MINUTES = 6000;
    /** The year 2200, ms. */
    private static final long LAST_MS = 7_258_118_400_000L;

    /** What was done. */
    public enum Kind {
        /** The step is done, the rest of it with it. */
        TICK,
        /** So many more places of it are done. */
        COUNT,
        /** It is passed over, for a reason. */
        SKIP,
        /** Another line is taken back. */
        UNDO,
        /** A timer begins. */
        TIMER,
        /** A timer is over. */
        STOP,
        /** Something was measured. */
        READING,
        NOTE,
        /** What two did to one step was looked at. */
        SETTLED,
        /** Hands go to work. */
        BEGIN,
        /** Hands leave the work. */
        PAUSE,
        /** So many minutes were worked at the step, whatever the clock says. */
        WORKED,
        /** So many pieces broke. */
        BROKEN,
        /** So many grams were used. */
        USED,
        /** What a timer counts stands now, or can be handled. */
        HANDLED,
        /** What a timer counts is hard now. */
        HARD;

        /** Whether it is about another line. */
        public boolean refers() {
            return this == UNDO || this == STOP || this == HANDLED || this == HARD;
        }

        /** The least that its amount may be. */
        public double least() {
            return this == COUNT || this == BROKEN ? 1 : 0;
        }

        private double most() {
            return switch (this) {
                case COUNT, BROKEN -> MOST_COUNTED;
                case WORKED -> MOST_MINUTES;
                default -> MOST_MM;
            };
        }
    }

    public Entry {
        id = named("id", id);
        device = named("device", device);
        who = Wording.checked("who", "A name", who == null ? "" : who, 0, 40);
        kind = Given.in("kind", kind);
        step = step == null ? "" : step;
        about = about == null ? "" : about;
        if (step.length() > LONGEST_STEP) {
            throw tooLong("step", step, LONGEST_STEP);
        }
        if (about.length() > LONGEST_WORDS) {
            throw tooLong("about", about, LONGEST_WORDS);
        }
        if (at < 0 || at > LAST_MS) {
            throw outside("at", at, 0, LAST_MS);
        }
        if (seen < 0) {
            throw outside("seen", seen, 0, Long.MAX_VALUE);
        }
        if (!(amount >= kind.least() && amount <= kind.most())) {
            throw outside("amount", amount, kind.least(), kind.most());
        }
        if ((kind == Kind.TIMER) != (window != null)) {
            throw new Refused(
                    "window",
                    Phrase.of(
                            "A line of kind {} {}.",
                            Quantity.text("" + kind),
                            Quantity.text(window == null ? "needs a window" : "has no window")));
        }
        if (kind.refers()) {
            named("about", about);
        }
    }

    private static String named(String field, @Absent String name) {
        if (name == null || !NAME.matcher(name).matches()) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "\"{}\" is no name of a line or a device. Write 1 to 40 letters, digits and hyphens.",
                            Quantity.text("" + name)));
        }
        return name;
    }

    private static Refused tooLong(String field, String words, int most) {
        return new Refused(
                field,
                Phrase.of(
                        "{} characters in \"{}\"; up to {} are kept. Say it in fewer.",
                        Quantity.count(words.length()),
                        Quantity.text(field),
                        Quantity.count(most)));
    }

    private static Refused outside(String field, double value, double least, double most) {
        return new Refused(
                field,
                Phrase.of(
                        "\"{}\" of a line is {}; it lies between {} and {}. Make the line anew.",
                        Quantity.text(field),
                        Quantity.plain(value),
                        Quantity.plain(least),
                        Quantity.plain(most)));
    }
}
