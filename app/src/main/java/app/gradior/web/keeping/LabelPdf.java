package app.gradior.web.keeping;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.stereotype.Component;

/** Labels as PDF: words that fit or shrink, and a code that a phone reads. */
@Component
class LabelPdf {
    private static final float POINTS_PER_MM = 72 / 25.4f;
    private static final float PADDING_MM = 1.8f;
    private static final float LARGEST = 15;
    private static final float SMALLEST = 2.5f;
    private static final float LINE = 1.22f;

    /** Letters of the name against the others. */
    private static final float HEAD = 1.25f;

    /** The part of a label that its code may take. */
    private static final float CODE_PART = 0.34f;

    private static final float CODE_SMALLEST_MM = 11;

    private record Fonts(PDFont plain, PDFont bold, PDFont other) {
        /** The first that has all its letters. */
        PDFont of(String text, boolean head) {
            PDFont font = head ? bold : plain;
            try {
                font.getStringWidth(text);
                return font;
            } catch (IOException | IllegalArgumentException missing) {
                return other;
            }
        }
    }

    /** A line as it is set; {@code fromTop} is where its letters stand. */
    private record Line(String text, PDFont font, float size, float fromTop) {}

    byte[] of(List<LabelText> labels, LabelSheet sheet) {
        try (PDDocument document = new PDDocument()) {
            Fonts fonts = fonts(document);
            List<LabelSheet.Spot> spots = sheet.spots(labels.size());
            int pages = spots.stream().mapToInt(LabelSheet.Spot::page).max().orElse(0);
            for (int page = 0; page <= pages; page++) {
                PDPage paper = new PDPage(
                        new PDRectangle((float) sheet.width() * POINTS_PER_MM, (float) sheet.height() * POINTS_PER_MM));
                document.addPage(paper);
                try (PDPageContentStream out = new PDPageContentStream(document, paper)) {
                    if (sheet.edges()) {
                        edges(out, sheet);
                    }
                    for (int i = 0; i < labels.size(); i++) {
                        if (spots.get(i).page() == page) {
                            label(out, fonts, labels.get(i), sheet, spots.get(i));
                        }
                    }
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PDFont font(PDDocument document, String name) throws IOException {
        try (InputStream in = LabelPdf.class.getResourceAsStream("/fonts-print/" + name + ".ttf")) {
            return PDType0Font.load(document, in);
        }
    }

    private static float points(double millimetres) {
        return (float) millimetres * POINTS_PER_MM;
    }

    private static void edges(PDPageContentStream out, LabelSheet sheet) throws IOException {
        out.setLineWidth(0.4f);
        for (LabelSheet.Spot spot : sheet.whole()) {
            out.addRect(
                    points(spot.x()),
                    points(sheet.height() - spot.y() - sheet.labelHeight()),
                    points(sheet.labelWidth()),
                    points(sheet.labelHeight()));
            out.stroke();
        }
    }

    /**
     * A label as it is set, in mm from the left and the top of its sheet.
     *
     * @param code how wide its code is, at {@code codeX} and {@code codeY}
     */
    record SetLabel(List<SetLine> lines, double codeX, double codeY, double code, BitMatrix modules) {}

    /** A line whose letters stand on {@code y}; its letters so high, in mm. */
    record SetLine(String text, boolean head, double x, double y, double size) {}

    /** The labels of a sheet's first page as they will print. */
    List<SetLabel> look(List<LabelText> labels, LabelSheet sheet) {
        try (PDDocument document = new PDDocument()) {
            Fonts fonts = fonts(document);
            List<LabelSheet.Spot> spots = sheet.spots(labels.size());
            List<SetLabel> set = new ArrayList<>();
            for (int i = 0; i < labels.size() && spots.get(i).page() == 0; i++) {
                Placed placed = placed(fonts, labels.get(i), sheet, spots.get(i));
                set.add(new SetLabel(
                        placed.lines().stream()
                                .map(line -> new SetLine(
                                        line.text(),
                                        line.font() == fonts.bold(),
                                        placed.left() / POINTS_PER_MM,
                                        line.fromTop() / POINTS_PER_MM,
                                        line.size() / POINTS_PER_MM))
                                .toList(),
                        placed.codeX() / POINTS_PER_MM,
                        placed.top() / POINTS_PER_MM,
                        placed.code() / POINTS_PER_MM,
                        matrix(labels.get(i).address())));
            }
            return set;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Fonts fonts(PDDocument document) throws IOException {
        return new Fonts(font(document, "atkinson-400"), font(document, "atkinson-680"), font(document, "dejavu-sans"));
    }

    /** Where everything of a label goes, in points from the left and the top of its sheet. */
    private record Placed(List<Line> lines, float left, float top, float codeX, float code) {}

    private static Placed placed(Fonts fonts, LabelText label, LabelSheet sheet, LabelSheet.Spot spot)
            throws IOException {
        float width = points(sheet.labelWidth() - 2 * PADDING_MM);
        float height = points(sheet.labelHeight() - 2 * PADDING_MM);
        float code = Math.min(height, Math.max(width * CODE_PART, points(CODE_SMALLEST_MM)));
        code = Math.min(code, width * 0.5f);
        float left = points(spot.x() + PADDING_MM);
        float top = points(spot.y() + PADDING_MM);
        List<Line> lines = new ArrayList<>();
        float y = top;
        for (Line line : lines(label.lines(), fonts, width - code - points(1.2), height)) {
            y += line.size() * LINE;
            lines.add(new Line(line.text(), line.font(), line.size(), y - line.size() * (LINE - 1)));
        }
        return new Placed(lines, left, top, left + width - code, code);
    }

    private static void label(
            PDPageContentStream out, Fonts fonts, LabelText label, LabelSheet sheet, LabelSheet.Spot spot)
            throws IOException {
        Placed placed = placed(fonts, label, sheet, spot);
        float height = points(sheet.height());
        code(out, label.address(), placed.codeX(), height - placed.top() - placed.code(), placed.code());
        for (Line line : placed.lines()) {
            out.beginText();
            out.setFont(line.font(), line.size());
            out.newLineAtOffset(placed.left(), height - line.fromTop());
            out.showText(line.text());
            out.endText();
        }
    }

    /** One size for all, the largest at which every line fits across, broken at its spaces, and all of them down. */
    private static List<Line> lines(List<String> texts, Fonts fonts, float width, float height) throws IOException {
        for (float size = LARGEST; ; size -= 0.25f) {
            List<Line> lines = new ArrayList<>();
            float tall = 0;
            boolean wide = false;
            for (int i = 0; i < texts.size(); i++) {
                float letters = i == 0 ? size * HEAD : size;
                PDFont font = fonts.of(texts.get(i), i == 0);
                for (String text : broken(texts.get(i), font, letters, width)) {
                    wide |= across(text, font, letters) > width;
                    lines.add(new Line(text, font, letters, 0));
                    tall += letters * LINE;
                }
            }
            if (!wide && tall <= height) {
                return lines;
            }
            if (size <= SMALLEST) {
                return squeezed(lines, width, height / tall);
            }
        }
    }

    /** Words of which even the smallest letters are too many are set smaller still: nothing is cut. */
    private static List<Line> squeezed(List<Line> lines, float width, float down) throws IOException {
        List<Line> squeezed = new ArrayList<>();
        for (Line line : lines) {
            float fits = width / across(line.text(), line.font(), 1);
            squeezed.add(new Line(
                    line.text(), line.font(), Math.min(line.size() * Math.min(1, down), fits), line.fromTop()));
        }
        return squeezed;
    }

    private static float across(String text, PDFont font, float size) throws IOException {
        return font.getStringWidth(text) / 1000 * size;
    }

    private static List<String> broken(String text, PDFont font, float size, float width) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && across(longer, font, size) > width) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private static void code(PDPageContentStream out, String address, float x, float y, float size) throws IOException {
        BitMatrix matrix = matrix(address);
        float module = size / matrix.getWidth();
        for (int row = 0; row < matrix.getHeight(); row++) {
            for (int column = 0; column < matrix.getWidth(); column++) {
                if (matrix.get(column, row)) {
                    // A trifle larger than its place, so that no hairline shows between modules.
                    out.addRect(x + column * module, y + size - (row + 1) * module, module * 1.02f, module * 1.02f);
                }
            }
        }
        out.fill();
    }

    /** An address as the squares of a QR code, with a narrow quiet margin. */
    static BitMatrix matrix(String address) {
        try {
            return new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 2));
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
