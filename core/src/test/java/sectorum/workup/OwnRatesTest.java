package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static sectorum.workup.Tiers.round;
import static sectorum.workup.Tiers.worn;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.Handfuls;
import sectorum.ahead.MadeAhead;
import sectorum.bench.Bases;
import sectorum.bench.Basis;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.bench.Stock;
import sectorum.bench.Subject;
import sectorum.make.Batch;
import sectorum.material.Breakage;
import sectorum.material.Material;
import sectorum.measure.Refused;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.technique.Catalogue;
import sectorum.technique.Figure;
import sectorum.technique.Making;
import sectorum.tier.AheadTray;
import sectorum.tier.PieceWorkup;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** What a workshop has seen of itself changes what it should, as much as it should, and nothing else. */
class OwnRatesTest {
    private static OwnRates rates(Object... kindOfValue) {
        List<OwnRate> rates = new ArrayList<>();
        for (int i = 0; i < kindOfValue.length; i += 3) {
            rates.add(new OwnRate(
                    (RateKind) kindOfValue[i], (String) kindOfValue[i + 1], (double) kindOfValue[i + 2], 6, 0.25));
        }
        return new OwnRates(rates);
    }

    private static TierWorkup.Worn dressed(String technique, OwnRates rates) {
        return Workup.tier(round().dressings(worn(technique, "")).tier(), Tiers.BENCH.by(rates))
                .dressings()
                .get(0);
    }

    static Stream<String> techniques() {
        return Catalogue.all().stream().map(t -> t.id());
    }

    @ParameterizedTest
    @MethodSource("techniques")
    void minutesOfEveryTechniqueFollowItsPaceAndNothingElseDoes(String technique) {
        String subject = Subject.dressing(technique);
        TierWorkup.Worn plain = dressed(technique, OwnRates.NONE);
        TierWorkup.Worn own = dressed(technique, rates(RateKind.TIME, subject, 1.4));
        assertThat(own.making().minutes()).isCloseTo(1.4 * plain.making().minutes(), within(1e-6));
        assertThat(own.layout()).isEqualTo(plain.layout());
        assertThat(own.making().cuts()).isEqualTo(plain.making().cuts());
        assertThat(own.bases().time()).isEqualTo(new Basis(Basis.Source.OWN, 6, 0.25));
        assertThat(plain.bases()).isEqualTo(Bases.PLAIN);
        assertThat(hands(own)).isEqualTo(own.making().minutes());
        assertThat(dressed(technique, rates(RateKind.TIME, "dressing/another", 1.4))
                        .making())
                .isEqualTo(plain.making());
    }

    private static double hands(TierWorkup.Worn worn) {
        return worn.figures().stream()
                .filter(f -> f.name().equals("hands"))
                .map(Figure::quantity)
                .findFirst()
                .orElseThrow()
                .value();
    }

    @ParameterizedTest
    @MethodSource("techniques")
    void sparesFollowWhatBreaks(String technique) {
        String subject = Subject.dressing(technique);
        TierWorkup.Worn plain = dressed(technique, OwnRates.NONE);
        TierWorkup.Worn own = dressed(technique, rates(RateKind.BREAKAGE, subject, 0.25));
        for (int i = 0; i < plain.making().cuts().size(); i++) {
            Making.Cut was = plain.making().cuts().get(i);
            Making.Cut is = own.making().cuts().get(i);
            assertThat(is.spare()).isEqualTo(was.spare() == 0 ? 0 : Breakage.spare(was.count(), 0.25, 0.95));
            assertThat(is.count()).isEqualTo(was.count());
        }
        assertThat(own.making().minutes()).isEqualTo(plain.making().minutes());
    }

    @ParameterizedTest
    @MethodSource("techniques")
    void weightsFollowTheDensityOrTheGramsAMetreButNeverBoth(String technique) {
        for (Making.Used was : dressed(technique, OwnRates.NONE).making().used()) {
            String key = was.material().key();
            OwnRates heavy = rates(RateKind.DENSITY, key, 1.1);
            OwnRates both = rates(RateKind.DENSITY, key, 1.1, RateKind.METRE, key, 0.8);
            double length = was.length() > 0 ? 0.8 : 1.1;
            assertThat(used(dressed(technique, heavy), was)).isCloseTo(1.1 * was.grams(), within(1e-6));
            assertThat(used(dressed(technique, both), was)).isCloseTo(length * was.grams(), within(1e-6));
        }
    }

    private static double used(TierWorkup.Worn worn, Making.Used like) {
        return worn.making().used().stream()
                .filter(u -> u.material() == like.material()
                        && u.colour() == like.colour()
                        && u.thickness() == like.thickness())
                .mapToDouble(Making.Used::grams)
                .sum();
    }

    /** Coverings, fillings, batches and the load on the dowels are of the same paste. */
    @Test
    void theTableAndTheBuildWeighByTheSameDensity() {
        Plan plan = Planned.of().plan();
        StackWorkup usual = Workup.of(plan, Tiers.BENCH);
        StackWorkup heavy = Workup.of(plan, Tiers.BENCH.by(rates(RateKind.DENSITY, "fondant", 1.2)));
        double before = net(plan, usual);
        assertThat(before).isPositive();
        assertThat(net(plan, heavy)).isCloseTo(1.2 * before, within(1e-6));
        assertThat(Workup.build(plan, heavy).grams())
                .isGreaterThan(Workup.build(plan, usual).grams());
    }

    private static double net(Plan plan, StackWorkup worked) {
        return Workup.worktop(plan, worked, Stock.NONE).batches().stream()
                .filter(b -> b.material() == Material.FONDANT)
                .map(Batch::parts)
                .mapToDouble(p -> p.net())
                .sum();
    }

    private static PieceWorkup piece(OwnPiece piece, OwnRates rates) {
        return Workup.pieces(Planned.of(piece).plan(), Tiers.BENCH.by(rates)).get(0);
    }

    static Stream<OwnPiece> pieces() {
        return Workup.tray(Plan.fresh("Tray"), "", Tiers.BENCH).stream().map(AheadTray::piece);
    }

    @ParameterizedTest
    @MethodSource("pieces")
    void everyKindOfPieceIsMadeAtItsOwnPaceAndDriesAsItDidHere(OwnPiece offered) {
        OwnPiece piece = offered.at(OwnPiece.Seat.TOP);
        Plan plan = Planned.of(piece).plan();
        String subject = MadeAhead.subject(piece);
        MadeAhead plain = AheadCatalogue.make(plan, piece);
        OwnRates own = rates(RateKind.TIME, subject, 1.5);
        double stated = piece.labour().minutes() == null ? 1.5 : 1;
        assertThat(AheadCatalogue.make(plan, piece, own).minutes()).isCloseTo(stated * plain.minutes(), within(1e-6));
        assertThat(piece(piece, own).bases().time().source())
                .isEqualTo(stated == 1 ? Basis.Source.STATED : Basis.Source.OWN);
        PieceWorkup.Dries usual = piece(piece, OwnRates.NONE).dries();
        if (usual != null && usual.basis().source() == Basis.Source.PLAIN) {
            Material of = plain.last().dries().material();
            PieceWorkup.Dries seen =
                    piece(piece, rates(RateKind.DRYING, of.key(), 0.8)).dries();
            assertThat(seen.basis()).isEqualTo(new Basis(Basis.Source.OWN, 6, 0.25));
            // Planned for what nine in ten stay below, which is now a quarter more, where it was 30 % more.
            assertThat(seen.high()).isCloseTo(usual.high() / 1.3 * 0.8 * 1.25, within(0.02));
        }
    }

    @ParameterizedTest
    @CsvSource({"0.1, 5, 50", "0.5, 5, 10", "0.5, 8, 16", "3, 8, 2", "10, 8, 1"})
    void handfulsFollowWhatWasSeenToSoften(double placing, double softens, int many) {
        Handfuls handfuls =
                Handfuls.of(Material.BUTTERCREAM, placing, rates(RateKind.SOFTENING, "buttercream", softens));
        assertThat(handfuls.many()).isEqualTo(many);
        assertThat(handfuls.minutes()).isCloseTo(many * placing, within(1e-9));
        assertThat(handfuls.chill()).isEqualTo(20);
    }

    /** craft 4.5: whatever is estimated tells what it rests on, and by how much it may be off. */
    @Test
    void nothingIsEstimatedWithoutItsGround() {
        OwnRates own = rates(RateKind.TIME, "dressing/pearls", 1.3, RateKind.TIME, "task/cover", 0.8);
        Planned planned = Planned.of(pieces().map(p -> p.at(OwnPiece.Seat.TOP)).toArray(OwnPiece[]::new));
        StackWorkup worked = Workup.of(planned.plan(), Tiers.BENCH.by(own));
        var order = Workup.order(
                "o", planned.plan(), worked, Workup.worktop(planned.plan(), worked, Stock.NONE), planned.workshop());
        assertThat(order.tasks()).isNotEmpty().allSatisfy(t -> {
            told(t.basis());
            boolean seen = t.about().equals("pearls") || t.kind() == sectorum.days.Task.Kind.COVER;
            assertThat(t.basis().source() == Basis.Source.OWN).as(t.name()).isEqualTo(seen);
            if (t.rest() != null) {
                told(t.rest().basis());
                assertThat(t.rest().estimate()).isEqualTo(t.rest().basis().source() == Basis.Source.PLAIN);
            }
        });
        worked.tiers().forEach(t -> t.dressings().forEach(w -> told(w.bases())));
        Workup.pieces(planned.plan(), Tiers.BENCH.by(own)).forEach(p -> told(p.bases()));
    }

    private static void told(Bases bases) {
        told(bases.time());
        told(bases.spares());
        told(bases.weight());
    }

    private static void told(Basis basis) {
        assertThat(basis.source()).isNotNull();
        switch (basis.source()) {
            case PLAIN -> assertThat(basis.off()).isPositive();
            case OWN, WEIGHED -> {
                assertThat(basis.jobs()).isPositive();
                assertThat(basis.off()).isPositive();
            }
            default -> assertThat(basis.jobs()).isZero();
        }
    }

    /** The plain table errs in one direction, so it adds up; jobs that were written down go now better, now worse. */
    @Test
    void carefulHoursAreMoreThanLikelyOnesAndLessSoWhereMoreIsKnown() {
        Planned plain = Planned.of();
        var days = plain.days();
        assertThat(days.careful()).isGreaterThan(days.left());
        List<OwnRate> all = new ArrayList<>();
        for (String technique : List.of("quilting", "pearls", "swag", "jabot")) {
            all.add(new OwnRate(RateKind.TIME, Subject.dressing(technique), 1, 10, 0.25));
        }
        StackWorkup worked = Workup.of(plain.plan(), Tiers.BENCH.by(new OwnRates(all)));
        var order = Workup.order(
                "plan-1", plain.plan(), worked, Workup.worktop(plain.plan(), worked, Stock.NONE), plain.workshop());
        var known = Workup.days(plain.plan(), order, List.of(), plain.workshop(), days(plain));
        assertThat(known.left()).isEqualTo(days.left());
        assertThat(known.careful()).isLessThan(days.careful());
    }

    private static long days(Planned planned) {
        return sectorum.days.Moments.of(planned.now(), planned.workshop().zone());
    }

    @ParameterizedTest
    @CsvSource({"TIME, 11", "TIME, 0", "BREAKAGE, 1", "DENSITY, 0.1", "DRYING, 20", "CHILLING, 0.5", "METRE, 9"})
    void ratesOutOfRangeAreRefusedByName(RateKind kind, double value) {
        assertThatThrownBy(() -> new OwnRate(kind, "dressing/pearls", value, 1, 0.1))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(kind.words());
        assertThatThrownBy(() -> rates(RateKind.TIME, "dressing/pearls", 1.1, RateKind.TIME, "dressing/pearls", 1.2))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("dressing/pearls");
    }
}
