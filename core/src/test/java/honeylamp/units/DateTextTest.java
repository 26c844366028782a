package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Dates as people type them, and what is none. */
class DateTextTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 9, 14);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "2026-09-14",
                "2026/9/14",
                "14.9.2026",
                "14-09-2026",
                "14 Sep 2026",
                "14 september 2026",
                "14. Sept. 2026",
                "September 14, 2026",
                " today "
            })
    void aDateIsRead(String typed) {
        assertThat(DateText.read(typed, TODAY)).contains(TODAY);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "soon", "31.4.2026", "2026-13-01", "29.2.2026", "14.9.26", "Smarch 1, 2026", "0.9.2026"})
    void whatIsNoDateIsNone(String typed) {
        assertThat(DateText.read(typed, TODAY)).isEmpty();
    }

    @Test
    void aDateIsWrittenInWords() {
        assertThat(DateText.of(TODAY)).isEqualTo("14 September 2026");
        assertThat(DateText.read(DateText.of(TODAY), LocalDate.EPOCH)).contains(TODAY);
    }
}
