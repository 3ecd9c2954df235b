package sectorum.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.openqa.selenium.support.ui.FluentWait;
import sectorum.server.Http;

/** The application in a process of its own, which can really be ended and started again on the same port. */
final class OwnServer implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(40);

    private final int port = free();
    private Process process;

    private static int free() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    URI base() {
        return URI.create("http://127.0.0.1:" + port);
    }

    void start() {
        try {
            process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-Xmx300m",
                            "-cp",
                            System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                            "sectorum.server.SectorumApplication",
                            "--server.port=" + port,
                            "--server.tomcat.basedir="
                                    + Path.of("target", "tomcat-own").toAbsolutePath(),
                            "--spring.flyway.user=sectorum_owner",
                            "--spring.datasource.url=" + System.getenv("SECTORUM_TEST_DB") + "/"
                                    + System.getProperty("sectorum.database", "sectorum_test"),
                            "--sectorum.demo=false"))
                    .redirectErrorStream(true)
                    .redirectOutput(Path.of("target", "own-server.log").toFile())
                    .start();
            new FluentWait<>(this)
                    .withTimeout(PATIENCE)
                    .withMessage("The server of its own did not start; see target/own-server.log")
                    .until(OwnServer::answers);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private boolean answers() {
        try {
            return Http.stranger(base()).get("/api/here").status() == 200;
        } catch (IllegalStateException notYet) {
            return false;
        }
    }

    String read(String path) {
        return Http.entered(base()).get(path).text();
    }

    /** As when the plug is pulled. */
    void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        kill();
    }
}
