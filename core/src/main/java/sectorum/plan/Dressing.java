package sectorum.plan;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.technique.Catalogue;

/**
 * A technique applied to a zone of a side.
 *
 * @param technique its name in the catalogue
 * @param division the division it follows, by name
 * @param zone the strip it uses; absent: the technique's usual one
 * @param resting kept, but neither drawn nor counted
 * @param covers whether it is meant to lie on what else is there
 * @param colours names of the palette's colours, in turn over its repeats; none: the palette's first
 * @param settings by field name; what is missing takes the default of its place
 */
public record Dressing(
        String id,
        String technique,
        String division,
        @Absent ZoneSpec zone,
        boolean resting,
        boolean covers,
        List<String> colours,
        Values settings) {
    public Dressing {
        colours = Check.list("dressings.colours", "Colours", colours, 0, 12);
        colours.forEach(colour -> Check.id("dressings.colours", colour));
        id = Check.id("dressings.id", id);
        division = Check.id("dressings.division", division);
        settings = settings == null ? Values.NONE : settings;
        Set<String> known = Catalogue.of("" + technique).settingNames();
        for (String name : settings.byName().keySet()) {
            if (!known.contains(name)) {
                throw new Refused(
                        "settings." + name,
                        Phrase.of(
                                "This technique has no setting \"{}\". It has: {}.",
                                Quantity.text(name),
                                Quantity.text(String.join(", ", new TreeSet<>(known)))));
            }
        }
    }

    /** A technique just added: drawn with what is usual in its place. */
    public static Dressing fresh(String id, String technique, String division) {
        boolean covers = Catalogue.of(technique).covers();
        return new Dressing(id, technique, division, null, false, covers, List.of(), Values.NONE);
    }

    public Dressing with(Values others) {
        return new Dressing(id, technique, division, zone, resting, covers, colours, others);
    }
}
