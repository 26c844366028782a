package honeylamp.store;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Turns the document of an older version into one of the version this program writes. */
final class PlanUpgrade {
    /** Decimals of a mm that lengths are held to. */
    private static final int NANOMETRES = 6;

    private PlanUpgrade() {}

    /** Changes the document in place; fields this program does not know stay where they are. */
    static void toCurrent(JsonNode document, int version) {
        if (version < 2) {
            for (var storey : document.path("plan").path("storeys")) {
                for (var underlay : storey.path("underlays")) {
                    if (underlay instanceof ObjectNode u) {
                        underlayOf1(u);
                    }
                }
            }
        }
        if (version < 3) {
            wallsOf2(document.path("plan"));
        }
        if (version < 4) {
            openingsOf3(document.path("plan"));
        }
        if (version < 5) {
            partsOf4(document.path("plan"));
        }
        if (version < 6 && document.path("plan") instanceof ObjectNode plan) {
            shownAs5(plan);
            coveredAs5(plan);
        }
        if (document instanceof ObjectNode root) {
            root.put("version", PlanJson.VERSION);
        }
    }

    /** Version 1 had one flat underlay with at most one known length. */
    private static void underlayOf1(ObjectNode u) {
        var picture = u.objectNode();
        for (var field : new String[] {"asset", "name", "widthPx", "heightPx"}) {
            move(u, field, picture, field);
        }
        u.set("picture", picture);
        var placing = u.objectNode();
        move(u, "at", placing, "at");
        if (u.has("mmPerPixel")) {
            placing.set("mmPerPixelX", u.get("mmPerPixel"));
            placing.set("mmPerPixelY", u.remove("mmPerPixel"));
        }
        move(u, "turnDeg", placing, "turnDeg");
        placing.put("axes", "one");
        u.set("placing", placing);
        u.putNull("squaring");
        u.putNull("crop");
        var treatment = u.objectNode();
        move(u, "fade", treatment, "fade");
        treatment.put("tint", "none");
        treatment.put("lie", "below");
        var tone = treatment.putObject("tone");
        tone.put("brightness", 0);
        tone.put("contrast", 0);
        tone.put("paper", 0);
        tone.put("sense", "as_is");
        u.set("treatment", treatment);
        var lengths = u.putArray("knownLengths");
        if (u.remove("knownLength") instanceof ObjectNode known) {
            known.put("trust", "counted");
            lengths.add(known);
        }
        u.putArray("notes");
    }

    /** Version 2 had straight walls only, as high as their storey, and types without layers. */
    private static void wallsOf2(JsonNode plan) {
        for (var type : plan.path("wallTypes")) {
            if (type instanceof ObjectNode t) {
                t.putArray("layers");
                var rule = t.putObject("heightRule");
                rule.put("kind", "to_next_storey");
                rule.put("by", 0);
            }
        }
        for (var storey : plan.path("storeys")) {
            for (var wall : storey.path("walls")) {
                if (wall instanceof ObjectNode w) {
                    w.put("sagitta", 0);
                }
            }
            if (storey instanceof ObjectNode s) {
                s.putArray("settingOut");
            }
        }
    }

    /** Version 3 had one kind of window, openings that keep to nothing, and no brief; plans were cut at 1.2 m. */
    private static void openingsOf3(JsonNode plan) {
        if (plan instanceof ObjectNode p) {
            var brief = p.putObject("brief");
            brief.putArray("rooms");
            brief.putArray("pieces");
            var minimums = brief.putObject("minimums");
            minimums.put("clearDoor", 600);
            minimums.put("nib", 25);
            minimums.put("landing", 400);
            minimums.put("headroom", 2000);
            if (p.path("sheet") instanceof ObjectNode sheet) {
                sheet.put("tags", "hidden");
            }
        }
        for (var storey : plan.path("storeys")) {
            if (storey instanceof ObjectNode s) {
                var levels = s.objectNode();
                move(s, "level", levels, "level");
                move(s, "height", levels, "height");
                levels.put("cut", 1200);
                s.set("levels", levels);
                s.putArray("boundaries");
            }
            for (var room : storey.path("rooms")) {
                if (room instanceof ObjectNode r) {
                    var fit = r.putObject("fit");
                    fit.put("use", "");
                    fit.put("number", "");
                    fit.put("counts", "indoor");
                    fit.putNull("height");
                    fit.put("ceiling", "");
                    fit.put("walls", "");
                    fit.putArray("sides");
                    r.put("standing", "live");
                }
            }
            for (var opening : storey.path("openings")) {
                if (opening instanceof ObjectNode o) {
                    if ("window".equals(o.path("kind").asString(""))) {
                        o.put("kind", "casement_window");
                    }
                    var keeping = o.putObject("keeping");
                    keeping.put("rule", "as_put");
                    keeping.put("between", "walls");
                    keeping.put("nib", 0);
                    keeping.put("place", 1);
                    keeping.put("of", 1);
                    var build = o.putObject("build");
                    build.putNull("mainLeaf");
                    build.putNull("reveal");
                    build.put("product", "");
                }
            }
        }
    }

    /** Version 4 had posts, balconies and straight stairs from below, no site, and nothing repeated. */
    private static void partsOf4(JsonNode plan) {
        if (plan instanceof ObjectNode p) {
            var repeats = p.putObject("repeats");
            repeats.putArray("units");
            repeats.putArray("copies");
        }
        for (var storey : plan.path("storeys")) {
            if (storey instanceof ObjectNode s) {
                s.putArray("grounds");
            }
            for (var part : storey.path("structures")) {
                if (part instanceof ObjectNode x) {
                    x.set("form", formOf4(x));
                }
            }
            for (var piece : storey.path("furnishings")) {
                if (piece instanceof ObjectNode f) {
                    f.put("sense", "as_drawn");
                }
            }
        }
    }

    /** Version 5 had one look, one light and one sheet for all storeys. */
    private static void shownAs5(ObjectNode plan) {
        var sheet = plan.path("sheet") instanceof ObjectNode s ? s : plan.objectNode();
        var presentation = plan.putObject("presentation");
        var look = presentation.putArray("looks").addObject();
        look.put("id", "k1");
        move(plan, "look", look, "look");
        var light = plan.remove("light");
        var scale = sheet.remove("scale");
        var tags = sheet.remove("tags");
        move(sheet, "northDeg", plan, "northDeg");
        var views = presentation.putArray("views");
        var pages = presentation.putArray("pages");
        var paper = plan.objectNode();
        move(sheet, "paper", paper, "paper");
        move(sheet, "way", paper, "way");
        paper.putObject("margins").put("bindingMm", 20).put("othersMm", 10);
        move(sheet, "title", paper, "title");
        for (var storey : plan.path("storeys")) {
            var number = views.size() + 1;
            var view = views.addObject().put("id", "v" + number).put("name", "");
            view.putObject("subject").put("is", "storey_plan").set("storey", storey.path("id"));
            view.put("look", "k1");
            view.set("light", light);
            view.set("scale", scale);
            view.putNull("crop");
            var showing = view.putObject("showing");
            showing.putArray("faded");
            var hidden = showing.putArray("hidden");
            if (tags == null || !"shown".equals(tags.asString(""))) {
                hidden.add("tags");
            }
            view.putArray("moved");
            var page = pages.addObject().put("id", "p" + number).put("name", "");
            page.set("sheet", paper.deepCopy());
            page.putArray("views").add("v" + number);
            var lists = page.putArray("lists");
            if (paper.path("paper").asString("").equals("A3")
                    && paper.path("way").asString("").equals("landscape")) {
                lists.add("rooms").add("finishes"); // narrower paper showed none
            }
            page.put("notes", "");
        }
        if (sheet.isEmpty()) {
            plan.remove("sheet"); // what nobody knows in it stays
        }
    }

    /** Version 5 held the finishes of ceilings and walls by room. */
    private static void coveredAs5(ObjectNode plan) {
        var number = plan.path("nextNumber").asInt(1);
        for (var storey : plan.path("storeys")) {
            if (!(storey instanceof ObjectNode s)) {
                continue;
            }
            var coverings = s.putArray("coverings");
            for (var room : storey.path("rooms")) {
                if (room.path("fit") instanceof ObjectNode fit) {
                    for (var part : new String[] {"ceiling", "walls"}) {
                        var finish = fit.path(part).asString("");
                        fit.remove(part);
                        if (!finish.isEmpty()) {
                            var surface = plan.objectNode().put("is", part);
                            surface.set("room", room.path("id"));
                            covering(coverings, number++, surface, finish);
                        }
                    }
                    for (var side : fit.path("sides")) {
                        var surface = plan.objectNode().put("is", "wall_side");
                        surface.set("wall", side.path("wall"));
                        surface.set("side", side.path("side"));
                        surface.set("room", room.path("id"));
                        covering(
                                coverings,
                                number++,
                                surface,
                                side.path("finish").asString(""));
                    }
                    fit.remove("sides");
                }
            }
        }
        plan.put("nextNumber", number);
    }

    private static void covering(ArrayNode coverings, int number, ObjectNode surface, String finish) {
        var covering = coverings.addObject().put("id", "q" + number);
        covering.set("surface", surface);
        var laid = covering.putObject("finish").put("material", finish).put("directionDeg", 0);
        laid.putArray("start").add(0).add(0);
    }

    private static ObjectNode formOf4(ObjectNode part) {
        var form = part.objectNode();
        var risers = part.path("risers").asInt(0);
        if (!"stair_down".equals(part.path("kind").asString(""))) {
            form.put("is", "block");
            for (var field : new String[] {"kind", "width", "depth", "height"}) {
                move(part, field, form, field);
            }
        } else {
            var steps = Math.max(2, risers);
            form.put("is", "stair");
            form.put("shape", "straight");
            form.put("turn", "right");
            form.put("leads", "down");
            move(part, "width", form, "flight");
            form.put(
                    "going",
                    part.path("depth")
                            .decimalValue()
                            .divide(BigDecimal.valueOf(steps - 1L), NANOMETRES, RoundingMode.HALF_UP));
            form.put("risers", steps);
            form.put("lower", steps - 1);
            move(part, "height", form, "rise");
            form.put("well", 0);
            part.remove(List.of("kind", "depth"));
        }
        part.remove("risers");
        return form;
    }

    private static void move(ObjectNode from, String field, ObjectNode to, String name) {
        if (from.has(field)) {
            to.set(name, from.remove(field));
        }
    }
}
