package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import sectorum.make.Filled;
import sectorum.make.Tint;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.outline.Outline;
import sectorum.plan.Coat;
import sectorum.plan.Inside;
import sectorum.plan.Layers;
import sectorum.plan.Plan;
import sectorum.plan.Tier;

/** What is inside a plan's tiers, under them and in their joins, in grams (craft 4.3). */
final class InsideWork {
    /** Domes and crusts are trimmed level: so much of each layer's height is baked beside what stays, mm. */
    static final double TRIMMED = 5;
    /** Cement is dabbed on the middle of a tier's board: so thick, mm, on this share of it. */
    private static final double CEMENT_MM = 1;

    private static final double CEMENTED = 0.5;

    private InsideWork() {}

    static List<Filled> of(Plan plan) {
        List<Filled> all = new ArrayList<>();
        for (int i = 0; i < plan.tiers().size(); i++) {
            Tier tier = plan.tiers().get(i);
            double board = tier.kind().build(tier.sizes(), 0).area();
            if (!tier.dummy()) {
                cake(all, plan, tier);
            }
            add(all, tier, Filled.Use.CEMENT, Material.ROYAL, Tint.PLAIN, CEMENT_MM, CEMENTED * board, null);
            if (i > 0) {
                seam(all, plan, tier);
            }
        }
        return all;
    }

    /** Area of a layer, without the hole of a ring, mm². */
    static double layer(Tier tier) {
        double hole = tier.kind().hole(tier.sizes(), 0).map(Outline::area).orElse(0.0);
        return Math.max(1, TableWork.bare(tier).area() - hole);
    }

    private static void cake(List<Filled> all, Plan plan, Tier tier) {
        Inside inside = tier.filled();
        Layers layers = tier.built();
        double area = layer(tier);
        Material cake = plan.stands().cake(tier).material();
        if (inside.cake() != null && cake != null) {
            double high = layers.count() * (layers.each() + TRIMMED);
            add(all, tier, Filled.Use.CAKE, cake, Tint.PLAIN, high, area, inside.cake());
        }
        double between = (layers.count() - 1) * layers.filling();
        add(all, tier, Filled.Use.FILLING, inside.filled(), Tint.PLAIN, between, area, inside.recipe());
        // Told in grams to an area, not by a thickness.
        double syrup = inside.soaked() * area / 10_000 * layers.count();
        if (syrup > 0) {
            all.add(new Filled(
                    tier.id(),
                    Filled.Use.SYRUP,
                    said(tier, Filled.Use.SYRUP),
                    Material.SYRUP,
                    Tint.PLAIN,
                    0,
                    syrup,
                    null));
        }
        boolean same = inside.gripped() == inside.filled();
        add(
                all,
                tier,
                Filled.Use.GRIP,
                inside.gripped(),
                Tint.PLAIN,
                inside.grips(),
                area,
                same ? inside.recipe() : null);
    }

    /** A fillet with straight legs, of what the tier shows outside; paste is sealed with royal icing of its colour. */
    private static void seam(List<Filled> all, Plan plan, Tier tier) {
        double leg = tier.filled().sealed();
        int last = tier.coats().size() - 1;
        Coat coat = last < 0 ? null : tier.coats().get(last);
        Material shows = coat == null ? Material.ROYAL : coat.made(last > 0);
        Material seam = shows.isIcing() ? shows : Material.ROYAL;
        Tint tint = coat == null ? Tint.PLAIN : Tint.in(plan.palette(), coat.colour());
        add(all, tier, Filled.Use.SEAM, seam, tint, leg, tier.side().foot().mm() * leg / 2, null);
    }

    private static String said(Tier tier, Filled.Use use) {
        return tier.name() + ", " + use.words();
    }

    private static void add(
            List<Filled> all,
            Tier tier,
            Filled.Use use,
            Material material,
            Tint tint,
            double thick,
            double area,
            @Absent String recipe) {
        double grams = material.sheet(area, thick);
        if (grams > 0) {
            all.add(new Filled(tier.id(), use, said(tier, use), material, tint, thick, grams, recipe));
        }
    }
}
