package sectorum.server.turn;

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

    protected WorkshopRow() {}

    String name() {
        return name;
    }

    long id() {
        return id;
    }

    House house() {
        List<String> days = week.isEmpty() ? List.of() : List.of(week.split(";", -1));
        return new House(hour, coin, printedAcross, printedDown, zone, days, hands, fridge, freezer);
    }

    void settle(House house) {
        hour = house.hour();
        coin = house.coin();
        printedAcross = house.printedAcross();
        printedDown = house.printedDown();
        zone = house.zone();
        week = String.join(";", house.week());
        hands = house.hands();
        fridge = house.fridge();
        freezer = house.freezer();
    }
}
