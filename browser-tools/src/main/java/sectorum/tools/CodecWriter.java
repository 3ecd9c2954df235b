package sectorum.tools;

import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import sectorum.art.Motif;
import sectorum.bench.Bench;
import sectorum.measure.Values;
import sectorum.plan.Agenda;
import sectorum.plan.Dressing;
import sectorum.plan.OwnPiece;
import sectorum.plan.PlanDressing;
import sectorum.plan.Stand;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.question.Question;
import sectorum.technique.Layout;
import sectorum.tier.TierWorkup;

/**
 * Writes class {@code Codec}: how every record that questions and answers are made of is read and written, by the same forms
 * as the server's JSON. A record, an enum, a list or a map is understood wherever it stands; what has a form of its own is
 * named in {@link #OWN}, what is never sent in {@link #UNSENT}.
 */
public final class CodecWriter {
    /** Read and written by hand, in {@code Forms}. */
    private static final Set<Class<?>> OWN = Set.of(Values.class, Layout.class, Object.class);

    /** Parts of a plan that the page holds as they are from one edit to the next: read once, known by their number after. */
    private static final Set<Class<?>> READ_ONCE = Set.of(
            Tier.class,
            Dressing.class,
            PlanDressing.class,
            OwnPiece.class,
            Motif.class,
            Bench.class,
            Table.class,
            Agenda.class,
            Stand.class);

    /** Parts of an answer that are mostly what they were: written once, named by their number after. */
    private static final Set<Class<?>> WRITTEN_ONCE =
            Set.of(TierWorkup.Worn.class, TierWorkup.Divided.class, TierWorkup.Form.class);

    private static final Map<Class<?>, String> UNSENT = Map.of(TierWorkup.Worn.class, "drawings");

    private static final Map<Type, String> PLAIN = Map.of(
            double.class, "number",
            int.class, "whole",
            long.class, "longWhole",
            boolean.class, "flag",
            Double.class, "boxedNumber",
            Integer.class, "boxedWhole",
            Long.class, "boxedLong",
            Boolean.class, "boxedFlag",
            String.class, "text");

    private final Map<String, Integer> words = new LinkedHashMap<>();
    private final Set<Class<?>> read = new LinkedHashSet<>();
    private final Set<Class<?>> written = new LinkedHashSet<>();
    private final Set<Class<?>> enums = new LinkedHashSet<>();
    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private final StringBuilder methods = new StringBuilder();

    private CodecWriter() {}

    /** @param args the folder of generated sources */
    public static void main(String[] args) throws IOException {
        Path to = Path.of(args[0], "sectorum", "browser", "Codec.java");
        String source = source();
        Files.createDirectories(to.getParent());
        // Left alone where nothing changed, so that nothing is built again.
        if (!Files.exists(to) || !Files.readString(to).equals(source)) {
            Files.writeString(to, source);
        }
    }

    /** The class, as text. */
    static String source() {
        CodecWriter writer = new CodecWriter();
        String answers = writer.answers();
        writer.drain();
        String anything = writer.anything();
        writer.drain();
        return writer.whole(answers + anything);
    }

    private void drain() {
        while (!waiting.isEmpty()) {
            waiting.remove().run();
        }
    }

    /** What a mend sets may be any part of a plan. */
    private String anything() {
        StringBuilder method = new StringBuilder();
        line(method, 3, "default -> throw new Unread();");
        line(method, 2, "}");
        line(method, 1, "}\n");
        line(method, 1, "/** Writes a part of a plan. */");
        line(method, 1, "void part(Object value) {");
        for (Class<?> each : List.copyOf(read)) {
            if (!Question.class.isAssignableFrom(each)) {
                String is = "value instanceof " + each.getCanonicalName() + " part";
                line(method, 2, "if (" + is + ") {");
                line(method, 3, writing(each, "part") + ";");
                line(method, 3, "return;");
                line(method, 2, "}");
            }
        }
        line(method, 2, "throw new Unread();");
        line(method, 1, "}\n");
        return method.toString();
    }

    private String answers() {
        StringBuilder cases = new StringBuilder();
        for (Class<?> question : Question.class.getPermittedSubclasses()) {
            Type answer = Arrays.stream(question.getGenericInterfaces())
                    .filter(ParameterizedType.class::isInstance)
                    .map(i -> ((ParameterizedType) i).getActualTypeArguments()[0])
                    .findFirst()
                    .orElseThrow();
            line(cases, 3, "case " + word(question.getSimpleName()) + " -> {");
            line(cases, 4, "var answer = " + reading(question) + ".answer(tiers);");
            line(cases, 4, writing(answer, "answer") + ";");
            line(cases, 3, "}");
        }
        return cases.toString();
    }

    private String whole(String answers) {
        StringBuilder all = new StringBuilder("package sectorum.browser;\n\n");
        line(all, 0, "import sectorum.question.Question;\n");
        line(all, 0, "/** Written when it is built: see sectorum.tools.CodecWriter. */");
        line(all, 0, "@javax.annotation.processing.Generated(\"sectorum.tools.CodecWriter\")");
        line(all, 0, "final class Codec {");
        line(all, 1, "private final In in;");
        line(all, 1, "private final Out out;\n");
        line(all, 1, "Codec(In in, Out out) {");
        line(all, 2, "this.in = in;");
        line(all, 2, "this.out = out;");
        line(all, 1, "}\n");
        line(all, 1, "/** Reads a question, and writes its answer. */");
        line(all, 1, "void answer(int question, Question.Tiers tiers) {");
        line(all, 2, "switch (question) {");
        all.append(answers);
        for (Class<?> each : enums) {
            String ids = Arrays.stream(each.getEnumConstants())
                    .map(c -> "" + word(((Enum<?>) c).name().toLowerCase(Locale.ROOT)))
                    .collect(Collectors.joining(", "));
            line(all, 1, "private static final int[] " + constant(each) + " = {" + ids + "};");
        }
        all.append(methods);
        // Last: by now every word is known.
        line(all, 1, "static final String[] WORDS = {");
        words.keySet().forEach(w -> line(all, 2, "\"" + w + "\","));
        line(all, 1, "};");
        return all.append("}\n").toString();
    }

    private int word(String word) {
        return words.computeIfAbsent(word, w -> words.size());
    }

    /** An expression that reads what the reader stands at. */
    private String reading(Type type) {
        if (PLAIN.containsKey(type)) {
            return "in." + PLAIN.get(type) + "()";
        }
        if (type instanceof ParameterizedType generic) {
            Type[] of = generic.getActualTypeArguments();
            return generic.getRawType() == List.class
                    ? "in.list(" + lambda(of[0]) + ")"
                    : "in.map(" + lambda(of[1]) + ")";
        }
        Class<?> raw = (Class<?>) type;
        if (OWN.contains(raw)) {
            return "Forms.read" + raw.getSimpleName() + "(in)";
        }
        if (raw.isEnum()) {
            enums.add(raw);
            return "in.constant(" + constant(raw) + ", " + raw.getCanonicalName() + ".values())";
        }
        if (!raw.isRecord()) {
            throw new IllegalArgumentException("How " + raw + " is read is not known: give it a form in Forms");
        }
        if (read.add(raw)) {
            waiting.add(() -> methods.append(reader(raw)));
        }
        return "read" + name(raw) + "()";
    }

    private String lambda(Type of) {
        return "() -> " + reading(of);
    }

    private String reader(Class<?> type) {
        StringBuilder method = new StringBuilder("\n");
        line(method, 1, type.getCanonicalName() + " read" + name(type) + "() {");
        line(method, 2, "if (in.isAbsent()) {");
        line(method, 3, "return null;");
        line(method, 2, "}");
        boolean once = READ_ONCE.contains(type);
        if (once) {
            line(method, 2, "if (in.known() instanceof " + type.getCanonicalName() + " known) {");
            line(method, 3, "return known;");
            line(method, 2, "}");
            line(method, 2, "int handle = in.handle();");
        }
        line(method, 2, "int left = in.open();");
        RecordComponent[] components = type.getRecordComponents();
        for (RecordComponent c : components) {
            line(method, 2, "in.field(" + word(c.getName()) + ");");
            line(method, 2, "var " + c.getName() + "_ = " + reading(c.getGenericType()) + ";");
            line(method, 2, "left -= in.up();");
        }
        line(method, 2, "in.close(left);");
        String given = Arrays.stream(components).map(c -> c.getName() + "_").collect(Collectors.joining(", "));
        String made = "new " + type.getCanonicalName() + "(" + given + ")";
        line(method, 2, "return " + (once ? "in.keep(handle, " + made + ")" : made) + ";");
        line(method, 1, "}");
        return method.toString();
    }

    /** A statement that writes a value as the next one of a list, or as the whole answer. */
    private String writing(Type type, String value) {
        if (PLAIN.containsKey(type)) {
            return "out." + (type == String.class ? "text" : type.toString().endsWith("oolean") ? "flag" : "number")
                    + "(" + value + ")";
        }
        if (type instanceof ParameterizedType generic) {
            Type[] of = generic.getActualTypeArguments();
            Type each = of[of.length - 1];
            if (each == Double.class && generic.getRawType() == List.class) {
                return "out.numbers(" + value + ")";
            }
            // One name in another's lambda would be the same name twice.
            String inner = "each" + value.chars().filter(c -> c == '.').count() + (value.startsWith("each") ? "_" : "");
            return "out." + (generic.getRawType() == List.class ? "list" : "map") + "(" + value + ", " + inner + " -> "
                    + writing(each, inner) + ")";
        }
        Class<?> raw = (Class<?>) type;
        if (OWN.contains(raw)) {
            return "Forms.write" + raw.getSimpleName() + "(this, out, " + value + ")";
        }
        if (raw.isEnum()) {
            enums.add(raw);
            return "out.word(" + constant(raw) + "[" + value + ".ordinal()])";
        }
        if (!raw.isRecord()) {
            throw new IllegalArgumentException("How " + raw + " is written is not known: give it a form in Forms");
        }
        if (written.add(raw)) {
            waiting.add(() -> methods.append(writer(raw)));
        }
        return "write" + name(raw) + "(" + value + ")";
    }

    private String writer(Class<?> type) {
        StringBuilder method = new StringBuilder("\n");
        line(method, 1, "void write" + name(type) + "(" + type.getCanonicalName() + " v) {");
        boolean once = WRITTEN_ONCE.contains(type);
        if (once) {
            line(method, 2, "if (out.again(v)) {");
            line(method, 3, "return;");
            line(method, 2, "}");
        }
        line(method, 2, "out.open();");
        for (RecordComponent c : type.getRecordComponents()) {
            if (c.getName().equals(UNSENT.get(type))) {
                continue;
            }
            String value = "v." + c.getName() + "()";
            String key = "out.key(" + word(c.getName()) + ");";
            if (c.getType().isPrimitive()) {
                line(method, 2, key);
                line(method, 2, writing(c.getGenericType(), value) + ";");
            } else {
                line(method, 2, "if (" + value + " != null) {");
                line(method, 3, key);
                line(method, 3, writing(c.getGenericType(), value) + ";");
                line(method, 2, "}");
            }
        }
        line(method, 2, "out.close();");
        if (once) {
            line(method, 2, "out.keep(v);");
        }
        line(method, 1, "}");
        return method.toString();
    }

    private static String name(Class<?> type) {
        // Names of what is sent are unique: the API description rests on that, too.
        return type.getSimpleName();
    }

    private static String constant(Class<?> type) {
        return type.getCanonicalName()
                .replace("sectorum.", "")
                .replace(".", "_")
                .toUpperCase(Locale.ROOT);
    }

    private static void line(StringBuilder to, int depth, String text) {
        to.append("    ".repeat(depth)).append(text).append('\n');
    }
}
