package sectorum.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/** Secrets that are made here, and what is kept of them: never they themselves. */
public final class Secrets {
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int LINK_BYTES = 24;
    /** Without those that are taken for another when read aloud or written by hand. */
    private static final String SIGNS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";

    private static final int GROUPS = 4;

    private Secrets() {}

    /** For a link: nobody types it. */
    public static String link() {
        byte[] bytes = new byte[LINK_BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** To be read out and typed: sixteen signs, 80 bits, as {@code 7K3M-Q2XV-90PA-HTBC}. */
    static String code() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < GROUPS * 4; i++) {
            if (i > 0 && i % 4 == 0) {
                code.append('-');
            }
            code.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
        }
        return code.toString();
    }

    /** A code as it was typed, in the one form that is hashed: large letters, no dashes, O as 0, I and L as 1. */
    static String typed(String code) {
        return code.toUpperCase(Locale.ROOT)
                .replaceAll("[^0-9A-Z]", "")
                .replace('O', '0')
                .replace('I', '1')
                .replace('L', '1');
    }

    public static String hash(String secret) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException("Every Java has it", never);
        }
    }
}
