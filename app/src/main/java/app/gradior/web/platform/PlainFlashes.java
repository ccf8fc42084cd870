package app.gradior.web.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;
import org.springframework.web.servlet.support.SessionFlashMapManager;

/**
 * What one page leaves for the next goes through a session that is kept in the database: short texts do, nothing else
 * does, however the classes of this application change between two requests or two nodes.
 */
@Configuration
class PlainFlashes {
    /** A sentence or a link; what is longer belongs on the page that answers. */
    private static final int LONGEST = 2000;

    /** Left by pages that nobody went on to. */
    private static final int MAX = 8;

    @Bean(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
    FlashMapManager plainFlashes() {
        return new SessionFlashMapManager() {
            @Override
            protected void updateFlashMaps(
                    List<FlashMap> flashes, HttpServletRequest request, HttpServletResponse response) {
                for (FlashMap flash : flashes) {
                    flash.forEach((name, value) -> check(name, value));
                }
                List<FlashMap> latest = flashes.subList(Math.max(0, flashes.size() - MAX), flashes.size());
                super.updateFlashMaps(new java.util.ArrayList<>(latest), request, response);
            }
        };
    }

    private static void check(String name, Object value) {
        if (!(value instanceof String text) || text.length() > LONGEST) {
            throw new IllegalStateException("what is left for the next page is a text of up to " + LONGEST
                    + " letters, but " + name + " is " + value.getClass().getSimpleName());
        }
    }
}
