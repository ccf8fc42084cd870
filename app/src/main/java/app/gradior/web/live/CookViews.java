package app.gradior.web.live;

import app.gradior.cook.Cook;
import app.gradior.cook.CookEvent;
import app.gradior.cook.Forecast;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.CookRow;
import app.gradior.web.text.UnitFormat;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Makes views of cooks: of a finished one as it was when it came off, of any other as it is now. */
@Component
public class CookViews {
    private final BatchService cooks;

    /** So much older a forecast may be, and nothing in it is seen to have changed. */
    private static final Duration SAME = Duration.ofSeconds(1);

    /** Of a cook among others only whole minutes are told. */
    private static final Duration SAME_AMONG_OTHERS = Duration.ofSeconds(5);

    private final Cache<Cook, Forecast> latest =
            Caffeine.newBuilder().weakKeys().build();

    /** What was expected of cooks at their start, which nothing changes any more, for as long as they are remembered. */
    private final Cache<CookEvent.Started, Forecast> atTheStart =
            Caffeine.newBuilder().weakKeys().build();

    CookViews(BatchService cooks) {
        this.cooks = cooks;
    }

    public CookView of(BatchService.StoredCook kept, UnitFormat say) {
        return of(kept, say, SAME);
    }

    private CookView of(BatchService.StoredCook kept, UnitFormat say, Duration same) {
        Instant moment =
                kept.row().finishedAt() == null ? cooks.now() : kept.row().finishedAt();
        CookEvent.Started started = kept.cook().started();
        return new CookView(
                kept,
                moment,
                forecast(kept.cook(), moment, same),
                () -> atTheStart.get(started, start -> Cook.of(List.of(start)).forecast(start.at())),
                say);
    }

    private Forecast forecast(Cook cook, Instant moment, Duration same) {
        return latest.asMap()
                .compute(cook, (of, known) -> known != null && isOf(known, moment, same) ? known : of.forecast(moment));
    }

    /** Whether a forecast will do for a moment. */
    static boolean isOf(Forecast forecast, Instant moment) {
        return isOf(forecast, moment, SAME);
    }

    private static boolean isOf(Forecast forecast, Instant moment, Duration same) {
        return Duration.between(forecast.now(), moment).abs().compareTo(same) <= 0;
    }

    /** Every cook of a kitchen that is on the heat or waits to come off. */
    public List<CookView> underWay(UUID kitchen, UnitFormat say) {
        return of(kitchen, cooks.rowsUnderWay(kitchen), say);
    }

    /** Those of rows that were just read, as one names them among others. */
    List<CookView> of(UUID kitchen, List<CookRow> rows, UnitFormat say) {
        return rows.stream()
                .map(row -> of(cooks.kept(kitchen, row), say, SAME_AMONG_OTHERS))
                .toList();
    }

    /** The moment that views of running cooks are of. */
    public Instant now() {
        return cooks.now();
    }
}
