package sectorum.server.people;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.audit.Audit;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.WorkshopRow;

/** Every way to come in. What each gives back is the person who is in now; its session is made where the request is. */
@Service
public class SignIn {
    private static final Pattern SIGN_IN = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}._@+-]{2,59}");
    private static final int MOST_NAME = 60;
    private static final String WRONG =
            "That name and password do not belong together. Try again, or let an owner of your workshop give you a code.";
    private static final String NO_CODE =
            "This code is unknown, used up or too old. Let an owner of the workshop make another.";

    private final Register register;
    private final CodeRepository codes;
    private final Passwords passwords;
    private final Attempts attempts;
    private final Sessions sessions;
    private final Audit audit;
    private final Clock clock;
    private final boolean open;

    SignIn(
            Register register,
            CodeRepository codes,
            Passwords passwords,
            Attempts attempts,
            Sessions sessions,
            Audit audit,
            Clock clock,
            @Value("${sectorum.open}") boolean open) {
        this.register = register;
        this.codes = codes;
        this.passwords = passwords;
        this.attempts = attempts;
        this.sessions = sessions;
        this.audit = audit;
        this.clock = clock;
        this.open = open;
    }

    /** Somebody who makes an account. @param name as others see it @param signIn as it is typed to sign in */
    public record Account(
            String name, String signIn, @Absent String password) {}

    /**
     * What a first page offers.
     *
     * @param first whether nobody has made a workshop here yet
     * @param enter whether there is a workshop that whoever is at this machine may enter
     * @param demo whether that one is made up, to look at
     * @param open whether anybody may begin a workshop here
     */
    public record Welcome(boolean first, boolean enter, boolean demo, boolean open) {}

    /** @param near whether whoever asks is at this machine itself */
    public Welcome welcome(boolean near) {
        boolean claimed = register.isAnyClaimed();
        WorkshopRow workshop = near
                ? register.unclaimed()
                        .map(p -> register.workshop(p.workshopId()))
                        .orElse(null)
                : null;
        return new Welcome(
                !claimed && near, workshop != null, workshop != null && workshop.isDemo(), open || (!claimed && near));
    }

    /** The workshop that nobody has made theirs yet, for whoever is at this machine. */
    public PersonRow enter(boolean near) {
        return (near ? register.unclaimed() : java.util.Optional.<PersonRow>empty())
                .orElseThrow(
                        () -> new Denied(
                                Denied.Why.NOT_YOURS,
                                "There is no workshop here that is entered without a password. Sign in, or ask for an invitation."));
    }

    /** A new workshop and its owner. */
    @Transactional
    public PersonRow begin(String workshop, Account account, boolean near, String address) {
        if (!welcome(near).open()) {
            throw new Denied(
                    Denied.Why.NOT_YOURS, "No new workshop is begun here. Ask an owner for an invitation to theirs.");
        }
        attempts.oneMoreFrom(address);
        WorkshopRow row = register.keep(new WorkshopRow(named("workshop", workshop), false, now()));
        PersonRow owner = new PersonRow(row.id(), named("name", account.name()), Role.OWNER, now());
        claim(owner, account, row.name());
        audit.tell(row.id(), owner.name(), Audit.Kind.PEOPLE, "Began the workshop " + row.name());
        return owner;
    }

    /** By name and password. */
    @Transactional
    public PersonRow withPassword(@Absent String typed, @Absent String password, String address) {
        String name = typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
        attempts.oneMore(name, address);
        PersonRow person = register.signingIn(name).orElse(null);
        if (!passwords.fits(password, person == null ? null : person.password())) {
            throw new Denied(Denied.Why.UNKNOWN, WRONG);
        }
        attempts.right(name);
        audit.tell(person.workshopId(), person.name(), Audit.Kind.SIGN_IN, "Signed in");
        return person;
    }

    /** With an invitation. */
    @Transactional
    public PersonRow join(@Absent String code, Account account, String address) {
        CodeRow invitation = taken(code, CodeRow.Kind.INVITE, address);
        WorkshopRow workshop = register.workshop(invitation.workshopId());
        PersonRow person = new PersonRow(workshop.id(), named("name", account.name()), invitation.role(), now());
        claim(person, account, workshop.name());
        audit.tell(workshop.id(), person.name(), Audit.Kind.PEOPLE, "Joined, invited as " + words(invitation.role()));
        return person;
    }

    /** What an invitation says before it is used. */
    public record Invited(String workshop, String name, Role role) {}

    public Invited invited(@Absent String code, String address) {
        attempts.oneMoreFrom(address);
        CodeRow found = codes.valid(Secrets.hash(Secrets.typed(code == null ? "" : code)), CodeRow.Kind.INVITE, now())
                .orElseThrow(() -> new Denied(Denied.Why.GONE, NO_CODE));
        return new Invited(register.workshop(found.workshopId()).name(), found.name(), found.role());
    }

    /** With a code in place of a password that was forgotten: the new one holds from now on, and nothing else stays signed in. */
    @Transactional
    public PersonRow reset(@Absent String code, @Absent String signIn, @Absent String password, String address) {
        CodeRow reset = taken(code, CodeRow.Kind.RESET, address);
        PersonRow person = register.person(reset.person()).orElseThrow(() -> new Denied(Denied.Why.GONE, NO_CODE));
        String name = person.signIn() == null ? free(signIn) : person.signIn();
        String workshop = register.workshop(person.workshopId()).name();
        person.signsIn(name, passwords.kept(password, List.of(name, person.name(), workshop)), now());
        register.keep(person);
        sessions.endAll(person.id(), null);
        attempts.right(name);
        audit.tell(person.workshopId(), person.name(), Audit.Kind.PEOPLE, "Set a new password with a code");
        return person;
    }

    /** One's own password, known the one before; everything else that is signed in is signed out. @param session stays */
    @Transactional
    public void change(PersonRow person, Account account, @Absent String old, String session, String address) {
        if (person.password() != null) {
            attempts.oneMore(person.signIn(), address);
            if (!passwords.fits(old, person.password())) {
                throw new Refused(
                        "old", Phrase.of("That is not the password so far. Type the one you signed in with."));
            }
            attempts.right(person.signIn());
        }
        WorkshopRow workshop = register.workshop(person.workshopId());
        claim(person, account, workshop.name());
        sessions.endAll(person.id(), session);
        audit.tell(person.workshopId(), person.name(), Audit.Kind.PEOPLE, "Changed their password");
    }

    @Transactional
    public void rename(PersonRow person, @Absent String name) {
        person.call(named("name", name));
        register.keep(person);
    }

    private CodeRow taken(@Absent String code, CodeRow.Kind kind, String address) {
        attempts.oneMoreFrom(address);
        CodeRow found = codes.valid(Secrets.hash(Secrets.typed(code == null ? "" : code)), kind, now())
                .filter(c -> codes.take(c.id()) == 1)
                .orElseThrow(() -> new Denied(Denied.Why.GONE, NO_CODE));
        return found;
    }

    private void claim(PersonRow person, Account account, String workshop) {
        String wanted = account.signIn() == null ? "" : account.signIn().strip().toLowerCase(Locale.ROOT);
        String name = wanted.equals(person.signIn()) ? wanted : free(wanted);
        person.call(named("name", account.name()));
        person.signsIn(name, passwords.kept(account.password(), List.of(name, person.name(), workshop)), now());
        register.keep(person);
    }

    /** The name to sign in with, in one form, where nobody has it. */
    private String free(@Absent String typed) {
        String name = typed == null ? "" : typed.strip().toLowerCase(Locale.ROOT);
        if (!SIGN_IN.matcher(name).matches()) {
            throw new Refused(
                    "signIn",
                    Phrase.of(
                            "\"{}\" is no name to sign in with. Take 3 to 60 letters, figures and . _ - @ +, without spaces.",
                            Quantity.text(name.length() > 80 ? name.substring(0, 80) : name)));
        }
        if (register.signingIn(name).isPresent()) {
            throw new Refused(
                    "signIn",
                    Phrase.of("Somebody signs in as \"{}\" already. Take another name.", Quantity.text(name)));
        }
        return name;
    }

    /** A name as it is shown. */
    static String named(String field, @Absent String typed) {
        String name = typed == null ? "" : typed.strip().replaceAll("\\s+", " ");
        if (name.isEmpty() || name.length() > MOST_NAME || name.chars().anyMatch(Character::isISOControl)) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "A name of {} letters cannot be shown. Write 1 to {}.",
                            Quantity.count(name.length()),
                            Quantity.count(MOST_NAME)));
        }
        return name;
    }

    static String words(@Absent Role role) {
        return role == null ? "" : role.name().toLowerCase(Locale.ROOT);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
