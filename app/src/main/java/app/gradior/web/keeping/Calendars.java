package app.gradior.web.keeping;

import app.gradior.web.kitchen.AccountMapper;
import app.gradior.web.kitchen.Secrets;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The dates of jars, and the addresses under which calendars read them. */
@Component
class Calendars {
    private static final int MOST = 1000;

    private final JarMapper mapper;
    private final Jars jars;
    private final AccountMapper accounts;
    private final Clock clock;

    Calendars(JarMapper mapper, Jars jars, AccountMapper accounts, Clock clock) {
        this.mapper = mapper;
        this.jars = jars;
        this.accounts = accounts;
        this.clock = clock;
    }

    String of(UUID kitchen, ZoneId zone) {
        List<JarRow> here = jars.here(kitchen, "", 0, MOST);
        return JarCalendar.of(here, zone, clock.instant());
    }

    int addresses(UUID kitchen, String person) {
        return mapper.addresses(kitchen, person);
    }

    /** A new address of a person, in place of the one they had. */
    @Transactional
    public String newAddress(UUID kitchen, String person) {
        mapper.revokeAddresses(kitchen, person);
        String token = Secrets.newToken();
        mapper.addAddress(kitchen, Secrets.hash(token), person, clock.instant());
        return token;
    }

    void revoke(UUID kitchen, String person) {
        mapper.revokeAddresses(kitchen, person);
    }

    /** The dates behind an address; empty if there is none such. */
    Optional<String> behind(String token) {
        return mapper.kitchenOf(Secrets.hash(token))
                .flatMap(accounts::kitchen)
                .map(kitchen -> of(kitchen.id(), kitchen.preference().zone()));
    }
}
