package honeylamp.store;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.raised.SoftLight;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.output.WholeFile;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Plan;
import honeylamp.plan.Raised;
import honeylamp.plan.Showing;
import honeylamp.sheet.ComposedPage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Writes pages as one HTML file that needs nothing else: to look at, to measure in, to remark on and to approve. Its policy
 * lets in no script but its own, and nothing from any network.
 */
public final class ClientPage {
    private ClientPage() {}

    /**
     * Writes all pages of a plan.
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void write(PlanDocument document, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        write(document, _ -> true, file, progress);
    }

    /**
     * Writes some pages of a plan; the others are not in the file.
     *
     * @param wanted one page at least
     *
     * @throws IOException if the file cannot be written; an older file of that name is then untouched
     * @throws Progress.Cancelled if the progress ended the work; likewise
     */
    public static void write(PlanDocument document, Predicate<PageId> wanted, Path file, Progress progress)
            throws IOException, Progress.Cancelled {
        var plan = document.plan();
        var first = plan.presentation().views().getFirst().id();
        var bare = ViewEdits.showing(plan, first, Reach.ALL, Showing.Kind.FURNITURE, Showing.Degree.HIDDEN);
        var pages = wanted(plan, wanted);
        var without = wanted(bare, wanted);
        var pictures = new PagePictures();
        var composed = new ArrayList<ComposedPage>();
        var drawings = new StringBuilder();
        var data = new ArrayList<ClientData.PageData>();
        for (var i = 0; i < pages.size(); i++) {
            var done = 0.9 * i / pages.size();
            Progress here = _ -> progress.at(done);
            var page = pictures.unstamped(pages.get(i), document.assets(), here);
            composed.add(page);
            var out = new ByteArrayOutputStream();
            // the bare one has the same scale: only furniture is gone
            Export.inline(page, pictures.unstamped(without.get(i), document.assets(), here), "p" + i + "-", out);
            drawings.append(sheet(pages.get(i), i, out.toString(StandardCharsets.UTF_8)));
            data.add(ClientData.of(
                    pages.get(i), pages, digest(pages.get(i), pictures.agreed(pages.get(i), document.assets(), page))));
        }
        var raised = pages.stream().anyMatch(ClientPage::isRaised) ? TurnedModel.of(plan) : TurnedModel.NOTHING;
        var html = html(plan.name(), Export.fonts(composed), drawings.toString(), data, raised);
        WholeFile.<Progress.Cancelled>write(file, out -> out.write(html.getBytes(StandardCharsets.UTF_8)));
        progress.at(1);
    }

    /** Whether something is seen raised on a page: then the building is there to be turned too. */
    private static boolean isRaised(LaidPage page) {
        return page.views().stream().anyMatch(v -> v.view().subject() instanceof Raised);
    }

    private static List<LaidPage> wanted(Plan plan, Predicate<PageId> wanted) {
        return LaidPlan.of(plan).pages().stream()
                .filter(p -> wanted.test(p.page().id()))
                .toList();
    }

    /**
     * A digest of all that is drawn on a page.
     *
     * @param drawn without soft light, which takes too long to be drawn each time: of that all that it follows from counts
     */
    static String digest(LaidPage page, ComposedPage drawn) throws IOException {
        return Digests.<IOException>of(out -> {
            Export.drawn(drawn, out);
            for (var view : page.views()) {
                if (SoftLight.isIn(view)) {
                    out.write(light(view).getBytes(StandardCharsets.UTF_8));
                }
            }
        });
    }

    private static String light(LaidView view) {
        return view.plan().all().stream()
                .flatMap(s -> s.storey().fittings().stream())
                .map(Fitting::toString)
                .collect(Collectors.joining(
                        "\n", view.view().lit() + "\n" + view.view().light() + "\n", "\n"));
    }

    private static String sheet(LaidPage page, int index, String drawing) {
        return "<section class=\"sheet\" id=\"sheet-" + index + "\" aria-label=\"" + escaped(page.name())
                + "\"><div class=\"paper\">" + drawing + "</div></section>\n";
    }

    private static String html(
            String name, String fonts, String drawings, List<ClientData.PageData> pages, TurnedModel raised)
            throws IOException {
        var style = fonts + resource("page.css");
        var script = resource("page.js") + resource("raised.js");
        var json = new String(
                PlanJson.bytes(List.of(new ClientData(ClientData.FORM, name, pages))), StandardCharsets.UTF_8);
        return resource("page.html")
                .replace("%%STYLE-HASH%%", hash(style))
                .replace("%%SCRIPT-HASH%%", hash(script))
                .replace("%%NAME%%", escaped(name))
                .replace("%%STYLE%%", style)
                .replace("%%SCRIPT%%", script)
                .replace("%%RAISED%%", new String(PlanJson.bytes(List.of(raised)), StandardCharsets.UTF_8))
                .replace("%%DATA%%", json.replace("<", "\\u003c").replace("&", "\\u0026"))
                .replace("%%DRAWINGS%%", drawings);
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private static String resource(String name) throws IOException {
        try (InputStream in = ClientPage.class.getResourceAsStream("/honeylamp/client/" + name)) {
            return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** As a content security policy names what it lets in (W3C, Content Security Policy Level 3). */
    private static String hash(String inline) {
        var digest = Digests.sha256().digest(inline.getBytes(StandardCharsets.UTF_8));
        return "'sha256-" + Base64.getEncoder().encodeToString(digest) + "'";
    }
}
