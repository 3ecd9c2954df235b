package sectorum.bench;

/** What rates are about, as it is written: a technique, a kind of piece made ahead, or a kind of task. */
public final class Subject {
    private static final String DRESSING = "dressing/";
    private static final String PIECE = "piece/";
    private static final String TASK = "task/";

    private Subject() {}

    /** @param technique as plan documents call it */
    public static String dressing(String technique) {
        return DRESSING + technique;
    }

    /** @param kind as plan documents call it */
    public static String piece(String kind) {
        return PIECE + kind;
    }

    /** @param kind of the task, in small letters */
    public static String task(String kind) {
        return TASK + kind;
    }

    /** The same in one material alone. */
    public static String of(String subject, String material) {
        return subject + "@" + material;
    }

    /** Whether it is one, in this spelling. */
    public static boolean isOne(String text) {
        return text.startsWith(DRESSING) || text.startsWith(PIECE) || text.startsWith(TASK);
    }

    /** A technique's or a kind's own name, without what it is. */
    public static String name(String subject) {
        return subject.substring(subject.indexOf('/') + 1);
    }
}
