/* The arithmetic of Simulation::look as a plain C loop, for the ratio that bin/bench prints: one look at 96 places from
   seven distances and nine at 48 places from three, each of three coats at five angles: wetness, flakes, Kubelka's film,
   colour under the veil, and the eye's answer to the corners. Constants as in core; the eye's fourteen terms are given.
   Build: cc -O2 -o spray spray.c -lm */
#include <math.h>
#include <stdio.h>
#include <time.h>

enum { MOST = 96, COATS = 3, ANGLES = 5, TERMS = 14, TINTS = 3, FINE = 801 };
static const double tilt[ANGLES] = {4.33, 7.47, 14.06, 23.80, 32.65};
static const double near[3] = {1, 2, 5}, every[7] = {0.5, 1, 2, 3, 5, 8, 10};
static const double share[COATS][2] = {{0.1, 0.33}, {0.3, 0.37}, {0.5, 0.5}};
static const double a[3] = {2.1, 2.0, 1.9}, b[3] = {1.85, 1.73, 1.62}, scatter = 0.05, cover = 3.2;
static double integral[FINE + 1];

static double lab_f(double t) { return t > 216.0 / 24389 ? pow(t, 1.0 / 3) : (24389.0 / 27 * t + 16) / 116; }

static double over(double a_, double b_, double sh, double ground)
{
    double coth = b_ / tanh(b_ * sh);
    return (1 - ground * (a_ - coth)) / (a_ - ground + coth);
}

static void through(double um, double *out)
{
    double open = exp(-um / cover);
    for (int c = 0; c < 3; c++) out[c] = open * (over(a[c], b[c], scatter * um, 0.8) - over(a[c], b[c], scatter * um, 0)) / 0.8;
}

static void corners(double spacing, int n, int terms, double *out)
{
    for (int k = 0; k <= n; k++) out[k] = 0;
    for (int t = 0; t < terms; t++) {
        double s = 0.004 * pow(2, t < 13 ? t : 12), wide = s * M_SQRT2, gain = (t % 2 ? -0.5 : 0.7) / 2 * wide;
        for (int k = 0; k <= n; k++) {
            double z = k * spacing / wide;
            if (z < 4) {
                int i = (int)(z * 200);
                z = integral[i] + (z * 200 - i) * (integral[i + 1] - integral[i]);
            }
            out[k] += gain * z;
        }
    }
}

static double look(double mm, int places, const double *metres, int distances)
{
    double signal[ANGLES][3][MOST], from = share[0][0] * mm, step = (1.0 * mm - from) / (places - 1);
    for (int n = 0; n < places; n++) {
        double x = from + n * step, left = 0, film[COATS], dry[COATS], above = 0, last[3] = {1, 1, 1}, weight[COATS][3];
        for (int i = 0; i < COATS; i++) {
            double past = (x - share[i][0] * mm) / (share[i][1] * mm);
            double s = past <= 0 ? 1 : past >= 1 ? 0 : 0.5 * (1 + cos(M_PI * past)), lands = 22 * s;
            film[i] = 3.4 * s;
            dry[i] = exp(-(lands + left) / (4 * sqrt(5.2 / 5.5)));
            left = 0.05 * (lands + left);
        }
        for (int i = COATS - 1; i >= 0; i--) {
            double next[3];
            if (film[i] < 1e-4) { weight[i][0] = weight[i][1] = weight[i][2] = 0; continue; }
            above += film[i];
            through(above, next);
            for (int c = 0; c < 3; c++) { weight[i][c] = last[c] - next[c]; last[c] = next[c]; }
        }
        for (int q = 0; q < ANGLES; q++) {
            double xyz[3], old = 11.0 + exp(-tilt[q] * tilt[q] / 72) * 305, f[3];
            for (int c = 0; c < 3; c++) xyz[c] = last[c] * old;
            for (int i = 0; i < COATS; i++) {
                double sigma = 6 * (1 + 0.125 * dry[i]);
                double g = 36 / (sigma * sigma) * exp(-tilt[q] * tilt[q] / (2 * sigma * sigma)) + 0.006 * dry[i];
                for (int c = 0; c < 3; c++) xyz[c] += weight[i][c] * fmax(0, 11.5 + g * 320 + 0.1);
            }
            for (int c = 0; c < 3; c++) f[c] = lab_f((xyz[c] / 100 + 0.05) / 1.05);
            double as = 500 * (f[0] - f[1]), bs = 200 * (f[1] - f[2]), dc = hypot(as, bs) - 1;
            double dh = sqrt(fmax(0, (as - 1) * (as - 1) + bs * bs - dc * dc));
            signal[q][0][n] = log(fmax(0, xyz[1]) + 5) - 3;
            signal[q][1][n] = dc / 1.045;
            signal[q][2][n] = dh / 1.015;
        }
    }
    double worst = 0;
    for (int m = 0; m < distances; m++) {
        double spacing = step / (1000 * metres[m]) * 180 / M_PI, table[2][MOST + 1];
        for (int q = 0; q < ANGLES; q++) {
            double bend[3][MOST], best = -1;
            int at = 0;
            corners(spacing, places, TERMS, table[0]);
            corners(spacing, places, TINTS, table[1]);
            for (int c = 0; c < 3; c++) {
                double before = 0;
                for (int i = 0; i < places; i++) {
                    double after = i + 1 < places ? (signal[q][c][i + 1] - signal[q][c][i]) / spacing : 0;
                    bend[c][i] = after - before;
                    before = after;
                }
            }
            for (int pass = 0; pass < 2; pass++) {
                int lo = pass ? (at > 3 ? at - 3 : 0) : 0, hi = pass ? (at + 3 < places ? at + 3 : places - 1) : places - 1;
                for (int i = lo; i <= hi; i += pass ? 1 : 4) {
                    double r = 0;
                    for (int c = 0; c < 3; c++) {
                        double sum = 0;
                        const double *t = table[c > 0];
                        for (int j = 0; j < places; j++) sum += bend[c][j] * t[i < j ? j - i : i - j];
                        r += sum * sum;
                    }
                    if (sqrt(r) > best) { best = sqrt(r); at = i; }
                }
            }
            if (best > worst) worst = best;
        }
    }
    return worst;
}

int main(void)
{
    for (int i = 0; i <= FINE; i++) {
        double z = i / 200.0;
        integral[i] = z * erf(z) + exp(-z * z) / sqrt(M_PI);
    }
    struct timespec from, to;
    double keep = 0;
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (int i = 0; i < 50; i++) {
        keep += look(300, 96, every, 7);
        for (int r = 0; r < 9; r++) keep += look(300, 48, near, 3);
    }
    clock_gettime(CLOCK_MONOTONIC, &to);
    printf("%.4f %.3f\n", ((to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6) / 50, keep);
    return 0;
}
