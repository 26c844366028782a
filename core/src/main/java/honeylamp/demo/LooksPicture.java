package honeylamp.demo;

import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.listing.SeenFromCorner;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Extent;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.LookSample;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.output.RasterPainter;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Look;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.Sun;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One corner of a house in every look that ships, then in the usual look under several lights, then a room raised in every
 * look, each with its name.
 */
public final class LooksPicture {
    private static final int SIDE_PX = 240;
    private static final int BELOW_PX = 30;
    private static final int AIR_PX = 14;
    private static final int ACROSS = 7;
    private static final double CAP_MM = 3.4;
    private static final double AIR = 0.9;

    private LooksPicture() {}

    private record Shown(String name, Drawing picture) {}

    /** The picture, in sRGB. */
    public static BufferedImage made() {
        var all = inRows(looks(), ACROSS);
        all.addAll(inRows(lights(), ACROSS));
        all.addAll(raised());
        return drawn(all, ACROSS);
    }

    /** Only the looks, so many in a row. */
    static BufferedImage ofLooks(int across) {
        return drawn(looks(), across);
    }

    private static List<Shown> looks() {
        return Looks.all().stream()
                .map(look -> new Shown(look.name(), LookSample.of(look)))
                .toList();
    }

    /** Made up to whole rows. */
    private static List<Shown> inRows(List<Shown> shown, int across) {
        var out = new ArrayList<>(shown);
        while (out.size() % across != 0) {
            out.add(new Shown("", new Drawing(List.of())));
        }
        return out;
    }

    private static BufferedImage drawn(List<Shown> all, int across) {
        var rows = (all.size() + across - 1) / across;
        var image = new BufferedImage(
                AIR_PX + across * (SIDE_PX + AIR_PX),
                AIR_PX + rows * (SIDE_PX + BELOW_PX + AIR_PX),
                BufferedImage.TYPE_INT_ARGB_PRE);
        var paper = image.createGraphics();
        paper.setColor(new Color(Looks.DAYLIGHT.palette().of(Role.PAPER).argb()));
        paper.fillRect(0, 0, image.getWidth(), image.getHeight());
        paper.dispose();
        for (var i = 0; i < all.size(); i++) {
            var x = AIR_PX + i % across * (SIDE_PX + AIR_PX);
            var y = AIR_PX + i / across * (SIDE_PX + BELOW_PX + AIR_PX);
            draw(image, all.get(i), x, y);
        }
        return image;
    }

    private static void draw(BufferedImage image, Shown shown, int x, int y) {
        var scale = SIDE_PX / LookSample.SIDE_MM;
        var half = SIDE_PX / 2.0;
        RasterPainter.paint(shown.picture, image, new Affine(scale, 0, 0, scale, x + half, y + half));
        var name = new Mark.Text(
                shown.name,
                new Point(0, 0),
                CAP_MM,
                Typeface.MEDIUM,
                0,
                Mark.Align.LEFT,
                0,
                Ink.of(Looks.DAYLIGHT.palette().of(Role.INK).argb()));
        var words = new Drawing(List.of(Layer.of(LayerKind.LABELS, List.of(name))));
        RasterPainter.paint(words, image, new Affine(scale, 0, 0, scale, x, y + SIDE_PX + 0.72 * BELOW_PX));
    }

    /** The living room of the demo cut away, in every look on its own paper. */
    private static List<Shown> raised() {
        var plan = SailclothYard.plan();
        var storey = LaidPlan.of(plan).all().getFirst();
        var room = storey.geometry().rooms().stream()
                .filter(r -> r.name().equals("Living room"))
                .findFirst()
                .orElseThrow();
        var mark = room.mark().orElseThrow().id();
        var eye = SeenFromCorner.of(room).getFirst().eye();
        var like = plan.presentation().views().getFirst().id();
        var added = ViewEdits.raised(plan, like, new Raised.Cutaway(storey.id(), mark, eye), "Living room");
        var view = added.plan()
                .presentation()
                .page(added.id())
                .orElseThrow()
                .views()
                .getFirst();
        return Looks.all().stream()
                .map(look -> {
                    var seen = LaidPlan.of(ViewEdits.look(added.plan(), view, Reach.THIS, _ -> look))
                            .view(view);
                    return new Shown(look.name() + ", raised", raised(seen));
                })
                .toList();
    }

    /** In the middle of its place, about the origin. */
    private static Drawing raised(LaidView view) {
        var box = Extent.of(view).orElseThrow().planMm();
        var scale = Math.max(box.width(), box.height()) / (AIR * LookSample.SIDE_MM);
        var middle = box.centre();
        var frame = new PaperFrame(scale, -middle.x() / scale, middle.y() / scale);
        var half = LookSample.SIDE_MM / 2;
        var paper = new Mark.Fill(
                Figure.ring(new Box(-half, -half, half, half).ring()),
                Ink.of(view.look().palette().of(Role.PAPER).argb()));
        return new Drawing(List.of(Layer.of(LayerKind.PAPER, List.of(paper))))
                .with(Illustration.of(view, frame, Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM));
    }

    private static List<Shown> lights() {
        var usual = Looks.DAYLIGHT;
        var around = Looks.UPPER_LEFT.withFalls(Falls.AROUND);
        return List.of(
                shown("Upper left", usual, Looks.UPPER_LEFT),
                shown("On the ground too", usual, around),
                shown("Low from the right", usual, new Light(75, 24)),
                shown("Midsummer, 8 o\u2019clock", usual, sun(6, 8)),
                shown("Midsummer, noon", usual, sun(6, 12)),
                shown("Midwinter, noon", usual, sun(12, 12)),
                shown("True heights", usual.withHeightCap(Look.TRUE_HEIGHTS), new Light(320, 60)),
                shown("Hatched", usual.withShading(Look.Shading.HATCHED), Looks.UPPER_LEFT),
                shown("Broad strokes", usual.withShading(Look.Shading.BROAD), Looks.UPPER_LEFT),
                shown("Corners alone", usual.withCastShadow(0), Looks.UPPER_LEFT),
                shown("Cast shadow alone", usual.withCornerShade(0), Looks.UPPER_LEFT),
                shown("No shade", usual.withCastShadow(0).withCornerShade(0), Looks.UPPER_LEFT));
    }

    private static Shown shown(String name, Look look, Light light) {
        return new Shown(name, LookSample.of(look, light));
    }

    /** Over a harbour of the north, clocks as the sun goes. */
    private static Light sun(int month, int hour) {
        return Looks.UPPER_LEFT.withSun(Optional.of(new Sun(50, 0, LocalDateTime.of(2026, month, 21, hour, 0), 0)));
    }
}
