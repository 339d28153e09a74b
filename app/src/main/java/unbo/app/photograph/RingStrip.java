package unbo.app.photograph;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Component;
import unbo.core.unroll.Contrast;
import unbo.core.unroll.Pixels;
import unbo.core.unroll.RingMark;
import unbo.core.unroll.Unrolling;

/** A ring on a kept picture, laid out as a picture of its own. */
@Component
public class RingStrip {

  private final PictureReader reader;

  RingStrip(PictureReader reader) {
    this.reader = reader;
  }

  /**
   * The strip as a JPEG.
   *
   * @param jpeg a picture as it is kept
   * @param raised whether its contrast is raised
   */
  public byte[] of(byte[] jpeg, RingMark mark, boolean raised) {
    return reader.alone(
        () -> {
          Pixels strip = Unrolling.strip(pixels(jpeg), mark).pixels();
          return PictureReader.jpeg(image(raised ? Contrast.raised(strip) : strip));
        });
  }

  private static Pixels pixels(byte[] jpeg) throws IOException {
    BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
    if (image == null) {
      throw new UncheckedIOException(new IOException("a kept picture cannot be read"));
    }
    int width = image.getWidth();
    int height = image.getHeight();
    return new Pixels(width, height, image.getRGB(0, 0, width, height, null, 0, width));
  }

  private static BufferedImage image(Pixels pixels) {
    BufferedImage image =
        new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, pixels.width(), pixels.height(), pixels.rgb(), 0, pixels.width());
    return image;
  }
}
