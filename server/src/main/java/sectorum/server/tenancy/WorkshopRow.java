package sectorum.server.tenancy;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import sectorum.measure.Absent;

/** A workshop. */
@Entity
@Table(name = "workshop")
class WorkshopRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String name;

    @Absent
    private Double hour;

    private String coin;

    @Column(name = "printed_across_mm")
    private double printedAcross;

    @Column(name = "printed_down_mm")
    private double printedDown;

    private String zone;

    /** Days apart by semicolons, Monday first. */
    private String week;

    private int hands;

    @Absent
    private Integer fridge;

    @Absent
    private Integer freezer;

    @Absent
    private Double margin;

    @Column(name = "slice_wide_mm")
    private double sliceWide;

    @Column(name = "slice_deep_mm")
    private double sliceDeep;

    protected WorkshopRow() {}

    String name() {
        return name;
    }

    long id() {
        return id;
    }

    WorkshopSettings settings() {
        List<String> days = week.isEmpty() ? List.of() : List.of(week.split(";", -1));
        return new WorkshopSettings(
                hour,
                coin,
                printedAcross,
                printedDown,
                zone,
                days,
                hands,
                fridge,
                freezer,
                margin,
                sliceWide,
                sliceDeep);
    }

    void settle(WorkshopSettings settings) {
        hour = settings.hour();
        coin = settings.coin();
        printedAcross = settings.printedAcross();
        printedDown = settings.printedDown();
        zone = settings.zone();
        week = String.join(";", settings.week());
        hands = settings.hands();
        fridge = settings.fridge();
        freezer = settings.freezer();
        margin = settings.margin();
        sliceWide = settings.slice().wide();
        sliceDeep = settings.slice().deep();
    }
}
