package honeylamp.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthTextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "MM|3650.4|3650",
                "MM|3650.5|3651",
                "MM|-3650.5|-3651",
                "CM|3650|365.0",
                "M|3650|3.650",
                "FEET_INCHES|3771.9|12' 4 1/2\"",
                "FEET_INCHES|304.8|1' 0\"",
                "FEET_INCHES|152.4|6\"",
                "FEET_INCHES|12.7|1/2\"",
                "FEET_INCHES|0|0\"",
                "FEET_INCHES|-304.8|-1' 0\""
            })
    void showsRounded(UnitSystem system, double mm, String text) {
        assertThat(LengthText.rounded(Length.ofMm(mm), system)).isEqualTo(text);
    }

    @Test
    void feetInchesRoundToSixteenths() {
        // 3 ft 2 in and 3/32 in lies half way between 2/16 and 1/16; halves go up
        var length = Length.ofInches(38 + 3.0 / 32);
        assertThat(LengthText.rounded(length, UnitSystem.FEET_INCHES)).isEqualTo("3' 2 1/8\"");
    }

    @Test
    void exactTextHasTheUnit() {
        assertThat(LengthText.exact(Length.ofMm(3650.25), UnitSystem.MM)).isEqualTo("3650.25 mm");
        assertThat(LengthText.exact(Length.ofMm(3650.25), UnitSystem.M)).isEqualTo("3.65025 m");
        assertThat(LengthText.exact(Length.ofMm(100), UnitSystem.FEET_INCHES)).isEqualTo("100 mm");
    }

    /** Law: lengths rounded as running distances add up as shown. */
    @Property(seed = "20261125")
    void runningDistancesAddUp(
            @ForAll @LongRange(min = 0, max = 9_000_000_000L) long first,
            @ForAll @LongRange(min = 0, max = 9_000_000_000L) long second,
            @ForAll UnitSystem system) {
        for (var step : Rounding.steps(system)) {
            var rounding = Rounding.to(system, step);
            var a = rounding.steps(new Length(first));
            var all = rounding.steps(new Length(first + second));
            assertThat(rounding.of(a).plus(rounding.of(all - a))).isEqualTo(rounding.of(all));
        }
    }

    @Test
    void shownLengthsAreMultiplesOfTheStepAndHaveNoIdleDecimals() {
        var length = Length.ofMm(3647.6);
        assertThat(Rounding.finest(UnitSystem.MM).shown(length)).isEqualTo("3648");
        assertThat(Rounding.to(UnitSystem.MM, Length.ofMm(5)).shown(length)).isEqualTo("3650");
        assertThat(Rounding.to(UnitSystem.MM, Length.ofMm(50)).shown(Length.ofMm(3624)))
                .isEqualTo("3600");
        assertThat(Rounding.finest(UnitSystem.CM).shown(length)).isEqualTo("364.8");
        assertThat(Rounding.to(UnitSystem.CM, Length.ofMm(5)).shown(length)).isEqualTo("365.0");
        assertThat(Rounding.to(UnitSystem.CM, Length.ofMm(10)).shown(length)).isEqualTo("365");
        assertThat(Rounding.to(UnitSystem.M, Length.ofMm(10)).shown(length)).isEqualTo("3.65");
        assertThat(Rounding.to(UnitSystem.M, Length.ofMm(50)).shown(length)).isEqualTo("3.65");
        var feet = Length.ofInches(99.4); // 8' 3.4"
        assertThat(Rounding.finest(UnitSystem.FEET_INCHES).shown(feet)).isEqualTo("8' 3 3/8\"");
        assertThat(Rounding.to(UnitSystem.FEET_INCHES, Length.ofInches(0.5)).shown(feet))
                .isEqualTo("8' 3 1/2\"");
        assertThat(Rounding.to(UnitSystem.FEET_INCHES, Length.ofInches(1)).shown(feet))
                .isEqualTo("8' 3\"");
        assertThat(Rounding.to(UnitSystem.FEET_INCHES, Length.ofMm(5)).step()) // a step of another system is none
                .isEqualTo(Length.ofInches(1 / 16.0));
        assertThat(Rounding.steps(UnitSystem.FEET_INCHES).stream()
                        .map(s -> new Rounding(UnitSystem.FEET_INCHES, s).words()))
                .containsExactly("1/16\"", "1/8\"", "1/4\"", "1/2\"", "1\"");
    }

    @Test
    void areasInBothUnits() {
        // 5 m × 4 m; 20 m² ÷ 0.09290304 m² per ft² = 215.278…
        assertThat(AreaText.both(20e6)).isEqualTo("20.00 m² · 215.3 ft²");
        assertThat(AreaText.rounded(20e6, UnitSystem.FEET_INCHES)).isEqualTo("215.3 ft²");
    }

    @Test
    void lengthsAreExactNanometres() {
        assertThat(Length.ofInches(1.0 / 64).nanometres()).isEqualTo(396_875);
        assertThat(Length.ofMm(0.1).times(3)).isEqualTo(Length.ofMm(0.3));
        assertThat(Length.ofMm(3).half()).isEqualTo(Length.ofMm(1.5));
        assertThat(new Length(1_500_000).mmText()).isEqualTo("1.5");
    }

    @Test
    void guardsRefuseNoNumbers() {
        assertThatThrownBy(() -> Length.ofMm(Double.NaN))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("NaN");
        assertThatThrownBy(() -> Checks.positive("width", 0)).hasMessage("width (0.0) must be finite and > 0");
        assertThatThrownBy(() -> Checks.positive("width", Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Checks.within("fade", Double.NaN, 0, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Checks.notNegative("sill", Length.ofMm(-1)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
