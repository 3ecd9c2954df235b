package sectorum.server.devices;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import sectorum.measure.Absent;

/** A scale on a serial line that writes a line for each reading, such as {@code + 123.4 g S}, and takes a T for tare. */
final class ExampleScale implements Scale {
    private final OutputStream out;
    private volatile String last = "";
    private volatile boolean open = true;

    ExampleScale(InputStream in, OutputStream out) {
        this.out = out;
        Thread reader = new Thread(() -> listen(in), "scale");
        reader.setDaemon(true);
        reader.start();
    }

    private void listen(InputStream in) {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.US_ASCII))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                last = line;
            }
        } catch (IOException gone) {
            // told by say: nothing comes any more
        }
        open = false;
    }

    @Override
    public String id() {
        return "scale";
    }

    @Override
    public String name() {
        return "Scale at the window";
    }

    @Override
    @Absent
    public String say(long ms) {
        if (!open) {
            return null;
        }
        String[] parts = last.strip().split("\\s+");
        // Its own words into ours: settled or not, the number with its sign, the unit.
        return parts.length == 4 ? (parts[3].equals("S") ? "ST " : "US ") + parts[0] + parts[1] + " " + parts[2] : last;
    }

    @Override
    public void tare(long ms) {
        try {
            out.write("T\r\n".getBytes(StandardCharsets.US_ASCII));
            out.flush();
        } catch (IOException gone) {
            open = false;
        }
    }
}
