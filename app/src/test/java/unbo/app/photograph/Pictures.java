package unbo.app.photograph;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Picture files made for tests. */
public final class Pictures {

  private Pictures() {}

  /** A picture red on the left and blue on the right, as a file. */
  public static byte[] file(int width, int height, String format) {
    return written(halves(width, height), format);
  }

  /** A steel ring seen square on, with dark marks at a pitch, as a JPEG. */
  public static byte[] ring(int size, int marks) {
    BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setColor(new Color(0x40, 0x3c, 0x38));
    pen.fillRect(0, 0, size, size);
    pen.setColor(new Color(0xb4, 0xb8, 0xbc));
    pen.fillOval(size / 20, size / 20, size * 9 / 10, size * 9 / 10);
    pen.setColor(new Color(0x60, 0x58, 0x50));
    for (int i = 0; i < marks; i++) {
      double angle = 2 * Math.PI * (i + 0.5) / marks;
      int x = (int) (size / 2.0 + size * 0.36 * Math.sin(angle));
      int y = (int) (size / 2.0 - size * 0.36 * Math.cos(angle));
      pen.fillOval(x - size / 50, y - size / 50, size / 25, size / 25);
    }
    pen.dispose();
    return written(image, "jpg");
  }

  /** A JPEG that says how the camera was held and where. */
  static byte[] held(byte[] jpeg, int orientation) {
    byte[] secret = "SECRET-PLACE".getBytes(java.nio.charset.StandardCharsets.US_ASCII);
    ByteArrayOutputStream tiff = new ByteArrayOutputStream();
    tiff.writeBytes(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1});
    tiff.writeBytes(new byte[] {0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0});
    tiff.writeBytes(new byte[] {0, 0, 0, 0});
    tiff.writeBytes(secret);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    int length = 2 + 6 + tiff.size();
    out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
    out.writeBytes(new byte[] {'E', 'x', 'i', 'f', 0, 0});
    out.writeBytes(tiff.toByteArray());
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  private static BufferedImage halves(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setColor(Color.RED);
    pen.fillRect(0, 0, width / 2, height);
    pen.setColor(Color.BLUE);
    pen.fillRect(width / 2, 0, width, height);
    pen.dispose();
    return image;
  }

  private static byte[] written(BufferedImage image, String format) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, format, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
