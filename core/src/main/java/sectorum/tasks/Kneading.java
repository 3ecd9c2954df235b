package sectorum.tasks;

import java.util.Arrays;
import java.util.List;
import sectorum.days.TaskName;
import sectorum.make.Batch;
import sectorum.make.Worktop;
import sectorum.plan.Plan;

/** What is prepared on the table before anything is laid, rolled or piped. */
enum Kneading {
    COVERING("knead-covering", "Knead and colour the covering", 8 * 60),
    PIECES("knead-pieces", "Knead and colour the paste", 8 * 60),
    /** It deepens for half a day (craft 4.2). */
    DARK("mix-dark", "Mix the strong dark icing", 12 * 60),
    ICING("mix-icing", "Mix the icing", 0),
    FILLING("mix-filling", "Make the filling and the syrup", 0);

    /** Coloured or fresh fondant is kneaded the day before, and a covered board dries as long, minutes. */
    static final int OVERNIGHT = 8 * 60;
    /** Darker than this share of light, a colour is a strong one. */
    private static final double STRONG = 0.35;

    final TaskName key;
    final String words;
    final int rest;

    Kneading(String stem, String words, int rest) {
        this.key = TaskName.of(stem);
        this.words = words;
        this.rest = rest;
    }

    /** The one that a task, or a part of one, does. */
    static Kneading of(TaskName name) {
        return Arrays.stream(values())
                .filter(k -> k.key.stem().equals(name.stem()))
                .findFirst()
                .orElseThrow();
    }

    private boolean takes(Batch b) {
        return switch (this) {
            case COVERING -> b.form() == Batch.Form.COVER;
            case PIECES -> b.form() != Batch.Form.COVER && b.material().isKneaded();
            case FILLING -> filling(b);
            case DARK -> !filling(b) && icing(b) && dark(b);
            case ICING -> !filling(b) && icing(b) && !dark(b);
        };
    }

    private static boolean icing(Batch b) {
        return b.material().isIcing();
    }

    /** Needed as soon as the layers are; what only cements or seals is mixed with the icing. */
    private static boolean filling(Batch b) {
        return b.filled().stream().anyMatch(f -> f.use().isInside());
    }

    private static boolean dark(Batch b) {
        return b.material().deepens() && b.tint().light() < STRONG;
    }

    /** Its batches: those that are coloured or mixed and not made yet. */
    List<Batch> batches(Plan plan, Worktop top) {
        return top.batches().stream()
                .filter(b -> !b.tint().id().isEmpty() || b.mixed().size() > 1 || b.recipe() != null)
                // Kneading is in the minutes that one has told for a piece.
                .filter(b -> !b.ahead() && !plan.made().isMade(b.id()))
                .filter(this::takes)
                .toList();
    }
}
