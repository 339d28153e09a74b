package unbo.core.working;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import unbo.core.measure.Measured;

/**
 * From the uncertainty of independent inputs to that of the result. First order by central
 * differences over ± σ (JCGM 100:2008, 5.1.3 note 2), with k = 2. Where |f(x+σ) + f(x−σ) − 2f(x)|
 * exceeds 0.2·u for any input, the formula bends too much for that, and 20,000 normal draws with a
 * fixed seed take its place; the interval is then from the 2.5 to the 97.5 % point (JCGM 101:2008,
 * 7.7), as far as its more distant end lies from the value.
 *
 * @param result value and uncertainty at 95 %
 * @param least lower end of the 95 % interval
 * @param most upper end
 * @param drawn whether it was drawn
 * @param changes by how much the result moves when each input moves by σ
 */
record Propagation(
    Measured result, double least, double most, boolean drawn, List<Double> changes) {

  static final int DRAWS = 20_000;

  private static final long SEED = 1;
  private static final double BEND = 0.2;
  private static final double LOWER = 0.025;

  static Propagation of(Formula.Law law, List<Input> inputs) {
    Values values = Values.of(inputs);
    double middle = law.of(values);
    double sum = 0;
    double bend = 0;
    Double[] changes = new Double[inputs.size()];
    for (int i = 0; i < inputs.size(); i++) {
      Input input = inputs.get(i);
      double up = moved(law, values, i, input, input.sigma());
      double down = moved(law, values, i, input, -input.sigma());
      changes[i] = Math.abs(up - down) / 2;
      sum += changes[i] * changes[i];
      bend = Math.max(bend, Math.abs(up + down - 2 * middle));
    }
    double standard = Math.sqrt(sum);
    if (bend > BEND * standard && bend > Math.ulp(middle) * 16) {
      return drawn(law, inputs, middle, Arrays.asList(changes));
    }
    Measured result = new Measured(middle, 2 * standard);
    return new Propagation(result, result.least(), result.most(), false, Arrays.asList(changes));
  }

  private static double moved(Formula.Law law, Values values, int place, Input input, double by) {
    return by == 0 ? law.of(values) : law.of(values.with(place, input.value().value() + by));
  }

  private static Propagation drawn(
      Formula.Law law, List<Input> inputs, double middle, List<Double> changes) {
    Random random = new Random(SEED);
    Values values = Values.of(inputs);
    double[] results = new double[DRAWS];
    double[] draw = new double[inputs.size()];
    for (int n = 0; n < DRAWS; n++) {
      for (int i = 0; i < draw.length; i++) {
        Input input = inputs.get(i);
        double off = input.sigma() > 0 ? input.sigma() * random.nextGaussian() : 0;
        draw[i] = input.value().value() + off;
      }
      results[n] = law.of(values.all(draw));
    }
    Arrays.sort(results);
    double least = results[(int) (LOWER * DRAWS)];
    double most = results[DRAWS - 1 - (int) (LOWER * DRAWS)];
    double reach = Math.max(most - middle, middle - least);
    return new Propagation(new Measured(middle, reach), least, most, true, changes);
  }
}
