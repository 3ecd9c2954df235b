package sectorum.material;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.measure.Absent;

/** Gathers the row of a material; see {@link Material}. */
final class MaterialRow {
    record Part(String key, double share) {}

    final String words;
    final Material.Shaping shaping;
    final double density;
    final List<Part> mixed = new ArrayList<>();
    final List<Material.SheetSize> sheets = new ArrayList<>();
    List<Adhesive> schools = List.of();

    @Absent
    Adhesive on;

    List<String> allergens = List.of();
    Set<Medium> shuns = Set.of();
    Spare spare = Spare.USUAL;
    Powder powder = Powder.NONE;
    double dryingHours = Double.NaN;
    double strewn;
    double speck;
    boolean dusty;
    double coatRests;

    @Absent
    Material.Setting setting;

    boolean sized;
    boolean hard;
    boolean firm;
    boolean hot;
    boolean deepens;
    boolean coats;
    boolean fills;
    boolean soft;

    MaterialRow(String words, Material.Shaping shaping, double density) {
        this.words = words;
        this.shaping = shaping;
        this.density = density;
    }

    MaterialRow stuck(Adhesive... with) {
        schools = List.of(with);
        return this;
    }

    MaterialRow on(Adhesive with) {
        on = with;
        return this;
    }

    MaterialRow brings(String... these) {
        allergens = List.of(these);
        return this;
    }

    MaterialRow shuns(Medium... these) {
        shuns = Set.of(these);
        return this;
    }

    MaterialRow sized() {
        sized = true;
        return this;
    }

    MaterialRow hard() {
        hard = true;
        return this;
    }

    MaterialRow fragile() {
        spare = Spare.FRAGILE;
        return this;
    }

    MaterialRow dries(double hours) {
        dryingHours = hours;
        return this;
    }

    MaterialRow staysFirm() {
        firm = true;
        return this;
    }

    MaterialRow sets(int likely, int least) {
        setting = new Material.Setting(likely, least);
        return this;
    }

    MaterialRow hot() {
        hot = true;
        return this;
    }

    MaterialRow coatRests(double hours) {
        coatRests = hours;
        return this;
    }

    MaterialRow coats() {
        coats = true;
        return this;
    }

    MaterialRow fills() {
        fills = true;
        return this;
    }

    /** It holds no form: it is spread between layers, or sticks. */
    MaterialRow soft() {
        soft = true;
        return this;
    }

    MaterialRow deepens() {
        deepens = true;
        return this;
    }

    MaterialRow powder(Powder with) {
        powder = with;
        return this;
    }

    MaterialRow mixed(String key, double share) {
        mixed.add(new Part(key, share));
        return this;
    }

    MaterialRow dusty() {
        dusty = true;
        return this;
    }

    MaterialRow covers(double grams, double across) {
        strewn = grams;
        speck = across;
        return this;
    }

    MaterialRow sheet(String name, double width, double length) {
        sheets.add(new Material.SheetSize(name, width, length));
        return this;
    }
}
