package honeylamp.drawing;

/** The layers of a picture from bottom to top; each is a layer in the PDF and a group in the SVG. */
public enum LayerKind {
    PAPER("Paper"),
    GROUND("Ground"),
    UNDERLAY("Underlay"),
    FLOOR("Floor finishes"),
    RUGS("Rugs"),
    SUNLIGHT("Sun on floors"),
    SHADE("Shade on floors"),
    FACES("Inner faces of walls"),
    FURNITURE("Furniture"),
    TOP_SHADOW("Cast shadow on furniture"),
    TOPS("Things on furniture"),
    STRUCTURES("Stairs and posts"),
    POCHE("Walls"),
    OPENINGS("Openings"),
    OVERHEAD("Overhead"),
    LAMPS("Light of lamps"),
    FITTINGS("Lighting and power"),
    DIMENSIONS("Dimensions"),
    LABELS("Labels"),
    SHEET("Sheet"),
    TOOTH("Surface of the paper");

    private final String label;

    LayerKind(String label) {
        this.label = label;
    }

    /** The name people see. */
    public String label() {
        return label;
    }
}
