package sectorum.server;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** What is well formed made odd at seeded places: text and bytes, numbers and words, cut, doubled, nested and swollen. */
final class Mutations {
    private static final Pattern NUMBER = Pattern.compile("(?<=[:\\[,=])-?[0-9]+(\\.[0-9]+)?");
    private static final Pattern WORD = Pattern.compile("\"[^\"\\\\]*\"");

    private static final List<String> NUMBERS = List.of(
            "0",
            "-1",
            "1",
            "0.001",
            "1e9",
            "1e300",
            "-0.5",
            "599.9",
            "360",
            "1e-9",
            "3",
            "41",
            "9007199254740993",
            "-0.0",
            "2147483648",
            "1e400",
            "99999999999999999999");

    private static final List<String> WORDS = List.of(
            "\"\"",
            "\"x\"",
            "\"\\u0000\"",
            "\"\\ud800\"",
            "\"../../etc/passwd\"",
            "\"'; drop table plan; --\"",
            "\"<script>\"",
            "\"\\u202e\\u200b\"",
            "\"%s%n${x}\"",
            "\"9999-12-31T23:59\"",
            "\"-000001-01-01\"",
            "\"" + "w".repeat(3000) + "\"",
            "null",
            "true",
            "7",
            "[]",
            "{}",
            "[[[[[[[[]]]]]]]]");

    private static final List<String> BITS = List.of(
            "-1",
            "0",
            "1e308",
            "\"\"",
            "null",
            "[]",
            "{}",
            "[[[[",
            "\\u0000",
            "NaN",
            "Infinity",
            ",",
            "}",
            "\"__proto__\":1,",
            "\uFEFF",
            "\r\n",
            ";",
            "=",
            "<!--",
            "%00",
            "'",
            "\t");

    private Mutations() {}

    /** Text with one to four odd places. */
    static String text(String whole, Random random) {
        String text = whole;
        for (int cuts = 1 + random.nextInt(4); cuts > 0; cuts--) {
            text = switch (random.nextInt(6)) {
                case 0, 1 -> replaced(text, NUMBER, NUMBERS, random);
                case 2, 3 -> replaced(text, WORD, WORDS, random);
                case 4 -> bit(text, random);
                default -> doubled(text, random);
            };
        }
        return text;
    }

    private static String replaced(String text, Pattern what, List<String> by, Random random) {
        List<MatchResult> all = what.matcher(text).results().toList();
        if (all.isEmpty()) {
            return bit(text, random);
        }
        MatchResult one = all.get(random.nextInt(all.size()));
        return text.substring(0, one.start()) + by.get(random.nextInt(by.size())) + text.substring(one.end());
    }

    private static String bit(String text, Random random) {
        int from = random.nextInt(text.length() + 1);
        int to = Math.min(text.length(), from + random.nextInt(9));
        return text.substring(0, from) + BITS.get(random.nextInt(BITS.size())) + text.substring(to);
    }

    private static String doubled(String text, Random random) {
        int from = random.nextInt(text.length() + 1);
        int to = Math.min(text.length(), from + random.nextInt(400));
        return text.substring(0, to) + text.substring(from);
    }

    /** Bytes with some turned, cut out, doubled, or the rest cut off. */
    static byte[] bytes(byte[] whole, Random random) {
        byte[] bytes = whole.clone();
        for (int cuts = 1 + random.nextInt(4); cuts > 0 && bytes.length > 0; cuts--) {
            int from = random.nextInt(bytes.length);
            int to = Math.min(bytes.length, from + random.nextInt(40));
            switch (random.nextInt(5)) {
                case 0, 1 -> bytes[from] ^= (byte) (1 << random.nextInt(8));
                case 2 -> bytes = joined(Arrays.copyOf(bytes, from), Arrays.copyOfRange(bytes, to, bytes.length));
                case 3 -> bytes = joined(Arrays.copyOf(bytes, to), Arrays.copyOfRange(bytes, from, bytes.length));
                default ->
                    bytes = random.nextInt(3) == 0 ? Arrays.copyOf(bytes, from) : filled(bytes, from, to, random);
            }
        }
        return bytes;
    }

    private static byte[] filled(byte[] bytes, int from, int to, Random random) {
        Arrays.fill(bytes, from, to, (byte) random.nextInt(256));
        return bytes;
    }

    private static byte[] joined(byte[] one, byte[] two) {
        ByteArrayOutputStream both = new ByteArrayOutputStream();
        both.writeBytes(one);
        both.writeBytes(two);
        return both.toByteArray();
    }

    /** Either, as random has it: a file that is text is also bytes. */
    static byte[] file(byte[] whole, Random random) {
        return random.nextBoolean()
                ? bytes(whole, random)
                : text(new String(whole, StandardCharsets.UTF_8), random).getBytes(StandardCharsets.UTF_8);
    }

    /** An address whose numbers and words are odd, as far as an address can hold them. */
    static String address(String whole, Random random) {
        List<String> odd = List.of(
                "0",
                "-1",
                "9223372036854775808",
                "x",
                "%00",
                "..%2F..%2Fetc",
                "1;2",
                "%F0%9F%8E%82",
                "1e9",
                "",
                "%27",
                "null",
                "0x1");
        List<MatchResult> all = Pattern.compile("(?<=[/=])(-?[0-9]+|x)(?=[/?&]|$)")
                .matcher(whole)
                .results()
                .toList();
        if (all.isEmpty()) {
            return whole + (whole.contains("?") ? "&" : "?") + "y=" + odd.get(random.nextInt(odd.size()));
        }
        MatchResult one = all.get(random.nextInt(all.size()));
        return whole.substring(0, one.start()) + odd.get(random.nextInt(odd.size())) + whole.substring(one.end());
    }
}
