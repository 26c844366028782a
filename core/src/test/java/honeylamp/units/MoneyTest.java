package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoneyTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"249.50|24950", "249,5|24950", "1 299|129900", "0|0", "''|0", "0.01|1", "1000000|100000000"})
    void pricesAreReadToTheCent(String text, int cents) {
        assertThat(Money.read(text)).contains(cents);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-5", "12.345", "free", "1e6", "1000000.01", "99999999999", "1.2.3", "\u20ac 5"})
    void whatIsNoPriceIsRefused(String text) {
        assertThat(Money.read(text)).isEmpty();
    }

    @Test
    void aPriceIsWrittenAsItIsTyped() {
        assertThat(Money.text(24_950)).isEqualTo("249.50");
        assertThat(Money.text(0)).isEmpty();
    }
}
