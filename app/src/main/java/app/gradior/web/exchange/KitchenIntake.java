package app.gradior.web.exchange;

import app.gradior.web.keeping.Jars;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes in what {@link KitchenArchive} wrote. Ids stay as they are, so that taking it in again doubles nothing; what is
 * here already stays as it is. Only where an id is another kitchen's, as with a copy in the same house, all of them are
 * changed, each always to the same.
 */
@Component
class KitchenIntake {
    private static final Logger LOG = LoggerFactory.getLogger(KitchenIntake.class);

    private static final Pattern ID =
            Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}", Pattern.CASE_INSENSITIVE);

    private static final Pattern PICTURE = Pattern.compile("pictures/(sauce|cook)-(" + ID.pattern() + ")\\.jpg");

    /** Rows that go into the database with one statement, and about how many letters at most. */
    private static final int AT_ONCE = 200;

    private static final int LETTERS_AT_ONCE = 1_000_000;

    /** A line is a row: a sauce's text at most. */
    private static final int MAX_LINE = 1_000_000;

    /** All lines together: decades of batches. What says more of itself than it weighs does not fill the disk. */
    private static final long MAX_LETTERS = 2_000_000_000L;

    private static final int MAX_PICTURE = 4 * 1024 * 1024;

    /** What belongs to a thing comes with it or stays away with it: no thing is half of here and half of there. */
    private static final Map<String, String> OWNERS = Map.of(
            "sauce_version", "sauce",
            "sauce_origin", "sauce",
            "cook_event", "cook",
            "batch_summary", "cook",
            "batch_reading", "cook",
            "verdict", "cook",
            "jar_event", "jar",
            "evening_event", "evening",
            "practice_guess", "practice_run");

    private final ArchiveMapper mapper;
    private final KitchenCheck check;
    private final Jars jars;
    private final JsonMapper json;

    KitchenIntake(ArchiveMapper mapper, KitchenCheck check, Jars jars, JsonMapper json) {
        this.mapper = mapper;
        this.check = check;
        this.jars = jars;
        this.json = json;
    }

    /** How many of each table's things came in, and how many were here before. */
    record TakenIn(Map<String, Integer> came, Map<String, Integer> before) {
        int came(String table) {
            return came.getOrDefault(table, 0);
        }

        int wereHere() {
            return before.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /**
     * Takes an archive in, all of it or nothing.
     *
     * @throws Unreadable if it is none, is a newer Gradior's, or holds what can't be
     */
    @Transactional(rollbackFor = Unreadable.class)
    public TakenIn takeIn(UUID kitchen, Path file) throws Unreadable, IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            KitchenArchive.Manifest manifest = manifest(zip);
            boolean empty = check.isEmpty(kitchen);
            Reading reading = new Reading(kitchen, zip, manifest);
            reading.decideIds();
            if (empty) {
                settle(kitchen, manifest);
                mapper.clearStove(kitchen);
            }
            for (String table : KitchenArchive.tables()) {
                reading.takeIn(table);
            }
            reading.takePictures();
            for (ArchiveMapper.Pointer pointer : mapper.pointers()) {
                if (KitchenArchive.tables().contains(pointer.table()) && mapper.pointingOut(kitchen, pointer) > 0) {
                    throw new Unreadable(ExchangeText.POINTS_ELSEWHERE);
                }
            }
            jars.settle(kitchen);
            check.readAll(kitchen);
            return reading.told();
        } catch (PessimisticLockingFailureException met) {
            // Not the archive's fault: it is taken in once more.
            throw met;
        } catch (ZipException e) {
            throw new Unreadable(ExchangeText.NO_ARCHIVE);
        } catch (DataAccessException | JacksonException | IllegalArgumentException | IllegalStateException e) {
            LOG.info("an archive was refused", e);
            throw new Unreadable(ExchangeText.HOLDS_WHAT_CANT_BE);
        }
    }

    private KitchenArchive.Manifest manifest(ZipFile zip) throws Unreadable, IOException {
        ZipEntry entry = zip.getEntry(KitchenArchive.MANIFEST);
        if (entry == null) {
            throw new Unreadable(ExchangeText.NO_ARCHIVE);
        }
        KitchenArchive.Manifest manifest;
        try (InputStream in = zip.getInputStream(entry)) {
            manifest = json.readValue(in.readNBytes(MAX_LINE), KitchenArchive.Manifest.class);
        } catch (JacksonException e) {
            throw new Unreadable(ExchangeText.NO_ARCHIVE);
        }
        if (!KitchenArchive.FORMAT.equals(manifest.format()) || manifest.tables() == null) {
            throw new Unreadable(ExchangeText.NO_ARCHIVE);
        }
        if (manifest.schema() > mapper.schema()) {
            throw new Unreadable(ExchangeText.NEWER);
        }
        return manifest;
    }

    /** Only a kitchen in which nothing is yet becomes as the other was. */
    private void settle(UUID kitchen, KitchenArchive.Manifest manifest) throws Unreadable {
        Map<String, Object> values = new LinkedHashMap<>();
        JsonNode given = json.valueToTree(manifest.kitchen());
        try {
            for (ArchiveMapper.Column column : mapper.columns("kitchen")) {
                if (KitchenArchive.SETTINGS.contains(column.name()) && given.hasNonNull(column.name())) {
                    values.put(column.name(), new ArchiveColumn(column).read(given.get(column.name())));
                }
            }
            if (values.get("time_zone") instanceof String zone) {
                ZoneId.of(zone);
            }
        } catch (DateTimeException | IllegalArgumentException e) {
            throw new Unreadable(ExchangeText.HOLDS_WHAT_CANT_BE);
        }
        if (!values.isEmpty()) {
            mapper.settle(kitchen, values);
        }
    }

    /** One archive on its way in. */
    private final class Reading {
        private final UUID kitchen;
        private final ZipFile zip;
        private final KitchenArchive.Manifest manifest;
        private final Map<String, Set<UUID>> arrived = new HashMap<>();
        private final Set<String> stayed = new HashSet<>();
        private final Map<String, Integer> came = new LinkedHashMap<>();
        private final Map<String, Integer> wereHere = new LinkedHashMap<>();
        private UnaryOperator<String> ids = UnaryOperator.identity();
        private long letters;

        Reading(UUID kitchen, ZipFile zip, KitchenArchive.Manifest manifest) {
            this.kitchen = kitchen;
            this.zip = zip;
            this.manifest = manifest;
        }

        TakenIn told() {
            return new TakenIn(came, wereHere);
        }

        /** All stay, or all are changed: what is said of one thing in many places stays said of it. */
        void decideIds() throws Unreadable, IOException {
            for (String table : KitchenArchive.tables()) {
                boolean named = mapper.columns(table).stream()
                        .anyMatch(column -> column.key()
                                && column.name().equals("id")
                                && column.type().equals("uuid"));
                if (!named || table.equals("cook_event")) {
                    continue;
                }
                List<UUID> some = new ArrayList<>();
                boolean[] change = {false};
                lines(table, line -> {
                    some.add(UUID.fromString(line.path("id").asString("")));
                    if (some.size() == AT_ONCE) {
                        change[0] |= change(table, some);
                        some.clear();
                    }
                });
                if (change[0] || !some.isEmpty() && change(table, some)) {
                    ids = line -> ID.matcher(line)
                            .replaceAll(
                                    id -> changed(UUID.fromString(id.group())).toString());
                    return;
                }
            }
        }

        private boolean change(String table, List<UUID> some) {
            return mapper.elsewhere(kitchen, table, some) > 0
                    || mapper.here(
                                    kitchen,
                                    table,
                                    some.stream().map(this::changed).toList())
                            > 0;
        }

        private UUID changed(UUID id) {
            return UUID.nameUUIDFromBytes((kitchen + " " + id).getBytes(StandardCharsets.US_ASCII));
        }

        private interface Lines {
            void take(JsonNode line) throws Unreadable;
        }

        private void lines(String table, Lines to) throws Unreadable, IOException {
            ZipEntry entry = zip.getEntry(KitchenArchive.ROWS + table + KitchenArchive.LINES);
            if (entry == null) {
                return;
            }
            try (BufferedReader in =
                    new BufferedReader(new InputStreamReader(zip.getInputStream(entry), StandardCharsets.UTF_8))) {
                StringBuilder line = new StringBuilder();
                for (int letter = in.read(); letter >= 0; letter = in.read()) {
                    if (letter == '\n') {
                        to.take(json.readTree(ids.apply(line.toString())));
                        line.setLength(0);
                    } else {
                        line.append((char) letter);
                    }
                    if (++letters > MAX_LETTERS || line.length() > MAX_LINE) {
                        throw new Unreadable(ExchangeText.HOLDS_TOO_MUCH);
                    }
                }
                if (!line.isEmpty()) {
                    throw new Unreadable(ExchangeText.BREAKS_OFF);
                }
            }
        }

        void takeIn(String table) throws Unreadable, IOException {
            List<ArchiveColumn> known = KitchenArchive.columns(mapper, table);
            List<String> given = manifest.tables().getOrDefault(table, List.of());
            // What an older one did not know yet is as it is for a row that was there before.
            List<ArchiveColumn> columns = known.stream()
                    .filter(column -> given.contains(column.name()))
                    .toList();
            if (columns.size() != given.size()) {
                throw new Unreadable(ExchangeText.HOLDS_WHAT_CANT_BE);
            }
            if (columns.isEmpty()) {
                return;
            }
            List<String> key = mapper.columns(table).stream()
                    .filter(column -> column.key() && !column.name().equals("kitchen_id"))
                    .map(ArchiveMapper.Column::name)
                    .toList();
            Set<List<String>> here = keysHere(table, key, known);
            String owner = OWNERS.get(table);
            List<JsonNode> waiting = new ArrayList<>();
            int[] size = {0};
            lines(table, line -> {
                boolean isHere = here.contains(key(line, key));
                String of = line.path(owner + "_id").asString("");
                boolean stays = owner != null && !isNew(owner, of);
                if (stays && !stayed.contains(of)) {
                    throw new Unreadable(ExchangeText.HOLDS_WHAT_CANT_BE);
                }
                if (!isHere && !stays) {
                    waiting.add(line);
                    size[0] += line.toString().length();
                    came.merge(table, 1, Integer::sum);
                    if (line.path("id").isString() && owner == null) {
                        arrived.computeIfAbsent(table, t -> new HashSet<>())
                                .add(UUID.fromString(line.path("id").asString("")));
                    }
                } else if (owner == null) {
                    wereHere.merge(table, 1, Integer::sum);
                    stayed.add(line.path("id").asString(""));
                }
                if (waiting.size() == AT_ONCE || size[0] > LETTERS_AT_ONCE) {
                    insert(table, columns, waiting);
                    size[0] = 0;
                }
            });
            insert(table, columns, waiting);
        }

        private boolean isNew(String table, String id) {
            return ID.matcher(id).matches()
                    && arrived.getOrDefault(table, Set.of()).contains(UUID.fromString(id));
        }

        private Set<List<String>> keysHere(String table, List<String> key, List<ArchiveColumn> columns) {
            Set<List<String>> here = new HashSet<>();
            String asked = columns.stream()
                    .filter(column -> key.contains(column.name()))
                    .map(ArchiveColumn::asked)
                    .collect(Collectors.joining(", "));
            mapper.rows(kitchen, table, asked, "`" + String.join("`, `", key) + "`", row -> {
                JsonNode line = json.valueToTree(row.getResultObject());
                here.add(key(line, key));
            });
            return here;
        }

        private static List<String> key(JsonNode line, List<String> key) {
            return key.stream().map(name -> line.path(name).asString("")).toList();
        }

        private void insert(String table, List<ArchiveColumn> columns, List<JsonNode> waiting) throws Unreadable {
            if (waiting.isEmpty()) {
                return;
            }
            Map<Integer, String> codes = table.equals("jar") ? freeCodes(waiting) : Map.of();
            List<List<Object>> rows = new ArrayList<>();
            for (int i = 0; i < waiting.size(); i++) {
                List<Object> row = new ArrayList<>();
                for (ArchiveColumn column : columns) {
                    try {
                        row.add(
                                column.name().equals("code") && codes.containsKey(i)
                                        ? codes.get(i)
                                        : column.read(waiting.get(i).get(column.name())));
                    } catch (DateTimeException | IllegalArgumentException e) {
                        throw new Unreadable(ExchangeText.notOfThisColumn(table, column.name()));
                    }
                }
                rows.add(row);
            }
            if (table.equals("jar")) {
                numberAnew(columns, rows);
            }
            mapper.insert(
                    kitchen, table, columns.stream().map(ArchiveColumn::name).toList(), rows);
            waiting.clear();
        }

        /** A label says one thing in one house: a copy's jars have codes of their own. */
        private Map<Integer, String> freeCodes(List<JsonNode> waiting) {
            List<String> codes =
                    waiting.stream().map(line -> line.path("code").asString("")).toList();
            Set<String> taken = new HashSet<>(mapper.codesTaken(codes));
            Map<Integer, String> anew = new HashMap<>();
            for (int i = 0; i < codes.size(); i++) {
                if (taken.contains(codes.get(i))) {
                    anew.put(i, Jars.newCode());
                }
            }
            return anew;
        }

        /** Numbers never repeat in a kitchen: where jars were filled before, those that come go on behind them. */
        private void numberAnew(List<ArchiveColumn> columns, List<List<Object>> rows) {
            int at = columns.stream().map(ArchiveColumn::name).toList().indexOf("number");
            Set<Integer> taken = new LinkedHashSet<>(
                    jars.all(kitchen).stream().map(jar -> jar.number()).toList());
            int last = taken.stream().mapToInt(Integer::intValue).max().orElse(0);
            if (at < 0) {
                return;
            }
            for (List<Object> row : rows) {
                if (row.get(at) instanceof Number number && !taken.add(number.intValue())) {
                    row.set(at, ++last);
                    taken.add(last);
                } else if (row.get(at) instanceof Number number) {
                    last = Math.max(last, number.intValue());
                }
            }
        }

        /** Only of what came in: a picture that was taken here since is not put back. */
        void takePictures() throws Unreadable, IOException {
            for (ZipEntry entry : zip.stream().<ZipEntry>map(e -> e).toList()) {
                Matcher name = PICTURE.matcher(ids.apply(entry.getName()));
                if (!name.matches() || !isNew(name.group(1), name.group(2))) {
                    continue;
                }
                byte[] jpeg;
                try (InputStream in = zip.getInputStream(entry)) {
                    jpeg = in.readNBytes(MAX_PICTURE);
                }
                boolean isJpeg = jpeg.length > 3
                        && jpeg.length < MAX_PICTURE
                        && (jpeg[0] & 0xFF) == 0xFF
                        && (jpeg[1] & 0xFF) == 0xD8
                        && (jpeg[2] & 0xFF) == 0xFF;
                if (!isJpeg) {
                    throw new Unreadable(ExchangeText.noPicture(entry.getName()));
                }
                mapper.keepPhoto(kitchen, name.group(1), UUID.fromString(name.group(2)), jpeg);
            }
        }
    }
}
