package app.gradior;

import static org.springframework.security.test.web.servlet.setup.SecurityMockMvcConfigurers.springSecurity;

import app.gradior.browser.Browsers;
import app.gradior.pot.Material;
import app.gradior.web.SignedIn;
import app.gradior.web.equipment.KitchenPot;
import app.gradior.web.equipment.PotMapper;
import app.gradior.web.kitchen.Accounts;
import app.gradior.web.kitchen.KitchenCache;
import app.gradior.web.kitchen.NewKitchen;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import com.microsoft.playwright.Page;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;

/** A kitchen made for a test with somebody who is signed in to it: before the controllers, over HTTP or in a browser. */
public final class TestKitchen {
    private static MockMvcTester mvc;
    private static WebApplicationContext mvcOf;

    private final String name;
    private final UUID id;

    private TestKitchen(String name, UUID id) {
        this.name = name;
        this.id = id;
    }

    /** Of somebody whose name begins so, and is nobody else's. */
    public static TestKitchen of(String name) {
        return called(name + "-" + UUID.randomUUID());
    }

    /** Of somebody of exactly this name. */
    public static TestKitchen called(String name) {
        return new TestKitchen(
                name,
                bean(Accounts.class)
                        .open(name, SignedIn.PASSWORD, NewKitchen.called("Kitchen of " + name, ZoneOffset.UTC)));
    }

    private static <T> T bean(Class<T> type) {
        return RunningApplication.context().getBean(type);
    }

    public String name() {
        return name;
    }

    public UUID id() {
        return id;
    }

    /** Who cooks in it. */
    public UserDetails cook() {
        return bean(Accounts.class).loadUserByUsername(name);
    }

    /** How often something of a kitchen has been written to the disk. */
    public static long writes(UUID kitchen) {
        return bean(KitchenCache.class).changes(kitchen);
    }

    /** Does something as the one who cooks here. */
    public <T> T asCook(Supplier<T> what) {
        UserDetails who = cook();
        SecurityContextHolder.getContext()
                .setAuthentication(new TestingAuthenticationToken(who, null, List.copyOf(who.getAuthorities())));
        try {
            return what.get();
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    /** Signed in over HTTP. */
    public SignedIn http() {
        SignedIn person = SignedIn.visitor(RunningApplication.address(), name);
        person.signIn(SignedIn.PASSWORD);
        return person;
    }

    /** The stove in a browser of its own that is signed in. */
    public Page page(int width, int height) {
        Page page = signedIn(width, height);
        page.navigate("/");
        return page;
    }

    /** An empty page of a browser of its own that is signed in. */
    public Page signedIn(int width, int height) {
        Page page = Browsers.page(width, height, RunningApplication.address());
        page.context().addCookies(http().browserCookies());
        return page;
    }

    /** The application behind its filters, without a network. */
    public static synchronized MockMvcTester mvc() {
        WebApplicationContext context = (WebApplicationContext) RunningApplication.context();
        if (mvcOf != context) {
            mvc = MockMvcTester.create(MockMvcBuilders.webAppContextSetup(context)
                    .apply(springSecurity())
                    .build());
            mvcOf = context;
        }
        return mvc;
    }

    /** A steel casserole of 24 cm that weighs 2 kg. */
    public KitchenPot casserole() {
        return pot("Casserole", 240, 120, 2000);
    }

    /** A steel pot with straight walls, in mm and g. */
    public KitchenPot pot(String called, int acrossMm, int wallMm, int tareG) {
        KitchenPot pot = new KitchenPot(
                UUID.randomUUID(), called, acrossMm, acrossMm, wallMm, Material.STEEL, tareG, true, true);
        bean(PotMapper.class).insert(id, pot, RunningApplication.clock().instant());
        return pot;
    }

    public Sauce sauce(String called, String text) {
        return bean(SauceService.class).add(id, called, text);
    }
}
