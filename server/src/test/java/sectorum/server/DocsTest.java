package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the documents name is there: files, tests, scripts, switches; and each command is one that scripts/try-commands runs. */
class DocsTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Pattern LINK = Pattern.compile("\\]\\(([^)#]+)(#[^)]*)?\\)");
    private static final Pattern TEST = Pattern.compile("`([A-Z][A-Za-z]*(?:Test|IT))(?:#([A-Za-z]+))?`");
    private static final Pattern COMMAND = Pattern.compile(
            "(?:\\./(?:start|test)|scripts/[a-z-]+(?![a-z.-]))(?: (?:--?[a-z-]+|[A-Z]+|\\[[A-Z]+\\]))*");
    private static final Pattern VARIABLE = Pattern.compile("SECTORUM_[A-Z_]+");

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static Stream<MatchResult> found(Pattern what, Path file) {
        return what.matcher(read(file)).results();
    }

    static List<Path> documents() throws IOException {
        try (Stream<Path> docs = Files.walk(ROOT.resolve("docs"))) {
            return Stream.concat(
                            Stream.of(ROOT.resolve("README.md")),
                            docs.filter(f -> f.toString().endsWith(".md")))
                    .sorted()
                    .toList();
        }
    }

    private static List<Path> sources(String ending) throws IOException {
        try (Stream<Path> all = Files.walk(ROOT, 12)) {
            return all.filter(f -> f.toString().endsWith(ending))
                    .filter(f -> !f.toString().matches(".*/(target|node_modules|\\.run|\\.data)/.*"))
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("documents")
    void everyFileThatIsLinkedIsThere(Path document) {
        found(LINK, document)
                .map(m -> m.group(1))
                .filter(to -> !to.startsWith("http"))
                .forEach(to -> assertThat(document.resolveSibling(to))
                        .as("%s", document)
                        .exists());
    }

    @Test
    void everyTestThatIsNamedIsThere() throws IOException {
        Map<String, String> tests = new TreeMap<>();
        for (Path file : sources(".java")) {
            tests.put(file.getFileName().toString().replace(".java", ""), read(file));
        }
        for (Path document : documents()) {
            found(TEST, document).forEach(m -> {
                assertThat(tests).as("%s names it", document).containsKey(m.group(1));
                if (m.group(2) != null) {
                    assertThat(tests.get(m.group(1)))
                            .as("%s names it", document)
                            .contains("void " + m.group(2) + "(");
                }
            });
        }
    }

    /** Commands as the documents write them, and the same as scripts/try-commands says that it runs them. */
    @Test
    void everyCommandIsOneThatIsTried() throws IOException {
        String tried = read(ROOT.resolve("scripts/try-commands"));
        TreeSet<String> written = new TreeSet<>();
        for (Path document : documents()) {
            found(COMMAND, document).map(MatchResult::group).forEach(written::add);
        }
        assertThat(written).hasSizeGreaterThan(15);
        for (String command : written) {
            Path file = ROOT.resolve(command.split(" ")[0]);
            assertThat(file).as(command).isExecutable();
            assertThat(tried).as("scripts/try-commands runs it").contains("# " + command + "\n");
        }
    }

    @Test
    void everyScriptStandsInTheReadme() throws IOException {
        String readme = read(ROOT.resolve("README.md"));
        try (Stream<Path> scripts = Files.list(ROOT.resolve("scripts"))) {
            scripts.filter(Files::isExecutable)
                    .filter(f -> !f.getFileName().toString().contains("."))
                    .forEach(f -> assertThat(readme).contains("`scripts/" + f.getFileName() + "`"));
        }
    }

    /** What a hosted service is told by its surroundings stands in docs/operating.md, and nothing else does. */
    @Test
    void everySettingIsTold() {
        String read = Stream.of("server/src/main/resources/application.yaml", "start", "scripts/lib.sh")
                .map(f -> read(ROOT.resolve(f)))
                .collect(Collectors.joining());
        TreeSet<String> told = found(VARIABLE, ROOT.resolve("docs/operating.md"))
                .map(MatchResult::group)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(told).allSatisfy(name -> assertThat(read).contains(name));
        TreeSet<String> known = VARIABLE.matcher(read(ROOT.resolve("server/src/main/resources/application.yaml")))
                .results()
                .map(MatchResult::group)
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(told).containsAll(known);
    }
}
