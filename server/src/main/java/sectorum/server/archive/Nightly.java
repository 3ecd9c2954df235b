package sectorum.server.archive;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.logging.Log;
import org.apache.commons.logging.LogFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;

/** A backup each night into a folder, where one was named; the seven newest stay. */
@Configuration
@EnableScheduling
@ConditionalOnProperty("sectorum.nightly")
class Nightly {
    private static final Log log = LogFactory.getLog(Nightly.class);
    static final int DEEP = 7;
    private static final String NAME = "sectorum-\\d{4}-\\d{2}-\\d{2}\\.zip";

    private final MachineBackup backup;
    private final Clock clock;
    private final Path folder;

    Nightly(MachineBackup backup, Clock clock, @Value("${sectorum.nightly}") Path folder) {
        this.backup = backup;
        this.clock = clock;
        this.folder = folder;
    }

    @Scheduled(cron = "${sectorum.nightly-at:0 30 3 * * *}")
    void write() throws IOException {
        Path file = folder.resolve("sectorum-" + LocalDate.now(clock) + ".zip");
        backup.write(file);
        thin(folder);
        log.info("Written for the night: " + file);
    }

    /** Only what is called as a nightly backup is ever taken away. */
    static void thin(Path folder) throws IOException {
        List<Path> old;
        try (Stream<Path> files = Files.list(folder)) {
            old = files.filter(f -> f.getFileName().toString().matches(NAME))
                    .sorted(Comparator.comparing(Path::getFileName).reversed())
                    .skip(DEEP)
                    .toList();
        }
        for (Path file : old) {
            Files.deleteIfExists(file);
        }
    }
}
