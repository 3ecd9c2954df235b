package sectorum.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What each number on a pasta machine's dial rolls, mm. Machines that count from 0 and from 1 exist, and so do those that
 * roll thicker and those that roll thinner the higher the number (craft 4.3): only what this one's owner measured counts.
 *
 * @param notches two or more, by number, each thinner than the last or each thicker
 */
public record Dial(List<Notch> notches) {
    private static final double THICKEST = 30;

    /** A number on the dial and the thickness it rolls, mm. */
    public record Notch(int number, double mm) {}

    /**
     * The number to set.
     *
     * @param rolls what it rolls, mm
     * @param guessed whether nobody measured this number: it lies between two that were
     */
    public record Set(int number, double rolls, boolean guessed) {}

    public Dial {
        notches =
                notches.stream().sorted(Comparator.comparingInt(Notch::number)).toList();
        if (notches.size() < 2) {
            throw refused("A dial has {} numbers measured; two are needed, such as {}.", notches.size());
        }
        double way = notches.get(1).mm() - notches.get(0).mm();
        for (int i = 0; i < notches.size(); i++) {
            Notch n = notches.get(i);
            if (n.number() < 0 || n.number() > 30 || !(n.mm() > 0) || n.mm() > THICKEST) {
                throw refused(
                        "A dial's number {} is outside 0 to 30, or its thickness outside 0 to 30 mm, as in {}.",
                        n.number());
            }
            if (i > 0
                    && (n.number() == notches.get(i - 1).number()
                            || (n.mm() - notches.get(i - 1).mm()) * way <= 0)) {
                throw refused(
                        "The dial at {} is neither thinner nor thicker in turn. Measure it again, as in {}.",
                        n.number());
            }
        }
    }

    private static Refused refused(String template, long number) {
        return new Refused("dial", Phrase.of(template, Quantity.count(number), Quantity.text("1=2.4 2=2 3=1.6")));
    }

    /** Reads {@code 1=2.4 2=2.0}; commas, semicolons or blanks between. */
    public static Dial parse(String typed) {
        List<Notch> notches = new ArrayList<>();
        for (String part : typed.strip().split("[;\\s]+|,(?=\\s*\\d+\\s*=)\\s*")) {
            String[] pair = part.replace(',', '.').split("=");
            try {
                notches.add(new Notch(Integer.parseInt(pair[0].strip()), Double.parseDouble(pair[1].strip())));
            } catch (NumberFormatException | ArrayIndexOutOfBoundsException odd) {
                throw new Refused(
                        "dial",
                        Phrase.of(
                                "\"{}\" is no number of a dial with what it rolls in mm. Type them as in {}.",
                                Quantity.text(part),
                                Quantity.text("1=2.4 2=2 3=1.6")));
            }
        }
        return new Dial(notches);
    }

    /** mm. */
    public double thinnest() {
        return notches.stream().mapToDouble(Notch::mm).min().orElseThrow();
    }

    /** mm. */
    public double thickest() {
        return notches.stream().mapToDouble(Notch::mm).max().orElseThrow();
    }

    /** The number that comes nearest to a thickness; absent beyond what the dial rolls by more than a quarter of it. */
    @Absent
    public Set at(double mm) {
        if (mm < thinnest() * 0.75 || mm > thickest() * 1.25) {
            return null;
        }
        Set best = null;
        for (int i = 0; i < notches.size(); i++) {
            Notch here = notches.get(i);
            best = nearer(best, new Set(here.number(), here.mm(), false), mm);
            if (i + 1 < notches.size()) {
                Notch next = notches.get(i + 1);
                for (int n = here.number() + 1; n < next.number(); n++) {
                    double share = (double) (n - here.number()) / (next.number() - here.number());
                    best = nearer(best, new Set(n, here.mm() + share * (next.mm() - here.mm()), true), mm);
                }
            }
        }
        return best;
    }

    private static Set nearer(@Absent Set one, Set other, double mm) {
        return one == null || Math.abs(other.rolls() - mm) < Math.abs(one.rolls() - mm) - 1e-9 ? other : one;
    }
}
