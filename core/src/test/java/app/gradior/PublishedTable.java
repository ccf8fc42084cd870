package app.gradior;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Scanner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A published table among the test resources; its first line states the tolerance it is held to. */
public record PublishedTable(double tolerance, List<CSVRecord> rows) {
    private static final Pattern TOLERANCE = Pattern.compile("# tolerance ([0-9.]*[0-9])");

    public static PublishedTable read(String name) {
        try (Scanner first = new Scanner(open(name));
                Reader reader = open(name)) {
            Matcher stated = TOLERANCE.matcher(first.nextLine());
            if (!stated.lookingAt()) {
                throw new IllegalStateException(name + " does not state its tolerance in the first line");
            }
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .setCommentMarker('#')
                    .get();
            return new PublishedTable(
                    Double.parseDouble(stated.group(1)), format.parse(reader).getRecords());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Reader open(String name) {
        return new InputStreamReader(
                PublishedTable.class.getResourceAsStream("/science/" + name), StandardCharsets.UTF_8);
    }

    public static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }
}
