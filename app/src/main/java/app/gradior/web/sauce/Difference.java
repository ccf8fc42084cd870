package app.gradior.web.sauce;

import com.github.difflib.text.DiffRow;
import com.github.difflib.text.DiffRowGenerator;
import java.util.List;

/** Two texts side by side, line by line. */
public record Difference(List<Row> rows) {
    /** A line on the left, one on the right, either blank; {@code change} is same, changed, gone or new. */
    public record Row(String left, String right, String change) {}

    public static Difference of(String left, String right) {
        DiffRowGenerator generator =
                DiffRowGenerator.create().lineNormalizer(line -> line).build();
        return new Difference(
                generator.generateDiffRows(left.lines().toList(), right.lines().toList()).stream()
                        .map(row -> new Row(row.getOldLine(), row.getNewLine(), change(row.getTag())))
                        .toList());
    }

    private static String change(DiffRow.Tag tag) {
        return switch (tag) {
            case EQUAL -> "same";
            case CHANGE -> "changed";
            case DELETE -> "gone";
            case INSERT -> "new";
        };
    }

    public boolean isNone() {
        return rows.stream().allMatch(row -> row.change().equals("same"));
    }
}
