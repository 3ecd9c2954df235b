package sectorum.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import sectorum.measure.Absent;

/**
 * Takes a request's body whole before anything works on it: within a time, and only so many at once, so that hundreds of
 * bodies that drip in can neither hold every thread nor fill the memory. What is read without a body always gets through.
 */
@Component
@Order(10)
class Bodies extends OncePerRequestFilter {
    /** A plan of eight tiers is some 50 kB; a hundred times that is no plan. */
    static final long MOST_BYTES = 4L * 1024 * 1024;
    /** A photograph as a telephone takes it. */
    static final long MOST_PICTURE_BYTES = 24L * 1024 * 1024;

    /** A drawing as programs write it, with room over what is read, so that the answer tells its limit. */
    static final long MOST_DRAWING_BYTES = 8L * 1024 * 1024;

    /** A body may take so long at the least, and at this pace. */
    private static final long PATIENCE_MS = 4000;

    private static final long SLOWEST_BYTES_PER_MS = 32;
    /** Bodies are let in while their blocks are free: 64 MB, or 51 small ones, an eighth of the threads there are. */
    private static final int BLOCK = 64 * 1024;

    private static final int BLOCKS = 1024;
    private static final int LEAST_BLOCKS = 20;
    private static final long WAITS_MS = 7000;
    /** Each that waits holds a thread, too. */
    private static final int WAITING = 40;

    /** Of one session so many bodies are waited for at once: whoever drips many in waits for themselves. */
    private static final int OF_ONE = 12;

    private final Semaphore blocks = new Semaphore(BLOCKS);
    private final OfEach ones = new OfEach(OF_ONE, WAITING, WAITS_MS);
    private final Told told;

    Bodies(Told told) {
        this.told = told;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long length = request.getContentLengthLong();
        long most = most(request.getRequestURI());
        boolean unknown = request.getHeader("Transfer-Encoding") != null;
        if (unknown || length > most) {
            told.answer(
                    response,
                    unknown ? HttpStatus.LENGTH_REQUIRED : HttpStatus.CONTENT_TOO_LARGE,
                    "too-large",
                    "Too large",
                    "What was sent is over " + most / 1024 / 1024 + " MB or of no stated size; choose a smaller file.");
            return;
        }
        if (length <= 0 || request.getRequestURI().equals(ArchiveController.PATH)) {
            // An archive goes to the disk as it comes, at its own pace and past a bound of its own.
            chain.doFilter(request, response);
            return;
        }
        if (request.getInputStream().available() >= length) {
            // All of it came with its head: nobody waits for anything.
            chain.doFilter(new Whole(request, request.getInputStream().readNBytes((int) length)), response);
            return;
        }
        byte[] body = waitedFor(request, response, (int) length);
        if (body == null) {
            return;
        }
        if (body.length < length) {
            slow(response);
            return;
        }
        chain.doFilter(new Whole(request, body), response);
    }

    private static long most(String path) {
        if (path.equals(ArchiveController.PATH)) {
            return Long.MAX_VALUE;
        }
        return path.endsWith("/pictures")
                ? MOST_PICTURE_BYTES
                : path.endsWith("/art/drawing") ? MOST_DRAWING_BYTES : MOST_BYTES;
    }

    /** The body, with its turn waited for; none where it was told why. */
    @Absent
    private byte[] waitedFor(HttpServletRequest request, HttpServletResponse response, int length) throws IOException {
        HttpSession session = request.getSession(false);
        String who = session == null ? request.getRemoteAddr() : session.getId();
        if (!ones.enter(who)) {
            told.busy(response);
            return null;
        }
        int taken = Math.max(LEAST_BLOCKS, (length + BLOCK - 1) / BLOCK);
        try {
            if (!OfEach.isLetIn(blocks, taken, WAITING, WAITS_MS)) {
                told.busy(response);
                return null;
            }
            try {
                return read(request, length);
            } catch (SocketTimeoutException slow) {
                slow(response);
                return null;
            } finally {
                blocks.release(taken);
            }
        } finally {
            ones.leave(who);
        }
    }

    /** As far as it came; shorter than stated where the time was over. */
    private static byte[] read(HttpServletRequest request, int length) throws IOException {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(PATIENCE_MS + length / SLOWEST_BYTES_PER_MS);
        byte[] body = new byte[length];
        InputStream in = request.getInputStream();
        int at = 0;
        while (at < length && System.nanoTime() < until) {
            int got = in.read(body, at, length - at);
            if (got < 0) {
                break;
            }
            at += got;
        }
        return at == length ? body : java.util.Arrays.copyOf(body, at);
    }

    private void slow(HttpServletResponse response) throws IOException {
        response.setHeader("Connection", "close");
        told.answer(
                response,
                HttpStatus.REQUEST_TIMEOUT,
                "slow",
                "Too slow",
                "What was sent did not arrive in time, so nothing was changed. Send it again.");
    }

    /** A request whose body has arrived. */
    private static final class Whole extends HttpServletRequestWrapper {
        private final byte[] body;

        Whole(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] to, int from, int many) {
                    return in.read(to, from, many);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("The body is here already; nobody has to be called");
                }
            };
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }
}
