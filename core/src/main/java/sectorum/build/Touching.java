package sectorum.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;

/** Whether pieces made ahead run into one another: by the ground that each takes and how high it reaches. */
public final class Touching {
    private static final Rule TOUCH = new Rule(
            "build.touch", Level.LOOK, "Two pieces made ahead take the same room: one of them runs into the other.");

    /** Less of the same ground is a touch that a hand makes room for, mm². */
    private static final double TOUCHED = 25;

    private static final int[] BESIDE = {15, -15, 30, -30, 45, -45, 60, -60, 90, -90, 120, -120, 150, -150, 180};

    /** For so many findings a better place is looked for; the rest come up when these are mended. */
    private static final int SOUGHT = 8;

    /** Among more no better place is looked for. */
    private static final int SEARCHED = 120;

    private Touching() {}

    static List<Rule> rules() {
        return List.of(TOUCH);
    }

    /** One where it stands: its ground seen from above in its tier's own axes, from its foot to its top. */
    private record Room(
            OwnPiece piece, int number, String tier, Rings ground, List<Double> box, double low, double high) {
        boolean isApart(Room o) {
            return !tier.equals(o.tier)
                    || low >= o.high
                    || o.low >= high
                    || box.get(0) >= o.box.get(2)
                    || o.box.get(0) >= box.get(2)
                    || box.get(1) >= o.box.get(3)
                    || o.box.get(1) >= box.get(3);
        }

        /** Of the same ground, mm². */
        double shared(Room o) {
            Rings both = isApart(o) ? null : Regions.overlap(ground, o.ground);
            return both == null ? 0 : both.area();
        }
    }

    public static List<Finding> of(Plan plan, Function<OwnPiece, Planted> make) {
        Seating seats = new Seating(plan);
        List<Room> rooms = new ArrayList<>();
        plan.pieces().forEach(p -> rooms.addAll(rooms(seats, p, make.apply(p))));
        List<Finding> findings = new ArrayList<>();
        for (OwnPiece piece : plan.pieces()) {
            Room other = hit(piece, rooms);
            if (other != null) {
                findings.add(found(seats, piece, other, rooms, findings.size() < SOUGHT ? make : null));
            }
        }
        return findings;
    }

    private static List<Room> rooms(Seating seats, OwnPiece piece, Planted made) {
        List<Room> rooms = new ArrayList<>();
        for (Seating.Place place : seats.of(piece, made)) {
            double cos = Elementary.cos(place.angle());
            double sin = Elementary.sin(place.angle());
            List<Double> ground = new ArrayList<>();
            List<Double> own = made.ground().outers().get(0);
            for (int i = 0; i < own.size(); i += 2) {
                ground.add(place.x() + own.get(i) * cos - own.get(i + 1) * sin);
                ground.add(place.y() + own.get(i) * sin + own.get(i + 1) * cos);
            }
            Rings rings = Rings.of(ground);
            rooms.add(new Room(
                    piece, rooms.size(), place.tier(), rings, rings.box(), place.up(), place.up() + made.high()));
        }
        return rooms;
    }

    /** What runs into one of a piece's, of those that come after it in the plan, or of its own. */
    @Absent
    private static Room hit(OwnPiece piece, List<Room> rooms) {
        for (int i = 0; i < rooms.size(); i++) {
            Room mine = rooms.get(i);
            if (!mine.piece().id().equals(piece.id())) {
                continue;
            }
            for (int k = i + 1; k < rooms.size(); k++) {
                if (mine.shared(rooms.get(k)) > TOUCHED) {
                    return rooms.get(k);
                }
            }
        }
        return null;
    }

    private static Finding found(
            Seating seats, OwnPiece piece, Room other, List<Room> rooms, @Absent Function<OwnPiece, Planted> make) {
        boolean alike = other.piece().id().equals(piece.id());
        double shared = rooms.stream()
                .filter(r -> r.piece().id().equals(piece.id()))
                .mapToDouble(r -> r.number() == other.number() && alike ? 0 : r.shared(other))
                .max()
                .orElse(0);
        Quantity cm2 = Quantity.plain(sectorum.measure.Rounding.halfUp(shared / 100, 0.1));
        return TOUCH.found(
                alike
                        ? Phrase.of(
                                "{} × \"{}\" take the same {} cm² of ground.",
                                Quantity.count(piece.count()),
                                Quantity.text(piece.name()),
                                cm2)
                        : Phrase.of(
                                "\"{}\" and \"{}\" take the same {} cm² of ground.",
                                Quantity.text(piece.name()),
                                Quantity.text(other.piece().name()),
                                cm2),
                make == null || rooms.size() > SEARCHED
                        ? List.of()
                        : alike ? fewer(seats, piece, make) : beside(seats, other.piece(), rooms, make));
    }

    /** The smallest turn of its place that leaves every other piece its room. */
    private static List<Mend> beside(
            Seating seats, OwnPiece piece, List<Room> rooms, Function<OwnPiece, Planted> make) {
        OwnPiece.Seat s = piece.seat();
        for (int step : BESIDE) {
            double out = s.on() == OwnPiece.On.TOP
                    ? Math.max(s.out(), make.apply(piece).wide() / 2)
                    : s.out();
            double angle = Elementary.remainder(s.angle() + step, 360);
            OwnPiece.Seat seat = new OwnPiece.Seat(s.tier(), s.on(), angle, Math.min(700, out), s.up());
            if (isFree(seats, piece.at(seat), rooms, make)) {
                return List.of(new Mend(
                        Phrase.of("Turn \"{}\" by {} degrees", Quantity.text(piece.name()), Quantity.count(step)),
                        List.of(new Change(Change.Target.PIECE, piece.id() + "/seat", seat))));
            }
        }
        return List.of();
    }

    private static List<Mend> fewer(Seating seats, OwnPiece piece, Function<OwnPiece, Planted> make) {
        for (int many = piece.count() - 1; many > 0; many--) {
            OwnPiece some = piece.many(many);
            List<Room> mine = rooms(seats, some, make.apply(some));
            if (mine.stream().allMatch(a -> mine.stream().allMatch(b -> a == b || a.shared(b) <= TOUCHED))) {
                return List.of(new Mend(
                        Phrase.of("Take {} of them", Quantity.count(many)),
                        List.of(new Change(Change.Target.PIECE, piece.id() + "/count", many))));
            }
        }
        return List.of();
    }

    private static boolean isFree(Seating seats, OwnPiece there, List<Room> rooms, Function<OwnPiece, Planted> make) {
        for (Room mine : rooms(seats, there, make.apply(there))) {
            for (Room other : rooms) {
                if (!other.piece().id().equals(there.id()) && mine.shared(other) > TOUCHED) {
                    return false;
                }
            }
        }
        return true;
    }
}
