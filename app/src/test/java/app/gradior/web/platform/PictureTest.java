package app.gradior.web.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures stand upright however the camera was held, carry nothing along, and never cost more than they may. */
class PictureTest {
    private static final int WIDE = 80;
    private static final int TALL = 40;

    /** A picture whose top left quarter is red when it is looked at as it lies. */
    private static byte[] jpeg() throws IOException {
        BufferedImage image = new BufferedImage(WIDE, TALL, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < WIDE / 2; x++) {
            for (int y = 0; y < TALL / 2; y++) {
                image.setRGB(x, y, Color.RED.getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** The same with an EXIF block that says how the camera was held, and where. */
    private static byte[] held(int orientation) throws IOException {
        byte[] place = "taken at 52.5N 13.4E".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 24 + 4 + place.length).order(ByteOrder.BIG_ENDIAN);
        tiff.put((byte) 'M').put((byte) 'M').putShort((short) 42).putInt(8);
        tiff.putShort((short) 2);
        tiff.putShort((short) 0x010E).putShort((short) 2).putInt(place.length).putInt(38);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tiff.putInt(0).put(place);
        byte[] exif = tiff.array();
        byte[] plain = jpeg();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1});
        out.write(new byte[] {(byte) ((exif.length + 8) >> 8), (byte) (exif.length + 8)});
        out.write(new byte[] {'E', 'x', 'i', 'f', 0, 0});
        out.write(exif);
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({
        "1, 0.25, 0.25", "2, 0.75, 0.25", "3, 0.75, 0.75", "4, 0.25, 0.75",
        "5, 0.25, 0.25", "6, 0.75, 0.25", "7, 0.75, 0.75", "8, 0.25, 0.75"
    })
    void itIsTurnedAsTheCameraWasHeldAndThenSaysNothingOfIt(int orientation, double redX, double redY)
            throws IOException {
        byte[] kept = Picture.rewritten(held(orientation)).orElseThrow();

        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        boolean onItsSide = orientation >= 5;
        assertThat(image.getWidth()).isEqualTo(onItsSide ? TALL : WIDE);
        assertThat(image.getHeight()).isEqualTo(onItsSide ? WIDE : TALL);
        for (double x : new double[] {0.25, 0.75}) {
            for (double y : new double[] {0.25, 0.75}) {
                Color seen = new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
                assertThat(seen.getRed() > 128).as("red at %s, %s", x, y).isEqualTo(x == redX && y == redY);
            }
        }
        assertThat(new String(kept, StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif")
                .doesNotContain("52.5N");
    }

    @Test
    void whatCamerasDoNotTakeIsNotDecoded() throws IOException {
        assertThat(Picture.rewritten(blank(8000, 5000))).isPresent();
        assertThat(Picture.rewritten(blank(8000, 5001))).isEmpty();
        assertThat(Picture.rewritten(new byte[0])).isEmpty();
        assertThat(Picture.rewritten("GIF89a no picture".getBytes(StandardCharsets.US_ASCII)))
                .isEmpty();
        byte[] cut = jpeg();
        assertThat(Picture.rewritten(java.util.Arrays.copyOf(cut, 30))).isEmpty();
    }

    /** A blank picture of one bit a pixel: small to send, however large it is. */
    private static byte[] blank(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }
}
