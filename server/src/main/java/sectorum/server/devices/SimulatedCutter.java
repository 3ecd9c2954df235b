package sectorum.server.devices;

import sectorum.device.CutJob;
import sectorum.measure.Absent;

/** Cuts in time, and tears its sheet where it is told to. */
final class SimulatedCutter implements CuttingMachine {
    @Absent
    private CutJob job;

    private String title = "";
    private State state = State.IDLE;
    /** Seconds of the job that were over at {@link #at}. */
    private double over;

    private long at;
    private boolean tears;
    private double tearsAt;

    @Override
    public String id() {
        return "cutter";
    }

    @Override
    public String name() {
        return "Cutting machine";
    }

    /** The next sheet tears somewhere in the middle. */
    synchronized void tear() {
        tears = true;
    }

    @Override
    public synchronized void begin(CutJob next, String called, long ms) {
        job = next;
        title = called;
        over = 0;
        at = ms;
        state = State.RUNS;
        tearsAt = tears ? next.seconds() * 0.55 : Double.MAX_VALUE;
        tears = false;
    }

    @Override
    public synchronized void pause(long ms) {
        go(ms);
        if (state == State.RUNS) {
            state = State.PAUSED;
        }
    }

    @Override
    public synchronized void resume(long ms) {
        go(ms);
        if (state == State.TORN && job != null) {
            // A new sheet lies there: what was not finished is begun again, what is finished is on the old one.
            over = job.begins(job.at(over).stroke());
            tearsAt = Double.MAX_VALUE;
        }
        if (state == State.TORN || state == State.PAUSED) {
            state = State.RUNS;
            at = ms;
        }
    }

    private void go(long ms) {
        if (state != State.RUNS || job == null) {
            return;
        }
        over += Math.max(0, (ms - at) / 1000.0);
        at = ms;
        if (over >= tearsAt) {
            over = tearsAt;
            state = State.TORN;
        } else if (over >= job.seconds()) {
            over = job.seconds();
            state = State.DONE;
        }
    }

    @Override
    public synchronized Status status(long ms) {
        go(ms);
        return new Status(state, job, title, over);
    }
}
