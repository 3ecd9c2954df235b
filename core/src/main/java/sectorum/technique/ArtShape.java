package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import sectorum.art.Contour;
import sectorum.art.Islands;
import sectorum.art.Layered;
import sectorum.art.Motif;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.measure.Elementary;

/**
 * Art at its size, turned and mirrored, about its own middle.
 *
 * @param parts as they are cut, painted or piped, from the back to the front; nothing of no size is among them
 * @param shades for each part the place of its shade among the motif's
 * @param openings of a stencil: parts with their bridges
 * @param panel under all of them, where it is on one
 */
record ArtShape(
        List<Rings> parts,
        List<Integer> shades,
        List<Rings> openings,
        @sectorum.measure.Absent Rings panel,
        double width,
        double height) {
    static ArtShape of(ArtSet set) {
        Motif motif = set.motif();
        double by = set.high() / motif.height();
        List<Rings> whole = new ArrayList<>();
        List<Integer> shades = new ArrayList<>();
        for (Motif.Region part : motif.parts()) {
            whole.add(placed(part.rings(), by, motif.height() / 2, set));
            shades.add(motif.shades().indexOf(part.shade()));
        }
        List<Rings> parts = new ArrayList<>();
        List<Integer> of = new ArrayList<>();
        List<Optional<Rings>> cut = set.use() == ArtUse.SET
                ? Layered.voided(whole, set.allowance())
                : whole.stream().map(Optional::of).toList();
        for (int i = 0; i < cut.size(); i++) {
            if (cut.get(i).isPresent()) {
                parts.add(cut.get(i).get());
                of.add(shades.get(i));
            }
        }
        List<Rings> openings = set.use() != ArtUse.STENCILLED
                ? List.of()
                : parts.stream()
                        .map(p -> set.bridge() > 0 ? Islands.bridged(p, set.bridge()) : p)
                        .filter(p -> p != null)
                        .toList();
        Rings panel = null;
        if (set.use() == ArtUse.INSET) {
            Rings all = parts.get(0);
            for (Rings part : parts.subList(1, parts.size())) {
                all = Regions.union(all, part);
            }
            // Outer lines alone: what is open in the art shows the panel.
            // A border follows no detail that is fine against it.
            Rings filled = Regions.evenOdd(all.outers());
            double border = Math.max(0.1, set.border());
            Rings simple = filled == null ? null : Regions.lighter(filled, border / 20);
            panel = simple == null ? null : Regions.offset(simple, border);
        }
        double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        List<Rings> all = new ArrayList<>(parts);
        if (panel != null) {
            all.add(panel);
        }
        for (Rings part : all) {
            for (int i = 0; i < 2; i++) {
                box[i] = Math.min(box[i], part.box().get(i));
                box[2 + i] = Math.max(box[2 + i], part.box().get(2 + i));
            }
        }
        // It is centred by what its own box is, so that turning it leaves its middle where it is.
        return new ArtShape(parts, of, openings, panel, box[2] - box[0], box[3] - box[1]);
    }

    private static Rings placed(Rings rings, double by, double middle, ArtSet set) {
        return new Rings(
                rings.outers().stream().map(l -> placed(l, by, middle, set)).toList(),
                rings.holes().stream().map(l -> placed(l, by, middle, set)).toList());
    }

    private static List<Double> placed(List<Double> line, double by, double middle, ArtSet set) {
        double cos = Elementary.cos(set.turn());
        double sin = Elementary.sin(set.turn());
        List<Double> there = new ArrayList<>(line.size());
        for (int i = 0; i < line.size(); i += 2) {
            double x = line.get(i) * by * (set.mirrored() ? -1 : 1);
            double z = (line.get(i + 1) - middle) * by;
            there.add(x * cos - z * sin);
            there.add(x * sin + z * cos);
        }
        return there;
    }

    double area() {
        return parts.stream().mapToDouble(Rings::area).reduce(0, Double::sum);
    }

    /** All its lines, mm. */
    double outline() {
        return lines().stream().mapToDouble(Contour::length).reduce(0, Double::sum);
    }

    List<List<Double>> lines() {
        List<List<Double>> lines = new ArrayList<>();
        for (Rings part : parts) {
            lines.addAll(part.outers());
            lines.addAll(part.holes());
        }
        return lines;
    }

    static int points(Rings rings) {
        return (rings.outers().stream().mapToInt(List::size).sum()
                        + rings.holes().stream().mapToInt(List::size).sum())
                / 2;
    }
}
