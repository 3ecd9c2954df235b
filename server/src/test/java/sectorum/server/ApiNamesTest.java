package sectorum.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/** The description names each record once: two of one name would be told as one. */
@ExtendWith(RunningApp.class)
class ApiNamesTest {
    private final Deque<Type> open = new ArrayDeque<>();
    private final Set<Type> seen = new HashSet<>();
    private final Map<String, Set<String>> byName = new TreeMap<>();

    private void reach(Type type) {
        if (seen.add(type)) {
            open.add(type);
        }
    }

    private void into(Type type) {
        if (type instanceof ParameterizedType generic) {
            for (Type inner : generic.getActualTypeArguments()) {
                reach(inner);
            }
        } else if (type instanceof Class<?> found && found.getName().startsWith("sectorum.")) {
            if (found.isRecord()) {
                byName.computeIfAbsent(found.getSimpleName(), n -> new TreeSet<>())
                        .add(found.getName());
                for (RecordComponent component : found.getRecordComponents()) {
                    reach(component.getGenericType());
                }
            }
            if (found.isSealed()) {
                for (Class<?> kind : found.getPermittedSubclasses()) {
                    reach(kind);
                }
            }
        }
    }

    @Test
    void noTwoRecordsOfTheApiShareAName(RequestMappingHandlerMapping routes) {
        routes.getHandlerMethods().values().forEach(handler -> {
            Method method = handler.getMethod();
            reach(method.getGenericReturnType());
            for (Parameter parameter : method.getParameters()) {
                if (parameter.isAnnotationPresent(RequestBody.class)) {
                    reach(parameter.getParameterizedType());
                }
            }
        });
        while (!open.isEmpty()) {
            into(open.poll());
        }
        assertThat(byName).hasSizeGreaterThan(80);
        assertThat(byName.values()).allSatisfy(records -> assertThat(records).hasSize(1));
    }

    @Test
    void whatAPackStreamsIsDescribed(Http http) {
        JsonNode pack = http.get("/v3/api-docs").json().at("/paths/~1api~1templates~1pack/post/responses/200/content");
        assertThat(pack.toString()).contains("#/components/schemas/Packing").doesNotContain("StreamingResponseBody");
    }
}
