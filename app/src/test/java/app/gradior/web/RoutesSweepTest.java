package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.context.WebApplicationContext;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every parameter of every route of the running application against values that nobody should send: none brings it down.
 * The routes and their parameters are found from its own mappings, so that a new one is tried without being named here.
 */
@ExtendWith(RunningApplication.class)
class RoutesSweepTest {
    private static final String MEGABYTE = "x".repeat(1_000_000);

    private static final List<String> BAD_VALUES = List.of(
            "",
            " ",
            "-1",
            "0",
            "NaN",
            "1e308",
            "99999999999999999999",
            "0x1p3",
            "a\u0000b",
            "<script>alert(1)</script>",
            "${7*7}__${T(java.lang.Runtime)}__::.x",
            "' or 1=1 -- ",
            "../../etc/passwd",
            "\ud83c\udf45 \u202e",
            "20000 kg water",
            "x".repeat(3000));

    private static final int MANY = 3;

    private static final Pattern VARIABLE = Pattern.compile("\\{([^}]+)}");

    /** What is posted to a route, with values that the furnished kitchen takes. */
    private record Route(String method, String pattern, Set<String> parameters) {}

    private final SignedIn browser = TestKitchen.of("sweeper").http();
    private final Map<String, String> ids = new LinkedHashMap<>();
    private final Set<String> choices = new LinkedHashSet<>();

    @Test
    void noRouteFallsOverWhateverIsSent(WebApplicationContext context) throws Exception {
        furnish();
        List<String> fallen = new ArrayList<>();
        List<String> reached = new ArrayList<>();
        int sent = 0;
        for (Route route :
                routes(context.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class))) {
            for (String parameter : route.parameters()) {
                for (String bad : tried(route, parameter)) {
                    sent++;
                    note(fallen, route, parameter + "=" + shortened(bad), send(route, Map.of(parameter, List.of(bad))));
                }
                sent++;
                note(fallen, route, parameter + " twice", send(route, Map.of(parameter, List.of("1", "two"))));
            }
            HttpResponse<String> usual = send(route, Map.of());
            note(fallen, route, "nothing", usual);
            if (usual.statusCode() < 400) {
                reached.add(route.method() + " " + route.pattern());
            }
            if (route.method().equals("POST")) {
                note(fallen, route, "a megabyte", send(route, Map.of("text", List.of(MEGABYTE))));
            }
        }
        assertThat(sent).isGreaterThan(1000);
        // With usual values most of them do their work: it is the bad value that was judged.
        assertThat(reached).hasSizeGreaterThanOrEqualTo(55);
        assertThat(fallen).isEmpty();
        // And the kitchen is as usable as before.
        for (String page : List.of("/", "/sauces", "/pots", "/journal", "/kitchen", "/devices", "/account", "/foods")) {
            assertThat(browser.get(page).statusCode()).as(page).isEqualTo(200);
        }
    }

    /** All of them; of a plan's many choices a few each, so that all are tried somewhere. */
    private static List<String> tried(Route route, String parameter) {
        if (route.parameters().size() < MANY) {
            return BAD_VALUES;
        }
        int first = Math.floorMod((route.pattern() + parameter).hashCode(), BAD_VALUES.size());
        return IntStream.range(0, route.parameters().size() < 3 * MANY ? 4 : 1)
                .mapToObj(i -> BAD_VALUES.get((first + 5 * i) % BAD_VALUES.size()))
                .toList();
    }

    private static void note(List<String> fallen, Route route, String what, HttpResponse<String> answer) {
        if (answer.statusCode() >= 500) {
            fallen.add(answer.statusCode() + " " + route.method() + " " + route.pattern() + " with " + what);
        }
    }

    private static String shortened(String value) {
        return value.length() > 30 ? value.substring(0, 30) + "…" : value;
    }

    /** A sauce, a pot, a plan and a cook, so that addresses lead somewhere. */
    private void furnish() throws Exception {
        ids.putAll(browser.furnish());
        Jsoup.parse(browser.get("/sauces/" + ids.get("sauces") + "/plan").body())
                .select("[name]:not(meta, [name=_csrf])")
                .forEach(field -> choices.add(field.attr("name")));
        assertThat(choices).hasSizeGreaterThan(20);
    }

    private List<Route> routes(RequestMappingHandlerMapping mapping) {
        Map<String, Route> routes = new TreeMap<>();
        mapping.getHandlerMethods().forEach((info, method) -> {
            Set<RequestMethod> verbs = info.getMethodsCondition().getMethods();
            for (String pattern : info.getPatternValues()) {
                boolean ours = method.getBeanType().getName().startsWith("app.gradior");
                boolean endless = pattern.endsWith("/stream");
                // It would end what the sweep goes on with.
                boolean ends = pattern.startsWith("/account/") || pattern.equals("/demo") || pattern.contains("/join/");
                if (ours && !endless && !ends) {
                    for (RequestMethod verb : verbs.isEmpty() ? Set.of(RequestMethod.GET) : verbs) {
                        routes.merge(
                                verb + " " + pattern,
                                new Route(verb.name(), pattern, parameters(method)),
                                (a, b) -> new Route(a.method(), a.pattern(), union(a.parameters(), b.parameters())));
                    }
                }
            }
        });
        List<Route> inOrder = new ArrayList<>(routes.values());
        // What takes away comes last.
        inOrder.sort(
                Comparator.comparing(route -> route.pattern().matches(".*/(remove|delete|give-up|archive|sauces)")));
        return inOrder;
    }

    private static Set<String> union(Set<String> one, Set<String> other) {
        Set<String> both = new LinkedHashSet<>(one);
        both.addAll(other);
        return both;
    }

    /** What a handler asks for: its parameters, the parts of its forms, the parts of its path, the choices of a plan. */
    private Set<String> parameters(HandlerMethod handler) {
        Set<String> names = new LinkedHashSet<>();
        for (MethodParameter parameter : handler.getMethodParameters()) {
            parameter.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
            Class<?> type = parameter.getParameterType();
            RequestParam asked = parameter.getParameterAnnotation(RequestParam.class);
            if (parameter.hasParameterAnnotation(PathVariable.class)) {
                names.add("{" + parameter.getParameterName() + "}");
            } else if (Map.class.isAssignableFrom(type) && asked != null) {
                names.addAll(choices);
            } else if (asked != null) {
                names.add(asked.value().isEmpty() ? parameter.getParameterName() : asked.value());
            } else if (type.isRecord()) {
                for (var component : type.getRecordComponents()) {
                    names.add(component.getName());
                }
            }
        }
        return names;
    }

    private HttpResponse<String> send(Route route, Map<String, List<String>> bad) throws Exception {
        Matcher variables = VARIABLE.matcher(route.pattern());
        StringBuilder path = new StringBuilder();
        while (variables.find()) {
            List<String> value = bad.get("{" + variables.group(1) + "}");
            String part =
                    value == null ? ids.getOrDefault(key(route.pattern(), variables.group(1)), "1") : value.get(0);
            variables.appendReplacement(
                    path, Matcher.quoteReplacement(encoded(part).replace("+", "%20")));
        }
        variables.appendTail(path);
        StringBuilder fields = new StringBuilder();
        for (String name : route.parameters()) {
            if (!name.startsWith("{")) {
                for (String value : bad.getOrDefault(name, List.of(usual(route.pattern(), name)))) {
                    fields.append('&').append(name).append('=').append(encoded(value));
                }
            }
        }
        bad.forEach((name, values) -> {
            if (!route.parameters().contains(name)) {
                fields.append('&').append(name).append('=').append(encoded(values.get(0)));
            }
        });
        String query = fields.isEmpty() ? "" : fields.substring(1);
        if (route.method().equals("GET")) {
            return browser.get(path + (query.isEmpty() ? "" : "?" + query));
        }
        return browser.post(path.toString(), query);
    }

    private static String key(String pattern, String variable) {
        return variable.equals("id") ? pattern.split("/")[1] : variable;
    }

    /** A value that the route takes, so that the bad one beside it is what is judged. */
    private String usual(String pattern, String name) {
        return switch (name) {
            case "text" -> "400 g plums\n200 ml water\nSimmer 5 min";
            case "name" -> "Some name";
            case "kind" -> pattern.contains("events") ? "weighed" : pattern.contains("rings") ? "INDUCTION" : "SCALE";
            case "sauce" -> ids.getOrDefault("sauces", "");
            case "pot" -> pattern.contains("events") ? "false" : ids.getOrDefault("pots", "");
            case "ring" -> ids.getOrDefault("rings", "");
            case "cook", "plan" ->
                pattern.startsWith("/sauces/{id}")
                        ? "false"
                        : java.util.UUID.randomUUID().toString();
            case "event", "amends", "test", "batch", "late", "ago", "deleted" -> "";
            case "trouble" -> "TOO_THIN";
            case "left", "right" -> "1";
            case "keep" -> "WEIGHT";
            case "line" -> "0";
            case "litres" -> "";
            case "kitchen" -> "Kitchen";
            case "under" -> ids.getOrDefault("pots", "");
            case "food" -> "water";
            case "material" -> "STEEL";
            case "activity" -> "SIMMER";
            case "use" -> "POUR";
            case "dial" -> "1-9";
            case "units" -> "METRIC";
            case "measures" -> "METRIC";
            case "temperature" -> "CELSIUS";
            case "timeZone" -> "Europe/Berlin";
            case "out", "away", "archived" -> "false";
            case "version" -> "1";
            case "by" -> "times";
            case "value", "amount", "weight" -> "700";
            default -> "20";
        };
    }

    private static String encoded(String value) {
        // It takes a while to see of a million letters that they stay as they are.
        return value.equals(MEGABYTE) ? value : URLEncoder.encode(value, StandardCharsets.UTF_8);
    }
}
