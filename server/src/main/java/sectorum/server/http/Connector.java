package sectorum.server.http;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What the connector refuses by itself (an address it cannot read, say) is told as a problem, too, without its version. */
@Component
class Connector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(Report.class.getName());
            }
        });
    }

    /** Made by the container by its name. */
    public static final class Report extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            ObjectNode said = JsonNodeFactory.instance
                    .objectNode()
                    .put("type", "urn:sectorum:problem:unreadable")
                    .put("title", "Not understood")
                    .put("status", status)
                    .put("detail", "The request cannot be read. Nothing was changed.");
            try {
                response.setContentType("application/problem+json");
                response.getOutputStream().write(said.toString().getBytes(StandardCharsets.UTF_8));
                response.finishResponse();
            } catch (IOException gone) {
                container.getLogger().debug("Nobody waits for the answer", gone);
            }
        }
    }
}
