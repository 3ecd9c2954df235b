package sectorum.server.archive;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.measure.Absent;
import sectorum.server.tenancy.PersonRow;
import sectorum.server.tenancy.Preferences;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopRow;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * All workshops of a machine as one file, with who signs in to them; and back. Restoring puts what is in the file in the place of all
 * that is there, in one transaction: after a fault in the middle everything is as it was.
 */
@Service
public class MachineBackup {
    static final String FORMAT = "sectorum-backup";
    private static final String ACCOUNTS = "accounts.json";

    private final Archives archives;
    private final Register register;
    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final TransactionTemplate together;

    MachineBackup(
            Archives archives, Register register, JdbcClient jdbc, JsonMapper json, TransactionTemplate together) {
        this.archives = archives;
        this.register = register;
        this.jdbc = jdbc;
        this.json = json;
        this.together = together;
    }

    /** @param password as it hashes; whoever has the file can guess at it, so that the file is kept like a key */
    record SavedAccount(
            String name,
            Role role,
            Preferences preferences,
            @Absent String signIn,
            @Absent String password) {}

    /** @param file beside this one: an archive */
    record SavedWorkshop(String name, boolean demo, String file, List<SavedAccount> people) {}

    record Accounts(String format, int version, List<SavedWorkshop> workshops) {}

    /** Writes the file beside its place and puts it there when it is whole. */
    public void write(Path file) {
        Path beside = file.resolveSibling(file.getFileName() + ".part");
        try {
            Path parent = file.toAbsolutePath().getParent();
            if (parent != null) {
                Files.createDirectories(parent);
            }
            try (OutputStream out = Files.newOutputStream(beside);
                    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                write(zip);
            }
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private void write(ZipOutputStream zip) throws IOException {
        List<SavedWorkshop> all = new ArrayList<>();
        for (WorkshopRow workshop : register.workshops()) {
            List<SavedAccount> people = register.people(workshop.id()).stream()
                    .map(p -> new SavedAccount(p.name(), p.role(), p.preferences(), p.signIn(), p.password()))
                    .toList();
            all.add(new SavedWorkshop(
                    workshop.name(), workshop.isDemo(), "%04d.zip".formatted(all.size() + 1), people));
        }
        zip.putNextEntry(new ZipEntry(ACCOUNTS));
        zip.write(
                json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsBytes(new Accounts(FORMAT, 1, all)));
        zip.closeEntry();
        int at = 0;
        for (WorkshopRow workshop : register.workshops()) {
            PersonRow owner = register.people(workshop.id()).get(0);
            Path one = Files.createTempFile("sectorum-workshop", ".zip");
            try (OutputStream out = Files.newOutputStream(one)) {
                Tenancy.as(owner.who(), () -> {
                    try {
                        archives.write(out);
                    } catch (IOException full) {
                        throw new UncheckedIOException(full);
                    }
                    return null;
                });
                zip.putNextEntry(new ZipEntry(all.get(at++).file()));
                Files.copy(one, zip);
                zip.closeEntry();
            } finally {
                Files.deleteIfExists(one);
            }
        }
    }

    /** Puts what is in the file in the place of everything. */
    public List<String> restore(Path file) {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            Accounts accounts = accounts(zip);
            List<Path> unpacked = new ArrayList<>();
            try {
                for (SavedWorkshop workshop : accounts.workshops()) {
                    unpacked.add(unpacked(zip, workshop.file()));
                    Unpacking.of(unpacked.get(unpacked.size() - 1), json).close();
                }
                return together.execute(status -> replace(accounts, unpacked));
            } finally {
                for (Path one : unpacked) {
                    Files.deleteIfExists(one);
                }
            }
        } catch (IOException unread) {
            throw Unpacking.broken("The backup cannot be read: it is cut off, or no backup.");
        }
    }

    private Accounts accounts(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(ACCOUNTS);
        if (entry == null) {
            throw Unpacking.broken("There is no list of accounts in it, so it is no backup of Sectorum.");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            Accounts accounts = json.readValue(in.readNBytes((int) Unpacking.MOST_ENTRY), Accounts.class);
            if (!FORMAT.equals(accounts.format())
                    || accounts.version() != 1
                    || accounts.workshops().isEmpty()) {
                throw Unpacking.broken("It is no backup that this Sectorum reads.");
            }
            return accounts;
        }
    }

    private static Path unpacked(ZipFile zip, String name) throws IOException {
        ZipEntry entry = name.matches("\\d{4}\\.zip") ? zip.getEntry(name) : null;
        if (entry == null) {
            throw Unpacking.broken("\"" + name + "\" is missing in it.");
        }
        Path one = Files.createTempFile("sectorum-workshop", ".zip");
        try (InputStream in = zip.getInputStream(entry)) {
            Files.copy(in, one, StandardCopyOption.REPLACE_EXISTING);
        }
        return one;
    }

    private List<String> replace(Accounts accounts, List<Path> archivesOf) {
        for (String table : List.of(
                "picture", "cupboard_item", "plan", "SPRING_SESSION", "access_code", "attempt", "person", "workshop")) {
            jdbc.sql("delete from " + table).update();
        }
        List<String> told = new ArrayList<>();
        for (int i = 0; i < archivesOf.size(); i++) {
            SavedWorkshop saved = accounts.workshops().get(i);
            WorkshopRow workshop = register.keep(new WorkshopRow(saved.name(), saved.demo(), java.time.Instant.now()));
            PersonRow owner = null;
            for (SavedAccount account : saved.people()) {
                PersonRow person = new PersonRow(workshop.id(), account.name(), account.role(), null);
                person.prefer(account.preferences());
                if (account.signIn() != null && account.password() != null) {
                    person.signsIn(account.signIn(), account.password(), java.time.Instant.now());
                }
                person = register.keep(person);
                owner = owner == null && person.role() == Role.OWNER ? person : owner;
            }
            if (owner == null) {
                throw Unpacking.broken("A workshop in it has no owner.");
            }
            Path archive = archivesOf.get(i);
            told.add(saved.name() + ": "
                    + Tenancy.as(owner.who(), () -> archives.take(archive)).taken());
        }
        return told;
    }
}
