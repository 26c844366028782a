package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.SeenSets.SeenSet;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Reach;
import honeylamp.output.Export;
import honeylamp.pack.Brand;
import honeylamp.pack.Office;
import honeylamp.pack.Recipe;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page;
import honeylamp.plan.Presentation;
import honeylamp.plan.Review;
import honeylamp.plan.Sheet.OwnBlock;
import honeylamp.plan.View;
import honeylamp.sheet.Refining;
import honeylamp.sheet.Refining.Hint;
import honeylamp.sheet.SheetComposer;
import honeylamp.store.Leaving;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import org.jspecify.annotations.Nullable;

/** Export, and the page worked on: paper, scale, words of the title block, lists and notes. */
final class SheetTray implements Content<SheetTray.Part> {
    private final WorkspaceModel model;
    private final WindowActions window;
    private final Libraries libraries;
    private @Nullable LaidPlan hintsOf;
    private List<Hint> hints = List.of();
    private @Nullable Asked goesOverOf;
    private boolean goesOver;

    SheetTray(WorkspaceModel model, WindowActions window, Libraries libraries) {
        this.libraries = libraries;
        this.model = model;
        this.window = window;
    }

    /**
     * What is shown.
     *
     * @param presentation all looks, views and pages
     * @param page the page worked on, or one like the first for a view on no page
     * @param view the view worked on
     * @param pageNames of all pages, in their order
     * @param viewNames of all views, in their order
     * @param review what those who were sent the plan said
     * @param recipes of packs a person keeps
     * @param brands a person keeps
     * @param brand the name of the brand packs carry
     * @param leaving what was found when all pages were looked over
     * @param folded sections that are folded
     * @param hints what could be refined
     * @param goesOver whether anything that is listed has no room on the page
     * @param blocks title blocks a person keeps
     * @param unsent pages that are left out of the page for the client
     * @param offices what the office writes into title blocks
     */
    record Part(
            Presentation presentation,
            Page page,
            View view,
            List<String> pageNames,
            List<String> viewNames,
            UnitSystem units,
            Reach reach,
            Export.Picture picture,
            List<SeenSet> sets,
            Review review,
            List<Recipe> recipes,
            List<Brand> brands,
            Optional<String> brand,
            Optional<List<Leaving.Found>> leaving,
            Set<String> folded,
            List<Hint> hints,
            boolean goesOver,
            List<OwnBlock> blocks,
            List<Office> offices,
            Set<PageId> unsent) {}

    @Override
    public Part part(Workspace now) {
        var laid = model.shown().plan();
        return new Part(
                now.plan().presentation(),
                model.shown().page().page(),
                now.view(),
                laid.pages().stream().map(LaidPage::name).toList(),
                now.plan().presentation().views().stream()
                        .map(v -> laid.view(v.id()).name())
                        .toList(),
                now.plan().units(),
                now.choices().presenting().reach(),
                now.choices().picture(),
                libraries.seenSets().all(),
                now.plan().review(),
                libraries.recipes().all(),
                libraries.brands().all(),
                now.choices().brand(),
                now.choices().leaving(),
                now.choices().round().folded(),
                hints(laid),
                goesOver(laid),
                libraries.titleBlocks().all(),
                libraries.offices().all(),
                now.choices().unsent());
    }

    /** Found once for every plan: the tray is asked at every move of the pointer. */
    private List<Hint> hints(LaidPlan laid) {
        if (hintsOf != laid) {
            hints = Refining.of(laid);
            hintsOf = laid;
        }
        return hints;
    }

    /** Asked once for every plan and page, as the hints are. */
    private boolean goesOver(LaidPlan laid) {
        var page = model.shown().page();
        var asked = new Asked(laid, page.page());
        if (!asked.equals(goesOverOf)) {
            goesOver = SheetComposer.goesOver(page);
            goesOverOf = asked;
        }
        return goesOver;
    }

    private record Asked(LaidPlan plan, Page page) {}

    @Override
    public List<Node> nodes(Part part) {
        return new SheetFields(model, window, part, libraries).nodes();
    }
}
