/** Pieces of a full turn that an arc is drawn with: its area is then right to 1e-5. */
const piecesPerTurn = 720;
/** How far a Bézier curve may stray from its chords, as a share of the length of its control points. */
const strayShare = 4e-6;

/**
 * Points along an arc of an ellipse, the first left out and the last included.
 * @param turn the ellipse's own rotation, radians
 * @param from,sweep angles in the ellipse's own circle, radians; a negative sweep runs clockwise
 */
export function arcPoints(
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  turn: number,
  from: number,
  sweep: number,
): number[] {
  const pieces = Math.max(2, Math.ceil((Math.abs(sweep) / (2 * Math.PI)) * piecesPerTurn));
  const [sine, cosine] = [Math.sin(turn), Math.cos(turn)];
  const points: number[] = [];
  for (let piece = 1; piece <= pieces; piece += 1) {
    const angle = from + (sweep * piece) / pieces;
    const x = rx * Math.cos(angle);
    const y = ry * Math.sin(angle);
    points.push(cx + x * cosine - y * sine, cy + x * sine + y * cosine);
  }
  return points;
}

/** Points along a cubic Bézier curve, the first left out and the last included; controls as x, y, x, y, … */
export function cubicPoints(controls: readonly number[]): number[] {
  const [x0, y0, x1, y1, x2, y2, x3, y3] = controls as readonly [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const length =
    Math.hypot(x1 - x0, y1 - y0) + Math.hypot(x2 - x1, y2 - y1) + Math.hypot(x3 - x2, y3 - y2);
  const bend = Math.max(
    Math.hypot(x0 - 2 * x1 + x2, y0 - 2 * y1 + y2),
    Math.hypot(x1 - 2 * x2 + x3, y1 - 2 * y2 + y3),
  );
  // The chord of 1/n of a curve strays by at most |f″| / 8n², and |f″| is at most 6 times the bend.
  const pieces =
    length > 0
      ? Math.min(400, Math.max(2, Math.ceil(Math.sqrt((6 * bend) / (8 * strayShare * length)))))
      : 1;
  const points: number[] = [];
  for (let piece = 1; piece <= pieces; piece += 1) {
    const t = piece / pieces;
    const s = 1 - t;
    const [a, b, c, d] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
    points.push(a * x0 + b * x1 + c * x2 + d * x3, a * y0 + b * y1 + c * y2 + d * y3);
  }
  return points;
}

/** The same for a quadratic curve, which is a cubic one with these controls. */
export function quadraticPoints(controls: readonly number[]): number[] {
  const [x0, y0, x1, y1, x2, y2] = controls as readonly [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const third = (from: number, to: number): number => from + (2 / 3) * (to - from);
  return cubicPoints([x0, y0, third(x0, x1), third(y0, y1), third(x2, x1), third(y2, y1), x2, y2]);
}

/**
 * Points along the arc that an SVG path's A command draws, the first left out and the last included.
 * Source: SVG 1.1, appendix F.6.5 and F.6.6 (radii that are too small are scaled up).
 */
export function svgArcPoints(
  x0: number,
  y0: number,
  rxGiven: number,
  ryGiven: number,
  turnDeg: number,
  large: boolean,
  sweepOn: boolean,
  x1: number,
  y1: number,
): number[] {
  let rx = Math.abs(rxGiven);
  let ry = Math.abs(ryGiven);
  if (rx === 0 || ry === 0 || (x0 === x1 && y0 === y1)) return [x1, y1];
  const turn = (turnDeg * Math.PI) / 180;
  const [sine, cosine] = [Math.sin(turn), Math.cos(turn)];
  const hx = (x0 - x1) / 2;
  const hy = (y0 - y1) / 2;
  const px = cosine * hx + sine * hy;
  const py = cosine * hy - sine * hx;
  const reach = (px / rx) ** 2 + (py / ry) ** 2;
  if (reach > 1) {
    rx *= Math.sqrt(reach);
    ry *= Math.sqrt(reach);
  }
  const left = Math.max(0, 1 / ((px / rx) ** 2 + (py / ry) ** 2) - 1);
  const factor = (large === sweepOn ? -1 : 1) * Math.sqrt(left);
  const qx = (factor * rx * py) / ry;
  const qy = (-factor * ry * px) / rx;
  const cx = cosine * qx - sine * qy + (x0 + x1) / 2;
  const cy = sine * qx + cosine * qy + (y0 + y1) / 2;
  const from = Math.atan2((py - qy) / ry, (px - qx) / rx);
  const to = Math.atan2((-py - qy) / ry, (-px - qx) / rx);
  let sweep = to - from;
  if (sweepOn && sweep < 0) sweep += 2 * Math.PI;
  if (!sweepOn && sweep > 0) sweep -= 2 * Math.PI;
  const points = arcPoints(cx, cy, rx, ry, turn, from, sweep);
  // The end as it was written, without the rounding of the detour over the centre.
  points.splice(-2, 2, x1, y1);
  return points;
}
