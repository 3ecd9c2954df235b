package sectorum.plan;

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
 * @param settings by field name; what is missing takes the default of its place
 */
public record Dressing(
        String id,
        String technique,
        String division,
        @Absent ZoneSpec zone,
        boolean resting,
        boolean covers,
        Values settings) {
    public Dressing {
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
}
