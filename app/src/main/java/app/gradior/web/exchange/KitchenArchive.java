package app.gradior.web.exchange;

import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.Verdicts;
import app.gradior.web.equipment.BoilOffMapper;
import app.gradior.web.equipment.Pots;
import app.gradior.web.equipment.Rings;
import app.gradior.web.food.KitchenMeasures;
import app.gradior.web.journal.BatchPhotos;
import app.gradior.web.keeping.Jars;
import app.gradior.web.planning.PlanService;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes all that a kitchen has as one zip: see {@code docs/formats/README.md}. */
@Component
class KitchenArchive {
    private final KitchenFiles files;
    private final SauceService sauces;
    private final Pots pots;
    private final Rings rings;
    private final BoilOffMapper tests;
    private final PlanService plans;
    private final BatchService cooks;
    private final Verdicts verdicts;
    private final KitchenMeasures measures;
    private final Jars jars;
    private final BatchPhotos photos;
    private final JsonMapper json;

    KitchenArchive(
            KitchenFiles files,
            SauceService sauces,
            Pots pots,
            Rings rings,
            BoilOffMapper tests,
            PlanService plans,
            BatchService cooks,
            Verdicts verdicts,
            KitchenMeasures measures,
            Jars jars,
            BatchPhotos photos,
            JsonMapper json) {
        this.files = files;
        this.sauces = sauces;
        this.pots = pots;
        this.rings = rings;
        this.tests = tests;
        this.plans = plans;
        this.cooks = cooks;
        this.verdicts = verdicts;
        this.measures = measures;
        this.jars = jars;
        this.photos = photos;
        this.json = json;
    }

    /** Written as it is read, one cook after another: a kitchen of years need not fit into memory. */
    void write(UUID kitchen, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            List<Sauce> all = new ArrayList<>(sauces.all(kitchen));
            all.addAll(sauces.archived(kitchen));
            put(zip, "kitchen.json", files.write(kitchen, all));
            put(zip, "pots.json", write(pots.all(kitchen)));
            put(zip, "rings.json", write(rings.all(kitchen)));
            put(zip, "boil-offs.json", write(tests.all(kitchen)));
            put(zip, "plans.json", write(plans.all(kitchen)));
            put(zip, "jars.json", write(jars.export(kitchen)));
            put(zip, "measures.json", write(measures.of(kitchen)));
            put(zip, "verdicts.json", write(verdicts.all(kitchen)));
            cooks.export(kitchen, (row, entries) -> {
                Map<String, Object> cook = new LinkedHashMap<>();
                cook.put("cook", row);
                cook.put("entries", entries.stream().map(json::readTree).toList());
                put(zip, "cooks/" + row.id() + ".json", write(cook));
                photos.find(kitchen, row.id()).ifPresent(jpeg -> put(zip, "pictures/cook-" + row.id() + ".jpg", jpeg));
            });
            for (Sauce sauce : all) {
                sauces.photo(kitchen, sauce.id())
                        .ifPresent(jpeg -> put(zip, "pictures/sauce-" + sauce.id() + ".jpg", jpeg));
            }
        }
    }

    private String write(Object value) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(value);
    }

    private static void put(ZipOutputStream zip, String name, String text) {
        put(zip, name, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) {
        try {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(bytes);
            zip.closeEntry();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
