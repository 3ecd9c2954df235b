package sectorum.server.archive;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes an archive: its entries into a folder first, then the manifest, which tells of them, before them. */
final class Packing implements AutoCloseable {
    /** The same for every entry, so that the same workshop gives the same bytes. */
    private static final LocalDateTime ALWAYS = LocalDateTime.of(2000, 1, 1, 0, 0);

    private final JsonMapper json;
    private final Path folder;
    private final List<Manifest.Listed> files = new ArrayList<>();
    private final Map<String, Integer> counts = new TreeMap<>();

    Packing(JsonMapper json) {
        this.json = json;
        try {
            folder = Files.createTempDirectory("sectorum-archive");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** What writes an entry. */
    interface Body {
        void to(OutputStream out) throws IOException;
    }

    void count(String kind, int more) {
        counts.merge(kind, more, Integer::sum);
    }

    void json(String path, Object value) {
        byte[] bytes = json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsBytes(value);
        add(path, out -> out.write(bytes));
    }

    /** A value a line. */
    void lines(String path, List<?> values) {
        add(path, out -> {
            for (Object value : values) {
                out.write(json.writeValueAsBytes(value));
                out.write('\n');
            }
        });
    }

    void add(String path, Body body) {
        Path file = folder.resolve(String.valueOf(files.size()));
        MessageDigest digest = sha256();
        try (OutputStream out = new DigestOutputStream(Files.newOutputStream(file), digest)) {
            body.to(out);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        files.add(new Manifest.Listed(path, size(file), HexFormat.of().formatHex(digest.digest())));
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** The whole of it. */
    void write(Manifest.Scope scope, String workshop, OutputStream out) throws IOException {
        Manifest manifest = new Manifest(Manifest.FORMAT, Manifest.VERSION, scope, workshop, counts, files);
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            entry(zip, Manifest.NAME);
            zip.write(json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsBytes(manifest));
            zip.closeEntry();
            for (int i = 0; i < files.size(); i++) {
                entry(zip, files.get(i).path());
                try (InputStream in = Files.newInputStream(folder.resolve(String.valueOf(i)))) {
                    in.transferTo(zip);
                }
                zip.closeEntry();
            }
        }
    }

    private static void entry(ZipOutputStream zip, String path) throws IOException {
        ZipEntry entry = new ZipEntry(path);
        entry.setTimeLocal(ALWAYS);
        zip.putNextEntry(entry);
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException("Every Java has it", never);
        }
    }

    @Override
    public void close() {
        org.springframework.util.FileSystemUtils.deleteRecursively(folder.toFile());
    }
}
