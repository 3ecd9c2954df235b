package sectorum.tools;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipFile;
import org.teavm.diagnostics.Problem;
import org.teavm.diagnostics.ProblemSeverity;
import org.teavm.tooling.ConsoleTeaVMToolLog;
import org.teavm.tooling.TeaVMTargetType;
import org.teavm.tooling.builder.BuildException;
import org.teavm.tooling.builder.InProcessBuildStrategy;
import org.teavm.vm.TeaVMOptimizationLevel;

/** Compiles class files to a WebAssembly module, where they are others than at the last time. */
public final class CraftCompiler {
    private static final String MODULE = "craft.wasm";

    private CraftCompiler() {}

    /** @param args the folder that the module goes to, its main class, and the class path, by the system's separator */
    public static void main(String[] args) throws IOException, BuildException {
        Path to = Path.of(args[0]);
        List<String> classPath = List.of(args[2].split(System.getProperty("path.separator")));
        Path last = to.resolve("built-from");
        String now = hash(args[1], classPath);
        if (Files.exists(to.resolve(MODULE))
                && Files.exists(last)
                && Files.readString(last).equals(now)) {
            return;
        }
        Files.deleteIfExists(last);
        compile(to, args[1], classPath);
        Files.writeString(last, now);
    }

    private static void compile(Path to, String main, List<String> classPath) throws BuildException {
        InProcessBuildStrategy build = new InProcessBuildStrategy();
        build.init();
        build.setLog(new ConsoleTeaVMToolLog(false));
        build.setTargetType(TeaVMTargetType.WEBASSEMBLY_GC);
        build.setOptimizationLevel(TeaVMOptimizationLevel.ADVANCED);
        build.setObfuscated(true);
        build.setAssertionsRemoved(true);
        build.setClassPathEntries(classPath);
        build.setTransformers(new String[] {BareThrowable.class.getName()});
        build.setMainClass(main);
        build.setProperties(new Properties());
        build.setTargetDirectory(to.toString());
        build.setTargetFileName(MODULE);
        List<Problem> problems = build.build().getProblems().getSevereProblems();
        if (!problems.isEmpty()) {
            throw new IllegalStateException("Core does not compile for the browser: "
                    + problems.stream()
                            .filter(p -> p.getSeverity() == ProblemSeverity.ERROR)
                            .map(p -> p.getText() + " " + List.of(p.getParams()) + " at " + p.getLocation())
                            .toList());
        }
    }

    /** Over all that the module is made of: the same for a folder of classes and for the jar made of it. */
    static String hash(String main, List<String> classPath) throws IOException {
        StringBuilder all = new StringBuilder(main);
        for (String entry : classPath) {
            Path path = Path.of(entry);
            Map<String, Long> sums = Files.isDirectory(path) ? folder(path) : jar(path);
            sums.keySet().removeIf(name -> name.startsWith("META-INF"));
            all.append(sums);
        }
        CRC32 sum = new CRC32();
        sum.update(all.toString().getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue()) + " " + all.length();
    }

    private static Map<String, Long> folder(Path folder) throws IOException {
        Map<String, Long> sums = new TreeMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                CRC32 sum = new CRC32();
                sum.update(Files.readAllBytes(file));
                sums.put(folder.relativize(file).toString(), sum.getValue());
            }
        }
        return sums;
    }

    private static Map<String, Long> jar(Path jar) throws IOException {
        Map<String, Long> sums = new TreeMap<>();
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            zip.stream().filter(e -> !e.isDirectory()).forEach(e -> sums.put(e.getName(), e.getCrc()));
        }
        return sums;
    }
}
