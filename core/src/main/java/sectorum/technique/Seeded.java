package sectorum.technique;

import sectorum.measure.Field;

/** Chance that comes out the same every time: a function of what it is asked for, never of when. */
final class Seeded {
    /** The number that mixes by chance are made from. */
    static final Field SEED = Field.count("seed", "Another mix", 1, 999, 1, "The same number always looks the same.");

    private Seeded() {}

    /** A share {@code 0 ≤ x < 1} for a number of a row of numbers; neighbours have nothing to do with one another. */
    static double share(long seed, long number) {
        long z = seed * 0x9E3779B97F4A7C15L + number * 0xD1B54A32D192ED03L + 0x632BE59BD9B4E019L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return ((z ^ (z >>> 31)) >>> 11) * 0x1.0p-53;
    }

    /** The place of an index in the row of van der Corput to a base: even however many are taken. */
    static double even(int index, int base) {
        double part = 1;
        double sum = 0;
        for (int i = index; i > 0; i /= base) {
            part /= base;
            sum += part * (i % base);
        }
        return sum;
    }
}
