package sectorum.server.archive;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.json.Unread;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.MappingIterator;
import tools.jackson.databind.json.JsonMapper;

/**
 * An archive that came in, with nothing of it believed: names by pattern, sizes by what really comes out, every byte by its sum, and
 * nothing in it that its manifest does not tell.
 */
final class Unpacking implements AutoCloseable {
    static final long MOST_ENTRY = 64L << 20;
    static final long MOST_BYTES = 2L << 30;
    static final int MOST_ENTRIES = 20_000;

    private static final Pattern PATH =
            Pattern.compile("[a-z]+\\.json|plans/\\d{4}/(?:[a-z]+\\.jsonl?|pictures/\\d{4}\\.jpg)");

    private final JsonMapper json;
    private final ZipFile zip;
    private final Manifest manifest;

    private Unpacking(JsonMapper json, ZipFile zip) throws IOException {
        this.json = json;
        this.zip = zip;
        this.manifest = manifest();
        check();
    }

    static Unpacking of(Path file, JsonMapper json) {
        ZipFile zip = null;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
            return new Unpacking(json, zip);
        } catch (ZipException broken) {
            shut(zip);
            throw broken("This is no archive that can be read: it is cut off, or not a zip file. Fetch it again.");
        } catch (IOException unread) {
            shut(zip);
            throw broken("The archive cannot be read to its end. Fetch it again.");
        } catch (RuntimeException refused) {
            shut(zip);
            throw refused;
        }
    }

    private static void shut(@Absent ZipFile zip) {
        try {
            if (zip != null) {
                zip.close();
            }
        } catch (IOException gone) {
            throw new java.io.UncheckedIOException(gone);
        }
    }

    Manifest told() {
        return manifest;
    }

    private Manifest manifest() throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.NAME);
        if (entry == null) {
            throw broken("There is no manifest in it, so this is no Sectorum archive.");
        }
        return parsed(Manifest.NAME, bytes(entry, null), Manifest.class);
    }

    private void check() throws IOException {
        Set<String> told = new HashSet<>(Set.of(Manifest.NAME));
        long all = 0;
        if (manifest.files().size() > MOST_ENTRIES) {
            throw broken("It holds more than " + MOST_ENTRIES + " files; no workshop has so many.");
        }
        for (Manifest.Listed file : manifest.files()) {
            if (file == null
                    || file.path() == null
                    || !PATH.matcher(file.path()).matches()
                    || !told.add(file.path())) {
                throw broken("It tells of a file that no archive has: \""
                        + (file == null ? "" : shortened("" + file.path())) + "\".");
            }
            ZipEntry entry = zip.getEntry(file.path());
            if (entry == null) {
                throw broken("\"" + file.path() + "\" is missing in it. It was cut off, or changed.");
            }
            MessageDigest digest = Packing.sha256();
            long size = bytes(entry, digest).length;
            all += size;
            if (all > MOST_BYTES) {
                throw broken("It holds more than " + (MOST_BYTES >> 20) + " MB.");
            }
            if (size != file.bytes()
                    || !HexFormat.of().formatHex(digest.digest()).equals(file.sha256())) {
                throw broken("\"" + file.path() + "\" is not as it was written. The archive was damaged, or changed.");
            }
        }
        for (Enumeration<? extends ZipEntry> e = zip.entries(); e.hasMoreElements(); ) {
            if (!told.contains(e.nextElement().getName())) {
                throw broken("There is more in it than its manifest tells.");
            }
        }
    }

    /** Counted as it comes out, whatever the entry states. */
    private byte[] bytes(ZipEntry entry, @Absent MessageDigest digest) throws IOException {
        try (InputStream in = zip.getInputStream(entry);
                InputStream counted = digest == null ? in : new DigestInputStream(in, digest)) {
            byte[] bytes = new Limited(counted).readAllBytes();
            return bytes;
        }
    }

    /** Ends with a refusal where more comes than any entry may have. */
    private static final class Limited extends FilterInputStream {
        private long left = MOST_ENTRY;

        Limited(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            spend(1);
            return super.read();
        }

        @Override
        public int read(byte[] to, int from, int many) throws IOException {
            int got = super.read(to, from, many);
            spend(Math.max(0, got));
            return got;
        }

        private void spend(int many) {
            left -= many;
            if (left < 0) {
                throw broken("A file in it unpacks to more than " + (MOST_ENTRY >> 20) + " MB.");
            }
        }
    }

    boolean has(String path) {
        return manifest.files().stream().anyMatch(f -> f.path().equals(path));
    }

    byte[] bytes(String path) {
        try {
            ZipEntry entry = zip.getEntry(path);
            if (entry == null) {
                throw broken("\"" + path + "\" is missing in it.");
            }
            return bytes(entry, null);
        } catch (IOException unread) {
            throw broken("\"" + path + "\" cannot be read.");
        }
    }

    <T> T read(String path, Class<T> type) {
        return parsed(path, bytes(path), type);
    }

    /** Values a line each; none where there is no such file. */
    <T> List<T> lines(String path, Class<T> type) {
        if (!has(path)) {
            return List.of();
        }
        List<T> all = new ArrayList<>();
        try (MappingIterator<T> values = json.readerFor(type).readValues(bytes(path))) {
            values.forEachRemaining(all::add);
        } catch (JacksonException wrong) {
            throw told(path, wrong);
        }
        return all;
    }

    private <T> T parsed(String path, byte[] bytes, Class<T> type) {
        try {
            return json.readValue(bytes, type);
        } catch (JacksonException wrong) {
            throw told(path, wrong);
        }
    }

    private static Refused told(String path, JacksonException wrong) {
        Unread unread = Unread.of(wrong);
        if (unread.refused() != null) {
            return new Refused(
                    path,
                    Phrase.of(
                            "In {}: {}",
                            Quantity.text(path),
                            Quantity.text("" + unread.refused().phrase())));
        }
        String at = unread.field().isEmpty() ? "" : ", at " + unread.field();
        return broken("\"" + path + "\" cannot be understood" + at + ": " + unread.why());
    }

    static Refused broken(String why) {
        return new Refused("archive", Phrase.of("{} Nothing was taken in.", Quantity.text(why)));
    }

    private static String shortened(@Absent String text) {
        return text == null || text.length() <= 120 ? "" + text : text.substring(0, 120) + "…";
    }

    @Override
    public void close() {
        shut(zip);
    }
}
