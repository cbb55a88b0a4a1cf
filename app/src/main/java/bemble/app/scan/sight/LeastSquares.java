package bemble.app.scan.sight;

/** The coefficients that fit some weighted equations best, by the normal equations. */
final class LeastSquares {
  private final double[][] sums;
  private final int size;

  LeastSquares(int size) {
    this.size = size;
    sums = new double[size][size + 1];
  }

  /** Adds an equation: the terms, each times its coefficient, have the value as their sum. */
  void add(double[] terms, double value, double weight) {
    for (int row = 0; row < size; row++) {
      double factor = weight * terms[row];
      if (factor != 0) {
        for (int column = 0; column < size; column++) {
          sums[row][column] += factor * terms[column];
        }
        sums[row][size] += factor * value;
      }
    }
  }

  /** The coefficients; a coefficient that no equation speaks of is nothing. */
  double[] solved() {
    for (int column = 0; column < size; column++) {
      int best = column;
      for (int row = column + 1; row < size; row++) {
        best = Math.abs(sums[row][column]) > Math.abs(sums[best][column]) ? row : best;
      }
      double[] swapped = sums[column];
      sums[column] = sums[best];
      sums[best] = swapped;
      if (Math.abs(sums[column][column]) < 1e-12) {
        continue;
      }
      for (int row = 0; row < size; row++) {
        double factor = row == column ? 0 : sums[row][column] / sums[column][column];
        for (int each = column; factor != 0 && each <= size; each++) {
          sums[row][each] -= factor * sums[column][each];
        }
      }
    }
    double[] solved = new double[size];
    for (int row = 0; row < size; row++) {
      boolean spoken = Math.abs(sums[row][row]) >= 1e-12;
      solved[row] = spoken ? sums[row][size] / sums[row][row] : 0;
    }
    return solved;
  }
}
