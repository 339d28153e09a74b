package unbo.app.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.units.Problem;
import unbo.core.unroll.RingMark;

/** What is taken as a picture, what is not, and what is left of it. */
class PictureReaderTest {

  private final PictureReader reader = new PictureReader();

  private Problem refused(byte[] file) {
    PictureReader.Refused refused =
        catchThrowableOfType(PictureReader.Refused.class, () -> reader.read("ring.jpg", file));
    assertThat(refused).as("is refused").isNotNull();
    assertThat(refused.problem().found()).isEqualTo("ring.jpg");
    return refused.problem();
  }

  private static BufferedImage shown(byte[] jpeg) throws Exception {
    return ImageIO.read(new ByteArrayInputStream(jpeg));
  }

  private static boolean isRed(int rgb) {
    return (rgb >> 16 & 255) > 180 && (rgb & 255) < 80;
  }

  @ParameterizedTest
  @CsvSource({"jpg", "png"})
  void aPictureIsKeptWithAThumbnail(String format) throws Exception {
    PictureReader.Prepared kept = reader.read("a", Pictures.file(800, 600, format));
    assertThat(kept.width()).isEqualTo(800);
    assertThat(kept.height()).isEqualTo(600);
    assertThat(shown(kept.thumbnail()).getWidth()).isEqualTo(PictureReader.THUMBNAIL);
    assertThat(isRed(shown(kept.picture()).getRGB(10, 300))).isTrue();
    assertThat(PictureKind.of(kept.picture())).isEqualTo(PictureKind.JPEG);
  }

  /** Red is left as taken; where it has to be upright follows from how the camera was held. */
  @ParameterizedTest
  @CsvSource({"1,10,150,300", "3,290,150,300", "6,50,10,200", "8,50,290,200", "2,290,150,300"})
  void itIsTurnedUprightAndForgetsWhere(int held, int x, int y, int width) throws Exception {
    byte[] file = Pictures.held(Pictures.file(300, 200, "jpg"), held);
    assertThat(new String(file, StandardCharsets.ISO_8859_1)).contains("SECRET-PLACE");
    PictureReader.Prepared kept = reader.read("a", file);
    assertThat(kept.width()).isEqualTo(width);
    assertThat(
            isRed(
                shown(kept.picture())
                    .getRGB(Math.min(x, width - 10), Math.min(y, kept.height() - 10))))
        .isTrue();
    for (byte[] written : new byte[][] {kept.picture(), kept.thumbnail()}) {
      assertThat(new String(written, StandardCharsets.ISO_8859_1))
          .doesNotContain("SECRET-PLACE")
          .doesNotContain("Exif");
    }
  }

  @Test
  void aLargeOneIsMadeSmaller() throws Exception {
    PictureReader.Prepared kept = reader.read("a", Pictures.file(9000, 300, "jpg"));
    assertThat(kept.width()).isLessThanOrEqualTo(PictureReader.LONGEST).isGreaterThan(3000);
  }

  @Test
  void brokenAndEmptyFilesAreSaidSo() {
    byte[] whole = Pictures.file(900, 700, "jpg");
    assertThat(refused(new byte[0]).wrong()).contains("0 bytes");
    assertThat(refused(Arrays.copyOf(whole, whole.length / 2)).wrong()).contains("broken");
    assertThat(refused(Arrays.copyOf(whole, 5)).wrong()).contains("broken");
    assertThat(refused(new byte[PictureReader.MOST_BYTES + 1]).wrong())
        .contains("8 MB".split(" ")[0]);
  }

  /** Called .jpg, and something else: its bytes say what. */
  @ParameterizedTest
  @CsvSource({
    "GIF89a,GIF",
    "%PDF-1.7,PDF",
    "<html><script>,no picture",
    "MZ.exe,no picture",
    "0000ftypheic,HEIC",
    "0000ftypmif1,HEIC",
    "0000ftypavif,AVIF",
    "0000ftypisom,film",
    "RIFF1234WEBPVP8,WEBP",
    "x,no picture"
  })
  void aDisguisedFileIsNamed(String start, String said) {
    Problem problem = refused(start.getBytes(StandardCharsets.ISO_8859_1));
    assertThat(problem.wrong()).contains(said);
    assertThat(problem.remedy()).isNotBlank();
  }

  /** A head that promises more pixels than a bench has memory for: nothing of it is unfolded. */
  @Test
  void aPictureThatUnfoldsIsRefusedBeforeItDoes() {
    byte[] file = Pictures.file(20, 20, "png");
    java.nio.ByteBuffer head = java.nio.ByteBuffer.wrap(file);
    head.putInt(16, 60_000).putInt(20, 60_000);
    CRC32 sum = new CRC32();
    sum.update(file, 12, 17);
    head.putInt(29, (int) sum.getValue());
    assertThat(refused(file).wrong()).contains("3600 million pixels");
  }

  @Test
  void aKeptRingIsLaidOutAsAPictureOfItsOwn() throws Exception {
    PictureReader.Prepared kept = reader.read("a", Pictures.ring(600, 9));
    RingMark mark = new RingMark(300, 300, 565, 300, 0.6, 0, false);
    BufferedImage strip = shown(new RingStrip(reader).of(kept.picture(), mark, false));
    int dark = 0;
    int row = (int) (strip.getHeight() * (265 - 216) / (265 * 0.4));
    boolean within = false;
    for (int x = 0; x < strip.getWidth(); x++) {
      boolean now = (strip.getRGB(x, row) & 255) < 0x88;
      dark += now && !within ? 1 : 0;
      within = now;
    }
    assertThat(dark).isEqualTo(9);
  }
}
