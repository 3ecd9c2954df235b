package sectorum.server.people;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What a password may be, and how it is kept. By NIST SP 800-63B (revision 4): length alone, 15 signs where nothing else guards;
 * no rules of signs, no change by date; what is easily guessed is refused. Kept as bcrypt has it.
 */
@Component
public class Passwords {
    static final int LEAST = 15;
    /** The hash reads no more than this; a longer one is refused and not cut. */
    static final int MOST_BYTES = 72;

    /** What is tried first by whoever guesses, beside names and patterns. */
    private static final Set<String> GUESSED = Set.of(
            "password",
            "passwort",
            "motdepasse",
            "qwerty",
            "qwertz",
            "azerty",
            "letmein",
            "welcome",
            "iloveyou",
            "admin",
            "abc",
            "secret",
            "cake",
            "sugar",
            "fondant",
            "sectorum",
            "workshop",
            "asdf",
            "zxcv",
            "changeme",
            "correcthorsebatterystaple");

    private static final String ROWS = "0123456789 abcdefghijklmnopqrstuvwxyz qwertyuiop asdfghjkl zxcvbnm";

    private final PasswordEncoder encoder = PasswordEncoderFactories.createDelegatingPasswordEncoder();
    /** Compared with where nobody has that name, so that both take as long. */
    private final String nobody = encoder.encode("nobody has this one here");

    /**
     * The password as it is kept.
     *
     * @param known words that whoever guesses would try: names of the person and the workshop
     */
    public String kept(@Absent String typed, List<String> known) {
        return encoder.encode(checked("password", typed, known));
    }

    /** Whether this is the password; takes as long where there is none. */
    public boolean fits(@Absent String typed, @Absent String kept) {
        String password = normal(typed == null ? "" : typed);
        boolean readable = password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
        boolean same = encoder.matches(readable ? password : "", kept == null ? nobody : kept);
        return same && readable && kept != null;
    }

    /** Whether it was hashed by weaker rules than today's. */
    public boolean isDated(String kept) {
        return encoder.upgradeEncoding(kept);
    }

    private static String normal(String typed) {
        return Normalizer.normalize(typed, Normalizer.Form.NFC);
    }

    private static String checked(String field, @Absent String typed, List<String> known) {
        String password = normal(typed == null ? "" : typed);
        int signs = password.codePointCount(0, password.length());
        if (signs < LEAST) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "The password has {} signs; {} or more keep it from being guessed. Four words of your own do well.",
                            Quantity.count(signs),
                            Quantity.count(LEAST)));
        }
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (bytes > MOST_BYTES) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "The password takes {} bytes; up to {} are read. Leave some words out.",
                            Quantity.count(bytes),
                            Quantity.count(MOST_BYTES)));
        }
        if (isEasy(password, known)) {
            throw new Refused(
                    field,
                    Phrase.of("This password is among the first that are guessed: a pattern, a name or a common word"
                            + " with something added. Take four words that have nothing to do with one another."));
        }
        return password;
    }

    /** What is left after the well-known parts are taken out is too little to be guessed at. */
    private static boolean isEasy(String password, List<String> known) {
        String left = password.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
        if (left.codePoints().distinct().count() < 5) {
            return true;
        }
        for (String word : known) {
            for (String part : word.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")) {
                left = part.length() < 3 ? left : left.replace(part, "");
            }
        }
        for (String word : GUESSED) {
            left = left.replace(word, "");
        }
        left = withoutRuns(left);
        // One short piece over and over.
        for (int piece = 1; piece <= left.length() / 2; piece++) {
            if (left.length() % piece == 0
                    && left.equals(left.substring(0, piece).repeat(left.length() / piece))) {
                left = left.substring(0, piece);
            }
        }
        return left.length() < 8;
    }

    /** Without rows of keys, of figures and of the alphabet, there and back. */
    private static String withoutRuns(String text) {
        String rows = ROWS + " " + new StringBuilder(ROWS).reverse();
        StringBuilder left = new StringBuilder();
        int at = 0;
        while (at < text.length()) {
            int run = 1;
            while (at + run < text.length() && rows.contains(text.substring(at, at + run + 1))) {
                run++;
            }
            if (run < 4) {
                left.append(text, at, at + run);
            }
            at += run;
        }
        return left.toString();
    }
}
