package app.gradior.browser;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.MetCommits;
import app.gradior.RunningApplication;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.WaitUntilState;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Every form of every page of a kitchen that was just opened, filled in and sent in a real browser to its end. Pages and
 * forms are found by going where links lead, so that a new form is tried without being named here.
 */
@ExtendWith(RunningApplication.class)
class EveryFormTest {
    /** Forms that end or begin a session: sent when all others were. */
    private static final Set<String> LAST = Set.of(
            "/signout",
            "/demo",
            "/signin",
            "/signup",
            "/quick",
            "/account/password",
            "/account/sign-out-everywhere",
            "/account/delete");

    private static final String ID = "[0-9a-f]{8}-[0-9a-f-]{27}";

    /** What is typed into fields of these names; any other gets a plain number. */
    private static final Map<String, String> TYPED = Map.ofEntries(
            Map.entry("name", "Something of ours"),
            Map.entry("called", "Something of ours"),
            Map.entry("text", "400 g plums\n300 ml water\nReduce by half"),
            Map.entry("pasted", "400 g plums\n300 ml water"),
            Map.entry("baseCm", "24"),
            Map.entry("rimCm", "24,5"),
            Map.entry("wallCm", "12"),
            Map.entry("litres", ""),
            Map.entry("tareG", "2000"),
            Map.entry("width", "24 cm"),
            Map.entry("pan", "24 cm"),
            Map.entry("height", "500 m"),
            Map.entry("food", "mango juice"),
            Map.entry("amount", "500"),
            Map.entry("watts", "2000"),
            Map.entry("sizeCm", "18"),
            Map.entry("dial", "1-9"),
            Map.entry("weight", "3000"),
            Map.entry("ago", ""),
            Map.entry("kitchen", "Our kitchen"),
            Map.entry("ml", "1000"),
            Map.entry("mm", "22"),
            Map.entry("altitudeM", "300"),
            Map.entry("roomC", "21,5"),
            Map.entry("carbohydrate", "20"),
            Map.entry("sugars", "10"),
            Map.entry("fibre", "2"),
            Map.entry("aliases", "other name"),
            Map.entry("gramsPerMl", "1"),
            Map.entry("mix", ""),
            Map.entry("source", "its label"),
            Map.entry("current", "three long words"),
            Map.entry("next", "four other odd words"),
            Map.entry("password", "four other odd words"),
            Map.entry("jars", "3"),
            Map.entry("q", "plum"),
            Map.entry("liquid", "500 ml chicken stock"),
            Map.entry("line", "stew 40 ring"),
            Map.entry("course", "starter"),
            Map.entry("courseTime", "18:30"),
            Map.entry("awayFrom", "17:00"),
            Map.entry("awayTo", "17:20"),
            Map.entry("brimMl", "190"),
            Map.entry("tallCm", "8,5"),
            Map.entry("into", "100"),
            Map.entry("owned", "6"),
            Map.entry("k", "0.9"));

    /** These of the cook page, by what has happened. */
    private static final Map<String, String> VALUES =
            Map.of("weighed", "2650", "added", "100 ml water", "finished", "600", "wanted", "45", "temperature", "95");

    private final Set<String> visited = new LinkedHashSet<>();
    private final Map<String, String> seen = new LinkedHashMap<>();
    private final Deque<String> pages = new ArrayDeque<>();
    private final Set<String> sent = new LinkedHashSet<>();
    private final List<String> troubles = new ArrayList<>();
    private final Set<Request> underWay = new HashSet<>();

    /** As on a cluster where somebody else is always quicker: each change is made once more, and nobody hears of it. */
    @BeforeEach
    void everyChangeMeetsAnother() {
        MetCommits.every(true);
    }

    @AfterEach
    void noChangeMeetsAnother() {
        MetCommits.every(false);
    }

    @Test
    void everyFormOfANewKitchenIsSentToItsEnd() {
        Page page = Kitchens.open("form-filler", 1280, 800);
        page.onResponse(answer -> {
            String method = answer.request().method();
            // What was taken away by an earlier form is not there any more; what is sent is taken.
            if (answer.status() >= (method.equals("POST") ? 400 : 500)) {
                troubles.add(answer.status() + " " + method + " " + address(answer.url()) + " "
                        + answer.request().postData());
            }
        });
        page.onRequest(request -> {
            if (request.method().equals("POST")) {
                underWay.add(request);
            }
        });
        page.onRequestFinished(underWay::remove);
        page.onRequestFailed(underWay::remove);
        page.onPageError(error -> troubles.add("script: " + error));
        page.onDialog(dialog -> dialog.accept());
        // One pass makes things, the next ones find the forms that these have.
        for (int pass = 0; pass < 3; pass++) {
            visited.clear();
            pages.add("/");
            while (!pages.isEmpty()) {
                String address = pages.remove();
                if (visited.add(address.replaceAll(ID, "ID").replaceAll("[?#].*", ""))) {
                    seen.put(address.replaceAll(ID, "ID").replaceAll("[?#].*", ""), address);
                    sendAll(page, address, false);
                }
            }
        }
        for (String address : List.copyOf(seen.values())) {
            sendAll(page, address, true);
        }
        endTheSession(page);

        assertThat(troubles).isEmpty();
        assertThat(sent).as(String.join("\n", sent)).hasSizeGreaterThan(40);
        assertThat(MetCommits.met()).isGreaterThan(40);
    }

    /** What ends a session comes last, each from a session of its own. */
    private void endTheSession(Page page) {
        sendOne(page, "/quick", "/quick", Map.of("amount", "1 l", "pan", "24 cm"));
        page.waitForURL("**/cooks/*");
        sendOne(page, "/account", "/account/password", Map.of());
        assertThat(page.locator(".news").textContent()).contains("Your password is changed");
        sendOne(page, "/account", "/account/sign-out-everywhere", Map.of());
        page.waitForURL("**/signin*");
        sendOne(page, "/signin", "/signin", Map.of("username", "form-filler"));
        page.waitForURL(RunningApplication.address() + "/");
        sendOne(page, "/account", "/signout", Map.of());
        page.waitForURL("**/signin*");
        sendOne(page, "/signin", "/demo", Map.of());
        page.waitForURL(RunningApplication.address() + "/");
        sendOne(page, "/", "/signout", Map.of());
        page.waitForURL("**/signin*");
        sendOne(page, "/signup", "/signup", Map.of("name", "form-filler-too", "kitchen", "Another kitchen"));
        page.waitForURL("**/sauces/starters");
        page.evaluate("fetch('/kitchen/everything.zip').then((answer) => answer.blob()).then((zip) => zip.size)");
        sendOne(page, "/account", "/account/delete", Map.of());
        page.waitForURL("**/signin*");
    }

    private void sendOne(Page page, String from, String path, Map<String, String> typed) {
        go(page, from);
        int form = ((Number) page.evaluate(
                        "(path) => [...document.forms].findIndex((form) => new URL(form.action).pathname === path)",
                        path))
                .intValue();
        assertThat(form).as(path + " on " + from).isNotNegative();
        fill(page, form, "");
        page.evaluate(
                "([i, typed]) => Object.entries(typed).forEach(([name, value]) => (document.forms[i].elements[name].value = value))",
                List.of(form, typed));
        submit(page, form);
        sent.add("post " + path + " ");
    }

    private static String address(String url) {
        return URI.create(url).getPath();
    }

    /** Sends each form of a page that was not sent yet; what takes away or ends waits for the second round. */
    private void sendAll(Page page, String address, boolean ending) {
        Map<?, ?> looked = (Map<?, ?>) page.evaluate("""
                async (address) => {
                  const answer = await fetch(address);
                  const html = new DOMParser().parseFromString(await answer.text(), 'text/html');
                  const links = [...html.querySelectorAll('a[href^="/"]:not([download])')].map((a) => a.getAttribute('href'));
                  const forms = [...html.forms].map((form) => [
                    form.method,
                    new URL(form.getAttribute('action') || answer.url, answer.url).pathname,
                    form.querySelector('input[type=hidden][name=kind]')?.value ?? '']);
                  return { links, forms };
                }""", address);
        for (Object link : (List<?>) looked.get("links")) {
            // A pot under way has no form that is posted, and draws with all there is: it has a test of its own.
            if (!link.toString().matches(".*(export|\\.pdf|\\.zip|/practice/runs/).*")) {
                pages.add(link.toString());
            }
        }
        boolean unsent = ((List<?>) looked.get("forms"))
                .stream()
                        .map(form -> (List<?>) form)
                        .anyMatch(form -> isToBeSent(
                                form.get(0).toString(),
                                form.get(1).toString(),
                                form.get(2).toString(),
                                ending));
        // Only a page with a form that was not sent yet is opened: that takes a browser its time.
        if (!unsent) {
            return;
        }
        go(page, address);
        int forms = ((Number) page.evaluate("document.forms.length")).intValue();
        for (int i = 0; i < forms; i++) {
            Map<?, ?> form = (Map<?, ?>) page.evaluate("""
                    (i) => {
                      const form = document.forms[i];
                      const kind = form?.querySelector('input[type=hidden][name=kind]')?.value ?? '';
                      return form ? { path: new URL(form.action).pathname, method: form.method, kind } : { path: '' };
                    }""", i);
            String path = form.get("path").toString();
            if (path.isEmpty()
                    || !isToBeSent(
                            form.get("method").toString(),
                            path,
                            form.get("kind").toString(),
                            ending)) {
                continue;
            }
            String signature = signature(
                    form.get("method").toString(), path, form.get("kind").toString());
            sent.add(signature);
            fill(page, i, path.endsWith("/weigh") ? "boiled-off" : String.valueOf(form.get("kind")));
            if (path.endsWith("/end")) {
                RunningApplication.clock().pass(Duration.ofMinutes(10));
            }
            submit(page, i);
            String led = page.url().replace(RunningApplication.address(), "");
            if (!led.startsWith("/practice/runs/")) {
                pages.add(led);
            }
            go(page, address);
            // What was sent may have changed the page: it is looked through anew.
            forms = ((Number) page.evaluate("document.forms.length")).intValue();
            i = -1;
        }
    }

    private static String signature(String method, String path, String kind) {
        return method + " "
                + path.replaceAll(ID, "ID").replaceAll("/\\d+/", "/N/").replaceAll("/lessons/[a-z-]+", "/lessons/KEY")
                + " " + kind;
    }

    private boolean isToBeSent(String method, String path, String kind, boolean ending) {
        boolean ends = path.matches(".*(/delete|/leave|/remove|/give-up|/withdraw|/archive)")
                || Set.of("finished", "given-up").contains(kind);
        return !LAST.contains(path) && !sent.contains(signature(method, path, kind)) && (ending || !ends);
    }

    private static void go(Page page, String address) {
        Page.NavigateOptions early = new Page.NavigateOptions().setWaitUntil(WaitUntilState.DOMCONTENTLOADED);
        try {
            // One that asks whether to leave what is typed hangs until it is asked again.
            page.navigate(
                    address,
                    new Page.NavigateOptions()
                            .setWaitUntil(WaitUntilState.DOMCONTENTLOADED)
                            .setTimeout(6_000));
        } catch (PlaywrightException interrupted) {
            // A page that a script was just leaving for has come in between.
            page.waitForTimeout(1500);
            page.navigate(address, early);
        }
    }

    private static void fill(Page page, int form, String kind) {
        Map<String, String> typed = new LinkedHashMap<>(TYPED);
        if (kind.equals("boiled-off")) {
            typed.put("weight", "2860");
        }
        typed.put("value", VALUES.getOrDefault(kind, "5"));
        page.evaluate("""
                ([i, typed]) => {
                  for (const field of document.forms[i].elements) {
                    if (field.type === 'hidden' || field.type === 'submit' || field.type === 'file' || field.type === 'button') continue;
                    if (field.tagName === 'SELECT') {
                      if (!field.value) field.value = [...field.options].map((o) => o.value).find((v) => v) ?? '';
                    } else if (field.type === 'range' || field.type === 'checkbox' || field.type === 'radio') continue;
                    else if (field.name in typed) field.value = typed[field.name];
                    else if (!field.value && field.inputMode) field.value = '5';
                  }
                }""", List.of(form, typed));
        String files = "form:nth-of-type(n) input[type=file]";
        boolean takesFile = (Boolean)
                page.evaluate("(i) => !!document.forms[i].querySelector('input[type=file][name=photo]')", form);
        boolean takesArchive = (Boolean)
                page.evaluate("(i) => !!document.forms[i].querySelector('input[type=file][name=archive]')", form);
        if (takesArchive) {
            byte[] zip = page.request()
                    .get(RunningApplication.address() + "/kitchen/everything.zip")
                    .body();
            page.locator("input[type=file]").first().setInputFiles(new FilePayload("all.zip", "application/zip", zip));
        }
        if (takesFile) {
            page.locator(files).first().setInputFiles(new FilePayload("sauce.jpg", "image/jpeg", picture()));
        }
    }

    private void submit(Page page, int form) {
        // Of what an earlier page sent as it was left, nobody may hear how it ended.
        underWay.clear();
        page.evaluate("""
                (i) => {
                  const form = document.forms[i];
                  const button = [...form.elements].find((one) => one.tagName === 'BUTTON' && one.type === 'submit');
                  form.requestSubmit(button ?? undefined);
                }""", form);
        // A form that is sent by a script answers in its page; one that is not leads on. What was sent is waited for:
        // who leaves before a new password is answered leaves with the session of the old one.
        page.waitForTimeout(40);
        page.waitForCondition(underWay::isEmpty);
        page.waitForLoadState(LoadState.DOMCONTENTLOADED);
    }

    private static byte[] picture() {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB), "jpg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
