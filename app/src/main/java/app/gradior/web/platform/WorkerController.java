package app.gradior.web.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.json.JsonMapper;

/**
 * The script that keeps pages on a device, told which files this version has: another version is another script, by which
 * a browser knows that there is one.
 */
@Controller
class WorkerController {
    private final String script;

    WorkerController(StaticFiles files, JsonMapper json) {
        try {
            String told = "const VERSION = " + json.writeValueAsString(files.version()) + ";\nconst SHIPPED_FILES = "
                    + json.writeValueAsString(files.addresses()) + ";\n";
            this.script = told + new ClassPathResource("worker/sw.js").getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @GetMapping(path = "/sw.js", produces = "text/javascript;charset=UTF-8")
    @ResponseBody
    ResponseEntity<String> script() {
        return ResponseEntity.ok().cacheControl(CacheControl.noCache()).body(script);
    }
}
