package honeylamp.plan;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** What a colour of the picture is for; a look says which colour each is. */
public enum Role {
    PAPER,
    /** Lines and text. */
    INK,
    /** Cut walls that carry. */
    POCHE,
    /** Cut walls that carry nothing. */
    POCHE_TINT,
    /** Sides of walls in a raised picture; those that face the light are lighter. */
    WALL_SIDE,
    /** What cast shadows multiply by. */
    SHADOW,
    /** What the sun lays on floors through windows. */
    SUNLIGHT,
    /** Floors nobody chose a finish for, of rooms nobody said a use of. */
    BARE_FLOOR,
    /** Floors nobody chose a finish for, by the use of their room. */
    LIVING_FLOOR,
    DINING_FLOOR,
    KITCHEN_FLOOR,
    BEDROOM_FLOOR,
    BATH_FLOOR,
    WORK_FLOOR,
    PASSAGE_FLOOR,
    STORE_FLOOR,
    SERVICE_FLOOR,
    TRADE_FLOOR,
    GARAGE_FLOOR,
    OUTDOOR_FLOOR,
    /** Glass in windows. */
    GLASS,
    /** Frames and sashes. */
    FRAME,
    /** Steps of stairs. */
    STEP,
    /** Newels of spiral stairs. */
    NEWEL,
    POST,
    RAMP,
    /** The mouth of a fireplace. */
    FIRE,
    HEARTH,
    /** What lies deeper, in voids. */
    DEPTH,
    /** Lines painted on the ground. */
    PAINT,
    /** Bodies of cars. */
    CAR,
    CAR_ROOF,
    /** Windows of cars. */
    CAR_GLASS,
    /** Painted bodies of pieces. */
    BODY,
    TIMBER,
    /** Darker timber. */
    TIMBER_DARK,
    /** Cool textiles. */
    TEXTILE,
    TEXTILE_WARM,
    /** Bed linen. */
    LINEN,
    /** Warm cushions. */
    CUSHION,
    CUSHION_COOL,
    PORCELAIN,
    /** The inside of basins. */
    WATER_SHADE,
    METAL,
    /** Glass and plates that are dark. */
    DARK,
    COUNTER,
    RUG,
    RUG_BORDER,
    /** Leaves in the light. */
    LEAF_LIGHT,
    /** Leaves. */
    LEAF,
    /** Leaves in the shade. */
    LEAF_DEEP,
    /** Earth in pots. */
    EARTH;

    /** What pieces are made of and covered with. */
    public static Set<Role> ofPieces() {
        return EnumSet.range(BODY, EARTH);
    }

    /** The name people see. */
    public String label() {
        var words =
                name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT).replace('_', ' ');
        return words.replace("Poche", "Poch\u00e9");
    }
}
