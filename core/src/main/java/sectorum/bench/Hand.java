package sectorum.bench;

/** The hand that leads. For a left hand the order of work and what is drawn are mirrored (craft 7). */
public enum Hand {
    RIGHT,
    LEFT
}
