package honeylamp.derive.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Sun;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where the sun stands, against a published case, the almanac's short formulas and what the year does at noon. */
class SunPlaceTest {
    private static Sun sun(double latitude, double longitude, String clock, double ahead) {
        return new Sun(latitude, longitude, LocalDateTime.parse(clock), ahead);
    }

    /** Table A5.1 of Reda and Andreas: azimuth 194.34024, height without refraction 39.872046. */
    @Test
    void thePublishedCaseComesOut() {
        var place = SunPlace.of(sun(39.742476, -105.1786, "2003-10-17T12:30:30", -7));
        assertThat(place.azimuthDeg()).isCloseTo(194.34024, within(0.001));
        assertThat(place.altitudeDeg()).isCloseTo(39.872046, within(0.003)); // it stood 1,830 m up
    }

    /**
     * Ten cities over the year, by the low-precision formulas of the Astronomical Almanac (page C5; good to 0.01 degrees
     * in declination and right ascension between 1950 and 2050).
     */
    @ParameterizedTest
    @CsvSource({
        "52.52, 13.40, 2026-03-20T09:00, 1",
        "40.71, -74.01, 2026-06-21T15:30, -4",
        "-33.87, 151.21, 2026-12-21T10:15, 11",
        "35.68, 139.69, 2026-02-04T13:45, 9",
        "-1.29, 36.82, 2026-09-23T08:00, 3",
        "64.15, -21.94, 2026-07-01T22:00, 0",
        "19.43, -99.13, 2026-05-15T12:20, -6",
        "28.61, 77.21, 2026-10-30T16:10, 5.5",
        "-34.60, -58.38, 2026-08-11T11:05, -3",
        "51.51, -0.13, 2026-11-28T12:00, 0"
    })
    void tenCitiesAgreeWithTheAlmanac(double latitude, double longitude, String clock, double ahead) {
        var place = SunPlace.of(sun(latitude, longitude, clock, ahead));
        var seen = almanac(latitude, longitude, LocalDateTime.parse(clock), ahead);
        assertThat(place.altitudeDeg()).isCloseTo(seen[1], within(0.03));
        assertThat(Math.abs((place.azimuthDeg() - seen[0] + 540) % 360 - 180)).isLessThan(0.05);
    }

    private static double[] almanac(double latitude, double longitude, LocalDateTime clock, double ahead) {
        var hours = ChronoUnit.SECONDS.between(LocalDateTime.of(2000, 1, 1, 12, 0), clock) / 3600.0 - ahead;
        var n = hours / 24;
        var mean = Math.toRadians(280.460 + 0.9856474 * n);
        var anomaly = Math.toRadians(357.528 + 0.9856003 * n);
        var ecliptic = mean + Math.toRadians(1.915 * Math.sin(anomaly) + 0.020 * Math.sin(2 * anomaly));
        var tilt = Math.toRadians(23.439 - 0.0000004 * n);
        var ascension = Math.atan2(Math.cos(tilt) * Math.sin(ecliptic), Math.cos(ecliptic));
        var declination = Math.asin(Math.sin(tilt) * Math.sin(ecliptic));
        var sidereal = Math.toRadians((18.697374558 + 24.06570982441908 * n) * 15 + longitude);
        var angle = sidereal - ascension;
        var phi = Math.toRadians(latitude);
        var up = Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.cos(angle);
        var east = -Math.cos(declination) * Math.sin(angle);
        var north = Math.cos(phi) * Math.sin(declination) - Math.sin(phi) * Math.cos(declination) * Math.cos(angle);
        return new double[] {(Math.toDegrees(Math.atan2(east, north)) + 360) % 360, Math.toDegrees(Math.asin(up))};
    }

    /** At noon of the sun in midsummer it stands 90 - 51 + 23.44 degrees high, due south. */
    @Test
    void atNoonOfMidsummerItStandsDueSouthAndHighest() {
        var noon = SunPlace.of(sun(51, 0, "2026-06-21T12:01:50", 0));
        assertThat(noon.altitudeDeg()).isCloseTo(90 - 51 + 23.44, within(0.02));
        assertThat(noon.azimuthDeg()).isCloseTo(180, within(0.2));
        assertThat(SunPlace.of(sun(51, 0, "2026-06-21T00:00", 0)).isDown()).isTrue();
    }

    /** With north to the right of the sheet, what comes from the south comes from the left. */
    @Test
    void theLightComesFromWhereTheSunStandsOnTheSheet() {
        var light = new Light(0, 48, Falls.AROUND, Optional.of(sun(51, 0, "2026-06-21T12:01:50", 0)));
        var up = SunPlace.seen(light, 90).orElseThrow();
        assertThat(up.fromDeg()).isCloseTo(180, within(0.2));
        assertThat(up.altitudeDeg()).isCloseTo(62.44, within(0.02));
        assertThat(up.falls()).isEqualTo(Falls.AROUND);
        assertThat(SunPlace.seen(light, 0).orElseThrow().fromDeg()).isCloseTo(270, within(0.2));
        assertThat(SunPlace.seen(new Light(320, 48), 0)).contains(new Light(320, 48));
    }

    @Test
    void whileItIsDownThereIsNoLight() {
        var night = new Light(0, 48, Falls.INSIDE, Optional.of(sun(51, 0, "2026-12-21T20:00", 0)));
        assertThat(SunPlace.seen(night, 90)).isEmpty();
    }

    @Test
    void placesOffTheEarthAreRefused() {
        assertThatThrownBy(() -> sun(91, 0, "2026-01-01T12:00", 0)).hasMessageContaining("latitude");
        assertThatThrownBy(() -> sun(0, 181, "2026-01-01T12:00", 0)).hasMessageContaining("longitude");
        assertThatThrownBy(() -> sun(0, 0, "2026-01-01T12:00", 15)).hasMessageContaining("UTC");
    }
}
