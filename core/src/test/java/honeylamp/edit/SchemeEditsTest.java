package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.Searches;
import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.Differing;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Schemes;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.plan.View;
import honeylamp.plan.View.Arranged;
import honeylamp.plan.Wall;
import honeylamp.takeoff.SchemeReport;
import honeylamp.units.Length;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class SchemeEditsTest {
    private static final SchemeId A = new SchemeId(1);
    private static final SchemeId B = new SchemeId(2);

    private static Plan added(Plan plan, String name) {
        return SchemeEdits.add(plan, name, Optional.empty()).orThrow();
    }

    private static Plan without(Plan plan, ElementId id) {
        var storey = TestPlans.storey(plan);
        return plan.withStorey(storey, s -> s.with(s.elements().only(e -> !e.id().equals(id))));
    }

    private static Furnishing piece(Plan plan, int at) {
        return plan.storeys().getFirst().furnishings().get(at);
    }

    @Test
    void whatIsDoneInASchemeIsNotDoneToThePlanAsDrawn() {
        var drawn = SailclothYard.plan();
        var inA = without(added(drawn, "Two beds"), piece(drawn, 2).id());
        assertThat(inA.schemes().name(inA.schemes().open())).isEqualTo("Two beds");
        assertThat(inA.opening(Schemes.AS_DRAWN).storeys()).isEqualTo(drawn.storeys()); // in the same order too
        assertThat(inA.opening(Schemes.AS_DRAWN).opening(A).storeys()).isEqualTo(inA.storeys());
        assertThat(inA.opening(Schemes.AS_DRAWN).schemes().find(A).orElseThrow().parts())
                .singleElement()
                .satisfies(part -> {
                    assertThat(part.other().elements().isEmpty()).isTrue(); // only what differs is held
                    assertThat(part.without())
                            .containsExactly(piece(drawn, 2).id().number());
                });
    }

    @Test
    void whatIsDoneToThePlanAsDrawnIsSeenInEveryScheme() {
        var drawn = SailclothYard.plan();
        var inA = without(added(drawn, "A"), piece(drawn, 2).id());
        var changed = without(inA.opening(Schemes.AS_DRAWN), piece(drawn, 5).id());
        var ids = ids(changed.opening(A).storeys());
        assertThat(ids).doesNotContain(piece(drawn, 2).id(), piece(drawn, 5).id());
        assertThat(ids).hasSize(ids(drawn.storeys()).size() - 2);
    }

    private static Set<ElementId> ids(List<Storey> storeys) {
        return storeys.stream()
                .flatMap(s -> s.elements().all())
                .map(Element::id)
                .collect(Collectors.toSet());
    }

    /** The oracle keeps every arrangement whole. */
    @Test
    void randomEditsInOneSchemeShowInNoOther() {
        for (var seed = 0; seed < Searches.cases(5, 12); seed++) {
            var random = new Random(seed);
            var plan = SailclothYard.plan();
            Map<SchemeId, List<Storey>> whole = new HashMap<>();
            whole.put(Schemes.AS_DRAWN, plan.storeys());
            for (var step = 0; step < 40; step++) {
                switch (random.nextInt(6)) {
                    case 0 -> {
                        if (plan.schemes().all().size() < 4) {
                            plan = added(plan, "");
                            whole.put(plan.schemes().open(), plan.storeys());
                        }
                    }
                    case 1 -> plan = plan.opening(any(random, plan.schemes().ids()));
                    default -> {
                        if (!plan.schemes().open().equals(Schemes.AS_DRAWN)) {
                            plan = new Completing(new GeometryCache()).of(plan, RandomEditsTest.edited(plan, random));
                            whole.put(plan.schemes().open(), plan.storeys());
                        }
                    }
                }
                for (var id : plan.schemes().ids()) {
                    assertThat(plan.opening(id).storeys())
                            .as("seed %d, step %d, %s", seed, step, id.text())
                            .isEqualTo(whole.get(id));
                }
            }
        }
    }

    private static <T> T any(Random random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    @Test
    void whateverIsDoneToThePlanAsDrawnSchemesStillHangTogether() {
        for (var seed = 0; seed < Searches.cases(4, 10); seed++) {
            var random = new Random(seed);
            var completing = new Completing(new GeometryCache());
            var plan = added(SailclothYard.plan(), "A");
            for (var step = 0; step < 15; step++) {
                plan = completing.of(plan, RandomEditsTest.edited(plan, random));
            }
            var held = plan.schemes().next();
            plan = completing.of(plan, plan.opening(Schemes.AS_DRAWN));
            for (var step = 0; step < 25; step++) {
                plan = completing.of(plan, RandomEditsTest.edited(plan, random));
            }
            var opened = completing.of(plan, plan.opening(A));
            assertThat(held).isEqualTo(B);
            assertThat(opened.opening(Schemes.AS_DRAWN).storeys()).isEqualTo(plan.storeys());
            assertThat(LaidPlan.of(opened).all())
                    .allSatisfy(s -> assertThat(s.geometry().rooms()).isNotNull());
        }
    }

    @Test
    void layingASchemeOpenChangesNothingOfIt() {
        var drawn = SailclothYard.plan();
        var completing = new Completing(new GeometryCache());
        var inA = completing.of(
                drawn,
                without(
                        added(drawn, "A"),
                        drawn.storeys().getFirst().walls().getLast().id()));
        var back = completing.of(inA, inA.opening(Schemes.AS_DRAWN));
        assertThat(back.storeys()).isEqualTo(drawn.storeys());
        assertThat(completing.of(back, back.opening(A)).storeys()).isEqualTo(inA.storeys());
    }

    @Test
    void aSchemeOfAStoreyDiffersOnThatOneOnly() {
        var drawn = QuillbackLane.plan();
        var upper = drawn.storeys().getLast();
        var inA = SchemeEdits.add(drawn, "Upstairs", Optional.of(upper.id())).orThrow();
        var lower = drawn.storeys().getFirst().furnishings().getFirst().id();
        var above = upper.furnishings().getFirst().id();
        var changed = inA.withStoreys(inA.storeys().stream()
                .map(s -> s.with(s.elements().only(e -> !e.id().equals(lower) && !e.id().equals(above))))
                .toList());
        var base = ids(changed.opening(Schemes.AS_DRAWN).storeys());
        assertThat(base).doesNotContain(lower).contains(above);
    }

    /**
     * In a scheme of the bedroom a piece of it and one of the living room are moved: the bed moved in the scheme alone, the
     * other in all arrangements. What is brought into the room, and out of it, stays in the plan as drawn where it was.
     */
    @Test
    void aSchemeOfARoomDiffersInThatOneOnly() {
        var drawn = SailclothYard.plan();
        var laid = LaidPlan.of(drawn);
        var storey = TestPlans.storey(drawn);
        var rooms = laid.on(storey).geometry().rooms();
        var bedroom = rooms.stream()
                .filter(r -> r.name().equals("Bedroom"))
                .findFirst()
                .orElseThrow();
        var living = rooms.stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        var id = bedroom.mark().orElseThrow().id();
        var inside = drawn.storeys().getFirst().furnishings().stream()
                .filter(f -> bedroom.outline().contains(f.at().point()))
                .toList();
        var outside = drawn.storeys().getFirst().furnishings().stream()
                .filter(f -> living.outline().contains(f.at().point()))
                .toList();
        var inA = SchemeEdits.addOfRoom(laid, "", storey, id).orThrow();
        assertThat(inA.schemes().name(A)).isEqualTo("Bedroom A");
        var into = bedroom.outline().bounds().centre();
        var changed = inA.withStorey(
                storey,
                s -> s.change(Furnishing.class, inside.getFirst().id(), f -> moved(f, 40))
                        .change(Furnishing.class, outside.getFirst().id(), f -> moved(f, 60))
                        .change(Furnishing.class, outside.get(1).id(), f -> f.withAt(Position.ofMm(into.x(), into.y())))
                        .change(
                                Furnishing.class,
                                inside.get(1).id(),
                                f -> f.withAt(outside.get(1).at())));
        var back = changed.opening(Schemes.AS_DRAWN).storey(storey).elements();
        assertThat(back.find(inside.getFirst().id())).contains(inside.getFirst());
        assertThat(back.find(outside.getFirst().id())).contains(moved(outside.getFirst(), 60));
        assertThat(back.find(outside.get(1).id())).contains(outside.get(1));
        assertThat(back.find(inside.get(1).id())).contains(inside.get(1));
        assertThat(changed.opening(Schemes.AS_DRAWN).opening(A).storeys()).isEqualTo(changed.storeys());
        // and a wall that is moved meanwhile is moved in all
        var wall = drawn.storeys().getFirst().walls().getFirst();
        var without = changed.withStorey(
                storey,
                s -> s.with(s.elements()
                        .only(e -> !e.id().equals(wall.id())
                                && !(e instanceof Opening o && o.host().equals(wall.id())))));
        assertThat(without.opening(Schemes.AS_DRAWN).storey(storey).elements().find(wall.id()))
                .isEmpty();
        assertThat(SchemeEdits.addOfRoom(laid, "", storey, new RoomId(999_999)).refusal())
                .isPresent();
    }

    /** Where a wall of the room is moved out by 500, a piece put into what was won belongs to the scheme of the room. */
    @Test
    void aSchemeOfARoomFollowsItsWalls() {
        var plan = TestPlans.clearRectangle(4000, 3000);
        var marked = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Room", Finish.of("oak"))
                .plan();
        var storey = TestPlans.storey(marked);
        var room = marked.storeys().getFirst().rooms().getFirst().id();
        var inA = SchemeEdits.addOfRoom(LaidPlan.of(marked), "", storey, room).orThrow();
        var was = inA.schemes().all().getFirst().room().orElseThrow();
        var east = inA.storeys().getFirst().walls().stream()
                .filter(w -> w.places().stream().allMatch(p -> p.x().mm() > 3900))
                .findFirst()
                .orElseThrow();
        var completing = new Completing(new GeometryCache());
        var wider = completing.of(
                inA,
                PickedEdits.move(inA, storey, Set.of(east.id()), Length.ofMm(500), Length.ofMm(0))
                        .orThrow());
        var now = wider.schemes().all().getFirst().room().orElseThrow();
        assertThat(now).isNotEqualTo(was);
        var more = TestPlans.with(wider, "armchair", 400, 400, 800, 4250, 1500, 0);
        assertThat(more.opening(Schemes.AS_DRAWN).storeys().getFirst().furnishings())
                .isEmpty();
        assertThat(more.opening(Schemes.AS_DRAWN).storeys().getFirst().walls())
                .isEqualTo(more.storeys().getFirst().walls());
    }

    private static Furnishing moved(Furnishing f, double mm) {
        return f.withAt(Position.ofMm(f.at().x().mm() + mm, f.at().y().mm()));
    }

    @Test
    void storeysAreTheHousesAlikeInAll() {
        var drawn = QuillbackLane.plan();
        var inA = without(added(drawn, "A"), piece(drawn, 0).id());
        var higher = StoreyEdits.addOnTop(inA, "Attic");
        assertThat(higher.plan().opening(Schemes.AS_DRAWN).storeys())
                .extracting(Storey::name)
                .contains("Attic");
        var named = StoreyEdits.name(inA, drawn.storeys().getFirst().id(), "Tea room");
        assertThat(named.opening(Schemes.AS_DRAWN).storeys().getFirst().name()).isEqualTo("Tea room");
        assertThat(named.opening(Schemes.AS_DRAWN).storeys().getFirst().elements())
                .isEqualTo(drawn.storeys().getFirst().elements());
        var gone = StoreyEdits.remove(inA, drawn.storeys().getLast().id()).orThrow();
        assertThat(gone.opening(Schemes.AS_DRAWN).storeys()).hasSize(1);
    }

    @Test
    void anAdoptedSchemeIsThePlanAndTheOthersStayAsTheyWere() {
        var drawn = SailclothYard.plan();
        var inA = without(added(drawn, "A"), piece(drawn, 2).id());
        var inB = without(
                added(inA.opening(Schemes.AS_DRAWN), "B"), piece(drawn, 4).id());
        var asB = inB.storeys();
        var adopted = SchemeEdits.adopt(inB.opening(A)).orThrow();
        assertThat(adopted.schemes().open()).isEqualTo(Schemes.AS_DRAWN);
        assertThat(adopted.storeys()).isEqualTo(inA.storeys());
        assertThat(adopted.schemes().all()).extracting(Schemes.Scheme::name).containsExactly("B");
        assertThat(adopted.opening(B).storeys()).isEqualTo(asB);
        assertThat(SchemeEdits.adopt(drawn).refusal())
                .hasValueSatisfying(
                        w -> assertThat(w)
                                .isEqualTo(
                                        "That cannot be: no scheme is laid open. Lay the one open that is to become the plan."));
    }

    /** A scheme of the upper floor must not keep, and bring back, the ground floor as it was. */
    @Test
    void anAdoptedSchemeIsNotUndoneByOneOfAnotherStorey() {
        var drawn = QuillbackLane.plan();
        var upper = drawn.storeys().getLast().id();
        var above = SchemeEdits.add(drawn, "Upstairs", Optional.of(upper)).orThrow();
        var gone = piece(drawn, 0).id();
        var below = without(added(above.opening(Schemes.AS_DRAWN), "Downstairs"), gone);
        var adopted = SchemeEdits.adopt(below).orThrow();
        var open = adopted.opening(A);
        assertThat(ids(open.storeys())).doesNotContain(gone);
        var last = drawn.storeys().getLast().furnishings().getFirst().id();
        var edited = open.withStorey(upper, s -> s.with(s.elements().only(e -> !e.id().equals(last))));
        assertThat(ids(edited.opening(Schemes.AS_DRAWN).storeys()))
                .doesNotContain(gone)
                .contains(last);
    }

    @Test
    void aRoomIsTakenOverWithItsPiecesAndFinishesAndNothingElse() {
        var drawn = SailclothYard.plan();
        var storey = TestPlans.storey(drawn);
        var geometry = TestPlans.geometry(drawn);
        var room = geometry.rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        var mark = room.mark().orElseThrow().id();
        var inside = drawn.storeys().getFirst().furnishings().stream()
                .filter(f -> room.outline().contains(f.at().point()))
                .toList();
        var outside = drawn.storeys().getFirst().furnishings().stream()
                .filter(f -> !room.outline().contains(f.at().point()))
                .findFirst()
                .orElseThrow();
        assertThat(inside).hasSizeGreaterThan(2);
        var inA = without(without(added(drawn, "A"), inside.getFirst().id()), outside.id());
        var tiled = inA.withStorey(storey, s -> s.change(RoomMark.class, mark, m -> m.withFloor(Finish.of("screed"))));
        var taken = SchemeEdits.takeRoom(LaidPlan.of(tiled.opening(Schemes.AS_DRAWN)), storey, mark, A)
                .orThrow();
        var ids = ids(taken.storeys());
        assertThat(ids).doesNotContain(inside.getFirst().id()).contains(outside.id());
        assertThat(taken.storeys().getFirst().rooms().stream()
                        .filter(m -> m.id().equals(mark))
                        .findFirst()
                        .orElseThrow()
                        .floor())
                .isEqualTo(Finish.of("screed"));
        assertThat(SchemeEdits.takeRoom(LaidPlan.of(tiled), storey, new RoomId(99_999), Schemes.AS_DRAWN)
                        .refusal())
                .isPresent();
    }

    @Test
    void aRoomWithOtherWallsIsNotTakenOver() {
        var bare = TestPlans.clearRectangle(4000, 3000);
        var storey = TestPlans.storey(bare);
        var drawn = RoomEdits.markNew(bare, storey, TestPlans.geometry(bare));
        var mark = TestPlans.geometry(drawn)
                .rooms()
                .getFirst()
                .mark()
                .orElseThrow()
                .id();
        var inA = added(drawn, "Wider");
        var wall = inA.storeys().getFirst().walls().get(1).id();
        var wider = WallEdits.moveWall(inA, storey, wall, Length.ofMm(900), Length.ZERO)
                .orThrow();
        assertThat(SchemeEdits.takeRoom(LaidPlan.of(wider), storey, mark, Schemes.AS_DRAWN)
                        .refusal())
                .hasValueSatisfying(words -> assertThat(words).contains("the walls of the room lie elsewhere"));
    }

    /** The other way of telling: the sets of ids, and what is equal of those in both. */
    @Test
    void theReportTellsWhatAnIndependentComparisonFinds() {
        for (var seed = 0; seed < 8; seed++) {
            var random = new Random(seed);
            var plan = added(SailclothYard.plan(), "A");
            for (var step = 0; step < 12; step++) {
                plan = new Completing(new GeometryCache()).of(plan, RandomEditsTest.edited(plan, random));
            }
            var report = SchemeReport.of(LaidPlan.of(plan.opening(Schemes.AS_DRAWN)), LaidPlan.of(plan));
            var before = byId(plan.opening(Schemes.AS_DRAWN));
            var now = byId(plan);
            var fresh = new HashSet<>(now.keySet());
            fresh.removeAll(before.keySet());
            var gone = new HashSet<>(before.keySet());
            gone.removeAll(now.keySet());
            var other = now.keySet().stream()
                    .filter(id -> before.containsKey(id) && !before.get(id).equals(now.get(id)))
                    .count();
            assertThat(report.count(Differing.NEW)).isEqualTo(fresh.size());
            assertThat(report.count(Differing.GONE)).isEqualTo(gone.size());
            assertThat(report.lines().size() - fresh.size() - gone.size()).isEqualTo((int) other);
        }
    }

    private static Map<ElementId, Element> byId(Plan plan) {
        return plan.storeys().stream()
                .flatMap(s -> s.elements().all())
                .filter(e -> !(e instanceof SettingOutLine || e instanceof Underlay))
                .collect(Collectors.toMap(Element::id, e -> e));
    }

    @Test
    void movedPiecesPricesAndAreasAreTold() {
        var drawn = TestPlans.clearRectangle(4000, 3000);
        var furnished = TestPlans.with(drawn, "sofa", 2000, 900, 800, 1500, 1500, 0);
        var storey = TestPlans.storey(furnished);
        var sofa = piece(furnished, 0);
        var priced = furnished.withStorey(
                storey,
                s -> s.change(
                        Furnishing.class,
                        sofa.id(),
                        f -> f.withBuying(f.buying().withPrice(90_000))));
        var inA = added(priced, "A");
        var moved = inA.withStorey(
                storey,
                s -> s.change(
                        Furnishing.class,
                        sofa.id(),
                        f -> f.withAt(Position.ofMm(2200, 1500))
                                .withBuying(f.buying().withPrice(120_000))));
        var wider = WallEdits.moveWall(
                        moved, storey, moved.storeys().getFirst().walls().get(1).id(), Length.ofMm(500), Length.ZERO)
                .orThrow();
        var whole = new Completing(new GeometryCache()).of(moved, wider);
        var report = SchemeReport.of(LaidPlan.of(whole.opening(Schemes.AS_DRAWN)), LaidPlan.of(whole));
        assertThat(report.cost()).contains("+300.00");
        assertThat(report.lines())
                .filteredOn(l -> l.of().equals(Optional.of(sofa.id())))
                .singleElement()
                .satisfies(l -> {
                    assertThat(l.kind().label()).isEqualTo("Moved");
                    assertThat(l.words()).startsWith("Sofa");
                });
        assertThat(report.areas()).singleElement().asString().contains("12.00").contains("13.50"); // by hand
    }

    @Test
    void viewsAndPagesShowSchemesAndLoseThemWhenThoseGo() {
        var drawn = SailclothYard.plan();
        var view = drawn.presentation().views().getFirst().id();
        var inA = without(added(drawn, "A"), piece(drawn, 2).id());
        var both = SchemeEdits.sideBySide(inA, view, Schemes.AS_DRAWN, A);
        var page = LaidPlan.of(both.plan()).page(both.id());
        assertThat(page.views())
                .extracting(v -> v.view().arranged().as().orElseThrow())
                .containsExactly(Schemes.AS_DRAWN, A);
        assertThat(page.name()).isEqualTo("As drawn and A");
        assertThat(page.views().getFirst().storey().storey().furnishings())
                .hasSize(drawn.storeys().getFirst().furnishings().size());
        assertThat(page.views().getLast().storey().storey().furnishings())
                .hasSize(drawn.storeys().getFirst().furnishings().size() - 1);
        var each = SchemeEdits.pages(inA, view);
        assertThat(each.presentation().pages())
                .hasSize(drawn.presentation().pages().size() + 2);
        assertThat(SchemeEdits.pages(each, view)).isEqualTo(each); // those that are there stay
        var forgotten = SchemeEdits.forget(both.plan(), A);
        assertThat(forgotten.presentation().views())
                .extracting(View::arranged)
                .doesNotContain(new Arranged(Optional.of(A), Optional.of(Schemes.AS_DRAWN)));
        assertThat(forgotten.storeys()).isEqualTo(drawn.storeys());
    }

    @Test
    void aTemplateHasOneArrangementOnly() {
        var inA = without(
                added(SailclothYard.plan(), "A"), piece(SailclothYard.plan(), 2).id());
        var shown = SchemeEdits.pages(inA, inA.presentation().views().getFirst().id());
        var template = PlanEdits.template(shown);
        assertThat(template.schemes()).isEqualTo(Schemes.NONE);
        assertThat(template.presentation().views()).extracting(View::arranged).containsOnly(Arranged.OPEN);
        assertThat(template.presentation().pages())
                .hasSameSizeAs(shown.presentation().pages());
    }

    @Test
    void wallTypesOfAnyArrangementAreInUse() {
        var drawn = TestPlans.clearRectangle(4000, 3000);
        var storey = TestPlans.storey(drawn);
        var inA = added(TestPlans.walled(drawn, 2000, 100, 2000, 2900, TestPlans.PARTITION), "A");
        var plain = inA.withStorey(
                storey,
                s -> s.with(
                        Wall.class,
                        s.walls().stream()
                                .filter(w -> !w.type().equals(TestPlans.PARTITION))
                                .toList()));
        assertThat(WallTypeEdits.remove(plain, TestPlans.PARTITION).refusal())
                .hasValueSatisfying(words -> assertThat(words).contains("of this type"));
    }

    @Test
    void namesAreLettersByThemselvesAndNoTwoAreAlike() {
        var plan = added(added(SailclothYard.plan(), ""), "");
        assertThat(plan.schemes().all()).extracting(Schemes.Scheme::name).containsExactly("Scheme A", "Scheme B");
        assertThat(SchemeEdits.name(plan, A, "Scheme B").refusal())
                .hasValueSatisfying(words -> assertThat(words).contains("another scheme is called Scheme B"));
        assertThat(SchemeEdits.name(plan, A, "  ").refusal()).isPresent();
        for (var i = 0; i < 10; i++) {
            plan = added(plan, "");
        }
        assertThat(SchemeEdits.add(plan, "", Optional.empty()).refusal()).isPresent();
        assertThat(SchemeEdits.next(plan, 1).schemes().open()).isEqualTo(Schemes.AS_DRAWN);
        assertThat(SchemeEdits.next(SchemeEdits.next(plan, 1), -1)).isEqualTo(plan);
    }
}
