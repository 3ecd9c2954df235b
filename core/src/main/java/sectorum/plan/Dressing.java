package sectorum.plan;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Technique;

/**
 * A technique applied to a zone of a tier's surface.
 *
 * @param technique its name in the catalogue
 * @param surface the side where nobody has said; a ledge is the top with a tier on it
 * @param division the division it follows, by name
 * @param zone the strip it uses; absent: the technique's usual one
 * @param stretch the part of the way round that it uses; absent: all round
 * @param aside kept, but neither drawn nor counted
 * @param covers whether it is meant to lie on what else is there
 * @param colours names of the palette's colours, in turn over its repeats; none: the palette's first
 * @param settings by field name; what is missing takes the default of its place
 * @param over the pieces that a finish goes on; absent: it lies on the surface itself
 */
public record Dressing(
        String id,
        String technique,
        @Absent SurfaceKind surface,
        String division,
        @Absent ZoneSpec zone,
        @Absent StretchSpec stretch,
        boolean aside,
        boolean covers,
        List<String> colours,
        Values settings,
        @Absent Over over) {
    public Dressing {
        colours = Check.list("dressings.colours", "Colours", colours, 0, 40);
        colours.forEach(colour -> Check.id("dressings.colours", colour));
        id = Check.id("dressings.id", id);
        division = Check.id("dressings.division", division);
        settings = settings == null ? Values.NONE : settings;
        // Which of the two it is depends on what stands on the tier, so a document knows only one of them.
        surface = surface == SurfaceKind.LEDGE ? SurfaceKind.TOP : surface == SurfaceKind.SIDE ? null : surface;
        Technique meant = Catalogue.of("" + technique);
        if (!meant.surfaces().contains(surface == null ? SurfaceKind.SIDE : surface)) {
            throw new Refused(
                    "dressings.surface",
                    Phrase.of(
                            "{} is not meant for a {}. It goes on: {}.",
                            Quantity.text(meant.name()),
                            Quantity.text(surface == null ? SurfaceKind.SIDE.words() : surface.words()),
                            Quantity.text(meant.surfaces().stream()
                                    .sorted()
                                    .map(SurfaceKind::words)
                                    .collect(Collectors.joining(", ")))));
        }
        if (stretch != null && !meant.isPartial()) {
            throw new Refused(
                    "dressings.stretch",
                    Phrase.of(
                            "{} goes all round, or it would not close. Leave its stretch out.",
                            Quantity.text(meant.name())));
        }
        if (over != null && !meant.finishes()) {
            throw new Refused(
                    "dressings.over",
                    Phrase.of(
                            "{} lies on its surface; only a finish goes over pieces. Leave it out.",
                            Quantity.text(meant.name())));
        }
        Set<String> known = meant.settingNames();
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

    /** All round. */
    public Dressing(
            String id,
            String technique,
            @Absent SurfaceKind surface,
            String division,
            @Absent ZoneSpec zone,
            boolean aside,
            boolean covers,
            List<String> colours,
            Values settings) {
        this(id, technique, surface, division, zone, null, aside, covers, colours, settings, null);
    }

    /** The same on the marks of another division. */
    public Dressing marked(String other) {
        return new Dressing(id, technique, surface, other, zone, stretch, aside, covers, colours, settings, over);
    }

    /** The same over a part of the way round. */
    public Dressing along(@Absent StretchSpec part) {
        return new Dressing(id, technique, surface, division, zone, part, aside, covers, colours, settings, over);
    }

    /** A technique just added: drawn with what is usual in its place. */
    public static Dressing fresh(String id, String technique, SurfaceKind surface, String division) {
        boolean covers = Catalogue.of(technique).covers();
        return new Dressing(id, technique, surface, division, null, null, false, covers, List.of(), Values.NONE, null);
    }

    public Dressing with(Values others) {
        return new Dressing(id, technique, surface, division, zone, stretch, aside, covers, colours, others, over);
    }

    /** The same under a name of its own on the level part above the side, in the zone that is usual there. */
    Dressing level(String name, Values others) {
        return new Dressing(
                name, technique, SurfaceKind.TOP, division, null, stretch, aside, covers, colours, others, over);
    }

    /** The same over these pieces. */
    public Dressing over(@Absent Over pieces) {
        return new Dressing(id, technique, surface, division, zone, stretch, aside, covers, colours, settings, pieces);
    }

    /** Where it goes. */
    public SurfaceKind on() {
        return surface == null ? SurfaceKind.SIDE : surface;
    }
}
