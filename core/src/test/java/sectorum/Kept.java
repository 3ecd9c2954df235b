package sectorum;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Files made from the code and kept in the house: stale ones fail, {@code -Dsectorum.write=true} makes them anew. */
public final class Kept {
    private static final Path HOUSE = Path.of("..");

    private Kept() {}

    public static void check(String path, String made) {
        Path file = HOUSE.resolve(path);
        try {
            if (Boolean.getBoolean("sectorum.write")) {
                Files.createDirectories(file.getParent());
                Files.writeString(file, made);
            }
            assertThat(file).as("run scripts/describe to make it anew").hasContent(made);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static String read(String path) {
        try {
            return Files.readString(HOUSE.resolve(path));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
