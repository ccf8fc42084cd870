package app.gradior.learning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;

/**
 * A ridge regression with robust weights whose unknowns fall into blocks, one a sauce, that meet only in a few shared ones:
 * each block is eliminated, the shared unknowns are solved, and the blocks follow. All priors have mean 0. Weights are
 * Huber's, which are convex: one answer, whatever the start or the order of the rows.
 */
final class BlockFit {
    /** Beyond so many standard deviations a row pulls no harder. */
    private static final double HUBER = 1.5;

    /** The day's variance is learnt from so many rows on. */
    private static final int ENOUGH_FOR_DAYS = 5;

    /** What the supposed variance of days weighs, in rows. */
    private static final double PRIOR_DAYS = 6;

    private static final double MOST_OF_A_DAY = 6.25;

    /** No row belongs to a block. */
    static final int NO_BLOCK = -1;

    /**
     * A row: y = the block's unknown + Σ coefficient·shared + noise.
     *
     * @param unknown which of its block's unknowns it shows; meaningless without a block
     * @param shared which shared unknowns it shows, with their coefficients
     * @param v variance of the noise
     */
    record Row(int unknown, int[] shared, double[] coefficients, double y, double v) {}

    /** Rows that share what is a batch's own. */
    record Batch(int block, List<Row> rows) {}

    /**
     * What is to be solved.
     *
     * @param sharedPrecisions of the shared unknowns' priors
     * @param blockPrecisions of each block's prior: a matrix
     * @param ofADay variance of the noise every row has beyond its v; it is learnt if over 0
     * @param ofABatch variance of what the rows of a batch share beyond the unknowns
     */
    record Problem(
            double[] sharedPrecisions,
            List<double[][]> blockPrecisions,
            List<Batch> batches,
            double ofADay,
            double ofABatch) {}

    private final Problem problem;
    private final int shared;
    private double ofADay;
    private double[][] covariance;
    private double[] means;
    private final List<Block> blocks = new ArrayList<>();

    /** A block with what is solved of it. */
    private static final class Block {
        double[][] inverse;
        double[][] across;
        double[] means;
        double[][] acrossCovariance;
        double[] quadratic;
    }

    private BlockFit(Problem problem) {
        this.problem = problem;
        this.shared = problem.sharedPrecisions().length;
        this.ofADay = problem.ofADay();
    }

    /** @param passes of reweighting; four are enough for anything that shows */
    static BlockFit of(Problem problem, int passes) {
        BlockFit fit = new BlockFit(problem);
        for (int pass = 0; pass < passes; pass++) {
            fit.solve(pass > 0);
        }
        return fit;
    }

    /** The variance of days as learnt. */
    double ofADay() {
        return ofADay;
    }

    /** The fitted value of an unknown of a block (or of none) together with shared ones. */
    double mean(int block, int unknown, int[] indices, double[] coefficients) {
        double mean = block == NO_BLOCK ? 0 : blocks.get(block).means[unknown];
        for (int i = 0; i < indices.length; i++) {
            mean += coefficients[i] * means[indices[i]];
        }
        return mean;
    }

    /** Its variance: B_vv + (x − G_v)'·C·(x − G_v). */
    double variance(int block, int unknown, int[] indices, double[] coefficients) {
        double variance = 0;
        for (int i = 0; i < indices.length; i++) {
            for (int j = 0; j < indices.length; j++) {
                variance += coefficients[i] * coefficients[j] * covariance[indices[i]][indices[j]];
            }
        }
        if (block != NO_BLOCK) {
            Block of = blocks.get(block);
            variance += of.inverse[unknown][unknown] + of.quadratic[unknown];
            for (int i = 0; i < indices.length; i++) {
                variance -= 2 * coefficients[i] * of.acrossCovariance[unknown][indices[i]];
            }
        }
        return Math.max(0, variance);
    }

    private void solve(boolean weighted) {
        double[][] weights = weighted ? huber() : null;
        if (weighted && problem.ofADay() > 0) {
            learnDays();
        }
        double[][] at = new double[shared][shared];
        double[] gt = new double[shared];
        for (int i = 0; i < shared; i++) {
            at[i][i] = problem.sharedPrecisions()[i];
        }
        int count = problem.blockPrecisions().size();
        double[][][] as = new double[count][][];
        double[][][] across = new double[count][][];
        double[][] gs = new double[count][];
        for (int b = 0; b < count; b++) {
            double[][] prior = problem.blockPrecisions().get(b);
            as[b] = Arrays.stream(prior).map(double[]::clone).toArray(double[][]::new);
            across[b] = new double[prior.length][shared];
            gs[b] = new double[prior.length];
        }
        for (int n = 0; n < problem.batches().size(); n++) {
            Batch batch = problem.batches().get(n);
            int b = batch.block();
            gather(
                    batch,
                    weights == null ? null : weights[n],
                    b < 0 ? null : as[b],
                    b < 0 ? null : across[b],
                    b < 0 ? null : gs[b],
                    at,
                    gt);
        }
        eliminate(as, across, gs, at, gt);
    }

    private void gather(
            Batch batch, double[] huber, double[][] as, double[][] across, double[] gs, double[][] at, double[] gt) {
        boolean sharing = problem.ofABatch() > 0;
        double[] ofBlock = sharing && as != null ? new double[as.length] : null;
        double[] ofShared = sharing ? new double[shared] : null;
        double total = 0;
        double pulled = 0;
        for (int r = 0; r < batch.rows().size(); r++) {
            Row row = batch.rows().get(r);
            double w = (huber == null ? 1 : huber[r]) / (ofADay + row.v());
            if (as != null) {
                as[row.unknown()][row.unknown()] += w;
                gs[row.unknown()] += w * row.y();
            }
            for (int i = 0; i < row.shared().length; i++) {
                int index = row.shared()[i];
                double weight = w * row.coefficients()[i];
                gt[index] += weight * row.y();
                if (as != null) {
                    across[row.unknown()][index] += weight;
                }
                for (int j = 0; j < row.shared().length; j++) {
                    at[index][row.shared()[j]] += weight * row.coefficients()[j];
                }
            }
            if (sharing) {
                total += w;
                pulled += w * row.y();
                if (ofBlock != null) {
                    ofBlock[row.unknown()] += w;
                }
                for (int i = 0; i < row.shared().length; i++) {
                    ofShared[row.shared()[i]] += w * row.coefficients()[i];
                }
            }
        }
        if (sharing) {
            double q = 1 / (1 / problem.ofABatch() + total);
            takeOff(q, pulled, ofBlock, ofShared, as, across, gs, at, gt);
        }
    }

    /** What a batch has of its own is integrated out: A −= q·u·u', g −= q·u·Y. */
    private void takeOff(
            double q,
            double pulled,
            double[] ofBlock,
            double[] ofShared,
            double[][] as,
            double[][] across,
            double[] gs,
            double[][] at,
            double[] gt) {
        int[] touched = java.util.stream.IntStream.range(0, shared)
                .filter(i -> ofShared[i] != 0)
                .toArray();
        for (int i : touched) {
            gt[i] -= q * ofShared[i] * pulled;
            for (int j : touched) {
                at[i][j] -= q * ofShared[i] * ofShared[j];
            }
        }
        for (int i = 0; ofBlock != null && i < ofBlock.length; i++) {
            if (ofBlock[i] != 0) {
                gs[i] -= q * ofBlock[i] * pulled;
                for (int j = 0; j < ofBlock.length; j++) {
                    as[i][j] -= q * ofBlock[i] * ofBlock[j];
                }
                for (int j : touched) {
                    across[i][j] -= q * ofBlock[i] * ofShared[j];
                }
            }
        }
    }

    private void eliminate(double[][][] as, double[][][] across, double[][] gs, double[][] at, double[] gt) {
        blocks.clear();
        for (int b = 0; b < as.length; b++) {
            Block block = new Block();
            block.inverse = inverse(as[b]);
            int size = as[b].length;
            block.across = new double[size][shared];
            for (int i = 0; i < size; i++) {
                for (int k = 0; k < size; k++) {
                    double b_ik = block.inverse[i][k];
                    for (int j = 0; j < shared; j++) {
                        block.across[i][j] += b_ik * across[b][k][j];
                    }
                }
            }
            for (int k = 0; k < size; k++) {
                for (int i = 0; i < shared; i++) {
                    double from = across[b][k][i];
                    if (from != 0) {
                        for (int j = 0; j < shared; j++) {
                            at[i][j] -= from * block.across[k][j];
                        }
                    }
                    gt[i] -= block.across[k][i] * gs[b][k];
                }
            }
            blocks.add(block);
        }
        covariance = inverse(at);
        means = times(covariance, gt);
        for (int b = 0; b < as.length; b++) {
            Block block = blocks.get(b);
            int size = as[b].length;
            block.means = times(block.inverse, gs[b]);
            block.acrossCovariance = new double[size][];
            block.quadratic = new double[size];
            for (int i = 0; i < size; i++) {
                block.acrossCovariance[i] = times(covariance, block.across[i]);
                block.means[i] -= dot(block.across[i], means);
                block.quadratic[i] = dot(block.across[i], block.acrossCovariance[i]);
            }
        }
    }

    private double[][] huber() {
        double[][] weights = new double[problem.batches().size()][];
        for (int n = 0; n < weights.length; n++) {
            Batch batch = problem.batches().get(n);
            weights[n] = new double[batch.rows().size()];
            for (int r = 0; r < weights[n].length; r++) {
                Row row = batch.rows().get(r);
                double spread = Math.sqrt(ofADay + problem.ofABatch() + row.v());
                double off = Math.abs(row.y() - mean(batch.block(), row.unknown(), row.shared(), row.coefficients()));
                weights[n][r] = off <= HUBER * spread ? 1 : HUBER * spread / off;
            }
        }
        return weights;
    }

    /** s² ← [6·s0² + Σ min(d²(e² + x'Cx) + s²v/V, 6.25 s²)]/(6 + n), d = s²/V. */
    private void learnDays() {
        double sum = PRIOR_DAYS * problem.ofADay();
        int rows = 0;
        for (Batch batch : problem.batches()) {
            for (Row row : batch.rows()) {
                double all = ofADay + row.v();
                double d = ofADay / all;
                double off = row.y() - mean(batch.block(), row.unknown(), row.shared(), row.coefficients());
                double variance = variance(batch.block(), row.unknown(), row.shared(), row.coefficients());
                sum += Math.min(d * d * (off * off + variance) + ofADay * row.v() / all, MOST_OF_A_DAY * ofADay);
                rows++;
            }
        }
        if (rows >= ENOUGH_FOR_DAYS) {
            ofADay = sum / (PRIOR_DAYS + rows);
        }
    }

    private static double[][] inverse(double[][] of) {
        if (of.length == 0) {
            return of;
        }
        if (of.length == 1) {
            return new double[][] {{1 / of[0][0]}};
        }
        return new CholeskyDecomposition(new Array2DRowRealMatrix(of, false), 1e-9, 1e-14)
                .getSolver()
                .getInverse()
                .getData();
    }

    private static double[] times(double[][] matrix, double[] vector) {
        double[] product = new double[matrix.length];
        for (int i = 0; i < product.length; i++) {
            product[i] = dot(matrix[i], vector);
        }
        return product;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
