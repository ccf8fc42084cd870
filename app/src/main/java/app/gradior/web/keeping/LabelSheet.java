package app.gradior.web.keeping;

import app.gradior.web.platform.FieldErrors;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A sheet of labels, in mm: rows and columns within its margins.
 *
 * @param start the first label that is free, from 1
 * @param edges whether the edges of the labels are printed, to try out a sheet
 */
record LabelSheet(
        double width,
        double height,
        int columns,
        int rows,
        double side,
        double top,
        double gapX,
        double gapY,
        int start,
        boolean edges) {
    private static final double SMALLEST_WIDTH = 25;
    private static final double SMALLEST_HEIGHT = 15;

    /** Where a label lies, from the left and the top of its page. */
    record Spot(int page, double x, double y) {}

    public double labelWidth() {
        return (width - 2 * side - (columns - 1) * gapX) / columns;
    }

    public double labelHeight() {
        return (height - 2 * top - (rows - 1) * gapY) / rows;
    }

    /** Every label of a sheet, from the first. */
    List<Spot> whole() {
        return spots(1, rows * columns);
    }

    /** Where so many labels go, one after another, row by row. */
    List<Spot> spots(int labels) {
        return spots(start, labels);
    }

    private List<Spot> spots(int from, int labels) {
        List<Spot> spots = new ArrayList<>();
        int each = rows * columns;
        for (int i = 0; i < labels; i++) {
            int at = from - 1 + i;
            int on = at % each;
            spots.add(new Spot(
                    at / each,
                    side + on % columns * (labelWidth() + gapX),
                    top + on / columns * (labelHeight() + gapY)));
        }
        return spots;
    }

    /** Of what was typed; the usual stands where nothing was. What can't be is said beside its field. */
    static LabelSheet of(Map<String, String> typed, FieldErrors problems) {
        double width = number(typed, "width", 210, 20, 500, problems);
        double height = number(typed, "height", 297, 12, 500, problems);
        int columns = whole(typed, "columns", 3, problems);
        int rows = whole(typed, "rows", 7, problems);
        double side = number(typed, "side", columns == 1 && rows == 1 ? 1 : 7, 0, 60, problems);
        double top = number(typed, "top", columns == 1 && rows == 1 ? 1 : 15, 0, 60, problems);
        double gapX = number(typed, "gapX", 2.5, 0, 30, problems);
        double gapY = number(typed, "gapY", 0, 0, 30, problems);
        int start = whole(typed, "start", 1, problems, Math.max(1, rows * columns));
        LabelSheet sheet =
                new LabelSheet(width, height, columns, rows, side, top, gapX, gapY, start, typed.containsKey("edges"));
        if (!problems.any() && (sheet.labelWidth() < SMALLEST_WIDTH || sheet.labelHeight() < SMALLEST_HEIGHT)) {
            problems.say("columns", ShelfText.LABEL_TOO_SMALL);
        }
        return sheet;
    }

    private static double number(
            Map<String, String> typed, String field, double usual, double min, double max, FieldErrors problems) {
        String value = typed.getOrDefault(field, "");
        if (value.isBlank()) {
            return usual;
        }
        OptionalDouble number =
                problems.number(field, value, min, max, ShelfText.millimetres(Math.round(min), Math.round(max)));
        return number.orElse(usual);
    }

    private static int whole(Map<String, String> typed, String field, int usual, FieldErrors problems) {
        return whole(typed, field, usual, problems, 20);
    }

    private static int whole(Map<String, String> typed, String field, int usual, FieldErrors problems, int max) {
        String value = typed.getOrDefault(field, "");
        if (value.isBlank()) {
            return usual;
        }
        OptionalDouble number = problems.number(field, value, 1, max, ShelfText.whole(max));
        if (number.isPresent() && number.getAsDouble() != Math.rint(number.getAsDouble())) {
            problems.say(field, ShelfText.whole(max));
        }
        return (int) number.orElse(usual);
    }
}
