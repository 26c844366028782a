package honeylamp.store;

import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.output.PageReading;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetSnags;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** What is probably wrong with a plan and on its pages, for those who look from outside the window. */
public final class CheckReport {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static final int DECIMALS = 3;

    private CheckReport() {}

    /** All snags of a plan, storey by storey. */
    public static List<Snag> snags(Plan drawn) {
        return LaidPlan.of(drawn).all().stream()
                .flatMap(s -> SheetSnags.all(s, Snags.USUAL_GAP_REACH).stream())
                .toList();
    }

    /** How well the words of each page of a document are read, as it leaves the house. */
    public static List<PageReading> readings(PlanDocument document) {
        var pictures = new PagePictures();
        return LaidPlan.of(document.plan()).pages().stream()
                .map(page -> PageReading.of(page, pictures.agreed(page, document.assets())))
                .toList();
    }

    /** Snags, and words that are hard to read, as JSON. */
    public static String json(List<Snag> snags, List<PageReading> readings) {
        return MAPPER.writerWithDefaultPrettyPrinter()
                .writeValueAsString(Map.of(
                        "hard_to_read",
                        readings.stream()
                                .flatMap(r -> r.hard().stream()
                                        .map(w -> Map.of(
                                                "page",
                                                r.page(),
                                                "text",
                                                w.text(),
                                                "contrast",
                                                Math.rint(w.contrast() * 10) / 10)))
                                .toList(),
                        "snags",
                        snags.stream()
                                .map(s -> Map.of(
                                        "kind",
                                        s.kind().label(),
                                        "about",
                                        s.about().stream().map(ElementId::text).toList(),
                                        "at_mm",
                                        List.of(mm(s.where().x()), mm(s.where().y())),
                                        "sentence",
                                        s.sentence()))
                                .toList()));
    }

    private static BigDecimal mm(double value) {
        return BigDecimal.valueOf(value).setScale(DECIMALS, RoundingMode.HALF_UP);
    }
}
