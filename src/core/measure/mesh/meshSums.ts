import { InputError } from '../../problem';
import type { Bounds } from './boundsOf';

/** V(h) and the level area of a mesh at chosen heights. */
export interface MeshCurve {
  /** Rising heights, in the mesh's own z. */
  readonly heights: Float64Array;
  /** Volume under each height; below 0 where the mesh is inside out. */
  readonly volumes: Float64Array;
  /** Level area just under and just over each height; they differ where a face lies level. */
  readonly areasBelow: Float64Array;
  readonly areasAbove: Float64Array;
}

/** Buckets over the heights, so that the heights above a corner are found without a search. */
const buckets = 4096;

/**
 * Sums over triangles that give volume, surface, bounds and V(h) at many heights in one pass.
 *
 * With the field (0, 0, z − h), whose divergence is 1 and which vanishes on the level plane at h, the divergence
 * theorem gives V(h) = −Σ P·m(h): P the triangle's area as seen from above (signed), and m(h) the mean of
 * max(0, h − z) over it. With corners z₁ ≤ z₂ ≤ z₃ (Hermite–Genocchi):
 *   h ≤ z₁: 0;  z₁ < h ≤ z₂: (h − z₁)³ / 3(z₂ − z₁)(z₃ − z₁);
 *   z₂ < h < z₃: h − z̄ + (z₃ − h)³ / 3(z₃ − z₁)(z₃ − z₂);  h ≥ z₃: h − z̄.
 * Level areas are the derivatives. Triangles wholly below a height enter only running sums of P and P·z̄; most
 * triangles of a fine mesh lie between two heights, so hardly any needs a cube.
 */
export class MeshSums {
  surface = 0;
  /** ∑P: nothing for a closed mesh. */
  private readonly fullP: Float64Array;
  private readonly fullPz: Float64Array;
  private readonly levelP: Float64Array;
  private readonly volumes: Float64Array;
  private readonly areas: Float64Array;
  private readonly bucketStart: Int32Array;
  private readonly perBucket: number;
  private readonly min = new Float64Array([Infinity, Infinity, Infinity]);
  private readonly max = new Float64Array([-Infinity, -Infinity, -Infinity]);

  /**
   * @param heights rising; the first at or under every corner, the last at or over every corner
   */
  constructor(private readonly heights: Float64Array) {
    const count = heights.length;
    this.fullP = new Float64Array(count + 1);
    this.fullPz = new Float64Array(count + 1);
    this.levelP = new Float64Array(count + 1);
    this.volumes = new Float64Array(count);
    this.areas = new Float64Array(count);
    const bottom = heights[0] ?? 0;
    const span = (heights[count - 1] ?? 0) - bottom;
    this.perBucket = span > 0 ? buckets / span : 0;
    this.bucketStart = new Int32Array(buckets + 2);
    for (let bucket = 0, next = 0; bucket <= buckets + 1; bucket += 1) {
      // One bucket early, so that rounding can never begin past the right height.
      const foot = bottom + ((bucket - 1) * span) / buckets;
      while (next < count && heights[next]! < foot) next += 1;
      this.bucketStart[bucket] = next;
    }
  }

  /**
   * @param soup nine coordinates for each triangle
   * @param triangles how many of them to take
   */
  add(soup: Float64Array, triangles: number): void {
    // Everything the loop touches is local: property reads in it would cost a third more.
    const { heights, fullP, fullPz, levelP, bucketStart, perBucket, min, max } = this;
    const bottom = heights[0]!;
    const end = 9 * triangles;
    let surface = 0;
    let [minX, minY, minZ] = min as unknown as [number, number, number];
    let [maxX, maxY, maxZ] = max as unknown as [number, number, number];
    for (let at = 0; at < end; at += 9) {
      const ax = soup[at]!;
      const ay = soup[at + 1]!;
      const az = soup[at + 2]!;
      const bx = soup[at + 3]!;
      const by = soup[at + 4]!;
      const bz = soup[at + 5]!;
      const cx = soup[at + 6]!;
      const cy = soup[at + 7]!;
      const cz = soup[at + 8]!;
      const ux = bx - ax;
      const uy = by - ay;
      const uz = bz - az;
      const vx = cx - ax;
      const vy = cy - ay;
      const vz = cz - az;
      const nx = uy * vz - uz * vy;
      const ny = uz * vx - ux * vz;
      const nz = ux * vy - uy * vx;
      surface += Math.sqrt(nx * nx + ny * ny + nz * nz);

      const lowX = ax < bx ? (ax < cx ? ax : cx) : bx < cx ? bx : cx;
      const highX = ax > bx ? (ax > cx ? ax : cx) : bx > cx ? bx : cx;
      const lowY = ay < by ? (ay < cy ? ay : cy) : by < cy ? by : cy;
      const highY = ay > by ? (ay > cy ? ay : cy) : by > cy ? by : cy;
      const low = az < bz ? (az < cz ? az : cz) : bz < cz ? bz : cz;
      const high = az > bz ? (az > cz ? az : cz) : bz > cz ? bz : cz;
      if (lowX < minX) minX = lowX;
      if (highX > maxX) maxX = highX;
      if (lowY < minY) minY = lowY;
      if (highY > maxY) maxY = highY;
      if (low < minZ) minZ = low;
      if (high > maxZ) maxZ = high;

      if (nz === 0) continue;
      const p = 0.5 * nz;
      const middle = az + bz + cz - low - high;
      // The first height at or over the top corner; from there on the triangle is wholly below.
      let full = bucketStart[((high - bottom) * perBucket) | 0]!;
      while (heights[full]! < high) full += 1;
      fullP[full]! += p;
      fullPz[full]! += p * ((low - bottom + (middle - bottom) + (high - bottom)) / 3);
      if (low === high) {
        if (heights[full] === high) levelP[full]! += p;
      } else if (full > 0 && heights[full - 1]! > low) {
        this.addClipped(p, low, middle, high, full);
      }
    }
    this.surface += surface / 2;
    min.set([minX, minY, minZ]);
    max.set([maxX, maxY, maxZ]);
  }

  /** The heights that cut through a triangle, from the one under `full` downwards. */
  private addClipped(p: number, low: number, middle: number, high: number, full: number): void {
    const { heights, volumes, areas } = this;
    const mean = (low + middle + high) / 3;
    for (let index = full - 1; index >= 0; index -= 1) {
      const height = heights[index]!;
      if (height <= low) return;
      if (height <= middle) {
        const over = height - low;
        const share = (over * over) / ((middle - low) * (high - low));
        volumes[index]! -= (p * share * over) / 3;
        areas[index]! -= p * share;
      } else {
        const under = high - height;
        const share = (under * under) / ((high - low) * (high - middle));
        volumes[index]! -= p * (height - mean + (share * under) / 3);
        areas[index]! -= p * (1 - share);
      }
    }
  }

  /** Adds the sums of another stretch of the same mesh, taken at the same heights. */
  merge(other: MeshSumsParts): void {
    this.surface += other.surface;
    const pairs = [
      [this.fullP, other.fullP],
      [this.fullPz, other.fullPz],
      [this.levelP, other.levelP],
      [this.volumes, other.volumes],
      [this.areas, other.areas],
    ] as const;
    for (const [own, more] of pairs) {
      for (let index = 0; index < own.length; index += 1) own[index]! += more[index]!;
    }
    for (let axis = 0; axis < 3; axis += 1) {
      this.min[axis] = Math.min(this.min[axis]!, other.min[axis]!);
      this.max[axis] = Math.max(this.max[axis]!, other.max[axis]!);
    }
  }

  /** The sums as plain arrays, to be sent from one worker to another. */
  parts(): MeshSumsParts {
    const { surface, fullP, fullPz, levelP, volumes, areas, min, max } = this;
    return { surface, fullP, fullPz, levelP, volumes, areas, min, max };
  }

  /** @throws InputError `mesh-not-finite` where a corner is NaN or infinite, `mesh-empty` */
  bounds(): Bounds {
    const min = [...this.min] as [number, number, number];
    const max = [...this.max] as [number, number, number];
    if (min[0] === Infinity) throw new InputError('mesh-empty', undefined);
    if (!Number.isFinite(this.surface)) throw new InputError('mesh-not-finite', undefined);
    return { min, max };
  }

  /** V(h) and level areas at the heights. */
  curve(): MeshCurve {
    const { heights } = this;
    const count = heights.length;
    const volumes = new Float64Array(count);
    const areasBelow = new Float64Array(count);
    const areasAbove = new Float64Array(count);
    let p = 0;
    let pz = 0;
    const bottom = heights[0]!;
    for (let index = 0; index < count; index += 1) {
      p += this.fullP[index]!;
      pz += this.fullPz[index]!;
      volumes[index] = this.volumes[index]! - (p * (heights[index]! - bottom) - pz);
      areasAbove[index] = this.areas[index]! - p;
      areasBelow[index] = areasAbove[index]! + this.levelP[index]!;
    }
    return { heights, volumes, areasBelow, areasAbove };
  }
}

/** What one stretch of a mesh adds up to; see `MeshSums`. */
export interface MeshSumsParts {
  readonly surface: number;
  readonly fullP: Float64Array;
  readonly fullPz: Float64Array;
  readonly levelP: Float64Array;
  readonly volumes: Float64Array;
  readonly areas: Float64Array;
  readonly min: Float64Array;
  readonly max: Float64Array;
}
