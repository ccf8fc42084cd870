package app.gradior.web.text;

import java.util.UUID;
import org.springframework.stereotype.Component;

/** Ids for what forms are about to send, so that what is sent twice is done once. Templates know it as {@code @formIds}. */
@Component("formIds")
public class FormIds {
    public UUID next() {
        return UUID.randomUUID();
    }
}
