package sectorum.server.http;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.server.documents.PdfWriter;
import sectorum.template.Booklet;
import tools.jackson.databind.json.JsonMapper;

/** Writes a PDF while telling how far it is, a line of JSON for each sheet; whoever hangs up ends the work. */
@Component
class PackStream {
    private final JsonMapper json;

    PackStream(JsonMapper json) {
        this.json = json;
    }

    /** How far a pack is; the PDF in base 64 at the end. */
    record Packing(int done, int of, @Absent String pdf) {}

    ResponseEntity<StreamingResponseBody> of(String title, Booklet booklet, LengthUnit unit) {
        int sheets = booklet.sheets().size();
        StreamingResponseBody body = out -> {
            byte[] pdf = PdfWriter.write(title, booklet, unit, done -> tell(out, new Packing(done, sheets, null)));
            tell(out, new Packing(sheets, sheets, Base64.getEncoder().encodeToString(pdf)));
        };
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_NDJSON).body(body);
    }

    private void tell(OutputStream out, Packing packing) {
        try {
            out.write(json.writeValueAsBytes(packing));
            out.write('\n');
            out.flush();
        } catch (IOException gone) {
            throw new UncheckedIOException("Nobody waits for the pack any more", gone);
        }
    }
}
