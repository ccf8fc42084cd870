package app.gradior.web.platform;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** There is no such thing in this kitchen; whether there is in another is not said. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotFound(String what) {
        super(what);
    }
}
