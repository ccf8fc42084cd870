package app.gradior.web;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.multipart.MultipartFile;

/** Pictures that people send: whatever comes is read, made small and written anew, so that nothing else comes along. */
public final class Picture {
    /** What is said where something else was sent. */
    public static final String UNREADABLE =
            "That is no picture this can read: choose a JPEG, PNG or GIF of up to 8 MB.";

    private static final int LONGEST_SIDE = 1200;

    /** A picture of more pixels than cameras take is not decoded. */
    private static final long MOST_PIXELS = 60_000_000;

    private static final int MOST_BYTES = 8 * 1024 * 1024;

    private Picture() {}

    /** The answer with a picture that is kept. */
    public static ResponseEntity<byte[]> answer(byte[] jpeg) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(5)).cachePrivate())
                .body(jpeg);
    }

    /**
     * The picture as a JPEG of bounded size.
     *
     * @return empty if it is none, or larger than cameras make them
     */
    public static Optional<byte[]> rewritten(MultipartFile file) throws IOException {
        return file.getSize() > MOST_BYTES ? Optional.empty() : rewritten(file.getBytes());
    }

    private static Optional<byte[]> rewritten(byte[] sent) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > MOST_PIXELS || width < 1 || height < 1) {
                    return Optional.empty();
                }
                ImageReadParam coarse = reader.getDefaultReadParam();
                int skip = Math.max(1, Math.max(width, height) / (2 * LONGEST_SIDE));
                coarse.setSourceSubsampling(skip, skip, 0, 0);
                return Optional.of(jpeg(reader.read(0, coarse)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            return Optional.empty();
        }
    }

    private static byte[] jpeg(BufferedImage read) throws IOException {
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(read.getWidth(), read.getHeight()));
        int width = Math.max(1, (int) (read.getWidth() * scale));
        int height = Math.max(1, (int) (read.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawing = small.createGraphics();
        drawing.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        drawing.drawImage(read, 0, 0, width, height, java.awt.Color.WHITE, null);
        drawing.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(small, "jpg", out);
        return out.toByteArray();
    }
}
