package sectorum.turntable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Seeds;

/** How long hands were at it, out of what they pressed. A line is device, minute, kind, step, amount. */
class WorkClockTest {
    private static final List<StepKey> STEPS = List.of(
            new StepKey("roll/1", "roll", 0, List.of(), false, 12),
            new StepKey("set/1", "set", 20, List.of(), false, 40));

    private static WorkTime of(String... lines) {
        List<KeptEntry> journal = new ArrayList<>();
        for (String line : lines) {
            String[] w = line.split(" ");
            Entry.Kind kind = Entry.Kind.valueOf(w[2]);
            String step = w.length > 3 ? w[3] : "";
            boolean refers = kind.refers();
            journal.add(new KeptEntry(
                    new Entry(
                            "e" + journal.size(),
                            w[0],
                            w[0],
                            minute(w[1]),
                            0,
                            kind,
                            refers ? "" : step,
                            w.length > 4 ? Double.parseDouble(w[4]) : kind.least(),
                            refers ? step : "",
                            null),
                    journal.size() + 1));
        }
        return BenchState.of(STEPS, journal).work();
    }

    private static long minute(String at) {
        return 1_000_000_000_000L + (long) (Double.parseDouble(at) * 60_000);
    }

    @Test
    void fromPressToPressToTheStepThatTheLaterIsAbout() {
        WorkTime work =
                of("a 0 BEGIN", "a 12 TICK roll/1", "a 20 COUNT set/1 5", "a 27 COUNT set/1 15", "a 28 TICK set/1");
        assertThat(work.at("roll/1").minutes()).isCloseTo(12, within(1e-9));
        assertThat(work.at("set/1").minutes()).isCloseTo(16, within(1e-9));
        assertThat(work.at("set/1").asked()).isZero();
        assertThat(work.at("roll/1").from()).isEqualTo(minute("0"));
    }

    @Test
    void pausesAreLeftOutAndWhatWasWorkedBeforeThemIsNot() {
        WorkTime work = of("a 0 BEGIN", "a 5 PAUSE", "a 65 BEGIN", "a 72 TICK roll/1");
        assertThat(work.at("roll/1").minutes()).isCloseTo(12, within(1e-9));
        WorkTime still = of("a 0 BEGIN", "a 5 PAUSE");
        assertThat(still.clocks()).singleElement().satisfies(c -> {
            assertThat(c.since()).isNull();
            assertThat(c.kept()).isCloseTo(5, within(1e-9));
        });
    }

    /** Over 20 minutes and over four times what is planned, hands were elsewhere: it is asked, not guessed. */
    @ParameterizedTest
    @CsvSource({"48, 0", "49, 49", "600, 600"})
    void aForgottenStopIsAskedFor(String at, double asked) {
        WorkTime work = of("a 0 BEGIN", "a " + at + " TICK roll/1");
        assertThat(work.at("roll/1").asked()).isCloseTo(asked, within(1e-9));
        assertThat(work.at("roll/1").minutes()).isCloseTo(asked > 0 ? 0 : Double.parseDouble(at), within(1e-9));
    }

    @Test
    void whatSomebodySaysWinsOverTheClock() {
        WorkTime work = of("a 0 BEGIN", "a 600 TICK roll/1", "a 601 WORKED roll/1 14");
        assertThat(work.at("roll/1").minutes()).isEqualTo(14);
        assertThat(work.at("roll/1").asked()).isZero();
    }

    @Test
    void aStepTickedWithoutABeginningIsAskedFor() {
        assertThat(of("a 0 TICK roll/1").at("roll/1").asked()).isPositive();
    }

    @Test
    void twoPairsOfHandsAddUp() {
        WorkTime work = of("a 0 BEGIN", "b 0 BEGIN", "a 10 COUNT set/1 10", "b 12 COUNT set/1 10");
        assertThat(work.at("set/1").minutes()).isCloseTo(22, within(1e-9));
        assertThat(work.clocks()).extracting(WorkTime.Clock::device).containsExactly("a", "b");
    }

    @Test
    void whatWasSkippedOrTakenBackGivesNoTimeAndTheClockGoesOn() {
        WorkTime work = of("a 0 BEGIN", "a 10 SKIP roll/1", "a 15 COUNT set/1 3", "a 18 UNDO e2", "a 25 COUNT set/1 3");
        assertThat(work.at("roll/1")).isNull();
        assertThat(work.at("set/1").minutes()).isCloseTo(7, within(1e-9));
    }

    static Stream<Random> seeds() {
        return Seeds.randoms(200);
    }

    /** Of a sitting with pauses all of the time that hands were at work is given out, and no more. */
    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsLostAndNothingCountedTwice(Random random) {
        List<String> lines = new ArrayList<>();
        double at = 0;
        double working = 0;
        lines.add("a 0 BEGIN");
        for (int i = 0; i < 20; i++) {
            double worked = Seeds.between(random, 0.1, 9);
            at += worked;
            working += worked;
            if (random.nextInt(4) == 0) {
                lines.add("a " + at + " PAUSE");
                at += Seeds.between(random, 1, 500);
                lines.add("a " + at + " BEGIN");
            } else {
                lines.add("a " + at + (random.nextBoolean() ? " COUNT set/1 1" : " TICK roll/1"));
            }
        }
        lines.add("a " + at + " TICK set/1");
        double given = of(lines.toArray(String[]::new)).hands().stream()
                .mapToDouble(WorkTime.Hands::minutes)
                .sum();
        assertThat(given).isCloseTo(working, within(1e-3));
    }
}
