package sectorum.server.devices;

import sectorum.device.CutJob;
import sectorum.measure.Absent;

/** A machine that cuts and draws what a file says. */
public interface CuttingMachine {
    String id();

    String name();

    /** How it stands. */
    enum State {
        IDLE,
        RUNS,
        PAUSED,
        /** The sheet tore: it waits for a new one. */
        TORN,
        DONE
    }

    /**
     * @param job what it works at; absent: nothing
     * @param seconds of the job that are over
     */
    record Status(State state, @Absent CutJob job, String title, double seconds) {}

    /** Takes a job and begins it. */
    void begin(CutJob job, String title, long ms);

    void pause(long ms);

    /** Goes on where it stopped; after a tear with the stroke that was not finished. */
    void resume(long ms);

    Status status(long ms);
}
