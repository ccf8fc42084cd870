package app.gradior.web.exchange;

import app.gradior.web.kitchen.KitchenTable;
import app.gradior.web.sauce.Sauce;
import app.gradior.web.sauce.SauceService;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes all that a kitchen has as one zip: see {@code docs/formats/README.md}. {@link KitchenIntake} takes it in again. */
@Component
class KitchenArchive {
    static final String FORMAT = "gradior-archive/1";
    static final String MANIFEST = "gradior.json";
    static final String ROWS = "rows/";
    static final String LINES = ".jsonl";
    static final String PICTURES = "pictures/";
    static final String JPEG = ".jpg";

    /** What of a kitchen's own row goes along. */
    static final List<String> SETTINGS =
            List.of("name", "altitude_m", "measures", "units", "temperature", "hood", "room_c", "time_zone");

    /** Whose pictures are kept, by the names of their tables. */
    static final List<String> PICTURED = List.of("sauce", "cook");

    private final ArchiveMapper mapper;
    private final KitchenFiles files;
    private final SauceService sauces;
    private final Clock clock;
    private final JsonMapper json;

    KitchenArchive(ArchiveMapper mapper, KitchenFiles files, SauceService sauces, Clock clock, JsonMapper json) {
        this.mapper = mapper;
        this.files = files;
        this.sauces = sauces;
        this.clock = clock;
        this.json = json;
    }

    /**
     * What an archive says of itself.
     *
     * @param schema the migration of the database it was written from
     * @param kitchen the kitchen's own settings by the names of their columns
     * @param tables the columns of each table's rows
     */
    record Manifest(
            String format, int schema, String madeAt, Map<String, Object> kitchen, Map<String, List<String>> tables) {}

    /** The tables that go along, those that others point at first. */
    static List<String> tables() {
        List<String> tables = new ArrayList<>();
        for (KitchenTable table : KitchenTable.ALL) {
            if (table.moves()) {
                tables.add(0, table.name());
            }
        }
        return tables;
    }

    static List<ArchiveColumn> columns(ArchiveMapper mapper, String table) {
        return mapper.columns(table).stream()
                .filter(column -> !column.counted() && !column.name().equals("kitchen_id"))
                .map(ArchiveColumn::new)
                .toList();
    }

    /**
     * Writes it as it is at one moment. To a file, and not to who asks: the database does not wait for a slow line.
     *
     * @return a file that is the caller's to remove
     */
    @Transactional(readOnly = true)
    Path write(UUID kitchen) throws IOException {
        Path file = Files.createTempFile("gradior-kitchen", ".zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            write(kitchen, out);
            return file;
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(file);
            throw e;
        }
    }

    private void write(UUID kitchen, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            Map<String, List<String>> tables = new LinkedHashMap<>();
            for (String table : tables()) {
                tables.put(
                        table,
                        columns(mapper, table).stream().map(ArchiveColumn::name).toList());
            }
            put(
                    zip,
                    MANIFEST,
                    pretty(new Manifest(
                            FORMAT,
                            mapper.schema(),
                            clock.instant().toString(),
                            mapper.settings(kitchen, String.join(", ", SETTINGS)),
                            tables)));
            List<Sauce> all = new ArrayList<>(sauces.all(kitchen));
            all.addAll(sauces.archived(kitchen));
            put(zip, "kitchen.json", files.write(kitchen, all).getBytes(StandardCharsets.UTF_8));
            for (String table : tables()) {
                rows(zip, kitchen, table);
            }
            for (String owner : PICTURED) {
                for (UUID id : mapper.photos(kitchen, owner)) {
                    put(
                            zip,
                            PICTURES + owner + "-" + id + JPEG,
                            mapper.photo(kitchen, owner, id).jpeg());
                }
            }
        }
    }

    /** In the order in which they came, where the database knows it. */
    private void rows(ZipOutputStream zip, UUID kitchen, String table) throws IOException {
        List<ArchiveColumn> columns = columns(mapper, table);
        String order = mapper.columns(table).stream()
                .filter(ArchiveMapper.Column::counted)
                .findFirst()
                .map(column -> "`" + column.name() + "`")
                .orElseGet(() -> mapper.columns(table).stream()
                        .filter(ArchiveMapper.Column::key)
                        .map(column -> "`" + column.name() + "`")
                        .collect(Collectors.joining(", ")));
        zip.putNextEntry(new ZipEntry(ROWS + table + LINES));
        mapper.rows(
                kitchen,
                table,
                columns.stream().map(ArchiveColumn::asked).collect(Collectors.joining(", ")),
                order,
                row -> line(zip, columns, row.getResultObject()));
        zip.closeEntry();
    }

    private void line(ZipOutputStream zip, List<ArchiveColumn> columns, Map<String, Object> row) {
        ObjectNode line = json.createObjectNode();
        for (ArchiveColumn column : columns) {
            Object value = row.get(column.name());
            if (value != null) {
                line.set(column.name(), column.write(value, json));
            }
        }
        try {
            zip.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private byte[] pretty(Object value) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }
}
