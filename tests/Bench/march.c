/* The bare march of solver.php in C: 61 nodes, 1,200 Crank-Nicolson steps of one second. Prints the lowest and the middle of 60 runs, ms. */
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

enum { N = 61, STEPS = 1200, RUNS = 60 };

static double march(void)
{
    double half = 0.5 * (0.48 / (1060.0 * 3500.0)) / ((0.025 / 60) * (0.025 / 60));
    double t[N], y[N], ratio[N] = {0}, pivot[N] = {0};
    for (int i = 0; i < N; i++) t[i] = y[i] = 5.0;
    t[0] = y[0] = 95.0;
    for (int i = 1; i < N - 1; i++) {
        pivot[i] = 1.0 / (1.0 + 2.0 * half + half * ratio[i - 1]);
        ratio[i] = -half * pivot[i];
    }
    for (int step = 0; step < STEPS; step++) {
        double carried = 0.0;
        for (int i = 1; i < N - 1; i++) {
            double right = t[i] + half * (t[i - 1] - 2.0 * t[i] + t[i + 1]) + (i == 1 ? half * 95.0 : 0.0);
            carried = y[i] = (right + half * carried) * pivot[i];
        }
        for (int i = N - 2; i > 0; i--) t[i] = y[i] - ratio[i] * (i == N - 2 ? 0.0 : t[i + 1]);
    }
    return t[30];
}

static int rising(const void *a, const void *b)
{
    double d = *(const double *)a - *(const double *)b;
    return (d > 0) - (d < 0);
}

int main(void)
{
    double ms[RUNS];
    volatile double core = 0.0;
    for (int run = 0; run < RUNS; run++) {
        struct timespec from, to;
        clock_gettime(CLOCK_MONOTONIC, &from);
        core += march();
        clock_gettime(CLOCK_MONOTONIC, &to);
        ms[run] = (to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6;
    }
    qsort(ms, RUNS, sizeof ms[0], rising);
    printf("[%.4f, %.4f]\n", ms[0], ms[RUNS / 2]);
    return 0;
}
