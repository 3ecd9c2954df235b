package sectorum.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stands at the door and gives out what a device is told to trust. Whoever comes through it signs in or has a link, as at the
 * usual address; what it never gives is a way in without either.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class DoorKeeper extends OncePerRequestFilter {
    private final DoorSettings door;

    DoorKeeper(DoorSettings door) {
        this.door = door;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !door.stands() || request.getLocalPort() != door.port();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getRequestURI().equals(Door.AUTHORITY)) {
            response.setContentType("application/x-x509-ca-cert");
            response.getOutputStream().write(Files.readAllBytes(door.keys().resolve("authority.crt")));
        } else {
            chain.doFilter(request, response);
        }
    }
}
