package app.gradior.cook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.cook.Covariance.Gradient;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The steps written out for three quantities are those of the textbook's matrices. */
class CovarianceTest {
    private static RealMatrix matrix(Covariance p) {
        return new Array2DRowRealMatrix(
                new double[][] {{p.ww(), p.wk(), p.wt()}, {p.wk(), p.kk(), p.kt()}, {p.wt(), p.kt(), p.tt()}});
    }

    private static RealMatrix column(Gradient g) {
        return new Array2DRowRealMatrix(new double[] {g.water(), g.lnK(), g.lnThickness()});
    }

    /** Any that is one: A·Aᵀ. */
    private static Covariance some(Random random) {
        RealMatrix a = new Array2DRowRealMatrix(3, 3);
        for (int i = 0; i < 9; i++) {
            a.setEntry(i / 3, i % 3, random.nextGaussian());
        }
        RealMatrix p = a.multiplyTransposed(a);
        return new Covariance(
                p.getEntry(0, 0),
                p.getEntry(0, 1),
                p.getEntry(0, 2),
                p.getEntry(1, 1),
                p.getEntry(1, 2),
                p.getEntry(2, 2));
    }

    private static Gradient direction(Random random) {
        return new Gradient(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
    }

    private static void assertSame(Covariance actual, RealMatrix expected) {
        assertThat(matrix(actual).subtract(expected).getNorm1()).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void aReadingLeavesOfTheDoubtWhatJosephsFormLeaves(long seed) {
        Random random = new Random(seed);
        Covariance p = some(random);
        Gradient h = direction(random);
        double noise = 0.1 + random.nextDouble();
        double s = p.variance(h) + noise;
        RealMatrix gain = column(p.gain(h, s));
        RealMatrix rest = MatrixUtils.createRealIdentityMatrix(3).subtract(gain.multiplyTransposed(column(h)));
        RealMatrix joseph = rest.multiply(matrix(p))
                .multiplyTransposed(rest)
                .add(gain.multiplyTransposed(gain).scalarMultiply(noise));

        assertSame(p.corrected(h, s), joseph);
        assertThat(p.variance(h))
                .isCloseTo(
                        column(h)
                                .transposeMultiply(matrix(p))
                                .multiply(column(h))
                                .getEntry(0, 0),
                        within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void timeCarriesTheDoubtOnAsItsDerivativesSay(long seed) {
        Random random = new Random(seed);
        Covariance p = some(random);
        Gradient water = direction(random);
        RealMatrix f = MatrixUtils.createRealIdentityMatrix(3);
        f.setRow(0, column(water).getColumn(0));
        RealMatrix expected = f.multiply(matrix(p)).multiplyTransposed(f);
        expected.addToEntry(1, 1, 0.25);

        assertSame(p.carriedOn(water, 0.25), expected);
        assertSame(p.plusSds(0, 0.5, 0), matrix(p).add(new Array2DRowRealMatrix(new double[][] {
            {0, 0, 0}, {0, 0.25, 0}, {0, 0, 0}
        })));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void moreDoubtIsAddedToEachAndAllOfItIsScaledAlike(long seed) {
        Covariance p = some(new Random(seed));

        assertSame(p.plusSds(0.3, 0.5, 0.2), matrix(p).add(new Array2DRowRealMatrix(new double[][] {
            {0.09, 0, 0}, {0, 0.25, 0}, {0, 0, 0.04}
        })));
        assertSame(p.times(4), matrix(p).scalarMultiply(4));
        assertSame(p.withWaterSd(3), matrix(new Covariance(9, 0, 0, p.kk(), p.kt(), p.tt())));
    }
}
