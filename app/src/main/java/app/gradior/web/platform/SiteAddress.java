package app.gradior.web.platform;

import java.net.URI;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The address under which people reach this installation, as it was configured: what a request says of itself decides no
 * link that is handed on. Behind a proxy that ends TLS it begins with https, and then cookies, scheme and the address of
 * whoever asks follow the proxy's headers.
 */
@Component
public class SiteAddress implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final String configured;
    private final boolean proxied;
    private volatile int port;

    /** @param proxied whether nobody reaches this but by a proxy */
    SiteAddress(@Value("${gradior.address:}") String configured, @Value("${gradior.proxy:false}") boolean proxied) {
        this.proxied = proxied;
        this.configured = configured.strip().replaceAll("/+$", "");
        if (!this.configured.isEmpty()) {
            URI address = URI.create(this.configured);
            boolean web = "http".equals(address.getScheme()) || "https".equals(address.getScheme());
            if (!web || address.getHost() == null) {
                throw new IllegalArgumentException(
                        "gradior.address begins with http:// or https:// and a name but was " + this.configured);
            }
        }
    }

    @EventListener
    void started(WebServerInitializedEvent event) {
        if (!"management".equals(event.getApplicationContext().getServerNamespace())) {
            port = event.getWebServer().getPort();
        }
    }

    /** Whether people reach it by https. */
    public boolean isSecure() {
        return configured.startsWith("https://");
    }

    /** A link to a path that begins with a slash. */
    public String link(String path) {
        return (configured.isEmpty() ? "http://127.0.0.1:" + port : configured) + path;
    }

    /** Only a proxy is believed what it says of whom it asks for. */
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (proxied || isSecure()) {
            factory.addEngineValves(new org.apache.catalina.valves.RemoteIpValve());
        }
    }
}
