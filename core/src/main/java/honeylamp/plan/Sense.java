package honeylamp.plan;

/** Whether something that is repeated is as it was drawn or made. */
public enum Sense {
    AS_DRAWN,
    /** Left and right are exchanged. */
    MIRRORED;

    public Sense other() {
        return this == AS_DRAWN ? MIRRORED : AS_DRAWN;
    }
}
