package unbo.app.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Pictures for the demo, drawn here: a cup seen square on, with what its rollers left in it. */
final class DemoPhotographs {

  private static final int WIDTH = 1600;
  private static final int HEIGHT = 1200;
  private static final double CENTRE_X = 800;
  private static final double CENTRE_Y = 600;
  private static final int ROLLERS = 17;

  private DemoPhotographs() {}

  /** A cup with dents at the rollers' pitch over a part of its way round, as a JPEG. */
  static byte[] notched() {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = cup(image);
    pen.setColor(new Color(0x5a, 0x50, 0x48));
    pen.setStroke(new BasicStroke(11, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    for (int i = 0; i < ROLLERS; i++) {
      double turn = 2 * Math.PI * (i + 0.4) / ROLLERS;
      double depth = Math.max(0, Math.cos(turn - 0.9));
      if (depth > 0.15) {
        double from = 436 - 34 * depth;
        double to = 436 + 34 * depth;
        pen.drawLine(x(from, turn), y(from, turn), x(to, turn), y(to, turn));
      }
    }
    return jpeg(image, pen);
  }

  /** The same cup, new. */
  static byte[] good() {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    return jpeg(image, cup(image));
  }

  private static int x(double radius, double turn) {
    return (int) (CENTRE_X + radius * Math.sin(turn));
  }

  private static int y(double radius, double turn) {
    return (int) (CENTRE_Y - radius * Math.cos(turn));
  }

  private static Graphics2D cup(BufferedImage image) {
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setColor(new Color(0x7d, 0x6a, 0x52)); // bench top
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    disc(pen, 520, new Color(0xc2, 0xc5, 0xc4), new Color(0x8e, 0x93, 0x95));
    disc(pen, 485, new Color(0xe2, 0xe4, 0xe2), new Color(0xa6, 0xab, 0xac));
    disc(pen, 385, new Color(0x96, 0x9a, 0x9b), new Color(0x70, 0x74, 0x76));
    disc(pen, 372, new Color(0x6d, 0x5c, 0x47), new Color(0x5f, 0x50, 0x3e));
    return pen;
  }

  private static void disc(Graphics2D pen, double radius, Color light, Color dark) {
    pen.setPaint(
        new RadialGradientPaint(
            (float) (CENTRE_X - 260),
            (float) (CENTRE_Y - 320),
            950,
            new float[] {0, 1},
            new Color[] {light, dark}));
    pen.fill(new Ellipse2D.Double(CENTRE_X - radius, CENTRE_Y - radius, 2 * radius, 2 * radius));
  }

  private static byte[] jpeg(BufferedImage image, Graphics2D pen) {
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
