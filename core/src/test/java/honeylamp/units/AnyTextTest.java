package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.BiFunction;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever is typed where a length belongs, there is a length of less than 10 km or a sentence. */
class AnyTextTest {
    private static final List<BiFunction<String, UnitSystem, LengthReading>> READERS =
            List.of(LengthReader::positive, LengthReader::notNegative, LengthReader::signed);

    @Provide
    Arbitrary<String> typed() {
        var signs =
                Arbitraries.strings().withChars("0123456789 .,+-*/()'\"mcft").ofMaxLength(24);
        return Arbitraries.oneOf(signs, Arbitraries.strings().ofMaxLength(60));
    }

    @Property(tries = 2000, seed = "20261125")
    void isALengthOrASentence(@ForAll("typed") String text, @ForAll UnitSystem units) {
        for (var reader : READERS) {
            switch (reader.apply(text, units)) {
                case LengthReading.Good(var length) ->
                    assertThat(Math.abs(length.mm())).isLessThan(10_000_000);
                case LengthReading.Bad(var sentence) -> assertThat(sentence).endsWith(".");
            }
        }
    }

    /** What is echoed can be typed again and means the same. */
    @Property(tries = 500, seed = "20261125")
    void theEchoReadsBack(@ForAll("typed") String text, @ForAll UnitSystem units) {
        if (LengthReader.signed(text, units) instanceof LengthReading.Good(var length)) {
            assertThat(LengthReader.signed(LengthText.exact(length, units), units))
                    .isEqualTo(new LengthReading.Good(length));
        }
    }
}
