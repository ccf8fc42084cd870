package app.gradior.web.platform;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/** Pictures that people send: whatever comes is read, made small and written anew, so that nothing else comes along. */
public final class Picture {
    /** What is said where something else was sent. */
    public static final String UNREADABLE =
            "That is no picture this can read: choose a JPEG, PNG or GIF of up to 8 MB and 40 megapixels.";

    private static final int LONGEST_SIDE = 1200;

    /** A picture of more pixels than cameras take is not decoded. */
    private static final long MAX_PIXELS = 40_000_000;

    private static final int MAX_BYTES = 8 * 1024 * 1024;

    /** Decoding takes a core and much memory: no more are decoded at once, others wait for so long. */
    private static final Semaphore AT_ONCE = new Semaphore(2, true);

    private static final long PATIENCE_S = 20;

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
        if (file.getSize() > MAX_BYTES) {
            return Optional.empty();
        }
        byte[] sent = file.getBytes();
        try {
            if (!AT_ONCE.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE);
        }
        try {
            return rewritten(sent);
        } finally {
            AT_ONCE.release();
        }
    }

    static Optional<byte[]> rewritten(byte[] sent) {
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
                if ((long) width * height > MAX_PIXELS || width < 1 || height < 1) {
                    return Optional.empty();
                }
                ImageReadParam coarse = reader.getDefaultReadParam();
                int skip = Math.max(1, Math.max(width, height) / (2 * LONGEST_SIDE));
                coarse.setSourceSubsampling(skip, skip, 0, 0);
                return Optional.of(jpeg(upright(reader.read(0, coarse), orientation(sent))));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException broken) {
            // Whatever a decoder stumbles over, it is the picture that is broken.
            return Optional.empty();
        }
    }

    /** How the camera was held, by its EXIF: 1 to 8, 1 where nothing is said. */
    private static int orientation(byte[] sent) {
        try {
            Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifDirectoryBase.TAG_ORIENTATION)
                    ? exif.getInt(ExifDirectoryBase.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException | IOException | RuntimeException unsaid) {
            return 1;
        }
    }

    /** Turned and mirrored as its EXIF orientation asks for; the metadata itself goes no further. */
    private static BufferedImage upright(BufferedImage read, int orientation) {
        if (orientation < 2 || orientation > 8) {
            return read;
        }
        int w = read.getWidth();
        int h = read.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            default -> new AffineTransform(0, -1, 1, 0, 0, w);
        };
        boolean onItsSide = orientation >= 5;
        BufferedImage turned = new BufferedImage(onItsSide ? h : w, onItsSide ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawing = turned.createGraphics();
        drawing.setColor(java.awt.Color.WHITE);
        drawing.fillRect(0, 0, turned.getWidth(), turned.getHeight());
        drawing.drawImage(read, turn, null);
        drawing.dispose();
        return turned;
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
