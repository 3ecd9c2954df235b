package sectorum.server.archive;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.stream.ImageInputStream;
import sectorum.bench.Thing;
import sectorum.measure.Absent;
import sectorum.recipe.Recipe;
import sectorum.recipe.Swatch;
import sectorum.server.tenancy.WorkshopSettings;

/** All that an archive holds, read and understood: whoever has it can write it. */
record Checked(
        @Absent WorkshopSettings settings,
        List<Parts.WholePlan> plans,
        List<Thing> things,
        List<Recipe> recipes,
        List<Swatch> swatches,
        List<Parts.ArchivedMotif> drawings,
        Parts.ArchivedNotebook notebook) {

    static Checked of(Unpacking in) {
        List<Parts.WholePlan> plans = new ArrayList<>();
        for (int n = 1; in.has("plans/%04d/plan.json".formatted(n)); n++) {
            plans.add(plan(in, "plans/%04d/".formatted(n)));
        }
        if (plans.size() != in.told().counts().getOrDefault("plans", 0)) {
            throw Unpacking.broken("It holds " + plans.size() + " plans and tells of another number.");
        }
        Parts.ArchivedNotebook notebook = in.has("notebook.json")
                ? in.read("notebook.json", Parts.ArchivedNotebook.class)
                : new Parts.ArchivedNotebook(List.of(), List.of());
        for (Parts.ArchivedRecord record : notebook.records()) {
            if (record.record() == null
                    || (record.plan() != null && (record.plan() < 1 || record.plan() > plans.size()))) {
                throw Unpacking.broken("A record of its notebook is of no plan in it.");
            }
        }
        return new Checked(
                in.has("workshop.json") ? in.read("workshop.json", WorkshopSettings.class) : null,
                plans,
                list(in, "cupboard.json", Thing[].class).stream()
                        .map(t -> t.known(null))
                        .toList(),
                list(in, "recipes.json", Recipe[].class),
                list(in, "swatches.json", Swatch[].class),
                list(in, "drawer.json", Parts.ArchivedMotif[].class),
                notebook);
    }

    private static <T> List<T> list(Unpacking in, String path, Class<T[]> type) {
        if (!in.has(path)) {
            return List.of();
        }
        T[] all = in.read(path, type);
        for (T each : all) {
            if (each == null) {
                throw Unpacking.broken("One of \"" + path + "\" is empty.");
            }
        }
        return List.of(all);
    }

    private static Parts.WholePlan plan(Unpacking in, String folder) {
        Parts.AboutPlan about = in.read(folder + "about.json", Parts.AboutPlan.class);
        List<Parts.ArchivedVersion> versions = in.lines(folder + "versions.jsonl", Parts.ArchivedVersion.class);
        List<Parts.ArchivedLine> journal = in.lines(folder + "journal.jsonl", Parts.ArchivedLine.class);
        Set<Object> once = new HashSet<>();
        for (Parts.ArchivedVersion version : versions) {
            if (version.document() == null || version.saved() == null || !once.add(version.revision())) {
                throw Unpacking.broken("A version in \"" + folder + "\" is incomplete or there twice.");
            }
        }
        for (Parts.ArchivedLine line : journal) {
            if (line.line() == null
                    || line.kept() == null
                    || !once.add(line.line().id())) {
                throw Unpacking.broken("A line of the journal in \"" + folder + "\" is incomplete or there twice.");
            }
        }
        if (about.created() == null || about.saved() == null || about.revision() < 0) {
            throw Unpacking.broken("\"" + folder + "about.json\" says not when the plan was saved.");
        }
        List<Parts.ArchivedPicture> pictures = list(in, folder + "pictures.json", Parts.ArchivedPicture[].class);
        for (Parts.ArchivedPicture picture : pictures) {
            if (picture.file() == null || picture.added() == null || !once.add(picture.file())) {
                throw Unpacking.broken("A picture in \"" + folder + "\" is incomplete or there twice.");
            }
            picture(in, folder + picture.file());
        }
        return new Parts.WholePlan(
                in.read(folder + "plan.json", sectorum.plan.Plan.class), about, versions, journal, pictures);
    }

    /** That it is a JPEG, as all that is kept here; its pixels were taken apart when it came in first. */
    private static void picture(Unpacking in, String path) {
        byte[] bytes = in.bytes(path);
        boolean jpeg =
                bytes.length > 3 && bytes[0] == (byte) 0xff && bytes[1] == (byte) 0xd8 && bytes[2] == (byte) 0xff;
        try (ImageInputStream read = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            if (!jpeg || !ImageIO.getImageReaders(read).hasNext()) {
                throw Unpacking.broken("\"" + path + "\" is no JPEG picture.");
            }
        } catch (IOException unread) {
            throw Unpacking.broken("\"" + path + "\" cannot be read.");
        }
    }

    /** By which the notebook names it. */
    static int number(Parts.ArchivedPicture picture) {
        return Integer.parseInt(picture.file().replaceAll("\\D", ""));
    }
}
