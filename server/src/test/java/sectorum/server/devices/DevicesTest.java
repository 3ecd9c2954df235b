package sectorum.server.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.PipedInputStream;
import java.io.PipedOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.device.CutJob;
import sectorum.device.CutPath;
import sectorum.device.DeviceKind;
import sectorum.device.SugarWatch;
import sectorum.measure.Refused;

/** The stand-ins with their faults, seeded; time goes as the test says. */
class DevicesTest {
    private static final long T = 1_800_000_000_000L;
    private final Devices devices = new Devices();

    private Devices.DeviceView after(String id, double seconds) {
        Devices.DeviceView view = devices.of(id, T);
        for (long ms = 200; ms <= seconds * 1000; ms += 200) {
            view = devices.of(id, T + ms);
        }
        return view;
    }

    @ParameterizedTest
    @CsvSource({"scale, 342.6, 0.3", "tape, 731.5, 0.6", "scale, 12.3, 0.3", "tape, 118, 0.6"})
    void aReadingSettlesToWhatLiesThere(String id, double value, double within) {
        after(id, 1);
        devices.put(id, value, T + 1000);
        assertThat(devices.of(id, T + 1400).reading().settled()).isFalse();
        Devices.DeviceView still = devices.of(id, T + 6000);
        assertThat(still.reading().settled()).isTrue();
        assertThat(still.reading().value()).isCloseTo(value, within(within));
    }

    @Test
    void aTaredScaleWeighsWhatIsAdded() {
        devices.put("scale", 250, T);
        devices.of("scale", T + 5000);
        devices.tare("scale", T + 5000);
        devices.put("scale", 310, T + 6000);
        assertThat(devices.of("scale", T + 12_000).reading().value()).isCloseTo(60, within(0.3));
    }

    @Test
    void overItsRangeItSaysSo() {
        devices.put("scale", 9000, T);
        Devices.DeviceView view = devices.of("scale", T + 6000);
        assertThat(view.reading().value()).isNull();
        assertThat(view.reading().problem()).contains("over its range");
    }

    @ParameterizedTest
    @CsvSource({"UNPLUGGED, does not answer", "NONSENSE, Look at it"})
    void aFaultIsSaidAndGoesAway(String fault, String said) {
        devices.put("scale", 100, T);
        devices.fault("scale", fault, T + 5000);
        assertThat(devices.of("scale", T + 6000).reading().value()).isNull();
        assertThat(devices.of("scale", T + 6000).reading().problem()).contains(said);
        devices.fault("scale", "none", T + 7000);
        assertThat(devices.of("scale", T + 12_000).reading().value()).isCloseTo(100, within(0.3));
    }

    @Test
    void inADraughtItNeverSettles() {
        devices.put("scale", 100, T);
        devices.fault("scale", "NOISE", T);
        for (int s = 5; s < 60; s++) {
            assertThat(devices.of("scale", T + 1000L * s).reading().settled()).isFalse();
        }
    }

    @ParameterizedTest
    @CsvSource({"scale, 100, 0.5, oz", "tape, 731, 0.6, in"})
    void whoeverPressedItsUnitButtonTheValueIsTheSame(String id, double value, double within, String unit) {
        devices.put(id, value, T);
        devices.fault(id, "OTHER_UNIT", T);
        Devices.DeviceView view = devices.of(id, T + 6000);
        assertThat(view.reading().shown()).endsWith(unit);
        assertThat(view.reading().value()).isCloseTo(value, within(within));
    }

    static Stream<Random> seeds() {
        return IntStream.range(0, 40).mapToObj(i -> new Random(7919L * i + 17));
    }

    /** Whoever takes the pan off when it is called gets hard crack, however often the panel asks. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aPanTakenOffWhenItIsCalledEndsInTheWindow(Random random) {
        devices.put("probe", 1, T);
        long ms = T;
        SugarWatch.Phase phase = SugarWatch.Phase.HEATING;
        while (phase != SugarWatch.Phase.TAKE_OFF && ms < T + 600_000) {
            ms += 200 + random.nextInt(900);
            phase = devices.of("probe", ms).sugar().phase();
        }
        assertThat(phase).isEqualTo(SugarWatch.Phase.TAKE_OFF);
        assertThat(devices.of("probe", ms).reading().value()).isLessThan(150);
        devices.put("probe", 0, ms + 500);
        double peak = 0;
        for (long t = ms + 500; t < ms + 30_000; t += 400) {
            peak = Math.max(peak, devices.of("probe", t).reading().value());
        }
        assertThat(peak).isBetween(SugarWatch.LEAST - 0.3, SugarWatch.MOST);
    }

    @Test
    void theRoomIsTheSameByTheHourAsItSaysNow() {
        long hour = T - T % 3_600_000;
        List<RoomSensor.Hour> hours = devices.hours(hour - 24 * 3_600_000L, hour);
        assertThat(hours).hasSize(25);
        assertThat(hours.get(24).humidity())
                .isCloseTo(devices.of("room", hour).reading().value(), within(0.02));
        assertThat(hours).allSatisfy(h -> assertThat(h.humidity()).isBetween(0.2, 0.95));
        devices.fault("room", "UNPLUGGED", T);
        assertThat(devices.hours(T - 7_200_000, T)).isEmpty();
    }

    private static CutJob job() {
        return new CutJob(new CutPath(
                100,
                100,
                List.of(
                        new CutPath.Stroke(false, List.of(0.0, 0.0, 90.0, 0.0)),
                        new CutPath.Stroke(true, List.of(0.0, 10.0, 80.0, 10.0)),
                        new CutPath.Stroke(true, List.of(0.0, 20.0, 80.0, 20.0)))));
    }

    @Test
    void theCutterFailsOnATornSheetAndGoesOnWithTheStrokeThatWasNotFinished() {
        CutJob job = job();
        devices.cut(job, "Scallop", true, T);
        CuttingMachine.Status torn = devices.cutter().status(T + (long) (job.seconds() * 1000));
        assertThat(torn.state()).isEqualTo(CuttingMachine.State.TORN);
        int stroke = job.at(torn.seconds()).stroke();
        assertThat(devices.cutter().status(T + 900_000).seconds()).isEqualTo(torn.seconds());
        devices.cutter().resume(T + 1_000_000);
        CuttingMachine.Status on = devices.cutter().status(T + 1_000_000);
        assertThat(on.state()).isEqualTo(CuttingMachine.State.RUNS);
        assertThat(on.seconds()).isEqualTo(job.begins(stroke));
        assertThat(devices.cutter().status(T + 2_000_000).state()).isEqualTo(CuttingMachine.State.DONE);
    }

    @Test
    void pausedItStandsStillAndGoesOnThere() {
        CutJob job = job();
        devices.cut(job, "Scallop", false, T);
        devices.cutter().pause(T + 1500);
        assertThat(devices.cutter().status(T + 60_000).seconds()).isCloseTo(1.5, within(1e-9));
        devices.cutter().resume(T + 60_000);
        assertThat(devices.cutter().status(T + 61_000).seconds()).isCloseTo(2.5, within(1e-9));
    }

    @Test
    void wrongQuestionsAreRefusedByName() {
        assertThatThrownBy(() -> devices.of("oven", T))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("oven");
        assertThatThrownBy(() -> devices.tare("tape", T))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("tape");
        assertThatThrownBy(() -> devices.fault("tape", "BROKEN", T)).hasMessageContaining("UNPLUGGED");
        assertThatThrownBy(() -> devices.put("tape", Double.NaN, T)).isInstanceOf(Refused.class);
    }

    /** The example of docs/devices.md is this class, and it works. */
    @Test
    void aRealDeviceIsOneNewClass() throws Exception {
        PipedOutputStream wire = new PipedOutputStream();
        ByteArrayOutputStream back = new ByteArrayOutputStream();
        Devices real = new Devices(
                List.of(new ExampleScale(new PipedInputStream(wire), back)),
                new SimulatedCutter(),
                new SimulatedPrinter());
        wire.write("+ 85.2 g S\r\n".getBytes(StandardCharsets.US_ASCII));
        wire.flush();
        soon(() -> {
            Devices.DeviceView view = real.of("scale", System.currentTimeMillis());
            return view.reading().value() != null
                    && view.reading().settled()
                    && view.reading().value() == 85.2;
        });
        assertThat(real.all(T).get(0).fault()).isNull();
        assertThat(real.all(T).get(0).kind()).isEqualTo(DeviceKind.SCALE);
        real.tare("scale", T);
        assertThat(back.toString(StandardCharsets.US_ASCII)).isEqualTo("T\r\n");
        assertThatThrownBy(() -> real.put("scale", 1, T)).hasMessageContaining("real device");
        wire.close();
        soon(() -> real.of("scale", System.currentTimeMillis()).reading().value() == null);
    }

    /** What another thread does comes in a moment. */
    private static void soon(java.util.function.BooleanSupplier come) {
        long patience = System.nanoTime() + 10_000_000_000L;
        while (!come.getAsBoolean()) {
            assertThat(System.nanoTime()).isLessThan(patience);
            java.util.concurrent.locks.LockSupport.parkNanos(20_000_000);
        }
    }

    @Test
    void theDocumentShowsTheClassThatIsCompiled() throws Exception {
        String source = Files.readString(Path.of("src/test/java/sectorum/server/devices/ExampleScale.java"));
        String shown = source.substring(source.indexOf("/** A scale on a serial line"));
        assertThat(Files.readString(Path.of("../docs/devices.md"))).contains(shown.strip());
    }
}
