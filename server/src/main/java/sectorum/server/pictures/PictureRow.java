package sectorum.server.pictures;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** A reference picture of a plan. */
@Entity
@Table(name = "picture")
@SuppressWarnings("UnusedVariable") // columns that only queries read
class PictureRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "workshop_id")
    private long workshopId;

    @Column(name = "plan_id")
    private long planId;

    private String caption;
    private int width;
    private int height;

    @Lob
    @Column(columnDefinition = "longblob")
    private byte[] bytes;

    @Column(name = "added_at")
    private Instant addedAt;

    protected PictureRow() {}

    PictureRow(long workshopId, long planId, String caption, Developed developed, Instant now) {
        this.workshopId = workshopId;
        this.planId = planId;
        this.caption = caption;
        this.width = developed.width();
        this.height = developed.height();
        this.bytes = developed.jpeg();
        this.addedAt = now;
    }

    Picture picture() {
        return new Picture(id, caption, width, height);
    }

    byte[] bytes() {
        return bytes;
    }
}
