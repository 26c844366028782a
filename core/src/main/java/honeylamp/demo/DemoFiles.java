package honeylamp.demo;

import honeylamp.demo.place.BoatShed;
import honeylamp.demo.place.JointSheet;
import honeylamp.demo.place.Lamplit;
import honeylamp.demo.place.OpeningSheet;
import honeylamp.demo.place.PieceSheet;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.demo.place.SurveySheet;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.plan.KnownLength;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Placing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.store.PagePictures;
import honeylamp.store.PictureImport;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import honeylamp.units.Length;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/** The demos as files: the finished plan with its underlay, the sheet to trace by hand, the boat shed, the tea room, the gallery. */
public final class DemoFiles {
    /** The file name of the plan. */
    public static final String PLAN = "sailcloth-yard.honeylamp";
    /** The file name of the survey sheet. */
    public static final String SHEET = "sailcloth-yard-survey.jpg";

    /** The file name of the boat shed's plan. */
    public static final String SHED = "boat-shed.honeylamp";
    /** The file name of the boat shed's readings. */
    public static final String SHED_READINGS = "boat-shed.csv";

    /** The file name of the tea room's plan. */
    public static final String TEA_ROOM = "quillback-lane.honeylamp";

    /** The file name of the tea room's lighting and power plan. */
    public static final String TEA_ROOM_LIGHTS = "quillback-lane-lights.honeylamp";

    /** The file name of the flat in the evening. */
    public static final String EVENING = "sailcloth-yard-evening.honeylamp";

    /** The file name of the sheet of joints. */
    public static final String JOINTS = "joints.honeylamp";

    /** The name of the folder of finished plans. */
    public static final String GALLERY = "gallery";

    private static final SurveySheet SURVEY = new SurveySheet(1750, 1300, 9.2, 1.4, 20260914L);
    private static final Point CENTRE = new Point(6500, 3900);
    private static final double SHEET_DPI = 150;

    /** How long the longer side of a sheet of the gallery is drawn. */
    private static final double GALLERY_PX = 900;

    private static final float JPEG_QUALITY = 0.82f;

    private DemoFiles() {}

    /** Writes all files into a folder, made if need be. */
    public static void write(Path folder) throws IOException {
        Files.createDirectories(folder);
        var document = document();
        PlanFile.save(document, Preview.png(document.plan()), folder.resolve(PLAN));
        Files.write(folder.resolve(SHEET), sheet(SailclothYard.plan()));
        var shed = PlanDocument.of(BoatShed.plan());
        PlanFile.save(shed, Preview.png(shed.plan()), folder.resolve(SHED));
        Files.write(folder.resolve(SHED_READINGS), BoatShed.readings());
        var teaRoom = PlanDocument.of(QuillbackLane.plan());
        PlanFile.save(teaRoom, Preview.png(teaRoom.plan()), folder.resolve(TEA_ROOM));
        var lights = PlanDocument.of(Lamplit.quillbackLane());
        PlanFile.save(lights, Preview.png(lights.plan()), folder.resolve(TEA_ROOM_LIGHTS));
        var evening = evening();
        PlanFile.save(evening, Preview.png(evening.plan()), folder.resolve(EVENING));
        var joints = PlanDocument.of(JointSheet.plan());
        PlanFile.save(joints, Preview.png(joints.plan()), folder.resolve(JOINTS));
        writeGallery(folder.resolve(GALLERY));
    }

    /** Writes the plans of the gallery, and the measures they are made of, into a folder. */
    private static void writeGallery(Path folder) throws IOException {
        Files.createDirectories(folder);
        for (var each : Gallery.values()) {
            var document = each.document();
            PlanFile.save(document, Preview.png(document.plan()), folder.resolve(each.key() + ".honeylamp"));
            for (var measures : each.measures()) {
                Files.write(folder.resolve(measures), Gallery.measures(measures));
            }
        }
    }

    /** The flat in the evening. */
    public static PlanDocument evening() {
        return PlanDocument.of(Lamplit.sailclothYard());
    }

    /** Draws the sheet of openings as PNG, PDF or SVG, as the file's ending says; a PNG at 150 dpi. */
    public static void writeOpenings(Path file) throws IOException {
        var format = Export.Format.of(file).orElseThrow(() -> new IOException("it ends in none of .pdf, .png, .svg"));
        try {
            Export.write(OpeningSheet.page(), format, Export.Picture.dpi(SHEET_DPI), file, Progress.NONE);
        } catch (Progress.Cancelled e) {
            throw new IOException("it was cancelled", e);
        }
    }

    /** Writes three sets of pages as they leave the house, a PDF each, into a folder. */
    public static void writeSets(Path folder) throws IOException {
        DemoSets.write(folder);
    }

    /** Draws the sheets of the gallery, a PNG each, into a folder, made if need be. */
    public static void drawGallery(Path folder) throws IOException {
        Files.createDirectories(folder);
        for (var each : Gallery.values()) {
            var page = LaidPlan.of(each.document().plan()).pages().getFirst();
            var longMm =
                    Math.max(page.page().sheet().widthMm(), page.page().sheet().heightMm());
            try {
                Export.write(
                        new PagePictures().printed(page, Map.of()),
                        Export.Format.PNG,
                        Export.Picture.dpi(GALLERY_PX * Length.MM_PER_INCH / longMm),
                        folder.resolve(each.key() + ".png"),
                        Progress.NONE);
            } catch (Progress.Cancelled e) {
                throw new IOException("it was cancelled", e);
            }
        }
    }

    /** Draws every kind of piece at three sizes, a PDF with a page for each family. */
    public static void writePieces(Path file) throws IOException {
        try {
            Export.writeAll(PieceSheet.pages(), Export.Picture.USUAL, file, Progress.NONE);
        } catch (Progress.Cancelled e) {
            throw new IOException("it was cancelled", e);
        }
    }

    /** The finished plan with its survey sheet as a locked, faded underlay at its true place. */
    public static PlanDocument document() throws IOException {
        var plan = SailclothYard.plan();
        var bytes = sheet(plan);
        var asset = PictureImport.sha256(bytes);
        var storey = plan.storeys().getFirst().id();
        var picture = new Underlay.Picture(asset, SHEET, SURVEY.widthPx(), SURVEY.heightPx());
        var added = UnderlayEdits.add(plan, storey, picture, CENTRE);
        var toPlan = SURVEY.toPixels(CENTRE).inverse();
        var corner = toPlan.apply(Point.ORIGIN);
        var known = List.of(
                known(0, 0, 13000, 0, 13000),
                known(13500, 0, 13500, 8800, 8800),
                known(0, -1500, 5600, -1500, 5600),
                known(5600, -1500, 13000, -1500, 7600).withTrust(Trust.LEFT_OUT));
        var placed = added.plan()
                .withStorey(
                        storey,
                        s -> s.with(
                                Underlay.class,
                                s.underlays().stream()
                                        .map(u -> placed(u, corner, known))
                                        .toList()));
        return PlanDocument.of(placed).withAsset(asset, bytes);
    }

    /** What is written on the sheet between two points of the plan; the last one is wrong. */
    private static KnownLength known(double x0, double y0, double x1, double y1, double writtenMm) {
        var toPixels = SURVEY.toPixels(CENTRE);
        return new KnownLength(
                toPixels.apply(new Point(x0, y0)), toPixels.apply(new Point(x1, y1)), Length.ofMm(writtenMm));
    }

    private static Underlay placed(Underlay underlay, Point corner, List<KnownLength> known) {
        return underlay.withPlacing(Placing.of(Position.of(corner), SURVEY.mmPerPixel(), -SURVEY.turnDeg()))
                .withKnownLengths(known);
    }

    /** The survey sheet of the demo as JPEG. */
    static byte[] scan() throws IOException {
        return sheet(SailclothYard.plan());
    }

    /** The sheet as JPEG; the length written below the kitchen is wrong by 200 mm. */
    static byte[] sheet(Plan plan) throws IOException {
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        var image = SURVEY.draw(
                geometry,
                CENTRE,
                List.of(
                        new SurveySheet.Written(new Segment(new Point(420, 9300), new Point(13000, 9300)), "12580"),
                        new SurveySheet.Written(new Segment(new Point(13500, 0), new Point(13500, 8800)), "8800"),
                        new SurveySheet.Written(new Segment(new Point(5600, -1500), new Point(13000, -1500)), "7600"),
                        new SurveySheet.Written(new Segment(new Point(0, -1500), new Point(5600, -1500)), "5600"),
                        new SurveySheet.Written(new Segment(new Point(7538, 2900), new Point(12700, 2900)), "5162")));
        var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        var parameters = writer.getDefaultWriteParam();
        parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        parameters.setCompressionQuality(JPEG_QUALITY);
        var out = new ByteArrayOutputStream();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), parameters);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }
}
