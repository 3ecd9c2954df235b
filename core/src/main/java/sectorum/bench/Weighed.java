package sectorum.bench;

import sectorum.measure.Field;

/**
 * What a finish took of its material when a patch was weighed.
 *
 * @param finish as the finish's setting names it
 * @param per g to 100 cm² of one face
 */
public record Weighed(String finish, double per) {
    private static final Field PER = Field.mass("per", "Weighed, to 100 cm²", 0.001, 20, 0.1, "Weigh a patch.");

    public Weighed {
        finish = finish == null ? "" : finish;
        PER.check(per);
    }
}
