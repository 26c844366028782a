package honeylamp.desktop.workspace;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.edit.Clipping;
import honeylamp.edit.History;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Storey;
import honeylamp.plan.View;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything the window shows, as one value.
 *
 * @param origin the document as it was opened or saved last, with pictures and unknown fields, and its file
 * @param worked the view worked on, and the page it is worked on
 * @param tool the tool taken up; its stage is the active one
 * @param sight how the view is looked at
 * @param said what is said to the person
 * @param kept what is kept to be put in later
 */
@RecordBuilder
public record Workspace(
        Origin origin,
        History history,
        Worked worked,
        Tool tool,
        Gesture gesture,
        Set<ElementId> selection,
        Choices choices,
        Sight sight,
        Said said,
        Kept kept)
        implements WorkspaceBuilder.With {
    /**
     * The view worked on.
     *
     * @param page empty if it is the first that has the view
     */
    public record Worked(ViewId view, Optional<PageId> page) {
        /** What is left of it in a plan: another view of the same storey, or the first, if it is gone. */
        Worked in(Plan plan, StoreyId storey) {
            var presentation = plan.presentation();
            if (presentation.view(view).isEmpty()) {
                return new Worked(ViewEdits.first(plan, storey), Optional.empty());
            }
            var there = page.flatMap(presentation::page).filter(p -> p.views().contains(view));
            return there.isPresent() == page.isPresent() ? this : new Worked(view, Optional.empty());
        }
    }

    /**
     * How the view is looked at.
     *
     * @param frame where the plan lies on paper while work goes on
     * @param fit what the window's part of the plan was fitted to, and fits again when the page or the window changes
     */
    public record Sight(Lamp lamp, PaperFrame frame, Viewport viewport, Fit fit) {}

    /** What fills a pane so many pixels large. */
    public record Fit(Filling filling, double width, double height) {
        public enum Filling {
            /** Nothing that has a name: the person chose the part. */
            ANY_PART,
            /** The whole sheet. */
            SHEET,
            /** The storey with a little air. */
            STOREY
        }

        static final Fit NONE = new Fit(Filling.ANY_PART, 0, 0);

        /** What floats over the lower edge of the pane is so high, in px. */
        private static final double EDGE_PX = 56;

        /** The same pane, filled by something else. */
        Fit filledBy(Filling other) {
            return new Fit(other, width, height);
        }

        /** The height above what floats over the lower edge. */
        double clearHeight() {
            return Math.max(1, height - EDGE_PX);
        }

        /** The part of the plan whose middle lies in the middle of the clear height. */
        Viewport above(Point middle, double pxPerMm) {
            return new Viewport(new Point(middle.x(), middle.y() - EDGE_PX / 2 / pxPerMm), pxPerMm);
        }
    }

    /**
     * What is kept to be put in later.
     *
     * @param measured what was measured last, to be put in as a length
     * @param clipping what was copied last, to be pasted
     * @param tools the tool taken up last in each stage that was worked in
     */
    public record Kept(Optional<Length> measured, Optional<Clipping> clipping, Map<WorkStage, Tool> tools) {
        static final Kept NOTHING = new Kept(Optional.empty(), Optional.empty(), Map.of());

        public Kept {
            tools = Map.copyOf(tools);
        }
    }

    /** A sentence for the person; empty if there is nothing to say. */
    public record Said(String text, Weight weight, About about) {
        /** Whether something is wrong. */
        public enum Weight {
            /** Good to know. */
            NEWS,
            /** Something cannot be. */
            COMPLAINT
        }

        /** What it is about, for the guide. */
        public enum About {
            /** What is being done. */
            WORK,
            /** Reading and writing files. */
            FILES
        }

        /** Nothing to say. */
        public static final Said NOTHING = new Said("", Weight.NEWS, About.WORK);

        /** Something that is good to know. */
        public static Said news(String text) {
            return new Said(text, Weight.NEWS, About.WORK);
        }

        /** Something that cannot be. */
        public static Said complaint(String text) {
            return new Said(text, Weight.COMPLAINT, About.WORK);
        }

        /** Something that cannot be done with a file. */
        public static Said complaintOfFile(String text) {
            return new Said(text, Weight.COMPLAINT, About.FILES);
        }
    }

    public Workspace {
        selection = Set.copyOf(selection);
    }

    /** The document as it was opened or saved last, with pictures and unknown fields. */
    public PlanDocument document() {
        return origin.document();
    }

    /** The document with the plan as it is now, saved or not. */
    public PlanDocument current() {
        return document().with(plan());
    }

    /** The active stage. */
    public WorkStage stage() {
        return tool.stage();
    }

    /** Where the plan is saved, if it is. */
    public Optional<Path> file() {
        return origin.file();
    }

    /** The plan as it is now. */
    public Plan plan() {
        return history.now();
    }

    /** What is said to the person, empty if nothing is. */
    public String message() {
        return said.text();
    }

    /** The view worked on, as it is now. */
    public View view() {
        return plan().presentation().view(worked.view).orElseThrow();
    }

    /** The storey worked on: that of what is picked where several are seen, else that of the view. */
    public StoreyId storey() {
        var seen = view();
        return seen.subject() instanceof Raised raised && raised.isOfSeveral() && !selection.isEmpty()
                ? ofPicked(selection.iterator().next()).orElseGet(seen::storey)
                : seen.storey();
    }

    private Optional<StoreyId> ofPicked(ElementId picked) {
        return picked instanceof StoreyId roofed
                ? Optional.of(roofed)
                : plan().storeys().stream()
                        .filter(s -> s.elements().find(picked).isPresent())
                        .map(Storey::id)
                        .findFirst();
    }

    /** The storey worked on, as it is now. */
    public Storey currentStorey() {
        return plan().storey(storey());
    }

    /** Whether pictures to trace are seen: below plans, never behind walls from the front. */
    public boolean showsUnderlay() {
        return view().isPlan() && (stage().showsUnderlay() || choices.seen().traced() == Choices.Traced.ALWAYS);
    }

    /** How much of the presentation is lit. */
    public Lamp lamp() {
        return sight.lamp;
    }

    /** Where the plan lies on paper while work goes on. */
    public PaperFrame frame() {
        return sight.frame;
    }

    /** The part of the plan the window shows. */
    public Viewport viewport() {
        return sight.viewport;
    }

    /** What was measured last. */
    public Optional<Length> measured() {
        return kept.measured;
    }

    /** What was copied last. */
    public Optional<Clipping> clipping() {
        return kept.clipping;
    }

    /** Whether there are changes that are in no file. */
    public boolean unsaved() {
        return !plan().equals(origin.document().plan());
    }

    /** With another history; what is worked on is there in its plan. */
    Workspace with(History other) {
        var there = worked.in(other.now(), storey());
        return with(copy -> copy.history(other).worked(there));
    }

    Workspace with(Lamp other) {
        return withSight(new Sight(other, sight.frame, sight.viewport, sight.fit));
    }

    Workspace with(PaperFrame other) {
        return withSight(new Sight(sight.lamp, other, sight.viewport, sight.fit));
    }

    /** The plan lying otherwise on the paper, which stays where it is seen. */
    Workspace on(PaperFrame before, PaperFrame other) {
        var seen = viewport();
        var moved =
                new Viewport(other.plan(before.paper(seen.centre())), seen.pxPerMm() * before.scale() / other.scale());
        return with(other).showing(moved, sight().fit());
    }

    /** Showing another part of the plan, which fills the pane so. */
    Workspace showing(Viewport other, Fit fit) {
        return withSight(new Sight(sight.lamp, sight.frame, other, fit));
    }

    /** With another view worked on, and nothing picked if it is of another storey. */
    Workspace on(Worked other) {
        var there = withWorked(other);
        return there.storey().equals(storey()) ? there : there.withSelection(Set.of());
    }

    Workspace measuring(Length length) {
        return withKept(new Kept(Optional.of(length), kept.clipping, kept.tools));
    }

    /** The tool a stage is gone on with: the one taken up there last, or its first. */
    public Tool toolOf(WorkStage stage) {
        return kept.tools.getOrDefault(stage, stage.tools().getFirst());
    }

    /** With a tool to go on with when its stage is come back to. */
    Workspace remembering(Tool other) {
        var tools = new EnumMap<WorkStage, Tool>(WorkStage.class);
        tools.putAll(kept.tools);
        tools.put(other.stage(), other);
        return withKept(new Kept(kept.measured, kept.clipping, tools));
    }

    Workspace keeping(Clipping copied) {
        return withKept(new Kept(kept.measured, Optional.of(copied), kept.tools));
    }

    Workspace at(Tool other, Gesture begun) {
        return with(copy -> copy.tool(other).gesture(begun).said(Said.NOTHING));
    }
}
