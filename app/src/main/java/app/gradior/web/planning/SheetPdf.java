package app.gradior.web.planning;

import app.gradior.web.platform.TemplateRenderer;
import app.gradior.web.text.UnitFormat;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;
import org.springframework.stereotype.Component;

/** The cook's sheet as PDF, with the product's own fonts in it. */
@Component
class SheetPdf {
    private final TemplateRenderer pages;

    SheetPdf(TemplateRenderer pages) {
        this.pages = pages;
    }

    byte[] of(Sheets.Sheet sheet, UnitFormat say) {
        String html = pages.render("plan/sheet-pdf", null, Map.of("sheet", sheet, "say", say));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> font("atkinson-400"), "Atkinson", 400, FontStyle.NORMAL, true);
        builder.useFont(() -> font("atkinson-680"), "Atkinson", 700, FontStyle.NORMAL, true);
        builder.useFont(() -> font("literata-560"), "Literata", 400, FontStyle.NORMAL, true);
        // What the others lack: rare fractions, Greek, Cyrillic and more.
        builder.useFont(() -> font("dejavu-sans"), "Other", 400, FontStyle.NORMAL, true);
        // No address outside of the sheet is ever fetched.
        builder.useUriResolver((base, uri) -> null);
        builder.withW3cDocument(new W3CDom().fromJsoup(Jsoup.parse(html)), null);
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static InputStream font(String name) {
        return SheetPdf.class.getResourceAsStream("/fonts-print/" + name + ".ttf");
    }
}
