package honeylamp.drawing.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.drawing.ink.TypeLine.Piece;
import honeylamp.drawing.ink.TypeLine.Setting;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines of type in any script: which font each stretch comes from, and where it stands. */
class TypeLineTest {
    private static TypeLine line(String text) {
        return TypeLine.of(Typeface.REGULAR, text, 0);
    }

    @Test
    void whatTheFaceHasIsOnePiece() {
        assertThat(line("Küche, Pokój 2, Ванная")).satisfies(l -> {
            assertThat(l.pieces()).hasSize(1);
            assertThat(l.pieces().getFirst().file()).isEqualTo(FontFile.OPEN_SANS_REGULAR);
            assertThat(l.pieces().getFirst().setting()).isEqualTo(Setting.PLAIN);
        });
        assertThat(line("").widthEm()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "居間, DROID_FALLBACK, PLAIN",
        "거실, DROID_FALLBACK, PLAIN",
        "غرفة, DEJAVU_SANS, SHAPED",
        "ห้องครัว, THAI, SHAPED",
        "रसोई, DEVANAGARI, SHAPED",
        "🏠, EMOJI, PLAIN"
    })
    void anotherShippedFontStepsInForAScriptTheFaceHasNot(String text, FontFile file, Setting setting) {
        assertThat(line(text).pieces())
                .extracting(Piece::file, Piece::setting)
                .containsExactly(Tuple.tuple(file, setting));
        assertThat(line(text).widthEm()).isGreaterThan(0.2);
    }

    @Test
    void stretchesStandOneAfterTheOtherAndTheLineIsAsWideAsAllOfThem() {
        var mixed = line("Flur 居間 2");
        assertThat(mixed.pieces()).extracting(Piece::text).containsExactly("Flur ", "居間", " 2");
        var at = 0.0;
        for (var piece : mixed.pieces()) {
            assertThat(piece.fromEm()).isCloseTo(at, within(1e-9));
            at += piece.widthEm();
        }
        assertThat(mixed.widthEm()).isCloseTo(at, within(1e-9));
        // two ideographs are two ems wide
        assertThat(mixed.pieces().get(1).widthEm()).isCloseTo(2, within(0.02));
    }

    /** Of two words from right to left the one that is read second stands on the left. */
    @Test
    void wordsFromRightToLeftStandInTheirOrder() {
        var pieces = line("שלום غرفة").pieces();
        assertThat(pieces.getFirst().text()).contains("غرفة");
        assertThat(pieces.getLast().text()).contains("שלום");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "\ud83d\udc68\u200d\ud83d\udc69",
                "a\u0301\u0301",
                "\ud800",
                "\u0000\u0007",
                "\udb40\udc00",
                "\ud80c\udc00",
                "\t\n"
            })
    void nothingThatCanBeTypedOrPastedIsAnError(String text) {
        var line = line(text);
        assertThat(line.widthEm()).isGreaterThanOrEqualTo(0);
        line.pieces().forEach(p -> assertThat(p.outline().getBounds2D()).isNotNull());
    }

    @Test
    void lettersAreSpacedOutButNotThoseThatJoin() {
        assertThat(TypeLine.of(Typeface.REGULAR, "ABC", 0.1).widthEm())
                .isCloseTo(line("ABC").widthEm() + 0.2, within(1e-9));
        assertThat(TypeLine.of(Typeface.REGULAR, "غرفة", 0.1).widthEm())
                .isCloseTo(line("غرفة").widthEm(), within(1e-9));
    }
}
