package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Surfaces whose edges lie on each other but for a hair, as pictures of things seen aslant have them. */
class HairTest {
    private static Outline outline(double... xy) {
        var corners = new ArrayList<Point>();
        for (var i = 0; i < xy.length; i += 2) {
            corners.add(new Point(xy[i], xy[i + 1]));
        }
        return Outline.of(new Ring(corners));
    }

    /** The seat of a chair of china under its lid: the lid covers it all, whatever lies beside the lid too. */
    @Test
    void whatIsCoveredIsGoneWhateverElseCoversIt() {
        var seat = outline(
                2272.632999772028,
                12004.93417743718,
                2192.632999772028,
                12143.49824204269,
                2019.4279190151406,
                12043.49824204269,
                2099.4279190151406,
                11904.93417743718);
        var lid = outline(
                2598.1585886046046,
                12001.107318415381,
                2248.1585886046046,
                12607.325101064489,
                1832.466394788074,
                12367.325101064489,
                2182.466394788074,
                11761.107318415381);
        var beside = outline(
                2018.4279190151406,
                12045.230292850258,
                2018.4279190151406,
                11925.590292850258,
                2030.931083078483,
                11903.93417743718,
                2100.0052692843296,
                11903.93417743718);
        assertThat(Regions.difference(List.of(seat), List.of(lid, beside))).isEmpty();
        assertThat(Regions.differenceOnGrid(seat, lid)).isEmpty();
    }

    /** A band that turns back on itself by less than a hair covers what it covers, and nothing beside it. */
    @Test
    void aBandWithASpikeIsMadeSound() {
        var band = outline(0, 0, 100, 0, 100, 10, 100 + 1e-13, 10 - 1e-13, 100, 30, 90, 30, 90, 10, 0, 10);
        var sound = Regions.sound(band);
        assertThat(sound.stream().mapToDouble(Outline::area).sum()).isCloseTo(1200, within(1e-6));
        var beside = outline(10, 12, 80, 12, 80, 28, 10, 28);
        assertThat(Regions.intersection(sound, List.of(beside))).isEmpty();
        assertThat(Regions.sound(beside)).containsExactly(beside);
    }
}
