package app.gradior.web.live;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.RunningApplication;
import app.gradior.TestKitchen;
import app.gradior.web.batch.BatchService;
import app.gradior.web.batch.BatchService.Which;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.mock.web.MockAsyncContext;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Pages that listen, fast, slow and gone. */
@ExtendWith(RunningApplication.class)
class OpenPageTest {
    private static final Which COOK = new Which(UUID.randomUUID(), UUID.randomUUID());

    private final Reader reader = new Reader();
    private final MockAsyncContext context =
            new MockAsyncContext(new MockHttpServletRequest(), new MockHttpServletResponse() {
                @Override
                public ServletOutputStream getOutputStream() {
                    return reader;
                }
            });
    private boolean gone;
    private OpenPage page;

    /** A connection as its other end takes what comes. */
    private static final class Reader extends ServletOutputStream {
        private final StringBuilder taken = new StringBuilder();
        private boolean takes = true;
        private boolean cut;

        @Override
        public boolean isReady() {
            return takes;
        }

        @Override
        public void setWriteListener(WriteListener listener) {
            // The test says itself when it goes on.
        }

        @Override
        public void write(int one) throws IOException {
            assertThat(takes).as("written without waiting").isTrue();
            if (cut) {
                throw new IOException("gone");
            }
            taken.append((char) one);
        }
    }

    @BeforeEach
    void listen() throws IOException {
        page = new OpenPage(COOK, "session", context, 3, it -> gone = true);
        page.onWritePossible();
    }

    private void tell(long revision) {
        page.tell(revision, OpenPages.changed(revision));
    }

    @Test
    void aPageIsToldOfWhatItDoesNotShowAndOfNothingElse() {
        assertThat(page.isBehind(3)).isFalse();
        assertThat(page.isBehind(4)).isTrue();
        tell(4);
        assertThat(page.isBehind(4)).isFalse();
        assertThat(reader.taken.toString()).isEqualTo(":here\n\nevent:changed\ndata:4\n\n");
    }

    @Test
    void aSlowReaderKeepsNobodyWaitingAndGetsTheLatest() {
        reader.takes = false;
        tell(4);
        tell(5);
        page.here();
        tell(6);
        page.here();
        assertThat(reader.taken.toString()).isEqualTo(":here\n\n");

        reader.takes = true;
        page.onWritePossible();
        assertThat(reader.taken.toString()).isEqualTo(":here\n\nevent:changed\ndata:6\n\n");
    }

    @Test
    void aReaderWhoIsGoneIsLetGo() {
        reader.cut = true;
        page.here();
        assertThat(gone).isTrue();
        tell(9);
        page.end();
        assertThat(reader.taken.toString()).isEqualTo(":here\n\n");
    }

    @Test
    void withoutRoomThePageIsToldToAskByItself(BatchService cooks, OpenPages pages) throws IOException {
        TestKitchen own = TestKitchen.of("listener");
        UUID sauce = own.sauce("Plum", "600 g plums\n250 ml water").id();
        UUID cook = UUID.randomUUID();
        own.http()
                .post(
                        "/cooks",
                        "cook=" + cook + "&plan=" + UUID.randomUUID() + "&sauce=" + sauce + "&pot="
                                + own.casserole().id() + "&use=GLAZE");
        CookStream full = new CookStream(cooks, pages, 0);
        MockHttpServletResponse answer = new MockHttpServletResponse();

        full.stream(own.id(), cook, "", new MockHttpServletRequest(), answer);

        assertThat(answer.getContentType()).startsWith("text/event-stream");
        assertThat(new String(answer.getContentAsByteArray(), StandardCharsets.UTF_8))
                .isEqualTo("event:full\ndata:0\n\n");
    }

    @Test
    void oneLookForManyCooksTellsNothingOfOtherKitchens(BatchService cooks) {
        TestKitchen own = TestKitchen.of("listener");
        UUID sauce = own.sauce("Plum", "600 g plums\n250 ml water").id();
        UUID pot = own.casserole().id();
        UUID cook = UUID.randomUUID();
        own.http()
                .post(
                        "/cooks",
                        "cook=" + cook + "&plan=" + UUID.randomUUID() + "&sauce=" + sauce + "&pot=" + pot
                                + "&use=GLAZE");
        Which right = new Which(own.id(), cook);
        Which foreign = new Which(TestKitchen.of("other").id(), cook);
        Which unknown = new Which(own.id(), UUID.randomUUID());

        assertThat(cooks.revisions(Set.of(right, foreign, unknown))).containsOnlyKeys(right);
        assertThat(cooks.revisions(Set.of(foreign))).isEmpty();
    }
}
