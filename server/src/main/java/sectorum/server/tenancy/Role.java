package sectorum.server.tenancy;

/** What somebody may do in a workshop; each may what those before may. */
public enum Role {
    /** Looks at everything, changes nothing but how it is shown to them. */
    READER,
    /** Ticks, times, counts and notes at the bench. */
    HELPER,
    /** Plans and keeps the workshop's things. */
    DECORATOR,
    /** People, settings, files. */
    OWNER;

    public boolean may(Role needed) {
        return compareTo(needed) >= 0;
    }
}
