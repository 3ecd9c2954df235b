package sectorum.server.archive;

import java.util.List;
import java.util.Map;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * The first entry of an archive: what it is and all that is in it.
 *
 * @param format always {@value #FORMAT}
 * @param version of the format, {@value #VERSION}
 * @param scope what it holds
 * @param workshop whose it was
 * @param counts how many of each kind it holds
 * @param files every other entry, in order
 */
public record Manifest(
        String format, int version, Scope scope, String workshop, Map<String, Integer> counts, List<Listed> files) {
    public static final String FORMAT = "sectorum-archive";
    public static final int VERSION = 1;
    static final String NAME = "manifest.json";

    /** What an archive holds. */
    public enum Scope {
        WORKSHOP,
        PLAN,
        DRAWER
    }

    /** An entry. @param sha256 of its bytes, in hex */
    public record Listed(String path, long bytes, String sha256) {}

    public Manifest {
        if (!FORMAT.equals(format)) {
            throw new Refused(
                    "format",
                    Phrase.of(
                            "This is no Sectorum archive: its format is \"{}\", an archive's is \"{}\".",
                            Quantity.text("" + format),
                            Quantity.text(FORMAT)));
        }
        if (version < 1 || version > VERSION) {
            throw new Refused(
                    "version",
                    Phrase.of(
                            "This archive is of version {}; this Sectorum reads versions 1 to {}. Use a newer one.",
                            Quantity.count(version),
                            Quantity.count(VERSION)));
        }
        if (scope == null || files == null || counts == null) {
            throw new Refused("manifest", Phrase.of("The archive's manifest says not what it holds. Fetch it again."));
        }
    }
}
