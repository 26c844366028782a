package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;

@Isolated("The usual locale is that of the whole JVM")
class WordsTest {
    @Test
    void numbersInSentencesDoNotDependOnTheMachine() {
        var before = Locale.getDefault();
        try {
            for (var locale : Locale.getAvailableLocales()) {
                Locale.setDefault(locale);
                assertThat(Words.of("%.1f\u00b0, %d of %s", 30.5, 1234, "a")).isEqualTo("30.5\u00b0, 1234 of a");
            }
        } finally {
            Locale.setDefault(before);
        }
    }
}
