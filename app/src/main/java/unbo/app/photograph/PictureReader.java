package unbo.app.photograph;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.concurrent.Callable;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.springframework.stereotype.Component;
import unbo.core.units.Problem;

/**
 * Turns a file into a picture of our own: decoded, turned upright, no more than {@link #LONGEST}
 * pixels long, written anew. Nothing of the file is kept but what can be seen, so that neither a
 * place nor a hidden script comes along. One picture is open at a time, whoever sends.
 */
@Component
class PictureReader {

  /** A file may have so many bytes. */
  static final int MOST_BYTES = 8 * 1024 * 1024;

  /** Longest side as kept, in pixels: a photograph of twelve million pixels stays whole. */
  static final int LONGEST = 4096;

  static final int THUMBNAIL = 320;

  /** More is no photograph of a phone, and takes more memory than a bench has. */
  private static final long MOST_PIXELS = 60_000_000;

  /** Values of Exif's orientation: 1 is upright, 8 the last. */
  private static final int AS_TAKEN = 1;

  private static final int MOST_HELD = 8;

  private static final double QUALITY = 0.85;

  private final Semaphore open = new Semaphore(1, true);

  /**
   * A picture as it is kept.
   *
   * @param picture a JPEG
   * @param thumbnail a JPEG of 320 pixels at most
   */
  record Prepared(int width, int height, byte[] picture, byte[] thumbnail) {}

  /** Why a file was not taken. */
  static final class Refused extends Exception {
    private static final long serialVersionUID = 1L;
    private final transient Problem problem;

    private Refused(String name, String wrong, String remedy) {
      super(wrong, null, false, false);
      this.problem = new Problem(name, wrong, remedy);
    }

    Problem problem() {
      return problem;
    }
  }

  /** Work on a kept picture, with no other open. */
  byte[] alone(Callable<byte[]> work) {
    open.acquireUninterruptibly();
    try {
      return work.call();
    } catch (RuntimeException e) {
      throw e;
    } catch (Exception e) {
      throw new IllegalStateException("a kept picture cannot be worked on", e);
    } finally {
      open.release();
    }
  }

  /** The picture of a file. */
  Prepared read(String name, byte[] file) throws Refused {
    if (file.length == 0) {
      throw new Refused(name, "The file is empty (0 bytes).", "Take the picture again.");
    }
    if (file.length > MOST_BYTES) {
      throw new Refused(
          name,
          "The file has " + file.length / (1024 * 1024) + " MB, a picture may have 8.",
          "Set the camera to a smaller size.");
    }
    PictureKind kind = PictureKind.of(file);
    if (!kind.isRead()) {
      throw new Refused(name, "This is " + kind.title() + ".", kind.remedy());
    }
    open.acquireUninterruptibly();
    try {
      return prepared(decoded(name, file, kind));
    } catch (IOException | RuntimeException e) {
      throw broken(name);
    } finally {
      open.release();
    }
  }

  private static Refused broken(String name) {
    return new Refused(name, "The picture is broken.", "Take it or send it again.");
  }

  private static BufferedImage decoded(String name, byte[] file, PictureKind kind)
      throws IOException, Refused {
    ImageReader reader = ImageIO.getImageReadersByFormatName(kind.name()).next();
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      // Texts and profiles beside the picture may unfold to any size.
      reader.setInput(in, false, true);
      long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
      if (pixels > MOST_PIXELS) {
        throw new Refused(
            name,
            "The picture has " + pixels / 1_000_000 + " million pixels.",
            "Set the camera to 50 million or fewer.");
      }
      boolean[] cut = {false};
      reader.addIIOReadWarningListener((source, warning) -> cut[0] = true);
      BufferedImage image = reader.read(0, coarse(reader));
      if (cut[0]) {
        throw broken(name);
      }
      return kind == PictureKind.JPEG ? upright(image, file) : image;
    } finally {
      reader.dispose();
    }
  }

  /** Every second or third pixel of a picture that is much larger than what is kept. */
  private static ImageReadParam coarse(ImageReader reader) throws IOException {
    int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
    int step = Math.max(1, longest / LONGEST);
    ImageReadParam param = reader.getDefaultReadParam();
    param.setSourceSubsampling(step, step, 0, 0);
    return param;
  }

  /** As it was held: the camera says so beside the picture. */
  private static BufferedImage upright(BufferedImage image, byte[] file) {
    int held = held(file);
    if (held <= AS_TAKEN || held > MOST_HELD) {
      return image;
    }
    return ExifFilterUtils.getFilterForOrientation(Orientation.typeOf(held)).apply(image);
  }

  /** What is said beside the picture may be nonsense; the picture is there all the same. */
  private static int held(byte[] file) {
    try {
      Metadata said = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file), file.length);
      Directory camera = said.getFirstDirectoryOfType(ExifIFD0Directory.class);
      Integer held = camera == null ? null : camera.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
      return held == null ? AS_TAKEN : held;
    } catch (IOException | ImageProcessingException | RuntimeException e) {
      return AS_TAKEN;
    }
  }

  private static Prepared prepared(BufferedImage image) throws IOException {
    BufferedImage kept = plain(image);
    return new Prepared(
        kept.getWidth(), kept.getHeight(), jpeg(kept), jpeg(fitted(kept, THUMBNAIL)));
  }

  /** No more than the longest, no transparency (white instead), colours of the common screen. */
  private static BufferedImage plain(BufferedImage image) throws IOException {
    BufferedImage small = fitted(image, LONGEST);
    BufferedImage plain =
        new BufferedImage(small.getWidth(), small.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
    var pen = plain.createGraphics();
    pen.setColor(java.awt.Color.WHITE);
    pen.fillRect(0, 0, plain.getWidth(), plain.getHeight());
    pen.drawImage(small, 0, 0, null);
    pen.dispose();
    return plain;
  }

  private static BufferedImage fitted(BufferedImage image, int longest) throws IOException {
    return Math.max(image.getWidth(), image.getHeight()) <= longest
        ? image
        : Thumbnails.of(image).size(longest, longest).asBufferedImage();
  }

  static byte[] jpeg(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
    return out.toByteArray();
  }
}
