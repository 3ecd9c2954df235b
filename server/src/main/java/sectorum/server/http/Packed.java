package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Packs large answers that leave this machine: 120 kB of workup become 35, which a workshop's radio feels. On loopback
 * packing takes longer than sending, which only the opening of a plan can spare: it comes once, and a line beyond loopback
 * may stand between.
 */
@Component
@Order(20)
class Packed extends OncePerRequestFilter {
    /** What a screen shows first. */
    static final String OPENED = "/api/plans/{id}/opened";

    private static final int LEAST_BYTES = 20 * 1024;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String accepts = request.getHeader(HttpHeaders.ACCEPT_ENCODING);
        // A pack tells line by line how far it is: held back, it would tell nothing.
        boolean told = request.getRequestURI().equals("/api/templates/pack");
        return accepts == null
                || !accepts.contains("gzip")
                || !request.getRequestURI().startsWith("/api/")
                || told
                || (isHere(request.getRemoteAddr()) && !request.getRequestURI().endsWith("/opened"));
    }

    private static boolean isHere(String address) {
        // An address, never a name: nothing is looked up.
        return address.startsWith("127.") || address.equals("0:0:0:0:0:0:0:1") || address.equals("::1");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ContentCachingResponseWrapper held = new ContentCachingResponseWrapper(response);
        chain.doFilter(request, held);
        String type = held.getContentType();
        if (held.getContentSize() < LEAST_BYTES || type == null || !type.contains("json")) {
            held.copyBodyToResponse();
            return;
        }
        ByteArrayOutputStream packed = new ByteArrayOutputStream(held.getContentSize() / 3);
        try (GZIPOutputStream gzip = new Quick(packed)) {
            gzip.write(held.getContentAsByteArray());
        }
        response.setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
        response.addHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
        response.setContentLength(packed.size());
        packed.writeTo(response.getOutputStream());
    }

    /** Level 1: most of the gain for a tenth of the time. */
    private static final class Quick extends GZIPOutputStream {
        Quick(ByteArrayOutputStream to) throws IOException {
            super(to);
            def.setLevel(Deflater.BEST_SPEED);
        }
    }
}
