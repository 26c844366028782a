package honeylamp.plan;

import java.util.Locale;

/** What a fitting is: a light, what switches lights, or an outlet. */
public enum FittingKind {
    /** Let into the ceiling, with a narrow beam. */
    DOWNLIGHT("Downlight", Group.CEILING_LIGHTS, Mount.CEILING),
    CEILING_LIGHT("Ceiling light", Group.CEILING_LIGHTS, Mount.CEILING),
    CHANDELIER("Chandelier", Group.CEILING_LIGHTS, Mount.CEILING),
    /** Hangs on a cord, over a table at a height above that. */
    PENDANT("Pendant", Group.CEILING_LIGHTS, Mount.CEILING),
    /** Lights a wall evenly from the ceiling. */
    WALL_WASHER("Wall washer", Group.CEILING_LIGHTS, Mount.CEILING),
    /** A rail with heads that are turned. */
    TRACK("Track with heads", Group.CEILING_LIGHTS, Mount.CEILING),
    WALL_LIGHT("Wall light", Group.WALL_LIGHTS, Mount.WALL),
    PICTURE_LIGHT("Picture light", Group.WALL_LIGHTS, Mount.WALL),
    MIRROR_LIGHT("Mirror light", Group.WALL_LIGHTS, Mount.WALL),
    /** A line of light, under cupboards, in coves, behind shelves. */
    STRIP("Light strip", Group.WALL_LIGHTS, Mount.WALL),
    UPLIGHT("Uplight", Group.WALL_LIGHTS, Mount.WALL),
    /** Low in a wall, for steps and ways by night. */
    STEP_LIGHT("Step light", Group.WALL_LIGHTS, Mount.WALL),
    TABLE_LAMP("Table lamp", Group.LAMPS, Mount.PIECE),
    DESK_LAMP("Desk lamp", Group.LAMPS, Mount.PIECE),
    FLOOR_LAMP("Floor lamp", Group.LAMPS, Mount.FLOOR),
    OUTDOOR_WALL_LIGHT("Outdoor wall light", Group.OUTDOOR_LIGHTS, Mount.WALL),
    /** Short, along a path. */
    PATH_LIGHT("Path light", Group.OUTDOOR_LIGHTS, Mount.FLOOR),
    /** Let into the ground, shining up. */
    GROUND_LIGHT("Ground light", Group.OUTDOOR_LIGHTS, Mount.FLOOR),

    ONE_WAY("Switch, one-way", Group.SWITCHES, Mount.WALL),
    TWO_WAY("Switch, two-way", Group.SWITCHES, Mount.WALL),
    /** Between two two-way switches. */
    INTERMEDIATE("Switch, intermediate", Group.SWITCHES, Mount.WALL),
    DIMMER("Dimmer", Group.SWITCHES, Mount.WALL),
    PULL_CORD("Pull cord", Group.SWITCHES, Mount.CEILING),
    /** Switches by itself where somebody comes. */
    SENSOR("Sensor", Group.SWITCHES, Mount.CEILING),
    BELL_PUSH("Bell push", Group.SWITCHES, Mount.WALL),

    SOCKET_1("Socket, single", Group.SOCKETS, Mount.WALL),
    SOCKET_2("Socket, double", Group.SOCKETS, Mount.WALL),
    SOCKET_3("Socket, triple", Group.SOCKETS, Mount.WALL),
    SOCKET_4("Socket, quadruple", Group.SOCKETS, Mount.WALL),
    SWITCHED_SOCKET("Socket with switch", Group.SOCKETS, Mount.WALL),
    OUTDOOR_SOCKET("Outdoor socket", Group.SOCKETS, Mount.WALL),
    FLOOR_SOCKET("Floor socket", Group.SOCKETS, Mount.FLOOR),
    WORKTOP_SOCKET("Worktop socket", Group.SOCKETS, Mount.WALL),
    APPLIANCE_OUTLET("Appliance outlet", Group.SOCKETS, Mount.WALL),
    SHAVER_SOCKET("Shaver socket", Group.SOCKETS, Mount.WALL),
    DATA_OUTLET("Data outlet", Group.OUTLETS, Mount.WALL),
    AERIAL_OUTLET("Aerial outlet", Group.OUTLETS, Mount.WALL),
    CONSUMER_UNIT("Consumer unit", Group.OUTLETS, Mount.WALL);

    /** What kinds are alike. */
    public enum Group {
        CEILING_LIGHTS("On ceilings"),
        WALL_LIGHTS("On walls"),
        LAMPS("Standing lamps"),
        OUTDOOR_LIGHTS("Outdoors"),
        SWITCHES("Switches"),
        SOCKETS("Sockets"),
        OUTLETS("Data, aerial, supply");

        private final String label;

        Group(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }

        /** Whether its kinds give light. */
        public boolean isLit() {
            return ordinal() <= OUTDOOR_LIGHTS.ordinal();
        }
    }

    /** What a kind is usually fixed to, or stands on. */
    public enum Mount {
        CEILING,
        WALL,
        PIECE,
        FLOOR
    }

    private final String label;
    private final Group group;
    private final Mount mount;

    FittingKind(String label, Group group, Mount mount) {
        this.label = label;
        this.group = group;
        this.mount = mount;
    }

    /** The name people see. */
    public String label() {
        return label;
    }

    /** With what it is offered and listed. */
    public Group group() {
        return group;
    }

    /** What it is usually fixed to. */
    public Mount mount() {
        return mount;
    }

    /** Whether it gives light. */
    public boolean isLight() {
        return group.isLit();
    }

    /** Whether it switches lights. */
    public boolean isSwitch() {
        return group == Group.SWITCHES && this != BELL_PUSH;
    }

    /** Whether it has a length that is typed: light along a line. */
    public boolean isLong() {
        return this == TRACK || this == STRIP;
    }

    /** Its name in files and for other programs. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
