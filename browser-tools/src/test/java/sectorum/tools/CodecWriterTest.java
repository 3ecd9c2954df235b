package sectorum.tools;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import sectorum.question.Question;

/** What is written is written for all questions, the same each time, and only where it changed. */
class CodecWriterTest {
    @Test
    void everyQuestionIsReadAndAnswered() {
        String source = CodecWriter.source();
        assertThat(Arrays.stream(Question.class.getPermittedSubclasses()).map(Class::getSimpleName))
                .isNotEmpty()
                .allSatisfy(
                        name -> assertThat(source).contains("read" + name + "().answer(tiers)", "\"" + name + "\","));
        assertThat(CodecWriter.source()).isEqualTo(source);
    }

    @Test
    void wordsHaveOneNumberEach() {
        String source = CodecWriter.source();
        List<String> words = Pattern.compile("(?m)^ {8}\"(.*)\",$")
                .matcher(source.substring(source.indexOf("WORDS = {")))
                .results()
                .map(m -> m.group(1))
                .toList();
        assertThat(words).hasSizeGreaterThan(300).doesNotHaveDuplicates().contains("tiers", "fondant");
    }

    @Test
    void nothingIsWrittenWhereNothingChanged(@TempDir Path folder) throws IOException {
        Path written = folder.resolve("sectorum/browser/Codec.java");
        CodecWriter.main(new String[] {folder.toString()});
        FileTime old = FileTime.fromMillis(1_000_000);
        Files.setLastModifiedTime(written, old);
        CodecWriter.main(new String[] {folder.toString()});
        assertThat(Files.getLastModifiedTime(written)).isEqualTo(old);
        Files.writeString(written, "other");
        CodecWriter.main(new String[] {folder.toString()});
        assertThat(Files.readString(written)).isEqualTo(CodecWriter.source());
    }
}
