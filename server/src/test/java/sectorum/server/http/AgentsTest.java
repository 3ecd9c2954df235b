package sectorum.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a browser is called in the list of one's own. */
class AgentsTest {
    @ParameterizedTest(name = "{1}")
    @CsvSource({
        "'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0', Firefox on Linux",
        "'Mozilla/5.0 (Windows NT 10.0; Win64) AppleWebKit/537.36 Chrome/140.0 Safari/537.36', Chrome on Windows",
        "'Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/140.0 Safari/537.36 Edg/140.0', Edge on Windows",
        "'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) AppleWebKit/605 Version/18 Mobile Safari/604', Safari on iPhone",
        "'Mozilla/5.0 (Linux; Android 15) AppleWebKit/537.36 Chrome/140.0 Mobile Safari/537.36', Chrome on Android",
        "curl/8.1, A browser",
        ", A browser",
    })
    void inAFewWords(String agent, String words) {
        assertThat(Agents.words(agent)).isEqualTo(words);
    }
}
