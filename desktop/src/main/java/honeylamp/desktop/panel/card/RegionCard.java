package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Coverings;
import honeylamp.edit.Outcome;
import honeylamp.edit.OutlineEdits;
import honeylamp.edit.OwnRegions;
import honeylamp.geometry.Box;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Region;
import honeylamp.plan.Surface;
import honeylamp.plan.Surface.Edge;
import honeylamp.plan.Surface.OwnRegion;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;

/** A region that was outlined on a surface: where it lies, how large it is, what covers it. */
record RegionCard(WorkspaceModel model, CardFields parts) {
    private static final Length USUAL_BOXING = Length.ofMm(150);

    List<Node> of(Region region) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading("Own region"));
        out.add(Widgets.fact("Covered area", AreaText.both(areaMm2(region))));
        out.addAll(place(region));
        out.add(parts.folding("Finish", finish(region).toArray(Node[]::new)));
        if (region.steps() || region.isDeep()) {
            out.add(parts.folding(
                    "Its edges, all round",
                    parts.covering(edges(region), "region-edge", Place.WALL, "Finish edges")
                            .toArray(Node[]::new)));
        }
        out.add(parts.delete());
        return out;
    }

    private static List<Surface> edges(Region region) {
        return IntStream.rangeClosed(1, region.corners().size())
                .<Surface>mapToObj(n -> new Edge(region.id(), n))
                .toList();
    }

    /** What of it lies on its surface, without what lies over it. */
    private double areaMm2(Region region) {
        return Surfaces.ofRegion(model.shown().storey(), region).stream()
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }

    private List<Node> place(Region region) {
        return switch (region.on()) {
            case Region.Level _ -> {
                var out = new ArrayList<Node>(sizes(region));
                out.add(Widgets.menu(
                        region.on() instanceof Region.Floors ? "On the floor" : "On the ceiling",
                        "region-on",
                        "What it lies on",
                        List.of("On the floor", "On the ceiling"),
                        index -> put(region, index == 0 ? new Region.Floors() : new Region.Ceilings())));
                if (region.on() instanceof Region.Floors) {
                    out.add(parts.place(
                            "Higher than the floor by",
                            "region-raised",
                            region.raised(),
                            v -> Outcome.done(
                                    OwnRegions.change(parts.plan(), parts.at(), region.id(), r -> r.withRaised(v))),
                            "Raise region"));
                }
                yield out;
            }
            case Region.Upright _ -> upright(region);
        };
    }

    /** A finish of floors is none of ceilings: what is put on the other is covered with its first. */
    private void put(Region region, Region.Level on) {
        if (on.equals(region.on())) {
            return;
        }
        var first = on instanceof Region.Floors ? Materials.all().getFirst().key() : "lime-white";
        var there = OwnRegions.change(parts.plan(), parts.at(), region.id(), r -> r.withOn(on));
        model.edit(covered(there, region, Finish.of(first)), "Put region elsewhere");
    }

    private List<Node> sizes(Region region) {
        return List.of(size(region, "Across", "region-width", true), size(region, "Up", "region-depth", false));
    }

    private List<Node> upright(Region region) {
        var box = region.ring().bounds();
        var out = new ArrayList<Node>();
        out.add(Widgets.menu(
                region.isNiche() ? "Niche" : region.isDeep() ? "Built out" : "Level with the wall",
                "region-form",
                "Whether it is let into the wall, such as a shelf in a shower, or built out of it, such as around pipes",
                List.of("Level with the wall", "Niche", "Built out"),
                index -> formed(region, index)));
        if (region.isDeep()) {
            var isNiche = region.isNiche();
            out.add(parts.length(
                    isNiche ? "Deep" : "Built out by",
                    "region-deep",
                    isNiche ? Length.ZERO.minus(region.raised()) : region.raised(),
                    v -> OwnRegions.standingOut(parts.plan(), parts.at(), region, isNiche ? Length.ZERO.minus(v) : v),
                    "Shape region"));
        }
        out.addAll(along(region, box));
        return out;
    }

    private void formed(Region region, int form) {
        var outcome = switch (form) {
            case 0 -> OwnRegions.standingOut(parts.plan(), parts.at(), region, Length.ZERO);
            case 1 -> OwnRegions.niche(parts.plan(), parts.at(), region);
            default -> OwnRegions.standingOut(parts.plan(), parts.at(), region, USUAL_BOXING);
        };
        switch (outcome) {
            case Outcome.Done<Plan>(var plan) -> model.edit(plan, "Shape region");
            case Outcome.Refused<Plan> refused -> model.complain(refused.sentence("That cannot be"));
        }
    }

    private List<Node> along(Region region, Box box) {
        return List.of(
                parts.place(
                        "From, along the wall",
                        "region-from",
                        Length.ofMm(box.minX()),
                        v -> moved(region, v.minus(Length.ofMm(box.minX())), Length.ZERO),
                        "Move outline"),
                size(region, "Length", "region-length", true),
                parts.place(
                        "Foot above the floor",
                        "region-foot",
                        Length.ofMm(box.minY()),
                        v -> moved(region, Length.ZERO, v.minus(Length.ofMm(box.minY()))),
                        "Move outline"),
                size(region, "Height", "region-height", false));
    }

    private Node size(Region region, String name, String id, boolean across) {
        var box = region.ring().bounds();
        var width = Length.ofMm(box.width());
        var height = Length.ofMm(box.height());
        return parts.length(
                name,
                id,
                across ? width : height,
                v -> Outcome.done(OutlineEdits.around(
                        parts.plan(),
                        parts.at(),
                        region,
                        across ? OwnRegions.sized(region, v, height) : OwnRegions.sized(region, width, v))),
                "Size region");
    }

    private Outcome<Plan> moved(Region region, Length across, Length up) {
        return Outcome.done(OutlineEdits.move(parts.plan(), parts.at(), region, across, up));
    }

    private List<Node> finish(Region region) {
        var now = Surfaces.finish(model.now().currentStorey(), new OwnRegion(region.id()));
        var found = Surfaces.ofRegion(model.shown().storey(), region).stream()
                .map(Surfaces.Found::outline)
                .toList();
        var place = switch (region.on()) {
            case Region.Floors _ -> Place.FLOOR;
            case Region.Ceilings _ -> Place.CEILING;
            case Region.Upright _ -> Place.WALL;
        };
        return new FinishFields(new OneSurface(
                        model,
                        parts,
                        "region",
                        place,
                        "Finish region",
                        found,
                        region.id().seed(),
                        f -> Coverings.cover(parts.plan(), parts.at(), new OwnRegion(region.id()), f)))
                .of(now);
    }

    private Plan covered(Plan plan, Region region, Finish finish) {
        return Coverings.cover(
                plan,
                parts.at(),
                new OwnRegion(region.id()),
                finish.material().isEmpty() ? Optional.empty() : Optional.of(finish));
    }
}
