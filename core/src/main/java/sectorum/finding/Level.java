package sectorum.finding;

/** How bad: a note is good to know, a look wants a glance, a stop should not be worked as it stands. */
public enum Level {
    NOTE,
    LOOK,
    STOP
}
