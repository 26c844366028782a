package honeylamp.plan;

/** Whether something that is repeated is as it was drawn or made. */
public enum Sense {
    /** It is. */
    AS_DRAWN,
    /** Left and right are exchanged. */
    MIRRORED;

    /** The other one. */
    public Sense other() {
        return this == AS_DRAWN ? MIRRORED : AS_DRAWN;
    }
}
