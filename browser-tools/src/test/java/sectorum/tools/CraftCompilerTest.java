package sectorum.tools;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The guard of a build that takes a minute: the same where nothing changed, another where anything did. */
class CraftCompilerTest {
    @TempDir
    Path folder;

    private Path classes(String content) throws IOException {
        Path classes = folder.resolve("classes");
        Files.createDirectories(classes.resolve("a"));
        Files.writeString(classes.resolve("a/B.class"), content);
        return classes;
    }

    private Path jar(String content) throws IOException {
        Path jar = folder.resolve("made.jar");
        try (OutputStream out = Files.newOutputStream(jar);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("META-INF/MANIFEST.MF"));
            zip.write(("made " + System.nanoTime()).getBytes());
            zip.putNextEntry(new ZipEntry("a/"));
            zip.putNextEntry(new ZipEntry("a/B.class"));
            zip.write(content.getBytes());
        }
        return jar;
    }

    private static String hash(String main, Path... entries) throws IOException {
        return CraftCompiler.hash(
                main, List.of(entries).stream().map(Path::toString).toList());
    }

    @Test
    void aJarIsTheFolderItWasMadeOf() throws IOException {
        assertThat(hash("Main", jar("one"))).isEqualTo(hash("Main", classes("one")));
        assertThat(hash("Main", jar("one"))).isEqualTo(hash("Main", jar("one")));
    }

    @Test
    void whateverChangedIsSeen() throws IOException {
        String first = hash("Main", classes("one"));
        assertThat(hash("Main", classes("two"))).isNotEqualTo(first);
        assertThat(hash("Other", classes("one"))).isNotEqualTo(first);
        Files.writeString(folder.resolve("classes/a/C.class"), "more");
        assertThat(hash("Main", classes("one"))).isNotEqualTo(first);
    }
}
