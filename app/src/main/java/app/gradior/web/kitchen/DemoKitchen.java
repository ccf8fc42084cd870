package app.gradior.web.kitchen;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether there is a demo kitchen to try: everybody who tries it gets one of their own. */
@Component
public class DemoKitchen {
    private final String file;

    DemoKitchen(@Value("${gradior.demo}") String file) {
        this.file = file;
    }

    public boolean offered() {
        return !file.isEmpty();
    }

    /** The kitchen file that it is made from; empty if there is none. */
    public String file() {
        return file;
    }
}
