package sectorum.server.http;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import org.springframework.http.HttpMethod;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.authorization.AuthorizationResult;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;
import sectorum.measure.Absent;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Who;

/**
 * Who may ask what, in one table. What is not in it is an owner's and a decorator's to change and everybody's of the workshop to
 * read, so that a new route is shut before anybody thinks of it.
 */
@Component
class Rights implements AuthorizationManager<RequestAuthorizationContext> {
    /** Whoever asks; who they are is found out by it. */
    private static final List<Rule> ANYBODY = rules("""
            GET  /api/here
            GET  /api/welcome
            POST /api/enter
            POST /api/begin
            POST /api/sign-in
            POST /api/sign-out
            POST /api/invited
            POST /api/join
            POST /api/reset
            GET  /api/shared
            GET  /api/shared/**
            """);

    private static final List<Rule> OWNER = rules("""
            *    /api/people
            *    /api/people/**
            GET  /api/audit
            PUT  /api/workshop
            GET  /api/archive
            POST /api/plans/demo
            """);

    /** Ticking, timing, counting, noting. */
    private static final List<Rule> HELPER = rules("""
            PUT  /api/plans/*
            POST /api/plans/*/journal
            POST /api/plans/*/pictures
            POST /api/cupboard/take
            POST /api/notebook/measured
            POST /api/notebook/answers
            POST /api/devices/*/tare
            POST /api/devices/*/put
            POST /api/devices/printer
            POST /api/practice/judge
            """);

    /** Questions that change nothing, and what is everybody's own. */
    private static final List<Rule> READER = rules("""
            POST /api/workup
            POST /api/next-tier
            POST /api/ways
            POST /api/rescue
            POST /api/refit
            POST /api/tray
            POST /api/pieces
            POST /api/pieces/tray
            POST /api/build
            POST /api/worktop
            POST /api/worktop/**
            POST /api/quicker
            POST /api/lay-out
            POST /api/price
            POST /api/client
            POST /api/client/pdf
            POST /api/handover
            POST /api/handover/pdf
            POST /api/steps
            POST /api/days
            POST /api/days/**
            POST /api/booklet
            POST /api/templates/**
            POST /api/turntable/**
            POST /api/recipes/tried
            POST /api/swatches/reach
            POST /api/swatches/shades
            POST /api/changes
            POST /api/differing
            POST /api/reckoning
            POST /api/plans/*/presence
            PUT  /api/preferences
            PUT  /api/account
            PUT  /api/account/password
            DELETE /api/account/devices/*
            DELETE /api/account/devices
            """);

    /** What the turntable of one plan asks, which is all that a link to it opens; {@code {plan}} is that plan. */
    private static final String TURNTABLE = """
            GET  /api/plans/{plan}
            PUT  /api/plans/{plan}
            GET  /api/plans/{plan}/opened
            GET  /api/plans/{plan}/live
            GET  /api/plans/{plan}/journal
            POST /api/plans/{plan}/journal
            POST /api/plans/{plan}/presence
            GET  /api/plans/{plan}/pictures
            POST /api/plans/{plan}/pictures
            POST /api/turntable/**
            POST /api/workup
            POST /api/next-tier
            POST /api/rescue
            POST /api/ways
            POST /api/tray
            POST /api/build
            POST /api/pieces
            POST /api/pieces/tray
            GET  /api/preferences
            GET  /api/bench
            GET  /api/catalogue
            GET  /api/length
            GET  /api/names
            """;

    /** A method, any where it is a star, and a pattern of paths. */
    private record Rule(@Absent HttpMethod method, Pattern path) {
        boolean fits(String asked, String at) {
            return (method == null || method.matches(asked)) && path.matcher(at).matches();
        }
    }

    private static List<Rule> rules(String lines) {
        return lines.lines()
                .map(line -> line.strip().split(" +"))
                .map(part -> new Rule(
                        part[0].equals("*") ? null : HttpMethod.valueOf(part[0]),
                        Pattern.compile(part[1].replace("**", ".+").replaceAll("(?<!\\.)\\*", "[^/]+"))))
                .toList();
    }

    private static boolean isIn(List<Rule> rules, String method, String path) {
        return rules.stream().anyMatch(r -> r.fits(method, path));
    }

    /** What somebody has to be to ask this; none: anybody may. */
    static Optional<Role> needed(String method, String path) {
        String asked = method.equals("HEAD") ? "GET" : method;
        if (isIn(ANYBODY, asked, path)) {
            return Optional.empty();
        }
        if (isIn(OWNER, asked, path)) {
            return Optional.of(Role.OWNER);
        }
        if (isIn(HELPER, asked, path)) {
            return Optional.of(Role.HELPER);
        }
        boolean reads = asked.equals("GET") || isIn(READER, asked, path);
        return Optional.of(reads ? Role.READER : Role.DECORATOR);
    }

    /** Whether somebody may ask this. */
    static boolean may(Who who, String method, String path) {
        String asked = method.equals("HEAD") ? "GET" : method;
        Optional<Role> needed = needed(method, path);
        if (who.plan() != null) {
            return needed.isEmpty() || isIn(rules(TURNTABLE.replace("{plan}", "" + who.plan())), asked, path);
        }
        return needed.isEmpty() || who.role().may(needed.get());
    }

    @Override
    public AuthorizationResult authorize(Supplier<? extends Authentication> asking, RequestAuthorizationContext at) {
        String method = at.getRequest().getMethod();
        // As it is read when a handler is looked for: an escaped letter is that letter.
        String path = at.getRequest().getServletPath();
        if (needed(method, path).isEmpty()) {
            return new AuthorizationDecision(true);
        }
        Authentication known = asking.get();
        return new AuthorizationDecision(
                known != null && known.getPrincipal() instanceof Who who && may(who, method, path));
    }
}
