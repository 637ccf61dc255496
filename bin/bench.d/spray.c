/* The arithmetic of one whole-job simulation as a plain C loop, for the ratio that bin/bench prints: the same nodes, coats, angles, distances and
   spread of runs as core/src/Blend/Stack, colours as XYZ triples, the kernel from a table. Build: cc -O2 -o spray spray.c -lm */
#include <math.h>
#include <stdio.h>
#include <time.h>

enum { NODES = 256, COATS = 8, ANGLES = 5, DISTANCES = 5 };
static const double tilt[ANGLES] = {4.33, 7.47, 14.06, 23.80, 32.65}, metres[DISTANCES] = {0.5, 1, 2, 3, 5};
static const double w[4] = {1.145, -0.785, -0.253, -0.052}, s[4] = {0.0102, 0.0556, 0.242, 1.475};
static double table[DISTANCES][NODES];

static double f(double t) { return t > 216.0 / 24389 ? cbrt(t) : t * 841 / 108 + 4.0 / 29; }

static double simulate(int coats, int nodes, double step)
{
    double worst = 0, k = log(50.0) / 12.5;
    for (int a = 0; a < ANGLES; a++) {
        double l[NODES], c[NODES], h[NODES];
        for (int n = 0; n < nodes; n++) {
            double x = -80 + n * step, left = 0, remaining = 1, xyz[3] = {0, 0, 0}, dry[COATS], film[COATS];
            for (int i = 0; i < coats; i++) {
                double past = (x - 40 - 60.0 * i) / 90, st = past <= 0 ? 1 : past >= 1 ? 0 : 0.5 * (1 + cos(M_PI * past));
                dry[i] = exp(-(32.9 * st + left + 5.4) / 3.9);
                film[i] = 7.08 * st;
                left = fmax(0, 32.9 * st + left - 31.2);
            }
            for (int i = coats - 1; i >= 0; i--) {
                double sigma = 6 + 1.2 * dry[i], g = 36 / (sigma * sigma) * exp(-tilt[a] * tilt[a] / (2 * sigma * sigma)) + 0.006 * dry[i];
                double cover = (1 - exp(-k * film[i])) * remaining;
                for (int q = 0; q < 3; q++) xyz[q] += cover * (11.5 + g * 320);
                remaining *= exp(-k * film[i]);
            }
            for (int q = 0; q < 3; q++) xyz[q] += remaining * (11.0 + exp(-tilt[a] * tilt[a] / 72) * 305);
            double fx = f(xyz[0] / 94.811 + 0.02), fy = f(xyz[1] / 100 + 0.02), fz = f(xyz[2] / 107.304 + 0.02);
            l[n] = 116 * fy - 16;
            c[n] = hypot(500 * (fx - fy), 200 * (fy - fz));
            h[n] = atan2(fy - fz, fx - fy);
        }
        for (int m = 0; m < DISTANCES; m++)
            for (int n = 0; n < nodes; n++) {
                double sum = 0;
                for (int j = 1; j < nodes; j++) {
                    int d = n - j;
                    sum += (l[j] - l[j - 1]) * (d >= 0 ? table[m][d] : -table[m][-d - 1]);
                }
                double index = 4.5 * fabs(sum) + 1e-12 * (c[n] + h[n]);
                if (index > worst) worst = index;
            }
    }
    return worst;
}

int main(void)
{
    for (int m = 0; m < DISTANCES; m++)
        for (int n = 0; n < NODES; n++) {
            double sum = 0, deg = atan((n + 0.5) * 5 / (1000 * metres[m])) * 180 / M_PI;
            for (int i = 0; i < 4; i++) sum += w[i] / 2 * erf(deg / (M_SQRT2 * s[i]));
            table[m][n] = sum;
        }
    struct timespec from, to;
    double keep = 0;
    clock_gettime(CLOCK_MONOTONIC, &from);
    /* one fine run and eight coarse ones, as the spread has it */
    for (int i = 0; i < 50; i++) {
        keep += simulate(4, 100, 5);
        for (int r = 0; r < 9; r++) keep += simulate(4, 50, 10);
    }
    clock_gettime(CLOCK_MONOTONIC, &to);
    printf("%.4f %.3f\n", ((to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6) / 50, keep);
    return 0;
}
