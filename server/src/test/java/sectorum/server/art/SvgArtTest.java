package sectorum.server.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import sectorum.art.Glyph;
import sectorum.art.Lettering;
import sectorum.art.Motif;
import sectorum.measure.Refused;

/** Drawings made by hand, each feature alone: areas by their formulas; hostile ones refused or left out. */
class SvgArtTest {
    private static final String NS =
            "xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\"";

    /** 100 units each way are 100 mm. */
    private static String svg(String inside) {
        return "<svg " + NS + " width=\"100mm\" height=\"100mm\" viewBox=\"0 0 100 100\">" + inside + "</svg>";
    }

    private static SvgArt.Read read(String text) {
        return SvgArt.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static double area(SvgArt.Read read) {
        return read.parts().stream().mapToDouble(p -> p.rings().area()).sum();
    }

    static Stream<Arguments> features() {
        double round = Math.PI * 400;
        return Stream.of(
                Arguments.of("rectangle", "<rect x='10' y='10' width='30' height='20'/>", 600, 1),
                Arguments.of(
                        "rounded", "<rect x='10' y='10' width='30' height='20' rx='5'/>", 600 - 25 * (4 - Math.PI), 1),
                Arguments.of("circle", "<circle cx='50' cy='50' r='20'/>", round, 1),
                Arguments.of("ellipse", "<ellipse cx='50' cy='50' rx='20' ry='10'/>", round / 2, 1),
                Arguments.of("polygon", "<polygon points='0,0 40,0 0,30'/>", 600, 1),
                Arguments.of("polyline", "<polyline points='0,0 40,0 0,30'/>", 600, 1),
                Arguments.of("line", "<line x1='10' y1='10' x2='50' y2='10' stroke='#000' stroke-width='4'/>", 160, 1),
                Arguments.of("moves", "<path d='M10 10H40V30H10Z'/>", 600, 1),
                Arguments.of("relative", "<path d='m10 10h30v20h-30z'/>", 600, 1),
                Arguments.of("arc", "<path d='M30 50A20 20 0 0 1 70 50A20 20 0 0 1 30 50Z'/>", round, 1),
                Arguments.of("half", "<path d='M30 50a20 20 0 0 1 40 0z'/>", round / 2, 1),
                // Area under a Bézier by its control polygon: quadratic 2/3 of the triangle, cubic 3/5 of the
                // trapezoid's part.
                Arguments.of("quadratic", "<path d='M10 50Q50 -10 90 50Z'/>", 2 / 3.0 * 0.5 * 80 * 60, 1),
                Arguments.of("smooth", "<path d='M10 50Q30 20 50 50T90 50Z'/>", 2 * (2 / 3.0 * 0.5 * 40 * 30), 1),
                Arguments.of("cubic", "<path d='M10 50C10 20 70 20 70 50Z'/>", 1080, 1),
                Arguments.of("even-odd", "<path fill-rule='evenodd' d='M0 0H40V40H0ZM10 10H30V30H10Z'/>", 1200, 1),
                Arguments.of("non-zero", "<path d='M0 0H40V40H0ZM10 10H30V30H10Z'/>", 1600, 1),
                Arguments.of("hole", "<path d='M0 0H40V40H0ZM10 10V30H30V10Z'/>", 1200, 1),
                Arguments.of(
                        "group", "<g transform='translate(5 5) scale(2)'><rect width='10' height='5'/></g>", 200, 1),
                Arguments.of("turned", "<rect width='20' height='10' transform='rotate(30) translate(20 0)'/>", 200, 1),
                Arguments.of("matrix", "<rect width='20' height='10' transform='matrix(1 0 .5 1 0 0)'/>", 200, 1),
                Arguments.of(
                        "use",
                        "<defs><rect id='a' width='10' height='10'/></defs><use href='#a' x='5'/><use xlink:href='#a' y='50'/>",
                        200,
                        2),
                Arguments.of(
                        "symbol",
                        "<symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10'/></symbol><use href='#s' width='20' height='20'/>",
                        400,
                        1),
                Arguments.of(
                        "nested",
                        "<svg x='10' y='10' width='50' height='50' viewBox='0 0 10 10'><rect width='4' height='4'/></svg>",
                        400,
                        1),
                Arguments.of("none", "<rect width='9' height='9' fill='none'/><rect width='5' height='5'/>", 25, 1),
                Arguments.of(
                        "hidden", "<rect width='9' height='9' display='none'/><rect width='5' height='5'/>", 25, 1),
                Arguments.of(
                        "style", "<style>.a{fill:#336699}</style><rect class='a' width='10' height='10'/>", 100, 1),
                Arguments.of(
                        "current", "<g color='#336699'><rect fill='currentColor' width='10' height='10'/></g>", 100, 1),
                Arguments.of("bow tie", "<path fill-rule='evenodd' d='M0 0L40 40L40 0L0 40Z'/>", 800, 1),
                Arguments.of(
                        "degenerate",
                        "<path d='M5 5L5 5Z'/><rect width='0' height='9'/><circle r='3' cx='9' cy='9'/>",
                        Math.PI * 9,
                        1));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("features")
    void everyFeatureAlone(String name, String inside, double area, int parts) {
        SvgArt.Read read = read(svg(inside));
        assertThat(read.parts()).hasSize(parts);
        assertThat(area(read)).isCloseTo(area, within(Math.max(0.5, 0.012 * area)));
        if (name.equals("style") || name.equals("current")) {
            assertThat(read.parts().get(0).shade()).isEqualTo("#336699");
        }
    }

    /** By the width or the height that is stated; where nothing is, a unit is a pixel of 1/96 inch. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "width='50mm'",
                "width='5cm'",
                "height='50mm'",
                "width='1.9685039in'",
                "width='141.732pt'",
                "width='188.976'"
            })
    void aFileStatesItsSize(String size) {
        String text = "<svg " + NS + " " + size + " viewBox='0 0 10 10'><rect width='10' height='10'/></svg>";
        assertThat(area(read(text))).isCloseTo(2500, within(1.0));
        String pixels = "<svg " + NS + " viewBox='0 0 96 96'><rect width='96' height='96'/></svg>";
        assertThat(area(read(pixels))).isCloseTo(25.4 * 25.4, within(0.2));
    }

    /** What cannot be read is told in words, and the rest comes in. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<text x='5' y='5'>Hello</text>",
                "<script>alert(1)</script>",
                "<style>rect{fill:#fff !important}</style>",
                "<style>rect.a{fill:red}</style>",
                "<rect width='1' height='1' fill='hsl(120,50%,50%)'/>",
                "<switch><rect width='2' height='2'/></switch>",
                "<image href='http://127.0.0.1:9/x.png' width='9' height='9'/>",
                "<filter id='f'><feGaussianBlur stdDeviation='2'/></filter>",
                "<defs><linearGradient id='g'><stop stop-color='#123456'/><stop offset='1' stop-color='#fff'/></linearGradient></defs>"
                        + "<rect width='3' height='3' fill='url(#g)'/>"
            })
    void whatIsNotReadIsTold(String inside) {
        SvgArt.Read read = read(svg(inside + "<circle cx='50' cy='50' r='10'/>"));
        assertThat(read.notes()).isNotEmpty();
        assertThat(area(read)).isGreaterThan(Math.PI * 99);
    }

    private static String nested(int deep) {
        return svg("<g>".repeat(deep) + "<rect width='5' height='5'/>" + "</g>".repeat(deep));
    }

    private static String bomb() {
        StringBuilder uses = new StringBuilder("<defs><rect id='u0' width='1' height='1'/>");
        for (int i = 1; i < 30; i++) {
            uses.append("<g id='u" + i + "'>" + ("<use href='#u" + (i - 1) + "'/>").repeat(10) + "</g>");
        }
        return svg(uses + "</defs><use href='#u29'/>");
    }

    static Stream<String> hostile() {
        String laughs = "<!DOCTYPE svg [<!ENTITY a 'ha'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;'>]>"
                + svg("<rect width='5' height='5'/><text>&b;</text>");
        String file = "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/hostname'>]>" + svg("<text>&x;</text>");
        return Stream.of(
                "",
                "no drawing",
                "<html/>",
                svg(""),
                nested(20_000),
                bomb(),
                laughs,
                file,
                svg("<use id='a' href='#a'/>"),
                svg("<g id='a'><use href='#b'/></g><g id='b'><use href='#a'/></g>"),
                svg("<rect width='5' height='5'/>").substring(0, 130),
                svg("<path d='M1e300 1e300H-1e300V1e300Z'/>"));
    }

    /** Refused with a sentence, or read without what is active: never slow, never a fault. */
    @ParameterizedTest
    @MethodSource("hostile")
    void hostileOnesAreRefusedOrLeftOut(String text) {
        Assertions.assertThatCode(() -> org.junit.jupiter.api.Assertions.assertTimeout(Duration.ofSeconds(20), () -> {
                    try {
                        assertThat(area(read(text))).isLessThan(1e6);
                    } catch (Refused said) {
                        assertThat(said.field()).isEqualTo("drawing");
                    }
                }))
                .doesNotThrowAnyException();
    }

    /** 50,000 short lines come in as one outline of as many points, or are told to be too many; out and in again they are the same. */
    @Test
    void aLongOutlineGoesOutAndComesInAgain() {
        StringBuilder d = new StringBuilder();
        int n = 50_000;
        for (int i = 0; i < n; i++) {
            double t = 2 * Math.PI * i / n;
            double r = 40 + 3 * Math.sin(400 * t);
            d.append(i == 0 ? 'M' : 'L')
                    .append(String.format(
                            java.util.Locale.ROOT, "%.4f %.4f", 50 + r * Math.cos(t), 50 + r * Math.sin(t)));
        }
        SvgArt.Read read = read(svg("<path d='" + d + "Z'/>"));
        assertThat(area(read)).isCloseTo(Math.PI * (1600 + 4.5), within(10.0));
        Motif motif = Motif.of("long", "Long", read.parts());
        assertThat(motif.parts().get(0).outers().get(0)).hasSizeLessThan(2 * Motif.MOST_POINTS);
        byte[] large = ("<svg " + NS + ">" + "<!-- -->".repeat(900_000) + "</svg>").getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> SvgArt.read(large)).isInstanceOf(Refused.class).hasMessageContaining("kB");
    }

    /** True to a hundredth of a millimetre, however often. */
    @ParameterizedTest
    @MethodSource("features")
    void outAndInAgainIsTheSame(String name, String inside, double area, int parts) {
        Motif once = Motif.of("a", "A <&> b", read(svg(inside)).parts());
        Motif again = Motif.of("a", "A", read(SvgArt.write(once)).parts());
        assertThat(again.width()).isCloseTo(once.width(), within(0.01));
        assertThat(again.height()).isCloseTo(once.height(), within(0.01));
        assertThat(again.parts()).hasSameSizeAs(once.parts());
        for (int i = 0; i < parts; i++) {
            double wanted = once.parts().get(i).rings().area();
            assertThat(again.parts().get(i).rings().area())
                    .isCloseTo(wanted, within(0.01 * Math.max(1, Math.sqrt(wanted)) * 4));
            assertThat(again.parts().get(i).shade())
                    .isEqualTo(once.parts().get(i).shade());
        }
    }

    /** Every face has its letters, of the height asked for; "8" has its holes, two crossing letters are cut apart. */
    @ParameterizedTest
    @EnumSource(Faces.Face.class)
    void everyFaceSetsItsLetters(Faces.Face face) {
        List<Glyph> glyphs = Faces.glyphs(face, "Ana & Ivo 12");
        assertThat(glyphs).hasSize(12).allSatisfy(g -> assertThat(g.advance()).isPositive());
        double capital = Faces.capital(face);
        assertThat(capital).isBetween(0.4, 1.2);
        Lettering.Style wish = new Lettering.Style(50, null, null, 1, null, 10, null, 3);
        assertThat(Lettering.of(Faces.glyphs(face, "H"), capital, wish).get(0).height())
                .isBetween(49.0, 75.0);
        assertThat(Lettering.of(Faces.glyphs(face, "8"), capital, wish).get(0).holes())
                .isNotEmpty();
        Lettering.Style across =
                new Lettering.Style(50, Lettering.Set.ACROSS, Lettering.Join.CUT, 1, null, 10, null, 3);
        assertThat(Lettering.of(Faces.glyphs(face, "AB"), capital, across)).hasSize(2);
        assertThat(face.label()).isNotBlank();
        assertThat(face.character()).isNotBlank();
        assertThatThrownBy(() -> Faces.glyphs(face, "A\u4e2d"))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("\u4e2d");
    }
}
