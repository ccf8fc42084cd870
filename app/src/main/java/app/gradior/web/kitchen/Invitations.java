package app.gradior.web.kitchen;

import app.gradior.web.platform.NotFound;
import app.gradior.web.platform.SiteAddress;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Links by which one more person joins a kitchen. */
@Component
class Invitations {
    private static final Duration LASTS = Duration.ofDays(7);

    private final AccountMapper mapper;
    private final SiteAddress site;
    private final Clock clock;

    Invitations(AccountMapper mapper, SiteAddress site, Clock clock) {
        this.mapper = mapper;
        this.site = site;
        this.clock = clock;
    }

    /** Those that can still be taken up. */
    List<AccountMapper.InvitationRow> open(UUID kitchen) {
        return mapper.invitations(kitchen, clock.instant());
    }

    /** Makes the link for one more person; it can't be shown again. */
    String invite(UUID kitchen) {
        String token = Secrets.newToken();
        Instant now = clock.instant();
        mapper.invite(kitchen, UUID.randomUUID(), Secrets.hash(token), now, now.plus(LASTS));
        return site.link("/join/" + token);
    }

    void withdraw(UUID kitchen, UUID id) {
        mapper.withdraw(kitchen, id);
    }

    /** @throws NotFound if there is no such invitation any more */
    AccountMapper.InvitedRow invited(String token) {
        return mapper.invited(Secrets.hash(token), clock.instant()).orElseThrow(() -> new NotFound("invitation"));
    }
}
