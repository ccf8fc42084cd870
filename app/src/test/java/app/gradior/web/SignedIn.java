package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.jsoup.Jsoup;

/** Somebody who is signed in over real HTTP, with real sessions: what a browser without scripts would be. */
public final class SignedIn {
    public static final String PASSWORD = "three long words";

    private final String address;
    private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .followRedirects(HttpClient.Redirect.NORMAL)
            .connectTimeout(Duration.ofSeconds(10))
            .build();
    private final String name;
    private String token = "";
    private String tokenOf = "";

    private SignedIn(String address, String name) {
        this.address = address;
        this.name = name;
    }

    /** Somebody who has not signed in. */
    public static SignedIn visitor(String address, String name) {
        return new SignedIn(address, name);
    }

    public String name() {
        return name;
    }

    public HttpResponse<String> signIn(String password) {
        return post("/signin", "username=" + encoded(name) + "&password=" + encoded(password));
    }

    public HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)));
    }

    /** What a stream says, line by line as it comes. */
    public Queue<String> listen(String path) {
        Queue<String> lines = new ConcurrentLinkedQueue<>();
        http.sendAsync(HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofLines())
                .thenAccept(stream -> stream.body().forEach(lines::add));
        return lines;
    }

    /** Posts a form, with the token that pages carry. */
    public HttpResponse<String> post(String path, String fields) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(fields + "&_csrf=" + encoded(token()))));
    }

    public HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return http.send(request.timeout(Duration.ofSeconds(60)).build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The token of forms as pages carry it. */
    public String token() {
        // It stands as long as its cookie does, which a sign-in renews.
        String cookie = cookies();
        if (!cookie.equals(tokenOf) || token.isEmpty()) {
            token = Jsoup.parse(get("/signin").body())
                    .select("meta[name=_csrf]")
                    .attr("content");
            tokenOf = cookies();
        }
        return token;
    }

    /** Its cookies, for a browser. */
    public List<Cookie> browserCookies() {
        return cookies.getCookieStore().getCookies().stream()
                .map(cookie -> new Cookie(cookie.getName(), cookie.getValue()).setUrl(address))
                .toList();
    }

    /** A cookie as it is kept. */
    public Optional<HttpCookie> kept(String called) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(called))
                .findFirst();
    }

    public String cookies() {
        return cookies.getCookieStore().getCookies().toString();
    }

    /** A sauce, a pot, a plan, a cook: their ids by the place they belong to. */
    public Map<String, String> furnish() {
        Map<String, String> ids = new LinkedHashMap<>();
        post("/pots/new", "name=Casserole&baseCm=24&rimCm=24&wallCm=12&material=STEEL&tareG=2000");
        ids.put("pots", firstLink("/pots", "/pots/"));
        ids.put("rings", firstLink("/pots", "/rings/"));
        HttpResponse<String> sauce =
                post("/sauces/new", "name=Plum+sauce&text=" + encoded("600 g plums\n300 ml water"));
        ids.put("sauces", last(sauce));
        String choices = "sauce=" + ids.get("sauces") + "&pot=" + ids.get("pots") + "&aim=yield&amount=600";
        HttpResponse<String> plan = post("/plans", "plan=" + UUID.randomUUID() + "&" + choices);
        ids.put("plans", last(plan));
        HttpResponse<String> cook =
                post("/cooks", "cook=" + UUID.randomUUID() + "&plan=" + UUID.randomUUID() + "&" + choices);
        ids.put("cooks", last(cook));
        HttpResponse<String> device = post("/devices", "kind=SCALE&name=scale");
        ids.put("devices", Jsoup.parse(device.body()).select("[data-device]").attr("data-device"));
        HttpResponse<String> test = post(
                "/pots/" + ids.get("pots") + "/boil-off", "ring=" + ids.get("rings") + "&activity=SIMMER&weight=3000");
        ids.put("boil-offs", last(test));
        HttpResponse<String> evening =
                post("/evenings", "form=" + UUID.randomUUID() + "&called=Dinner&day=2027-06-01&time=19:00");
        ids.put("evenings", last(evening));
        post("/evenings/" + ids.get("evenings") + "/jobs", "line=" + encoded("potatoes 25 ring, drain"));
        ids.put("runs", UUID.randomUUID().toString());
        post("/practice/lessons/take-it-off", "form=" + ids.get("runs") + "&seed=5");
        ids.put("lessons", "take-it-off");
        ids.put("format", "txt");
        ids.put("number", "1");
        ids.put("key", "water");
        ids.put("feed", ids.get("devices"));
        ids.values().forEach(id -> assertThat(id).isNotBlank());
        return ids;
    }

    private String firstLink(String page, String prefix) {
        return Jsoup.parse(get(page).body()).select("a[href^=" + prefix + "]").stream()
                .map(a -> a.attr("href").substring(prefix.length()))
                .filter(rest -> rest.length() == 36)
                .findFirst()
                .orElse("");
    }

    /** The last part of the address that a form led to. */
    private static String last(HttpResponse<String> answer) {
        String path = answer.uri().getPath();
        return path.substring(path.lastIndexOf('/') + 1);
    }

    static String encoded(String value) {
        return URLEncoder.encode(value, StandardCharsets.UTF_8);
    }
}
