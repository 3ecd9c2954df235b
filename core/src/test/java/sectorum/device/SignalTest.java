package sectorum.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.Seeds;

/** Lines of devices: units, what is over the range, what is nonsense, and when a reading may be taken. */
class SignalTest {
    @ParameterizedTest
    @CsvSource({
        "SCALE, ST 123.4 g, 123.4, true",
        "SCALE, US 1.2 kg, 1200, false",
        "SCALE, ST 4.0 oz, 113.398, true",
        "SCALE, ST -2.5 g, -2.5, true",
        "TAPE, ST 731 mm, 731, true",
        "TAPE, ST 73.1 cm, 731, true",
        "TAPE, ST 28.75 in, 730.25, true",
        "THERMOMETER, ST 149.5 C, 149.5, true",
        "THERMOMETER, ST 300 F, 148.889, true",
        "ROOM, ST 52.5 %, 0.525, true",
    })
    void everyUnitIsReadAndStored(DeviceKind kind, String line, double value, boolean settled) {
        DeviceReading reading = Signal.read(kind, line);
        assertThat(reading.value()).isCloseTo(value, within(1e-3));
        assertThat(reading.settled()).isEqualTo(settled);
        assertThat(reading.problem()).isEmpty();
    }

    @Test
    void aRoomSensorSaysItsWarmthToo() {
        assertThat(Signal.read(DeviceKind.ROOM, "ST 61.0 % 21.5 C").celsius()).isEqualTo(21.5);
        assertThat(Signal.read(DeviceKind.ROOM, "ST 61.0 % 70.0 F").celsius()).isCloseTo(21.111, within(1e-3));
        assertThat(Signal.read(DeviceKind.ROOM, "ST 61.0 %").celsius()).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "SCALE, OL, over its range",
        "SCALE, ST 12 C, no reading",
        "SCALE, ST 99999 g, cannot be",
        "TAPE, ST -5 mm, cannot be",
        "THERMOMETER, ST 9999 C, cannot be",
        "ROOM, ST 180 %, cannot be",
        "SCALE, g 12, no reading",
        "SCALE, ST NaN g, no reading",
        "SCALE, ST 1e9 g, no reading",
        "SCALE, '', no reading",
    })
    void whatIsNoReadingSaysWhyAndGivesNoValue(DeviceKind kind, String line, String why) {
        DeviceReading reading = Signal.read(kind, line);
        assertThat(reading.value()).isNull();
        assertThat(reading.problem()).contains(why).contains(kind.words());
        assertThat(reading.settled()).isFalse();
    }

    @Test
    void whatIsUnpluggedSaysSo() {
        assertThat(Signal.read(DeviceKind.SCALE, null).problem()).contains("plugged in");
    }

    static List<Random> seeds() {
        return Seeds.randoms(300).toList();
    }

    /** Whatever comes down a line, there is a reading or a reason, and never both. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noLineIsTooOdd(Random random) {
        StringBuilder line = new StringBuilder(random.nextBoolean() ? "ST " : "");
        int many = random.nextInt(60);
        for (int i = 0; i < many; i++) {
            line.append((char) (random.nextInt(10) == 0 ? random.nextInt(3000) : 32 + random.nextInt(96)));
        }
        for (DeviceKind kind : DeviceKind.values()) {
            DeviceReading reading = Signal.read(kind, line.toString());
            assertThat(reading.value() == null).isEqualTo(!reading.problem().isEmpty());
        }
    }

    @Test
    void aReadingMayBeTakenWhenFourLieStill() {
        Steady steady = new Steady(0.3);
        double[] said = {100, 96, 95.2, 95.0, 95.1, 95.0, 95.1};
        boolean[] may = {false, false, false, false, false, true, true};
        for (int i = 0; i < said.length; i++) {
            assertThat(steady.take(Signal.read(DeviceKind.SCALE, "ST " + said[i] + " g"))
                            .settled())
                    .isEqualTo(may[i]);
        }
        assertThat(steady.take(Signal.read(DeviceKind.SCALE, "US 95.0 g")).settled())
                .isFalse();
        assertThat(steady.take(Signal.read(DeviceKind.SCALE, "rubbish")).value())
                .isNull();
        assertThat(steady.take(Signal.read(DeviceKind.SCALE, "ST 95.0 g")).settled())
                .isFalse();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void fewerThanFourAreNeverEnough(int many) {
        Steady steady = new Steady(10);
        DeviceReading last = null;
        for (int i = 0; i < many; i++) {
            last = steady.take(Signal.read(DeviceKind.SCALE, "ST 95.0 g"));
        }
        assertThat(last.settled()).isFalse();
    }
}
