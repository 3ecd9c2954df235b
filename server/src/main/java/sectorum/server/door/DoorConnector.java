package sectorum.server.door;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.coyote.http2.Http2Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;

/** Opens the door where it was asked for: TLS with the machine's own certificate, on one address. */
@Configuration
@EnableConfigurationProperties(DoorSettings.class)
class DoorConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    /** What the usual connector is given by its settings does not reach this one. */
    private static final int HEAD_MS = 5000;

    private static final int KEPT_MS = 30_000;
    private static final int MOST_CONNECTIONS = 200;

    private final DoorSettings door;

    DoorConnector(DoorSettings door) {
        this.door = door;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!door.stands()) {
            return;
        }
        Connector connector = new Connector(TomcatServletWebServerFactory.DEFAULT_PROTOCOL);
        connector.setPort(door.port());
        connector.setScheme("https");
        connector.setSecure(true);
        AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) connector.getProtocolHandler();
        try {
            protocol.setAddress(InetAddress.getByName(door.address()));
        } catch (UnknownHostException unknown) {
            throw new IllegalStateException(
                    "The door's address \"" + door.address() + "\" is none of this machine's; say it with"
                            + " SECTORUM_DOOR_ADDRESS.",
                    unknown);
        }
        protocol.setConnectionTimeout(HEAD_MS);
        protocol.setKeepAliveTimeout(KEPT_MS);
        protocol.setMaxConnections(MOST_CONNECTIONS);
        protocol.setSSLEnabled(true);
        SSLHostConfig tls = new SSLHostConfig();
        tls.setProtocols("TLSv1.3+TLSv1.2");
        SSLHostConfigCertificate certificate =
                new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.UNDEFINED);
        certificate.setCertificateKeystoreFile(
                door.keys().resolve("door.p12").toAbsolutePath().toString());
        certificate.setCertificateKeystorePassword(door.password());
        certificate.setCertificateKeystoreType("PKCS12");
        tls.addCertificate(certificate);
        connector.addSslHostConfig(tls);
        connector.addUpgradeProtocol(new Http2Protocol());
        factory.addAdditionalConnectors(connector);
    }
}
