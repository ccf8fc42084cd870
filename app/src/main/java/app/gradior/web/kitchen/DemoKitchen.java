package app.gradior.web.kitchen;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether there is a demo kitchen to try, and who cooks in it. */
@Component
public class DemoKitchen {
    public static final String SIGN_IN_NAME = "demo";

    private final String file;

    DemoKitchen(@Value("${gradior.demo}") String file) {
        this.file = file;
    }

    public boolean offered() {
        return !file.isEmpty();
    }

    /** The kitchen file that it is opened from; empty if there is none. */
    public String file() {
        return file;
    }
}
