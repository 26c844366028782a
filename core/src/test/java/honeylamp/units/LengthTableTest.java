package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The table of {@code docs/lengths.md}, row by row. */
class LengthTableTest {
    /** A row of the table: what is typed, and what it is in mm, or "asked". */
    record Row(String typed, String metric, String feet) {}

    static Stream<Row> rows() throws IOException {
        return Files.readAllLines(Path.of("..", "docs", "lengths.md")).stream()
                .filter(l -> l.startsWith("| `"))
                .map(l -> l.split("\\|"))
                .map(c -> new Row(c[1].strip().replace("`", ""), c[2].strip(), c[3].strip()));
    }

    @Test
    void theTableIsThere() throws IOException {
        assertThat(rows()).hasSizeGreaterThan(35);
    }

    @ParameterizedTest
    @MethodSource("rows")
    void aLengthIsReadAsTheTableSays(Row row) {
        check(row.typed, UnitSystem.MM, row.metric);
        check(row.typed, UnitSystem.FEET_INCHES, row.feet);
    }

    private static void check(String typed, UnitSystem system, String expected) {
        switch (LengthReader.signed(typed, system)) {
            case LengthReading.Good(var length) ->
                assertThat(BigDecimal.valueOf(length.nanometres(), 6))
                        .as(typed + " in " + system)
                        .isEqualByComparingTo(expected.equals("asked") ? "-1" : expected);
            case LengthReading.Bad(var sentence) -> {
                assertThat(expected)
                        .as(typed + " in " + system + ": " + sentence)
                        .isEqualTo("asked");
                assertThat(sentence).contains("Do you mean").contains(" or ");
            }
        }
    }

    /** What the program proposes when it asks can itself be typed, and the two are different lengths. */
    @Test
    void bothAnswersToAQuestionCanBeTyped() {
        for (var system : UnitSystem.values()) {
            for (var typed : List.of("4-1/2", "3,650", "3,650 m", "12,500.5 mm", "4-1/2 m", "12-4 1/2")) {
                if (LengthReader.signed(typed, system) instanceof LengthReading.Bad(var sentence)) {
                    var words = sentence.substring("Do you mean ".length(), sentence.indexOf('?'))
                            .split(" or ");
                    var read = Stream.of(words)
                            .map(w -> (LengthReading.Good) LengthReader.signed(w, system))
                            .toList();
                    assertThat(read).as(sentence).hasSize(2).doesNotHaveDuplicates();
                }
            }
        }
    }
}
