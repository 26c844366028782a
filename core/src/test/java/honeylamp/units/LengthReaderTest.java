package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthReaderTest {
    // 1 in = 25.4 mm and 1 ft = 304.8 mm, so each expected value can be worked out on paper
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "MM|3650|3650",
                "MM|3.65 m|3650",
                "MM|80 cm|800",
                "MM|3,65 m|3650",
                "MM|12'|3657.6",
                "MM|6\"|152.4",
                "MM|0.5\"|12.7",
                "MM|1/2\"|12.7",
                "MM|12' 4 1/2\"|3771.9",
                "MM|12'4.5\"|3771.9",
                "MM|3600/2|1800",
                "MM|2400+150|2550",
                "MM|2400-150|2250",
                "MM|(2400+150)/2|1275",
                "MM|3*600|1800",
                "MM|12' - 300|3357.6",
                "MM|1 m + 20 cm + 3 mm|1203",
                "MM|10 ft 6 in|3200.4",
                "MM|100/3|33.333333",
                "CM|365|3650",
                "M|3.65|3650",
                "M|365 cm|3650",
                "FEET_INCHES|148|3759.2",
                "FEET_INCHES|12-4 1/2|3771.9",
                "FEET_INCHES|12'-4 1/2\"|3771.9",
                "FEET_INCHES|12' 4|3759.2",
                "FEET_INCHES|4 1/2|114.3",
                "FEET_INCHES|3.65 m|3650"
            })
    void readsWhatPeopleType(UnitSystem system, String text, double mm) {
        assertThat(LengthReader.positive(text, system)).isEqualTo(new LengthReading.Good(Length.ofMm(mm)));
    }

    @Test
    void readsTypographicMarks() {
        assertThat(good("12′ 4½″", UnitSystem.MM)).isEqualTo(Length.ofMm(3771.9));
        assertThat(good("3 × 600", UnitSystem.MM)).isEqualTo(Length.ofMm(1800));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "abc",
                "12 34",
                "3 m 4",
                "1..2",
                "2*",
                "(3",
                "3)",
                "1 m * 2 m",
                "5 m / 2 m",
                "--",
                "12 parsec",
                "1e999"
            })
    void saysWhatToTypeInstead(String text) {
        assertThat(LengthReader.positive(text, UnitSystem.MM))
                .isInstanceOfSatisfying(
                        LengthReading.Bad.class,
                        bad -> assertThat(bad.sentence()).contains("type").endsWith("."));
    }

    @Test
    void refusesWhatCannotBeALength() {
        assertThat(sentence("-200")).contains("more than zero");
        assertThat(sentence("0")).contains("more than zero");
        assertThat(sentence("10 m * 1000")).contains("longer than");
        assertThat(sentence("10000 m")).contains("longer than 5000000 mm");
        assertThat(sentence("5/0")).contains("divides by zero");
        assertThat(sentence("")).contains("for example 3650");
        assertThat(sentence("1".repeat(200))).contains("too long");
        assertThat(sentence("(".repeat(60) + "1")).contains("brackets");
    }

    @Test
    void signedLengthsMayPointEitherWay() {
        assertThat(LengthReader.signed("-1.5 m", UnitSystem.MM)).isEqualTo(new LengthReading.Good(Length.ofMm(-1500)));
        assertThat(LengthReader.notNegative("0", UnitSystem.MM)).isEqualTo(new LengthReading.Good(Length.ZERO));
        assertThat(LengthReader.notNegative("-1", UnitSystem.MM)).isInstanceOf(LengthReading.Bad.class);
    }

    /** Law: reading what was printed exactly gives the same length, in every unit system. */
    @Property(seed = "20261125")
    void printingExactlyAndReadingIsTheSame(
            @ForAll @LongRange(min = -4_000_000_000_000L, max = 4_000_000_000_000L) long nanometres,
            @ForAll UnitSystem printed,
            @ForAll UnitSystem read) {
        var length = new Length(nanometres);
        assertThat(LengthReader.signed(LengthText.exact(length, printed), read))
                .isEqualTo(new LengthReading.Good(length));
    }

    /** Law: fractions down to 1/64 in survive in feet-inches, with their marks. */
    @Property(seed = "20261125")
    void sixtyFourthsSurvive(@ForAll("sixtyFourths") long count) {
        var length = new Length(count * 396_875);
        var text = LengthText.exact(length, UnitSystem.FEET_INCHES);
        assertThat(text).endsWith("\"").doesNotContain("mm");
        assertThat(LengthReader.signed(text, UnitSystem.FEET_INCHES)).isEqualTo(new LengthReading.Good(length));
    }

    @Provide
    Arbitrary<Long> sixtyFourths() {
        return Arbitraries.longs().between(-500_000, 500_000);
    }

    /** Law: nothing typed makes the reader fail; it answers. */
    @Property(seed = "20261125")
    void answersWhateverIsTyped(@ForAll("signs") String text, @ForAll UnitSystem system) {
        assertThat(LengthReader.positive(text, system)).isNotNull();
    }

    @Provide
    Arbitrary<String> signs() {
        return Arbitraries.strings().withChars("0123456789.,'\"-+*/() mcft½×").ofMaxLength(24);
    }

    private static Length good(String text, UnitSystem system) {
        return ((LengthReading.Good) LengthReader.positive(text, system)).length();
    }

    private static String sentence(String text) {
        return ((LengthReading.Bad) LengthReader.positive(text, UnitSystem.MM)).sentence();
    }
}
