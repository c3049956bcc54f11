/*
 * The stencils of src/core/thermal in C, line by line as they are there, to hold the times of the one against the other.
 * Prints for each name on the command line: name, median ms, and a figure that must agree with the core's.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

typedef struct {
  double rate, kappa, activation, heat, glass0, glass1, lambda, gel, density, capacity, conductivity;
} Curing;

static const Curing deep = {2.28e-5, .25, 55000, 270000, -45, 55, .4, .6, 1100, 1800, .2};
static const Curing casting = {6.58e-5, .25, 55000, 310000, -45, 58, .4, .6, 1100, 1800, .2};

#define MOST 4096
static double capacity[MOST], up[MOST], down[MOST], in[MOST], out[MOST];
static double state[2][4][MOST]; /* temperature, alpha, warming, rate */
static double byT[MOST], byA[MOST], perCure[MOST], coupling[MOST], lower[MOST], upper[MOST], perPivot[MOST];
static double alongLower[MOST], perAlong[MOST];
static double stageT[MOST], stageA[MOST], stageRate[MOST], stageWarm[MOST];
static double u1T[MOST], u1A[MOST], u2T[MOST], u2A[MOST], u3T[MOST], u3A[MOST];

static void slopes(const Curing *c, const double *T, const double *A, int from, int to, double *rate) {
  const double ea = c->activation / 8.314462618, pre = c->rate * exp(ea / 298.15);
  const double per = 1 / (c->glass1 - c->glass0), rest = 1 - c->lambda, stall = c->lambda * per;
  for (int i = from; i < to; i++) {
    double a = A[i];
    if (a >= 1) { rate[i] = byT[i] = byA[i] = 0; continue; }
    double above = (T[i] - c->glass0) * per, share = above > 0 ? above : 0, left = 1 - a;
    double spread = c->lambda + rest * share, kelvin = T[i] + 273.15;
    double factor = 1 / (1 + exp(30 * (a - share / spread)));
    double freely = pre * exp(-ea / kelvin) * factor, r = freely * (c->kappa + a) * left * left;
    double stalling = 30 * (1 - factor);
    rate[i] = r;
    byA[i] = freely * left * (left - 2 * (c->kappa + a)) - stalling * r;
    byT[i] = r * (ea / (kelvin * kelvin) + (above > 0 ? stalling * stall / (spread * spread) : 0));
  }
}

static void values(const Curing *c, const double *T, const double *A, int from, int to, double *rate) {
  const double ea = c->activation / 8.314462618, pre = c->rate * exp(ea / 298.15);
  const double per = 1 / (c->glass1 - c->glass0), rest = 1 - c->lambda;
  for (int i = from; i < to; i++) {
    double a = A[i];
    if (a >= 1) { rate[i] = 0; continue; }
    double above = (T[i] - c->glass0) * per, share = above > 0 ? above : 0, left = 1 - a;
    double stalled = share / (c->lambda + rest * share);
    rate[i] = pre * exp(-ea / (T[i] + 273.15)) * (c->kappa + a) * left * left / (1 + exp(30 * (a - stalled)));
  }
}

static double growth(double error, int order) {
  if (error == 0) return 4;
  double wanted = .9 / (order == 3 ? cbrt(error) : sqrt(error));
  return wanted < .2 ? .2 : wanted > 4 ? 4 : wanted;
}

/* Asked after every step with the two states; 1 stops the run. */
typedef int (*Watch)(double t0, double t1, double (*before)[MOST], double (*after)[MOST], void *seen);

static double solveChain(int cells, int from, const Curing *c, double roomC, double until, double tolerance, Watch watch, void *seen) {
  const double G = .7886751345948129, a21 = 1.267949192431123, c21 = -1.607695154586736;
  const double c31 = -3.464101615137755, c32 = -1.732050807568877, m2 = .5773502691896258, m3 = .4226497308103742;
  const double e1 = 2 - 2.113248654051871, e2 = .5773502691896258 - 1, Q = c->heat / c->capacity;
  const double perT = 1 / tolerance, perA = 100 / tolerance;
  const int last = cells - 1;
  double (*b)[MOST] = state[0], (*a)[MOST] = state[1];
  double step = 1, t = 0;
  memset(byT, 0, sizeof byT), memset(byA, 0, sizeof byA), memset(stageRate, 0, sizeof stageRate);
  memset(state[0][3], 0, sizeof state[0][3]), memset(state[1][3], 0, sizeof state[1][3]);
#define LOOK(s) do { slopes(c, s[0], s[1], from, cells, s[3]); double f = roomC, h0 = s[0][0]; \
    for (int i = 0; i < last; i++) { double n = s[0][i + 1]; s[2][i] = down[i] * (f - h0) + up[i] * (n - h0) + Q * s[3][i]; f = h0; h0 = n; } \
    s[2][last] = down[last] * (f - h0) + up[last] * (roomC - h0) + Q * s[3][last]; } while (0)
  LOOK(b);
  while (t < until) {
    double h = step > until / 40 ? until / 40 : step;
    int isLast = h >= (until - t) * (1 - 1e-9);
    if (isLast) h = until - t;
    double g = G * h, multiplied = 0, perLast = 1;
    int safe = 1;
    for (int i = 0; i < cells; i++) {
      double term = 1 - g * byA[i], share = 1 / term, d = g * down[i], u = g * up[i];
      double multiplier = i == 0 ? 0 : -d * perLast;
      double pivot = 1 + d + u - g * Q * byT[i] * share + multiplier * multiplied;
      if (!(term >= .15) || !(pivot >= .1)) { safe = 0; break; }
      perLast = 1 / pivot, multiplied = u;
      perCure[i] = share, coupling[i] = g * Q * byA[i] * share, lower[i] = multiplier, upper[i] = u, perPivot[i] = perLast;
    }
    if (!safe) { step = h * .3; continue; }
    double carried = 0;
    for (int i = 0; i < cells; i++) {
      double own = g * b[3][i];
      carried = g * b[2][i] + coupling[i] * own - lower[i] * carried;
      u1A[i] = own, u1T[i] = carried;
    }
    carried = 0;
    for (int i = last; i >= 0; i--) {
      carried = (u1T[i] + upper[i] * carried) * perPivot[i];
      double own = perCure[i] * (u1A[i] + g * byT[i] * carried);
      u1T[i] = carried, u1A[i] = own, stageT[i] = b[0][i] + a21 * carried, stageA[i] = b[1][i] + a21 * own;
    }
    values(c, stageT, stageA, from, cells, stageRate);
    double f = roomC, here = stageT[0];
    carried = 0;
    for (int i = 0; i < cells; i++) {
      double next = i == last ? roomC : stageT[i + 1], r = g * stageRate[i];
      double warm = g * (down[i] * (f - here) + up[i] * (next - here)) + Q * r, own = r + G * c21 * u1A[i];
      carried = warm + G * c21 * u1T[i] + coupling[i] * own - lower[i] * carried;
      stageWarm[i] = warm, u2A[i] = own, u2T[i] = carried, f = here, here = next;
    }
    carried = 0;
    for (int i = last; i >= 0; i--) {
      carried = (u2T[i] + upper[i] * carried) * perPivot[i];
      u2T[i] = carried, u2A[i] = perCure[i] * (u2A[i] + g * byT[i] * carried);
    }
    carried = 0;
    for (int i = 0; i < cells; i++) {
      double own = g * stageRate[i] + G * (c31 * u1A[i] + c32 * u2A[i]);
      carried = stageWarm[i] + G * (c31 * u1T[i] + c32 * u2T[i]) + coupling[i] * own - lower[i] * carried;
      u3A[i] = own, u3T[i] = carried;
    }
    carried = 0;
    double error = 0;
    for (int i = last; i >= 0; i--) {
      carried = (u3T[i] + upper[i] * carried) * perPivot[i];
      double own = perCure[i] * (u3A[i] + g * byT[i] * carried);
      a[0][i] = b[0][i] + 2 * u1T[i] + m2 * u2T[i] + m3 * carried;
      double cured = 2 * u1A[i] + m2 * u2A[i] + m3 * own, fallen = -cured * perA * 10;
      a[1][i] = b[1][i] + cured;
      double offT = fabs(e1 * u1T[i] + e2 * u2T[i]) * perT, offA = fabs(e1 * u1A[i] + e2 * u2A[i]) * perA;
      if (!(offT <= error)) error = error != error ? error : offT;
      if (!(offA <= error)) error = error != error ? error : offA;
      if (fallen > error) error = fallen;
    }
    if (!(error <= 1)) { step = h * (error > 1 ? growth(error, 3) : .3); continue; }
    double before = t;
    t = isLast ? until : t + h;
    LOOK(a);
    int enough = watch(before, t, b, a, seen);
    double (*old)[MOST] = b;
    b = a, a = old;
    if (enough) break;
    step = h * growth(error, 3);
  }
  return b[0][cells / 2];
}

typedef struct { int columns, rows, resin, first; } Plane;

static void warmPlane(Plane p, double Q, const double *T, const double *rate, double roomC, double *into) {
  static double air[MOST];
  for (int x = 0; x < p.columns; x++) air[x] = roomC;
  for (int y = 0; y < p.rows; y++) {
    const int first = y * p.columns;
    const double *under = y == 0 ? air : T + first - p.columns, *over = y == p.rows - 1 ? air : T + first + p.columns;
    double f = 0, here = T[first];
    for (int x = 0; x < p.columns; x++) {
      int i = first + x;
      double next = x == p.columns - 1 ? roomC : T[i + 1];
      into[i] = in[i] * (f - here) + out[i] * (next - here) + down[i] * (under[x] - here) + up[i] * (over[x] - here) + Q * rate[i];
      f = here, here = next;
    }
  }
}

static void solveRows(Plane p, double g, double *uT, double *uA) {
  for (int y = 0; y < p.rows; y++) {
    const int first = y * p.columns;
    double carried = 0;
    for (int i = first; i < first + p.columns; i++) uT[i] = carried = uT[i] + coupling[i] * uA[i] + lower[i] * carried;
    carried = 0;
    for (int i = first + p.columns - 1; i >= first; i--) {
      carried = (uT[i] + g * out[i] * carried) * perPivot[i];
      uA[i] = perCure[i] * (uA[i] + g * byT[i] * carried);
      uT[i] = carried;
    }
    if (y == 0) continue;
    for (int i = first; i < first + p.columns; i++) uT[i] += alongLower[i] * uT[i - p.columns];
  }
}

static double solvePlane(Plane p, const Curing *c, double roomC, double until, double tolerance, Watch watch, void *seen) {
  const double G = 1 - M_SQRT1_2, Q = c->heat / c->capacity, perT = 1 / tolerance, perA = 100 / tolerance;
  const int cells = p.columns * p.rows;
  double (*b)[MOST] = state[0], (*a)[MOST] = state[1];
  double step = 1, t = 0;
  memset(byT, 0, sizeof byT), memset(byA, 0, sizeof byA), memset(stageRate, 0, sizeof stageRate);
  memset(state[0][3], 0, sizeof state[0][3]), memset(state[1][3], 0, sizeof state[1][3]);
#define LOOK2(s) do { for (int y = p.first; y < p.rows; y++) slopes(c, s[0], s[1], y * p.columns, y * p.columns + p.resin, s[3]); \
    warmPlane(p, Q, s[0], s[3], roomC, s[2]); } while (0)
  LOOK2(b);
  while (t < until) {
    double h = step > until / 40 ? until / 40 : step;
    int isLast = h >= (until - t) * (1 - 1e-9), safe = 1;
    if (isLast) h = until - t;
    double g = G * h;
    for (int y = 0; y < p.rows && safe; y++) {
      double perLast = 0, lastOut = 0;
      for (int i = y * p.columns; i < (y + 1) * p.columns; i++) {
        double term = 1 - g * byA[i], share = 1 / term, inward = g * in[i], outward = g * out[i], multiplier = inward * perLast;
        double pivot = 1 + inward + outward - g * Q * byT[i] * share - multiplier * lastOut;
        if (!(term >= .15) || !(pivot >= .1)) { safe = 0; break; }
        perLast = 1 / pivot, lastOut = outward;
        perCure[i] = share, coupling[i] = g * Q * byA[i] * share, lower[i] = multiplier, perPivot[i] = perLast;
      }
    }
    if (!safe) { step = h * .3; continue; }
    for (int i = 0; i < p.columns; i++) perAlong[i] = 1 / (1 + g * (down[i] + up[i]));
    for (int i = p.columns; i < cells; i++) {
      double d = g * down[i], multiplier = d * perAlong[i - p.columns];
      alongLower[i] = multiplier;
      perAlong[i] = 1 / (1 + d + g * up[i] - multiplier * g * up[i - p.columns]);
    }
    for (int i = 0; i < cells; i++) u1T[i] = g * b[2][i], u1A[i] = g * b[3][i];
    solveRows(p, g, u1T, u1A);
    for (int i = cells - 1; i >= 0; i--) {
      double above = i >= cells - p.columns ? 0 : g * up[i] * u1T[i + p.columns], own = (u1T[i] + above) * perAlong[i];
      u1T[i] = own, stageT[i] = b[0][i] + own / G, stageA[i] = b[1][i] + u1A[i] / G;
    }
    for (int y = p.first; y < p.rows; y++) values(c, stageT, stageA, y * p.columns, y * p.columns + p.resin, stageRate);
    warmPlane(p, Q, stageT, stageRate, roomC, stageWarm);
    for (int i = 0; i < cells; i++) u2T[i] = g * stageWarm[i] - 2 * u1T[i], u2A[i] = g * stageRate[i] - 2 * u1A[i];
    solveRows(p, g, u2T, u2A);
    double error = 0;
    for (int i = cells - 1; i >= 0; i--) {
      double above = i >= cells - p.columns ? 0 : g * up[i] * u2T[i + p.columns], own = (u2T[i] + above) * perAlong[i];
      u2T[i] = own;
      a[0][i] = b[0][i] + (1.5 * u1T[i] + .5 * own) / G;
      double cured = (1.5 * u1A[i] + .5 * u2A[i]) / G, fallen = -cured * perA * 10 * 2 * G;
      a[1][i] = b[1][i] + cured;
      double offT = fabs(u1T[i] + own) * perT, offA = fabs(u1A[i] + u2A[i]) * perA;
      if (!(offT <= error)) error = error != error ? error : offT;
      if (!(offA <= error)) error = error != error ? error : offA;
      if (fallen > error) error = fallen;
    }
    error /= 2 * G;
    if (!(error <= 1)) { step = h * (error > 1 ? growth(error, 2) : .3); continue; }
    double before = t;
    t = isLast ? until : t + h;
    LOOK2(a);
    int enough = watch(before, t, b, a, seen);
    double (*old)[MOST] = b;
    b = a, a = old;
    if (enough) break;
    step = h * growth(error, 2);
  }
  return b[0][0];
}

/* ---- what is solved ---- */

static int keepOn(double t0, double t1, double (*b)[MOST], double (*a)[MOST], void *seen) {
  (void)t0, (void)t1, (void)b, (void)a, (void)seen;
  return 0;
}

typedef struct { double peakC, limitC, gel; int from, to; } Peak;

static double cubic(double s, double y0, double y1, double d0, double d1) {
  double q = s * s, k = q * s;
  return y0 + (y1 - y0) * (3 * q - 2 * k) + d0 * (k - 2 * q + s) + d1 * (k - q);
}

static int followPeak(double t0, double t1, double (*b)[MOST], double (*a)[MOST], void *seen) {
  Peak *p = seen;
  int hot = p->from, most = p->from;
  for (int i = p->from + 1; i < p->to; i++) {
    if (a[0][i] > a[0][hot]) hot = i;
    if (a[1][i] > a[1][most]) most = i;
  }
  double h = t1 - t0;
  if (b[2][hot] > 0 && a[2][hot] < 0) {
    double y0 = b[0][hot], y1 = a[0][hot], d0 = b[2][hot] * h, d1 = a[2][hot] * h, rise = y1 - y0;
    double q = 3 * (d0 + d1 - 2 * rise), l = 2 * (3 * rise - 2 * d0 - d1);
    double top = cubic(2 * d0 / (sqrt(l * l - 4 * q * d0) - l), y0, y1, d0, d1);
    if (top > p->peakC) p->peakC = top;
  }
  if (a[0][hot] > p->peakC) p->peakC = a[0][hot];
  return a[0][hot] > p->limitC + 25 || (a[1][most] > .3 && a[0][hot] < p->peakC - 1);
}

/* A slab over an 18 mm board of chipboard on blocks, or over a film; returns the number of cells. */
static int slab(const Curing *c, double depth, int resinCells, int boardCells, double bottomU, double roomC) {
  const int cells = resinCells + boardCells;
  static double half[MOST], G[MOST + 1];
  for (int i = 0; i < cells; i++) {
    double d = i < boardCells ? .018 / boardCells : depth / resinCells, k = i < boardCells ? .14 : c->conductivity;
    capacity[i] = (i < boardCells ? 1.156e6 : c->density * c->capacity) * d;
    half[i] = d / (2 * k);
    state[0][0][i] = roomC, state[0][1][i] = state[1][1][i] = 0;
  }
  G[0] = 1 / (half[0] + 1 / bottomU);
  for (int i = 1; i < cells; i++) G[i] = 1 / (half[i - 1] + half[i]);
  G[cells] = 1 / (half[cells - 1] + 1 / 9.);
  for (int i = 0; i < cells; i++) down[i] = G[i] / capacity[i], up[i] = G[i + 1] / capacity[i];
  return cells;
}

/* Resin columns of one width, then side columns of another; round for a cup. */
static Plane plane(const Curing *c, int isRound, double half, int columns, double side, int sideColumns, double depth, int rows,
                   double bottomU, double sideU, double roomC) {
  Plane p = {columns + sideColumns, rows, columns, 0};
  double edge[MOST + 1] = {0};
  for (int x = 0; x < p.columns; x++) edge[x + 1] = edge[x] + (x < columns ? half / columns : side / sideColumns);
  const double high = depth / rows;
  for (int y = 0; y < rows; y++)
    for (int x = 0; x < p.columns; x++) {
      int i = y * p.columns + x;
      double wide = edge[x + 1] - edge[x], k = x < columns ? c->conductivity : .13;
      double floorArea = isRound ? (edge[x + 1] * edge[x + 1] - edge[x] * edge[x]) / 2 : wide;
      double cap = (x < columns ? c->density * c->capacity : 1.02e6) * floorArea * high;
      double innerWall = (isRound ? edge[x] : 1) * high, outerWall = (isRound ? edge[x + 1] : 1) * high;
      double kIn = x > 0 && x - 1 >= columns ? .13 : c->conductivity, wIn = x > 0 ? edge[x] - edge[x - 1] : 0;
      double kOut = x + 1 >= columns ? .13 : c->conductivity, wOut = x + 1 < p.columns ? edge[x + 2] - edge[x + 1] : 0;
      in[i] = x == 0 ? 0 : innerWall / (wide / (2 * k) + wIn / (2 * kIn)) / cap;
      out[i] = x == p.columns - 1 ? outerWall / (wide / (2 * k) + 1 / sideU) / cap : outerWall / (wide / (2 * k) + wOut / (2 * kOut)) / cap;
      down[i] = floorArea / (high / (2 * k) + (y == 0 ? 1 / bottomU : high / (2 * k))) / cap;
      up[i] = floorArea / (high / (2 * k) + (y == rows - 1 ? 1 / 9. : high / (2 * k))) / cap;
      state[0][0][i] = roomC, state[0][1][i] = state[1][1][i] = 0;
    }
  return p;
}

static double peakOf(const Curing *c, double depth, double roomC, double limitC) {
  int cells = slab(c, depth, 24, 8, 8, roomC);
  Peak peak = {roomC, limitC, c->gel, 8, cells};
  solveChain(cells, 8, c, roomC, 240 * 3600., .2, followPeak, &peak);
  return peak.peakC;
}

static double reach(double over) { return fmin(.5, fmax(.03, fabs(over) * .02)); }

static double depthForPeak(const Curing *c, double start, double roomC) {
  double lowM = log(.0005), lowOver = -INFINITY, highM = log(.5), highOver = INFINITY, at = fmin(fmax(log(start), lowM), highM);
  for (int run = 0; run < 40; run++) {
    double over = peakOf(c, exp(at), roomC, 62) - 62;
    if (over > 0) highM = at, highOver = over;
    else lowM = at, lowOver = over;
    if (highM - lowM < .003 || fabs(over) < .05) return exp(at);
    if (isinf(lowOver)) { at = fmax(log(.0005), at - reach(over)); continue; }
    if (isinf(highOver)) { at = fmin(log(.5), at + reach(over)); continue; }
    at = lowM + (highM - lowM) * fmin(.9, fmax(.1, -lowOver / (highOver - lowOver)));
  }
  return exp((lowM + highM) / 2);
}

typedef struct { int middle; double found; } Pot;

static double crossed(double t0, double t1, double y0, double y1, double d0, double d1, double level) {
  double low = 0, high = 1, h = t1 - t0;
  for (int n = 0; n < 40; n++) {
    double m = (low + high) / 2;
    if (cubic(m, y0, y1, d0 * h, d1 * h) < level) low = m;
    else high = m;
  }
  return t0 + high * h;
}

static int followPot(double t0, double t1, double (*b)[MOST], double (*a)[MOST], void *seen) {
  Pot *p = seen;
  int m = p->middle, thick = a[1][m] >= .25, hot = a[0][m] >= 50;
  if (!thick && !hot) return 0;
  double first = INFINITY;
  if (thick) first = crossed(t0, t1, b[1][m], a[1][m], b[3][m], a[3][m], .25);
  if (hot) first = fmin(first, crossed(t0, t1, b[0][m], a[0][m], b[2][m], a[2][m], 50));
  p->found = first;
  return 1;
}

static double rateFromPot(const Curing *family, double potMin, double mass, double atC, double startLog) {
  double wanted = potMin * 60, logRate = fmin(4, fmax(-4, startLog));
  double slow = NAN, slowOver = 0, fast = NAN, fastOver = 0;
  for (int run = 0; run < 60; run++) {
    Curing c = *family;
    c.rate *= exp(logRate);
    double radius = cbrt(mass / c.density / (2 * M_PI));
    Plane p = plane(&c, 1, radius, 8, 0, 0, 2 * radius, 12, 1 / (.001 / .2 + 1 / 6.), 1 / (.001 / .2 + 1 / 9.), atC);
    Pot pot = {8 * 6, wanted * 6};
    solvePlane(p, &c, atC, wanted * 6, .5, followPot, &pot);
    double over = log(pot.found / wanted);
    if (fabs(over) < .002) return exp(logRate);
    if (over > 0) slow = logRate, slowOver = over;
    else fast = logRate, fastOver = over;
    if (isnan(slow) || isnan(fast)) { logRate = fmin(4, fmax(-4, logRate + over * 1.1 + (over > 0 ? .02 : -.02))); continue; }
    logRate = slow + (fast - slow) * fmin(.95, fmax(.05, slowOver / (slowOver - fastOver)));
  }
  return exp(logRate);
}

static const Curing *calibrated;
static double lastLog, rateFound;
static double overAt(double logKappa, double potMin, double depth) {
  Curing c = *calibrated;
  c.kappa = exp(logKappa);
  rateFound = rateFromPot(&c, potMin, .15, 25, lastLog);
  lastLog = log(rateFound);
  c.rate *= rateFound;
  return peakOf(&c, depth, 23, 62) - 62;
}

static double calibrate(const Curing *family, double usualPotMin, double potMin, double depth) {
  calibrated = family, lastLog = log(usualPotMin / potMin);
  double own = log(family->kappa), ownOver = overAt(own, potMin, depth);
  if (fabs(ownOver) < .3) return exp(own);
  double end = log(ownOver > 0 ? .6 : .02), endOver = overAt(end, potMin, depth);
  double hot = ownOver > 0 ? own : end, hotOver = ownOver > 0 ? ownOver : endOver;
  double mild = ownOver > 0 ? end : own, mildOver = ownOver > 0 ? endOver : ownOver;
  for (int round = 0; round < 40; round++) {
    double next = hot + (mild - hot) * fmin(.85, fmax(.15, hotOver / (hotOver - mildOver))), over = overAt(next, potMin, depth);
    if (fabs(over) < .3 || mild - hot < 1e-3) return exp(next);
    if (over > 0) hot = next, hotOver = over;
    else mild = next, mildOver = over;
  }
  return exp(mild);
}

/* ---- what is timed: as in heat.ts ---- */

static double slab72h(void) { return solveChain(slab(&deep, .05, 60, 0, 4, 23), 0, &deep, 23, 72 * 3600., .2, keepOn, 0); }
static double plane72h(void) { return solvePlane(plane(&deep, 0, .05, 24, .04, 24, .05, 48, 4, 8, 23), &deep, 23, 72 * 3600., .5, keepOn, 0); }
static double planeRunaway(void) { return solvePlane(plane(&deep, 0, .15, 24, .04, 24, .1, 48, 4, 8, 28), &deep, 28, 72 * 3600., .5, keepOn, 0); }
static double depths(void) {
  double start = .1, ratio = 1, sum = 0;
  for (int roomC = 10; roomC <= 32; roomC += 2) {
    double depth = depthForPeak(&deep, start * ratio, roomC);
    if (roomC > 10) ratio = depth / start;
    start = depth, sum += depth;
  }
  return sum;
}
static double casting90(void) { return calibrate(&casting, 90, 90, .02); }

static int ascending(const void *a, const void *b) { return (*(double *)a > *(double *)b) - (*(double *)a < *(double *)b); }

int main(int count, char **names) {
  const struct { const char *name; double (*work)(void); int runs; } all[] = {
    {"heat.slab72h", slab72h, 200}, {"heat.plane72h", plane72h, 20}, {"heat.planeRunaway", planeRunaway, 10},
    {"heat.depthCurve", depths, 20}, {"heat.calibrate", casting90, 10}};
  for (int n = 1; n < count; n++)
    for (size_t w = 0; w < sizeof all / sizeof *all; w++) {
      if (strcmp(names[n], all[w].name)) continue;
      double times[200], figure = 0;
      for (int run = 0; run < all[w].runs; run++) {
        struct timespec from, to;
        clock_gettime(CLOCK_MONOTONIC, &from);
        figure = all[w].work();
        clock_gettime(CLOCK_MONOTONIC, &to);
        times[run] = (to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6;
      }
      qsort(times, all[w].runs, sizeof *times, ascending);
      printf("{\"name\":\"%s\",\"median\":%.4f,\"figure\":%.10g}\n", all[w].name, times[all[w].runs / 2], figure);
    }
  return 0;
}
