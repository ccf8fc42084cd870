package app.gradior.web.keeping;

import app.gradior.web.kitchen.InKitchen;
import app.gradior.web.kitchen.KitchenUser;
import app.gradior.web.platform.FieldErrors;
import app.gradior.web.platform.SiteAddress;
import app.gradior.web.text.UnitFormat;
import com.google.zxing.common.BitMatrix;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Labels for jars: laid out on a sheet, looked at, printed. */
@Controller
class LabelController {
    private static final int MOST = 200;

    private final Jars jars;
    private final LabelPdf pdf;
    private final SiteAddress site;

    LabelController(Jars jars, LabelPdf pdf, SiteAddress site) {
        this.jars = jars;
        this.pdf = pdf;
        this.site = site;
    }

    /** A label as it is looked at, in mm; its code as dark squares a unit wide. */
    record Shown(LabelPdf.SetLabel label, String code, double scale) {}

    @GetMapping("/shelf/labels")
    String labels(
            @InKitchen UUID kitchen,
            @RequestParam(defaultValue = "") List<UUID> jar,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal KitchenUser user,
            UnitFormat say,
            HttpServletRequest request,
            Model model) {
        FieldErrors problems = new FieldErrors();
        LabelSheet sheet = LabelSheet.of(typed, problems);
        List<JarRow> chosen = chosen(kitchen, jar);
        List<LabelText> texts = texts(chosen, user, say);
        List<Shown> shown = problems.any()
                ? List.of()
                : pdf.look(texts, sheet).stream()
                        .map(label -> new Shown(
                                label,
                                path(label.modules()),
                                label.code() / label.modules().getWidth()))
                        .toList();
        model.addAttribute("jars", chosen);
        model.addAttribute("sheet", sheet);
        model.addAttribute("problems", problems);
        model.addAttribute("shown", shown);
        model.addAttribute("places", problems.any() ? List.of() : sheet.whole());
        model.addAttribute("query", request.getQueryString());
        return "keeping/labels";
    }

    /** Its dark squares. */
    private static String path(BitMatrix code) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y++) {
            for (int x = 0; x < code.getWidth(); x++) {
                if (code.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }

    private List<JarRow> chosen(UUID kitchen, List<UUID> ids) {
        return jars.some(kitchen, ids.stream().limit(MOST).toList());
    }

    private List<LabelText> texts(List<JarRow> chosen, KitchenUser user, UnitFormat say) {
        return chosen.stream()
                .map(jar -> LabelText.of(jar, site.link("/j/" + jar.code()), user.getKitchenName(), say))
                .toList();
    }

    @GetMapping("/shelf/labels.pdf")
    ResponseEntity<byte[]> print(
            @InKitchen UUID kitchen,
            @RequestParam(defaultValue = "") List<UUID> jar,
            @RequestParam Map<String, String> typed,
            @AuthenticationPrincipal KitchenUser user,
            UnitFormat say) {
        FieldErrors problems = new FieldErrors();
        LabelSheet sheet = LabelSheet.of(typed, problems);
        if (problems.any()) {
            return ResponseEntity.badRequest().build();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename("labels.pdf")
                                .build()
                                .toString())
                .body(pdf.of(texts(chosen(kitchen, jar), user, say), sheet));
    }
}
