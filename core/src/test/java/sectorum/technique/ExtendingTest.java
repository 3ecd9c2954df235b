package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import sectorum.Kept;
import sectorum.measure.Values;

/** The technique that docs/extending.md builds: the document shows this very file, and it works. */
class ExtendingTest {
    private final Technique studs = new Studs();

    @Test
    void theDocumentShowsTheFileAsItIs() {
        String file = Kept.read("core/src/test/java/sectorum/technique/Studs.java");
        String shown = file.substring(file.indexOf("/** One round stud"));
        assertThat(Kept.read("docs/extending.md")).contains("```java\n" + shown + "```");
    }

    @Test
    void itIsATechniqueLikeAnyOther() {
        EveryTechniqueTest every = new EveryTechniqueTest();
        every.drawsSomethingGoodAtOnceAndSaysAllThatIsNeeded(studs);
        every.fieldsAreItsSettingNamesAndHandlesMoveFieldsInTheirRange(studs);
        every.everySettingOutOfItsRangeIsRefusedByName(studs);
        every.rulesAreNamedOnceAndFindingsAreAmongThem(studs);
        Dressed high = studs.dress(Places.set("diameter=200"), Places.taped(studs, 5));
        assertThat(Places.rules(high)).containsExactly("studs.out-of-zone");
        Object fits = high.findings().get(0).mends().get(0).changes().get(0).value();
        assertThat(studs.dress(Values.NONE.with("diameter", fits), Places.taped(studs, 5))
                        .findings())
                .isEmpty();
    }
}
