package app.gradior.bench;

import java.io.IOException;
import java.io.InputStream;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * As little of a browser as can sign in, so that the two cores are left to what is measured. Of several nodes each request
 * goes to the next, as by a door before them that knows of nothing.
 */
final class Browser {
    private static final int PATIENCE_MS = 20_000;

    private final String[] addresses;
    private final AtomicInteger requests = new AtomicInteger();
    private final Map<String, String> cookies = new ConcurrentHashMap<>();
    private String token = "";

    private Browser(String... addresses) {
        this.addresses = addresses;
    }

    /** @param id where a form led to, or the page that it gave */
    record Answer(int status, String id, String body) {}

    /** One that is signed in to a demo kitchen of its own. */
    static Browser inDemo(String address) throws IOException {
        return in("/demo", "", address);
    }

    /** One that is signed in to a new kitchen of its own. */
    static Browser inNewKitchen(String... addresses) throws IOException {
        return in("/signup", person() + "&kitchen=Load&units=METRIC", addresses);
    }

    /** One that has joined a kitchen by the secret of an invitation. */
    static Browser joined(String address, String secret) throws IOException {
        return in("/join/" + secret, person(), address);
    }

    private static String person() {
        return "name=cook-" + UUID.randomUUID() + "&password=three+long+words";
    }

    private static Browser in(String way, String form, String... addresses) throws IOException {
        Browser browser = new Browser(addresses);
        browser.token = first("name=\"_csrf\" value=\"([^\"]+)\"", browser.get("/signin"));
        browser.post(way, form, "");
        browser.token = first("name=\"_csrf\" content=\"([^\"]+)\"", browser.get("/pots/new"));
        return browser;
    }

    String get(String path) throws IOException {
        Answer answer = answer(open(path, "plan"));
        if (answer.status() != HttpURLConnection.HTTP_OK) {
            throw new IllegalStateException(path + " answered " + answer.status());
        }
        return answer.body();
    }

    /** As a script of a page asks for a part of it. */
    Answer part(String path, String fragment) throws IOException {
        return answer(open(path, fragment));
    }

    /** @param fragment the part of the page that is wanted as the answer */
    Answer post(String path, String form, String fragment) throws IOException {
        HttpURLConnection ask = open(path, fragment);
        ask.setDoOutput(true);
        ask.getOutputStream().write((form + "&_csrf=" + token).getBytes(StandardCharsets.UTF_8));
        return answer(ask);
    }

    String cookie() {
        return String.join("; ", cookies.values());
    }

    /** A request that is not sent yet. */
    HttpURLConnection open(String path, String fragment) throws IOException {
        HttpURLConnection ask =
                (HttpURLConnection) URI.create(addresses[requests.getAndIncrement() % addresses.length] + path)
                        .toURL()
                        .openConnection();
        ask.setInstanceFollowRedirects(false);
        ask.setReadTimeout(PATIENCE_MS);
        ask.setRequestProperty("X-Fragment", fragment);
        ask.setRequestProperty("Cookie", cookie());
        return ask;
    }

    private Answer answer(HttpURLConnection ask) throws IOException {
        int status = ask.getResponseCode();
        for (String set : ask.getHeaderFields().getOrDefault("Set-Cookie", List.of())) {
            String pair = set.substring(0, set.indexOf(';'));
            cookies.put(pair.substring(0, pair.indexOf('=')), pair);
        }
        String to = ask.getHeaderField("Location");
        try (InputStream body =
                status < HttpURLConnection.HTTP_BAD_REQUEST ? ask.getInputStream() : ask.getErrorStream()) {
            String text = body == null ? "" : new String(body.readAllBytes(), StandardCharsets.UTF_8);
            return new Answer(status, to == null ? "" : to.substring(to.lastIndexOf('/') + 1), text);
        }
    }

    /** The first of what is in brackets in a pattern. */
    static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("no " + pattern + " in the page");
        }
        return matcher.group(1);
    }
}
