package sectorum.server.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Absent;
import sectorum.server.people.Sessions;
import sectorum.server.people.SignIn;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Tenancy;

/** Coming in, going out, and one's own account. */
@RestController
@RequestMapping("/api")
class SignInController {
    /** On one's own machine with nobody else in the workshop. */
    private static final Duration ALONE = Duration.ofDays(400);

    private static final Duration STAYS = Duration.ofDays(30);
    private static final Duration A_DAY = Duration.ofHours(12);
    private static final Set<String> NEAR = Set.of("127.0.0.1", "localhost", "[::1]", "::1", "0:0:0:0:0:0:0:1");

    private final SignIn signIn;
    private final Sessions sessions;
    private final Tenancy tenancy;
    private final Register register;

    SignInController(SignIn signIn, Sessions sessions, Tenancy tenancy, Register register) {
        this.signIn = signIn;
        this.sessions = sessions;
        this.tenancy = tenancy;
        this.register = register;
    }

    /** @param stay whether this browser stays signed in when it is closed */
    record SignInTyped(@Absent String signIn, @Absent String password, boolean stay) {}

    /** A first owner and the workshop. */
    record Beginning(
            String workshop,
            String name,
            String signIn,
            @Absent String password) {}

    /** @param code as it was read out or came in a link */
    record Joining(
            @Absent String code,
            @Absent String name,
            @Absent String signIn,
            @Absent String password) {}

    /** What is in an account, to be changed. @param old the password so far; absent where there is none yet */
    record AccountChange(
            String name,
            String signIn,
            @Absent String password,
            @Absent String old) {}

    record AccountName(String name) {}

    /** One's own account. @param signIn absent: there is none; whoever is at this machine is this person */
    record AccountView(String name, @Absent String signIn, List<Sessions.SignedIn> devices) {}

    @GetMapping("/welcome")
    SignIn.Welcome welcome(HttpServletRequest request) {
        return signIn.welcome(isNear(request));
    }

    @PostMapping("/enter")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void enter(HttpServletRequest request) {
        in(signIn.enter(isNear(request)), true, request);
    }

    @PostMapping("/begin")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(@RequestBody Beginning asked, HttpServletRequest request) {
        SignIn.Account account = new SignIn.Account(asked.name(), asked.signIn(), asked.password());
        in(signIn.begin(asked.workshop(), account, isNear(request), request.getRemoteAddr()), true, request);
    }

    @PostMapping("/sign-in")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signIn(@RequestBody SignInTyped asked, HttpServletRequest request) {
        in(signIn.withPassword(asked.signIn(), asked.password(), request.getRemoteAddr()), asked.stay(), request);
    }

    @PostMapping("/invited")
    SignIn.Invited invited(@RequestBody Joining asked, HttpServletRequest request) {
        return signIn.invited(asked.code(), request.getRemoteAddr());
    }

    @PostMapping("/join")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void join(@RequestBody Joining asked, HttpServletRequest request) {
        SignIn.Account account = new SignIn.Account(asked.name(), asked.signIn(), asked.password());
        in(signIn.join(asked.code(), account, request.getRemoteAddr()), true, request);
    }

    @PostMapping("/reset")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void reset(@RequestBody Joining asked, HttpServletRequest request) {
        in(signIn.reset(asked.code(), asked.signIn(), asked.password(), request.getRemoteAddr()), true, request);
    }

    @PostMapping("/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }

    @GetMapping("/account")
    AccountView account(HttpServletRequest request) {
        PersonRow me = tenancy.person();
        return new AccountView(me.name(), me.signIn(), sessions.of(me.id(), here(request)));
    }

    /** How one is called. */
    @PutMapping("/account")
    AccountView rename(@RequestBody AccountName name, HttpServletRequest request) {
        signIn.rename(tenancy.person(), name.name());
        return account(request);
    }

    /** The first password makes the workshop one's own; each signs out everything else. */
    @PutMapping("/account/password")
    AccountView change(@RequestBody AccountChange asked, HttpServletRequest request) {
        signIn.change(
                tenancy.person(),
                new SignIn.Account(asked.name(), asked.signIn(), asked.password()),
                asked.old(),
                here(request),
                request.getRemoteAddr());
        return account(request);
    }

    @DeleteMapping("/account/devices/{id}")
    AccountView end(@PathVariable String id, HttpServletRequest request) {
        sessions.end(Tenancy.who().person(), id);
        return account(request);
    }

    /** Signed out everywhere, here too. */
    @DeleteMapping("/account/devices")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endAll(HttpServletRequest request) {
        sessions.endAll(Tenancy.who().person(), null);
        signOut(request);
    }

    private static String here(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? "" : session.getId();
    }

    /** A new session for this person; whatever was there before is gone, so that nobody can have given it to them. */
    private void in(PersonRow person, boolean stay, HttpServletRequest request) {
        signOut(request);
        if (stay) {
            request.setAttribute(Security.STAYS, Boolean.TRUE);
        }
        boolean alone = register.people(person.workshopId()).size() == 1;
        HttpSession session = request.getSession(true);
        Duration lasts = !stay ? A_DAY : alone && isNear(request) ? ALONE : STAYS;
        session.setMaxInactiveInterval((int) lasts.toSeconds());
        session.setAttribute(Sessions.PERSON, String.valueOf(person.id()));
        session.setAttribute(FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, String.valueOf(person.id()));
        session.setAttribute(Sessions.DEVICE, Agents.words(request.getHeader("User-Agent")));
    }

    /** Whether whoever asks sits at this machine and came to it directly: not through a door, a proxy or another name. */
    static boolean isNear(HttpServletRequest request) {
        return NEAR.contains(request.getRemoteAddr())
                && NEAR.contains(request.getServerName())
                && !request.isSecure()
                && request.getHeader("Forwarded") == null
                && request.getHeader("X-Forwarded-For") == null;
    }
}
