package sectorum.divide;

/** What looks forward: the middle of a section (the default school) or a mark. */
public enum Front {
    SECTION,
    MARK
}
