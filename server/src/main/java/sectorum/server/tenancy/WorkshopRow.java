package sectorum.server.tenancy;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import sectorum.divide.Front;
import sectorum.divide.Preference;
import sectorum.measure.Absent;
import sectorum.plan.PlanDefaults;

/** A workshop. */
@Entity
@Table(name = "workshop")
public class WorkshopRow {
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

    @Absent
    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(8)")
    private Front front;

    @Absent
    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(8)")
    private Preference liked;

    @Absent
    private Double humidity;

    @Absent
    private Double celsius;

    @Absent
    private Double coat;

    @Absent
    private Double covering;

    @Absent
    @Column(name = "dress_first")
    private Boolean dressFirst;

    private boolean demo;

    @Column(name = "created_at")
    private Instant createdAt;

    protected WorkshopRow() {}

    /** A new workshop with what is usual. */
    public WorkshopRow(String name, boolean demo, Instant now) {
        this.name = name;
        this.demo = demo;
        this.createdAt = now;
        settle(WorkshopSettings.USUAL);
    }

    public String name() {
        return name;
    }

    public void call(String name) {
        this.name = name;
    }

    /** Whether all in it is made up, to look at. */
    public boolean isDemo() {
        return demo;
    }

    public void demo(boolean demo) {
        this.demo = demo;
    }

    public long id() {
        return id;
    }

    public WorkshopSettings settings() {
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
                sliceDeep,
                new PlanDefaults(front, liked, humidity, celsius, coat, covering, dressFirst));
    }

    final void settle(WorkshopSettings settings) {
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
        PlanDefaults plans = settings.plans();
        front = plans.front();
        liked = plans.liked();
        humidity = plans.humidity();
        celsius = plans.celsius();
        coat = plans.coat();
        covering = plans.covering();
        dressFirst = plans.dressFirst();
    }
}
