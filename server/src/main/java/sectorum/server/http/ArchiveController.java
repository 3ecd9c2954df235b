package sectorum.server.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.archive.Archives;
import sectorum.server.people.Denied;
import sectorum.server.plans.PlanService;
import sectorum.server.tenancy.Tenancy;

/** Archives out and in. */
@RestController
class ArchiveController {
    static final String PATH = "/api/archive";
    /** More than any workshop has; past it something else is sent. */
    private static final long MOST_BYTES = 1L << 30;

    private static final long PATIENCE_MS = 30_000;
    private static final long SLOWEST_BYTES_PER_MS = 16;
    private static final int AT_ONCE = 2;

    private final Archives archives;
    private final PlanService plans;
    private final Tenancy tenancy;
    private final Clock clock;
    private final Semaphore room = new Semaphore(AT_ONCE);

    ArchiveController(Archives archives, PlanService plans, Tenancy tenancy, Clock clock) {
        this.archives = archives;
        this.plans = plans;
        this.tenancy = tenancy;
        this.clock = clock;
    }

    private interface Written {
        void to(OutputStream out) throws IOException;
    }

    /** The whole workshop. */
    @GetMapping(PATH)
    void workshop(HttpServletResponse response) throws IOException {
        give(tenancy.names().workshop() + " " + LocalDate.now(clock), response, archives::write);
    }

    /** One plan with its versions, journal and pictures. */
    @GetMapping("/api/plans/{id}/archive")
    void plan(@PathVariable long id, HttpServletResponse response) throws IOException {
        give(plans.get(id).document().name(), response, out -> archives.writePlan(id, out));
    }

    /** The drawings that are kept for other plans. */
    @GetMapping("/api/art/drawer/archive")
    void drawer(HttpServletResponse response) throws IOException {
        give(tenancy.names().workshop() + ", drawings", response, archives::writeDrawer);
    }

    private void give(String name, HttpServletResponse response, Written archive) throws IOException {
        if (!room.tryAcquire()) {
            throw new Denied(Denied.Why.TOO_OFTEN, "Other archives are being written just now. Try again in a minute.");
        }
        try {
            String file = name.replaceAll("[^\\p{L}\\p{N} ._,-]", "").strip() + ".sectorum.zip";
            response.setContentType("application/zip");
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment()
                            .filename(file, StandardCharsets.UTF_8)
                            .build()
                            .toString());
            archive.to(response.getOutputStream());
        } finally {
            room.release();
        }
    }

    /** Takes an archive in: read and checked wholly first, then all or nothing. */
    @PostMapping(PATH)
    Archives.ArchiveReport take(HttpServletRequest request) throws IOException {
        if (!room.tryAcquire()) {
            throw new Denied(Denied.Why.TOO_OFTEN, "Other archives are being read just now. Try again in a minute.");
        }
        Path file = Files.createTempFile("sectorum-archive", ".zip");
        try {
            receive(request, file);
            return archives.take(file);
        } finally {
            Files.deleteIfExists(file);
            room.release();
        }
    }

    private static void receive(HttpServletRequest request, Path file) throws IOException {
        long started = System.nanoTime();
        byte[] block = new byte[64 * 1024];
        long all = 0;
        try (OutputStream out = Files.newOutputStream(file)) {
            InputStream in = request.getInputStream();
            for (int got = in.read(block); got >= 0; got = in.read(block)) {
                all += got;
                if (all > MOST_BYTES) {
                    throw new Refused(
                            "archive",
                            Phrase.of(
                                    "The archive has over {} MB. Choose another file.",
                                    Quantity.count(MOST_BYTES >> 20)));
                }
                long ms = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - started);
                if (ms > PATIENCE_MS + all / SLOWEST_BYTES_PER_MS) {
                    throw new Refused("archive", Phrase.of("The archive came too slowly. Send it again."));
                }
                out.write(block, 0, got);
            }
        }
    }
}
