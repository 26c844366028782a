package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeylamp.catalogue.Looks;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.HeldLook;
import honeylamp.plan.Light;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Presentation;
import honeylamp.plan.Raised;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.View;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ViewEditsTest {
    private static final Plan HOUSE = QuillbackLane.plan();
    private static final ViewId GROUND = new ViewId(1);
    private static final ViewId FLAT = new ViewId(2);

    private static View view(Plan plan, ViewId id) {
        return plan.presentation().view(id).orElseThrow();
    }

    private static double castShadow(Plan plan, ViewId id) {
        return plan.presentation().look(view(plan, id).look()).castShadow();
    }

    @Test
    void aPlanHasOneLookAndAViewAndAPageOfEachStorey() {
        var presentation = HOUSE.presentation();
        assertThat(presentation.looks()).extracting(HeldLook::look).containsExactly(Looks.DAYLIGHT);
        assertThat(presentation.views())
                .extracting(View::storey)
                .containsExactly(
                        HOUSE.storeys().get(0).id(), HOUSE.storeys().get(1).id());
        assertThat(presentation.pages()).extracting(Page::views).containsExactly(List.of(GROUND), List.of(FLAT));
    }

    @Test
    void aLookIsChangedForAllOrForOneViewOnly() {
        var all = ViewEdits.look(HOUSE, FLAT, Reach.ALL, l -> l.withCastShadow(0.1));
        assertThat(castShadow(all, GROUND)).isEqualTo(0.1);
        assertThat(castShadow(all, FLAT)).isEqualTo(0.1);
        assertThat(all.presentation().looks()).hasSize(1);

        var one = ViewEdits.look(HOUSE, FLAT, Reach.THIS, l -> l.withCastShadow(0.2));
        assertThat(castShadow(one, GROUND)).isEqualTo(Looks.DAYLIGHT.castShadow());
        assertThat(castShadow(one, FLAT)).isEqualTo(0.2);
        var again = ViewEdits.look(one, FLAT, Reach.THIS, l -> l.withCastShadow(0.3));
        assertThat(again.presentation().looks()).hasSize(2); // its own is changed, no third one made
        assertThat(castShadow(again, FLAT)).isEqualTo(0.3);

        var alike = ViewEdits.look(again, GROUND, Reach.ALL, l -> l.withCastShadow(0.4));
        assertThat(alike.presentation().looks()).hasSize(1); // the look that no view has is dropped
        assertThat(castShadow(alike, FLAT)).isEqualTo(0.4);
    }

    /** A change for all leaves alone what differs from view to view and is not changed. */
    @Test
    void aChangeForAllKeepsWhatDiffers() {
        var heavy = ViewEdits.look(HOUSE, FLAT, Reach.THIS, l -> l.withLineDial(1.7));
        var lit = ViewEdits.look(heavy, GROUND, Reach.ALL, l -> l.withCastShadow(0.4));
        assertThat(castShadow(lit, FLAT)).isEqualTo(0.4);
        var look = lit.presentation().look(view(lit, FLAT).look());
        assertThat(look.lineDial()).isEqualTo(1.7);
        var low = ViewEdits.light(heavy, FLAT, Reach.THIS, l -> new Light(l.fromDeg(), 20));
        var turned = ViewEdits.light(low, GROUND, Reach.ALL, l -> new Light(90, l.altitudeDeg()));
        assertThat(view(turned, FLAT).light()).isEqualTo(new Light(90, 20));
    }

    @Test
    void whatDoesNotChangeIsTheSamePlan() {
        assertThat(ViewEdits.look(HOUSE, FLAT, Reach.THIS, l -> l)).isSameAs(HOUSE);
        assertThat(ViewEdits.look(HOUSE, FLAT, Reach.ALL, l -> l)).isSameAs(HOUSE);
        assertThat(ViewEdits.light(HOUSE, FLAT, Reach.ALL, l -> l)).isSameAs(HOUSE);
        assertThat(ViewEdits.scale(HOUSE, Optional.empty())).isSameAs(HOUSE);
        assertThat(ViewEdits.showing(HOUSE, Kind.WALLS, Degree.SHOWN)).isSameAs(HOUSE);
        assertThat(ViewEdits.crop(HOUSE, FLAT, Optional.empty())).isSameAs(HOUSE);
        assertThat(ViewEdits.name(HOUSE, FLAT, "  ")).isSameAs(HOUSE);
        assertThat(ViewEdits.namesBack(HOUSE, FLAT)).isSameAs(HOUSE);
        assertThat(PageEdits.sheet(HOUSE, s -> s)).isSameAs(HOUSE);
        assertThat(PageEdits.notes(HOUSE, new PageId(1), Reach.ALL, "")).isSameAs(HOUSE);
    }

    @Test
    void aLightAndAScaleGoForOneViewOrForAll() {
        var low = new Light(300, 20);
        var one = ViewEdits.light(HOUSE, FLAT, Reach.THIS, _ -> low);
        assertThat(view(one, FLAT).light()).isEqualTo(low);
        assertThat(view(one, GROUND).light()).isEqualTo(view(HOUSE, GROUND).light());
        var all = ViewEdits.scale(one, FLAT, Reach.ALL, Optional.of(96));
        assertThat(all.presentation().views()).extracting(View::scale).containsOnly(Optional.of(96));
    }

    @Test
    void aCopyOfAViewGetsAPageOfItsOwnAfterIts() {
        var added = ViewEdits.copy(HOUSE, GROUND);
        assertThat(added.id()).isEqualTo(new ViewId(3));
        assertThat(added.plan().presentation().pages())
                .extracting(Page::views)
                .containsExactly(List.of(GROUND), List.of(new ViewId(3)), List.of(FLAT));
        assertThat(view(added.plan(), added.id()).storey())
                .isEqualTo(view(HOUSE, GROUND).storey());
        var without = ViewEdits.remove(added.plan(), added.id()).orThrow();
        assertThat(without).isEqualTo(HOUSE);
    }

    @Test
    void theLastViewStays() {
        var one = ViewEdits.remove(HOUSE, FLAT).orThrow();
        assertThat(one.presentation().pages()).hasSize(1);
        assertThat(ViewEdits.remove(one, GROUND))
                .isEqualTo(Outcome.refused("a plan needs a view that looks down on it"));
    }

    @Test
    void namesAreMovedInOneViewAndGoBack() {
        var room = new RoomId(77);
        var at = Position.ofMm(100, 200);
        var moved = ViewEdits.moveName(HOUSE, FLAT, room, Optional.of(at));
        assertThat(view(moved, FLAT).movedName(room)).contains(at);
        assertThat(view(moved, GROUND).movedName(room)).isEmpty();
        var further = ViewEdits.moveName(moved, FLAT, room, Optional.of(Position.ofMm(1, 2)));
        assertThat(view(further, FLAT).moved()).hasSize(1);
        assertThat(ViewEdits.moveName(further, FLAT, room, Optional.empty())).isEqualTo(HOUSE);
        assertThat(ViewEdits.namesBack(further, FLAT)).isEqualTo(HOUSE);
    }

    @Test
    void aNewStoreyGetsAViewAndAPageLikeTheLastAndTakesThemAlong() {
        var upright = PageEdits.sheet(HOUSE, s -> s.on(Paper.A4, s.way()));
        var scaled = ViewEdits.scale(upright, Optional.of(64));
        var added = StoreyEdits.addOnTop(scaled, "Loft");
        var presentation = added.plan().presentation();
        assertThat(presentation.viewOf(added.id()).orElseThrow().scale()).contains(64);
        assertThat(presentation.pages()).hasSize(3);
        assertThat(presentation.pages().getLast().sheet().paper()).isEqualTo(Paper.A4);
        assertThat(StoreyEdits.remove(added.plan(), added.id()).orThrow().presentation())
                .isEqualTo(scaled.presentation());
    }

    /** However views and pages were thinned out, a storey can go and the plan can still be shown. */
    @Test
    void theStoreyOfTheOnlyViewAndPageCanGo() {
        var groundOnly = ViewEdits.remove(HOUSE, FLAT).orThrow();
        var flat =
                StoreyEdits.remove(groundOnly, HOUSE.storeys().getFirst().id()).orThrow();
        assertThat(flat.presentation().views())
                .extracting(View::storey)
                .containsExactly(HOUSE.storeys().get(1).id());
        assertThat(flat.presentation().pages()).hasSize(1);
        var groundsPage = PageEdits.remove(HOUSE, new PageId(2)).orThrow();
        var noPage =
                StoreyEdits.remove(groundsPage, HOUSE.storeys().getFirst().id()).orThrow();
        assertThat(noPage.presentation().pages()).extracting(Page::views).containsExactly(List.of(FLAT));
    }

    @Test
    void whatHangsTogetherIsRequired() {
        var presentation = HOUSE.presentation();
        assertThatThrownBy(() ->
                        new Presentation(List.of(), presentation.views(), presentation.pages(), List.of(), List.of()))
                .hasMessageContaining("view v1 asks for k1");
        assertThatThrownBy(() -> new Presentation(
                        presentation.looks(),
                        presentation.views().subList(0, 1),
                        presentation.pages(),
                        List.of(),
                        List.of()))
                .hasMessageContaining("page p2 asks for v2");
        assertThatThrownBy(() ->
                        new Presentation(presentation.looks(), presentation.views(), List.of(), List.of(), List.of()))
                .hasMessageContaining("needs a view and a page");
        var twice =
                List.of(presentation.views().getFirst(), presentation.views().getFirst());
        assertThatThrownBy(
                        () -> new Presentation(presentation.looks(), twice, presentation.pages(), List.of(), List.of()))
                .hasMessageContaining("two are called v1");
    }

    /** What is changed of all views leaves the grey base of a lighting plan as it is, and its change leaves the others. */
    @Test
    void allViewsAreThoseOfTheSameSort() {
        var plan = SailclothYard.plan();
        var first = plan.presentation().views().getFirst().id();
        plan = LightingViews.add(plan, plan.storeys().getFirst().id()).plan();
        var lights = plan.presentation().views().getLast();
        var bare = ViewEdits.showing(plan, first, Reach.ALL, Kind.FURNITURE, Degree.HIDDEN);
        bare = ViewEdits.light(bare, first, Reach.ALL, l -> l.withFromDeg(100));
        bare = ViewEdits.livedIn(bare, first, Reach.ALL, 1);
        assertThat(bare.presentation().view(lights.id())).contains(lights);
        assertThat(bare.presentation().view(first).orElseThrow().showing().shows(Kind.FURNITURE))
                .isFalse();
        var grey = ViewEdits.showing(plan, lights.id(), Reach.ALL, Kind.TAGS, Degree.SHOWN);
        assertThat(grey.presentation().view(first))
                .isEqualTo(plan.presentation().view(first));
        assertThat(grey.presentation().view(lights.id()).orElseThrow().showing().shows(Kind.TAGS))
                .isTrue();
        // paper is for all of them
        var scaled = ViewEdits.scale(plan, first, Reach.ALL, Optional.of(75));
        assertThat(scaled.presentation().views())
                .allSatisfy(v -> assertThat(v.scale()).contains(75));
    }

    @Test
    void aPlanIsTheSameFromWhicheverSideItIsLookedAt() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst().id();
        var first = plan.presentation().views().getFirst().id();
        var eye = new Raised.Eye(Raised.Rays.PARALLEL, 30, 36);
        var raised = ViewEdits.raised(plan, first, new Raised.WholeStorey(storey, Length.ofMm(1200), eye), "Raised")
                .plan();
        var id = raised.presentation().views().getLast().id();
        var turned = ViewEdits.lookedFrom(raised, id, eye.turnedBy(90)).orThrow();
        assertThat(turned).isNotEqualTo(raised);
        assertThat(turned.isSeenAs(raised)).isTrue();
        assertThat(ViewEdits.cutAt(raised, id, Length.ofMm(1500)).orThrow().isSeenAs(raised))
                .isFalse();
        assertThat(raised.withName("Another").isSeenAs(raised)).isFalse();
        assertThat(raised.isSeenAs(plan)).isFalse();
        // where somebody stands is marked in the plan
        var inside = ViewEdits.raised(
                        plan,
                        first,
                        new Raised.Inside(storey, Position.ofMm(4000, 3000), Raised.Inside.EYE_HIGH, 90, 75),
                        "Inside")
                .plan();
        var there = inside.presentation().views().getLast().id();
        assertThat(ViewEdits.lookedFrom(inside, there, eye).orThrow().isSeenAs(inside))
                .isFalse();
    }
}
