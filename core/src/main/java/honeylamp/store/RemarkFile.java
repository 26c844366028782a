package honeylamp.store;

import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Review;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Review.Remark;
import honeylamp.plan.Review.State;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Reads what a reader of a client page sends back: small, about this plan, and nothing but words and places. */
public final class RemarkFile {
    private static final long MOST_BYTES = 2_000_000;

    /** Places farther off are nonsense, in mm. */
    private static final double FARTHEST_MM = 10_000_000;

    private static final int LONGEST_NAME = 80;

    private RemarkFile() {}

    /** What was read. */
    public sealed interface Result {
        record Good(List<Remark> remarks, List<Approval> approvals) implements Result {
            public Good {
                remarks = List.copyOf(remarks);
                approvals = List.copyOf(approvals);
            }
        }

        record Refused(PlanProblem problem) implements Result {}
    }

    private static final class Odd extends Exception {
        private static final long serialVersionUID = 1;

        Odd(String what) {
            super(what);
        }
    }

    /** The remarks and approvals of a file, as far as they are of pages the plan still has. */
    public static Result read(Path file, Plan plan) {
        var where = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw new Odd("is larger than remarks are");
            }
            return read(PlanJson.tree(Files.readAllBytes(file)), plan);
        } catch (Odd e) {
            return refused("The file " + e.getMessage(), where);
        } catch (IOException e) {
            return refused("The file cannot be read: " + FileTrouble.reason(e), where);
        } catch (JacksonException _) {
            return refused("The file is no file of remarks", where);
        }
    }

    private static Result refused(String what, String where) {
        return new Result.Refused(
                new PlanProblem(what, where, "Ask for the file that the client page saves, and leave it as it is."));
    }

    private static Result read(JsonNode tree, Plan plan) throws Odd {
        if (!tree.path("form").asString("").equals(ClientData.FORM)) {
            throw new Odd("is no file of remarks");
        }
        var of = words(tree, "plan", 400);
        if (!of.equals(plan.name())) {
            throw new Odd("is about \"" + of + "\", not about " + plan.spokenName());
        }
        var reader = words(tree, "reader", LONGEST_NAME);
        var pages = plan.presentation().pages().stream().map(Page::id).toList();
        var remarks = new ArrayList<Remark>();
        for (var each : tree.path("remarks")) {
            if (remarks.size() >= Review.MOST_REMARKS) {
                throw new Odd("holds more than " + Review.MOST_REMARKS + " remarks");
            }
            var said = words(each, "words", Review.LONGEST_WORDS);
            var page = page(each, pages);
            if (page.isPresent() && !said.isEmpty()) {
                remarks.add(new Remark(
                        remarks.size() + 1,
                        page.get(),
                        storey(each, plan),
                        Position.ofMm(place(each, "planX"), place(each, "planY")),
                        said,
                        reader,
                        day(each),
                        State.OPEN));
            }
        }
        for (var each : tree.path("chosen")) {
            var page = page(each, pages);
            var scheme = page.flatMap(id -> scheme(plan, id));
            if (scheme.isPresent() && remarks.size() < Review.MOST_REMARKS) {
                remarks.add(new Remark(
                        remarks.size() + 1,
                        page.get(),
                        Optional.empty(),
                        Position.ofMm(0, 0),
                        "Chosen: " + scheme.get(),
                        reader,
                        day(each),
                        State.OPEN));
            }
        }
        var approvals = new ArrayList<Approval>();
        for (var each : tree.path("approved")) {
            var page = page(each, pages);
            var digest = words(each, "digest", 64);
            if (page.isPresent() && digest.matches("[0-9a-f]{64}") && approvals.size() < pages.size()) {
                approvals.add(new Approval(page.get(), reader, day(each), digest));
            }
        }
        return new Result.Good(remarks, approvals);
    }

    /** The name of the scheme that a page shows. */
    private static Optional<String> scheme(Plan plan, PageId page) {
        return plan.presentation()
                .page(page)
                .flatMap(p -> plan.presentation().view(p.views().getFirst()))
                .flatMap(v -> v.arranged().as())
                .map(plan.schemes()::name);
    }

    private static Optional<PageId> page(JsonNode each, List<PageId> pages) {
        var text = each.path("page").asString("");
        return pages.stream().filter(p -> p.text().equals(text)).findFirst();
    }

    private static Optional<StoreyId> storey(JsonNode each, Plan plan) {
        var text = each.path("storey").asString("");
        return plan.storeys().stream()
                .map(honeylamp.plan.Storey::id)
                .filter(s -> s.text().equals(text))
                .findFirst();
    }

    /** Words as they were typed, without what steers a terminal or a printer. */
    private static String words(JsonNode node, String field, int longest) throws Odd {
        var text = node.path(field)
                .asString("")
                .replaceAll("[\\p{Cntrl}&&[^\\n]]", "")
                .strip();
        if (text.length() > longest) {
            throw new Odd("holds words without end (" + field + ")");
        }
        return text;
    }

    private static double place(JsonNode node, String field) throws Odd {
        var mm = node.path(field).asDouble(Double.NaN);
        if (!(Math.abs(mm) <= FARTHEST_MM)) {
            throw new Odd("has a remark that lies nowhere");
        }
        return Math.rint(mm);
    }

    private static String day(JsonNode node) {
        var text = node.path("on").asString("");
        return text.matches("[0-9]{4}-[0-9]{2}-[0-9]{2}") ? text : "";
    }
}
