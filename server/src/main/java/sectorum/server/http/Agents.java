package sectorum.server.http;

import java.util.LinkedHashMap;
import java.util.Map;
import sectorum.measure.Absent;

/** What a browser is, in a few words, so that somebody knows their own again. */
final class Agents {
    private static final Map<String, String> BROWSERS = new LinkedHashMap<>();
    private static final Map<String, String> MACHINES = new LinkedHashMap<>();

    static {
        BROWSERS.put("Edg", "Edge");
        BROWSERS.put("OPR", "Opera");
        BROWSERS.put("Firefox", "Firefox");
        BROWSERS.put("Chrom", "Chrome");
        BROWSERS.put("Safari", "Safari");
        MACHINES.put("iPhone", "iPhone");
        MACHINES.put("iPad", "iPad");
        MACHINES.put("Android", "Android");
        MACHINES.put("Windows", "Windows");
        MACHINES.put("Mac OS", "Mac");
        MACHINES.put("Linux", "Linux");
    }

    private Agents() {}

    static String words(@Absent String agent) {
        return first(BROWSERS, agent, "A browser") + first(MACHINES, agent, "").replaceFirst("^(?=.)", " on ");
    }

    private static String first(Map<String, String> names, @Absent String agent, String other) {
        return names.entrySet().stream()
                .filter(n -> agent != null && agent.contains(n.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(other);
    }
}
