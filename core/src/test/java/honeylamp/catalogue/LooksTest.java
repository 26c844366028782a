package honeylamp.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Colouring;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The looks that ship, and what they make of colours. */
class LooksTest {
    private static final Oklch OAK = new Oklch(0.80, 0.060, 70);

    private static List<Look> all() {
        return Looks.all();
    }

    @Test
    void asLaidLeavesEveryColourToTheLastBit() {
        for (var role : Role.values()) {
            var colour = Palettes.DAYLIGHT.of(role);
            assertThat(Colouring.AS_LAID.of(colour)).isSameAs(colour);
        }
    }

    /** Half as strong of .06 is .03; between .3 and 1 a lightness of .8 lies at .3 + .7 \u00d7 .8. */
    @Test
    void coloursAreWeakenedAndLightened() {
        var pale = new Colouring(Floors.LAID, 0.5, 0.3, 1, 0, 0).of(OAK);
        assertThat(pale.chroma()).isCloseTo(0.03, within(1e-12));
        assertThat(pale.hueDeg()).isCloseTo(70, within(1e-9));
        assertThat(pale.lightness()).isCloseTo(0.86, within(1e-12));
    }

    @Test
    void greysHaveOneTintAndNightTurnsLightAndDarkAbout() {
        var grey = Looks.ONE_ACCENT.colouring();
        assertThat(grey.of(OAK).chroma()).isCloseTo(grey.tint(), within(1e-12));
        assertThat(Looks.INK.colouring().of(OAK).chroma()).isCloseTo(0, within(1e-12));
        var night = Looks.NIGHT_DRAWING.colouring();
        assertThat(night.of(OAK).lightness())
                .isLessThan(night.of(OAK.lighter(-0.2)).lightness());
        assertThat(Looks.NIGHT_DRAWING.palette().of(Role.PAPER).lightness())
                .isLessThan(night.of(OAK).lightness());
    }

    @ParameterizedTest
    @MethodSource("all")
    void aLookIsFoundByItsNameAndIsAsItCame(Look look) {
        assertThat(Looks.of(look.name())).isSameAs(look);
        assertThat(Looks.isChanged(look)).isFalse();
        assertThat(Looks.isChanged(look.withLineDial(1.3))).isTrue();
    }

    @Test
    void strongerMakesEveryColourStrongerAndLeavesPaperAndInk() {
        var strong = Looks.stronger(Looks.LISTING, 1.25);
        for (var role : Role.values()) {
            var before = Looks.LISTING.palette().of(role);
            var after = strong.palette().of(role);
            var stays =
                    List.of(Role.PAPER, Role.INK, Role.POCHE, Role.POCHE_TINT).contains(role);
            assertThat(after.chroma())
                    .as(role.label())
                    .isCloseTo(stays ? before.chroma() : 1.25 * before.chroma(), within(1e-12));
            assertThat(after.lightness()).isEqualTo(before.lightness());
        }
        assertThat(strong.colouring().strength()).isCloseTo(1.25 * 0.6, within(1e-12));
        var calm = Looks.stronger(strong, 1 / 1.25);
        assertThat(calm.colouring().strength()).isCloseTo(0.6, within(1e-12));
        assertThat(Looks.stronger(Looks.LISTING, 9).colouring().strength()).isEqualTo(Colouring.MOST_STRENGTH);
    }

    /** Rooms on either side of a door or an opening, by what they are used for. */
    private static Stream<List<Role>> touching(Plan plan) {
        return plan.storeys().stream().flatMap(storey -> {
            var geometry = StoreyGeometry.of(plan, storey);
            return geometry.cuts().stream().flatMap(cut -> {
                var sides = Stream.of(1, -1)
                        .flatMap(way -> room(geometry, cut, way).stream())
                        .flatMap(r -> r.mark().stream())
                        .flatMap(m -> RoomUses.of(m.fit().use()).stream())
                        .map(RoomUses.RoomUse::floor)
                        .distinct()
                        .toList();
                return sides.size() == 2 ? Stream.of(sides) : Stream.<List<Role>>empty();
            });
        });
    }

    private static Optional<Room> room(StoreyGeometry geometry, OpeningCut cut, int way) {
        var away = cut.thicknessMm() / 2 + 50;
        return geometry.roomAt(cut.middle().middle().plus(cut.unit().left().times(way * away)));
    }

    @Test
    void usesOfRoomsThatTouchDifferInGreyToo() {
        var palette = Looks.USE_COLOURS.palette();
        var pairs = Stream.of(SailclothYard.plan(), QuillbackLane.plan())
                .flatMap(LooksTest::touching)
                .toList();
        assertThat(pairs)
                .hasSizeGreaterThan(5)
                .allSatisfy(pair -> assertThat(Math.abs(palette.of(pair.get(0)).lightness()
                                - palette.of(pair.get(1)).lightness()))
                        .as(pair.toString())
                        .isGreaterThanOrEqualTo(0.03));
    }
}
