package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Looks;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What has nothing to do with walls joins none: the derived network is the very object it was before the edit. */
class NothingJoinedAnewTest {
    private static final Plan HOUSE = QuillbackLane.plan();
    private static final StoreyId AT = HOUSE.storeys().getFirst().id();

    private static ElementId chair() {
        return HOUSE.storey(AT).furnishings().getFirst().id();
    }

    static Stream<Arguments> edits() {
        return Stream.of(
                edit("a chair deleted", p -> Deletion.of(p, AT, Set.of(chair()))),
                edit(
                        "a chair moved",
                        p -> PickedEdits.move(p, AT, Set.of(chair()), Length.ofMm(300), Length.ZERO)
                                .orThrow()),
                edit(
                        "a chair pasted",
                        p -> Clipping.of(p, AT, Set.of(chair()))
                                .into(p, AT, Length.ofMm(500), Length.ZERO)
                                .plan()),
                edit(
                        "a note written",
                        p -> NoteEdits.add(p, AT, Position.ofMm(1000, 1000), "Note")
                                .plan()),
                edit("a storey named", p -> StoreyEdits.name(p, AT, "Shop")),
                edit("a look chosen", p -> ViewEdits.look(p, _ -> Looks.FLAT)),
                edit(
                        "a page copied",
                        p -> PageEdits.copy(
                                        p, p.presentation().pages().getFirst().id())
                                .plan()),
                edit("a ceiling covered", p -> {
                    var room = p.storey(AT).rooms().getFirst().id();
                    return Coverings.cover(p, AT, new Surface.Ceiling(room), Optional.of(Finish.of("lime-white")));
                }),
                edit(
                        "a fixed part deleted",
                        p -> Deletion.of(
                                p,
                                AT,
                                Set.of(p.storey(AT).structures().getFirst().id()))));
    }

    private static Arguments edit(String name, Function<Plan, Plan> change) {
        return Arguments.of(name, change);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("edits")
    void joinsNoWall(String name, Function<Plan, Plan> change) {
        var cache = new GeometryCache();
        var before = cache.laidOut(HOUSE).on(AT).geometry();
        var after = new Completing(cache).of(HOUSE, change.apply(HOUSE));
        assertThat(after).isNotEqualTo(HOUSE);
        assertThat(cache.laidOut(after).on(AT).geometry().network()).isSameAs(before.network());
        assertThat(cache.of(after, after.storey(AT)).network()).isSameAs(before.network());
    }
}
