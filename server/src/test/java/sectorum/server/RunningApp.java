package sectorum.server;

import java.net.URI;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application, started once for all tests on a free port against the MariaDB that {@code ./test} runs. Gives a
 * test its {@link Http} client, or any bean. With {@code -Dsectorum.base=http://…} an application that runs already is
 * used instead, which is quicker while a browser test is being written.
 */
public final class RunningApp implements ParameterResolver {
    private static final class Held implements AutoCloseable {
        private final ConfigurableApplicationContext context;

        private Held(ConfigurableApplicationContext context) {
            this.context = context;
        }

        @Override
        public void close() {
            context.close();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        if (type == URI.class || System.getProperty("sectorum.base") != null) {
            return type == URI.class;
        }
        return !type.isPrimitive()
                && type != String.class
                && (type == Http.class || context(test).getBeanProvider(type).getIfAvailable() != null);
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        Class<?> type = parameter.getParameter().getType();
        if (type == URI.class) {
            return base(test);
        }
        if (type == Http.class) {
            return Http.entered(own(test));
        }
        return context(test).getBean(type);
    }

    /** Where the application of this run answers. */
    public static URI base(ExtensionContext test) {
        String already = System.getProperty("sectorum.base");
        return already != null ? URI.create(already) : own(test);
    }

    private static URI own(ExtensionContext test) {
        return URI.create("http://127.0.0.1:"
                + ((WebServerApplicationContext) context(test)).getWebServer().getPort());
    }

    private static ConfigurableApplicationContext context(ExtensionContext test) {
        return test.getRoot()
                .getStore(ExtensionContext.Namespace.GLOBAL)
                .getOrComputeIfAbsent(Held.class, key -> new Held(start()), Held.class)
                .context;
    }

    private static ConfigurableApplicationContext start() {
        String database = System.getProperty("sectorum.database", "sectorum_test");
        String server = System.getenv("SECTORUM_TEST_DB");
        if (server == null) {
            throw new IllegalStateException("SECTORUM_TEST_DB names no database server; run the tests with ./test");
        }
        SpringApplication application = new SpringApplication(SectorumApplication.class);
        application.setDefaultProperties(Map.of("spring.main.banner-mode", "off"));
        return application.run(
                "--server.port=0",
                "--server.tomcat.basedir="
                        + java.nio.file.Path.of("target", "tomcat").toAbsolutePath(),
                "--spring.datasource.url=" + server + "/" + database,
                "--spring.flyway.user=sectorum_owner",
                "--management.server.port=0",
                "--sectorum.open=true",
                "--sectorum.demo=" + System.getProperty("sectorum.demo", "false"));
    }
}
