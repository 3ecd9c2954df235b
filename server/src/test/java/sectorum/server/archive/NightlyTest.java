package sectorum.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Seven nights deep, and nothing else in the folder is touched. */
class NightlyTest {
    @Test
    void theSevenNewestStayAndOnlyThese(@TempDir Path folder) throws IOException {
        Files.createFile(folder.resolve("my-own.zip"));
        MachineBackup backup = mock(MachineBackup.class);
        doAnswer(call -> Files.createFile(call.getArgument(0))).when(backup).write(any());
        for (int day = 1; day <= 12; day++) {
            Clock night = Clock.fixed(Instant.parse("2026-11-%02dT03:30:00Z".formatted(day)), ZoneOffset.UTC);
            new Nightly(backup, night, folder).write();
        }
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(f -> f.getFileName().toString()))
                    .containsExactlyInAnyOrder(
                            "my-own.zip",
                            "sectorum-2026-11-06.zip",
                            "sectorum-2026-11-07.zip",
                            "sectorum-2026-11-08.zip",
                            "sectorum-2026-11-09.zip",
                            "sectorum-2026-11-10.zip",
                            "sectorum-2026-11-11.zip",
                            "sectorum-2026-11-12.zip");
        }
    }
}
