package honeylamp.edit;

/** Whether what is changed of one view or page is changed of all. */
public enum Reach {
    /** Only of this one. */
    THIS,
    /** Of all. */
    ALL
}
