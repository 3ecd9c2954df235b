package sectorum;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a comment says of the craft stands in docs/craft: no reference points outside the repository or nowhere. */
class CraftReferencesTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern CITED = Pattern.compile("\\b[Cc]raft,? (\\d(?:\\.\\d|[A-J])?)\\b(?:, (\\d\\.\\d))?");
    private static final Pattern HEADING =
            Pattern.compile("^#{1,2} (?:(\\d)\\.|(\\d\\.\\d)|([A-J])\\.) ", Pattern.MULTILINE);

    private static List<Path> files(String below, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(ROOT.resolve(below))) {
            return all.filter(p -> p.toString().endsWith(ending)).toList();
        }
    }

    private static Set<String> sections() throws IOException {
        Set<String> sections = new TreeSet<>();
        for (Path chapter : files("docs/craft", ".md")) {
            String number = chapter.getFileName().toString().substring(0, 1);
            HEADING.matcher(Files.readString(chapter))
                    .results()
                    .map(h -> h.group(3) != null ? number + h.group(3) : h.group(2) != null ? h.group(2) : h.group(1))
                    .forEach(sections::add);
        }
        return sections;
    }

    @Test
    void everySectionThatIsCitedIsThere() throws IOException {
        Set<String> sections = sections();
        assertThat(sections).contains("1", "2.0", "2.4", "3A", "3G", "4.2", "5.5", "6", "7");
        List<String> nowhere = new ArrayList<>();
        int cited = 0;
        for (String below : List.of("core/src", "server/src", "bench/src")) {
            for (Path source : files(below, ".java")) {
                for (MatchResult found :
                        CITED.matcher(Files.readString(source)).results().toList()) {
                    cited++;
                    for (String section : Stream.of(found.group(1), found.group(2))
                            .filter(s -> s != null && !sections.contains(s))
                            .toList()) {
                        nowhere.add(source.getFileName() + " cites craft " + section);
                    }
                }
            }
        }
        assertThat(cited).isGreaterThan(100);
        assertThat(nowhere).isEmpty();
    }
}
