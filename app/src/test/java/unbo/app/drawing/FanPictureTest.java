package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class FanPictureTest {

  /** The loaded side is down, the longest stroke is the greatest of both rows. */
  @Test
  void strokesStandForLoads() {
    List<FanPicture> fans =
        FanPicture.of(
            List.of("inboard", "outboard"),
            List.of(List.of(100.0, 0.0, 0.0, 0.0), List.of(50.0, 10.0, 0.0, 10.0)));
    assertThat(fans.get(0).strokes()).isEqualTo("M60 88 L60 117");
    assertThat(fans.get(1).strokes()).startsWith("M60 88 L60 103");
    assertThat(fans.get(1).carrying()).isEqualTo(3);
    assertThat(fans.get(1).of()).isEqualTo(4);
    assertThat(FanPicture.of(List.of("none"), List.of(List.of(0.0, 0.0))).get(0).strokes())
        .isEmpty();
  }
}
