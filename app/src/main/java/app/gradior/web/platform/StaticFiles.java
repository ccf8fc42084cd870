package app.gradior.web.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.linkbuilder.StandardLinkBuilder;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.webjars.WebJarVersionLocator;

/**
 * Scripts, styles and fonts under the fingerprint of all of them, so that a browser keeps them for ever and a new version
 * has other addresses. One for all of them: modules name each other by relative addresses.
 */
@Configuration
public class StaticFiles implements WebMvcConfigurer {
    private static final String PREFIX = "/files/";
    private static final List<String> KINDS = List.of("css", "js", "fonts");
    private static final String WEBJARS = "webjars/";
    private static final int LETTERS = 12;
    private static final Duration FOR_EVER = Duration.ofDays(365);

    private final List<String> paths;
    private final String version;

    /** @param marked what to call this version; empty for the fingerprint of what is in it */
    StaticFiles(@Value("${gradior.files:}") String marked) {
        List<Resource> all = KINDS.stream().flatMap(StaticFiles::shipped).toList();
        this.paths = all.stream().map(StaticFiles::path).sorted().toList();
        this.version = marked.isEmpty() ? fingerprint(all) : marked;
    }

    private static Stream<Resource> shipped(String kind) {
        try {
            return Arrays.stream(
                    new PathMatchingResourcePatternResolver().getResources("classpath:/static/" + kind + "/*.*"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String path(Resource file) {
        try {
            String address = file.getURL().toString();
            return address.substring(address.indexOf("/static/") + "/static".length());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String fingerprint(List<Resource> all) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Resource file :
                    all.stream().sorted(Comparator.comparing(StaticFiles::path)).toList()) {
                digest.update(path(file).getBytes(java.nio.charset.StandardCharsets.UTF_8));
                digest.update(file.getContentAsByteArray());
            }
            return HexFormat.of().formatHex(digest.digest()).substring(0, LETTERS);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    public String version() {
        return version;
    }

    /** The addresses of all that a page may need. */
    public List<String> addresses() {
        return paths.stream().map(this::address).toList();
    }

    private String address(String path) {
        return PREFIX + version + path;
    }

    /** Links of templates to shipped files are those of this version. */
    @Autowired
    void link(SpringTemplateEngine templates) {
        templates.setLinkBuilder(new StandardLinkBuilder() {
            @Override
            protected String processLink(IExpressionContext context, String link) {
                boolean shipped = link.startsWith("/" + WEBJARS)
                        || KINDS.stream().anyMatch(kind -> link.startsWith("/" + kind + "/"));
                return super.processLink(context, shipped ? address(link) : link);
            }
        });
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler(PREFIX + version + "/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.maxAge(FOR_EVER).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new Shipped(false));
        // A page of an older version that is open still gets what there is, and keeps nothing under its old address.
        registry.addResourceHandler(PREFIX + "*/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noStore())
                .resourceChain(false)
                .addResolver(new Shipped(true));
    }

    /** Finds files by their path behind the version, and those of webjars without naming theirs. */
    private static final class Shipped extends PathResourceResolver {
        private final boolean withVersion;
        private final WebJarVersionLocator webjars = new WebJarVersionLocator();

        Shipped(boolean withVersion) {
            this.withVersion = withVersion;
        }

        @Override
        protected Resource getResource(String asked, Resource location) throws IOException {
            String path = withVersion ? asked.substring(asked.indexOf('/') + 1) : asked;
            if (path.startsWith(WEBJARS)) {
                String[] parts = path.substring(WEBJARS.length()).split("/", 2);
                return Optional.ofNullable(parts.length < 2 ? null : webjars.fullPath(parts[0], parts[1]))
                        .map(ClassPathResource::new)
                        .orElse(null);
            }
            return super.getResource(path, location);
        }

        @Override
        protected boolean checkResource(Resource resource, Resource location) throws IOException {
            return resource instanceof ClassPathResource found
                            && found.getPath().startsWith("META-INF/resources/webjars/")
                    || super.checkResource(resource, location);
        }
    }
}
