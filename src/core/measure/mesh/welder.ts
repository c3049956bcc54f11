import { InputError } from '../../problem';
import type { IndexedMesh } from './indexedMesh';

/** More corners or triangles than this are no casting, and would not fit into a phone. */
export const mostTriangles = 20_000_000;

const startCapacity = 1024;

/**
 * Takes triangles corner by corner and lets equal corners become one.
 *
 * An open-addressed table over the bits of the coordinates, since three million corners of a large file leave no
 * room for an object each.
 */
export class Welder {
  private positions = new Float64Array(3 * startCapacity);
  private triangles = new Uint32Array(3 * startCapacity);
  private corners = 0;
  private count = 0;
  /** Corner index + 1 by slot; 0 is free. Its length is a power of two, at least twice the corners. */
  private table = new Int32Array(4 * startCapacity);
  private readonly bits = new Float64Array(1);
  private readonly words = new Uint32Array(this.bits.buffer);

  /**
   * Adds triangles.
   * @param soup nine coordinates for each triangle
   * @param triangles how many of them to take
   * @throws InputError `mesh-not-finite` (with the triangle, counted from 1), `mesh-too-large`
   */
  add(soup: Float64Array, triangles: number): void {
    if (this.count + triangles > mostTriangles) {
      throw new InputError('mesh-too-large', this.count + triangles, { most: mostTriangles });
    }
    this.reserve(triangles);
    for (let triangle = 0; triangle < triangles; triangle += 1) {
      const at = 9 * triangle;
      const to = 3 * this.count;
      for (let corner = 0; corner < 3; corner += 1) {
        const from = at + 3 * corner;
        // Adding 0 turns −0 into 0, which is the same place.
        this.triangles[to + corner] = this.cornerAt(
          soup[from]! + 0,
          soup[from + 1]! + 0,
          soup[from + 2]! + 0,
        );
      }
      this.count += 1;
    }
  }

  /** The mesh so far; the welder is used up by this. */
  mesh(): IndexedMesh {
    this.table = new Int32Array(0);
    return {
      positions: this.positions.slice(0, 3 * this.corners),
      triangles: this.triangles.slice(0, 3 * this.count),
    };
  }

  private reserve(triangles: number): void {
    const wanted = 3 * (this.count + triangles);
    if (wanted > this.triangles.length) {
      const larger = new Uint32Array(Math.max(wanted, 2 * this.triangles.length));
      larger.set(this.triangles);
      this.triangles = larger;
    }
  }

  private hash(x: number, y: number, z: number): number {
    const { bits, words } = this;
    let hash = 0x811c9dc5;
    bits[0] = x;
    hash = Math.imul(hash ^ words[0]!, 0x85ebca6b) ^ words[1]!;
    bits[0] = y;
    hash = Math.imul((hash >>> 15) ^ hash ^ words[0]!, 0xc2b2ae35) ^ words[1]!;
    bits[0] = z;
    hash = Math.imul((hash >>> 13) ^ hash ^ words[0]!, 0x27d4eb2f) ^ words[1]!;
    return Math.imul(hash ^ (hash >>> 16), 0x85ebca6b) >>> 8;
  }

  private cornerAt(x: number, y: number, z: number): number {
    const { positions } = this;
    const mask = this.table.length - 1;
    let slot = this.hash(x, y, z) & mask;
    for (let found = this.table[slot]!; found !== 0; found = this.table[slot]!) {
      const at = 3 * (found - 1);
      if (positions[at] === x && positions[at + 1] === y && positions[at + 2] === z) {
        return found - 1;
      }
      slot = (slot + 1) & mask;
    }
    return this.newCorner(x, y, z, slot);
  }

  private newCorner(x: number, y: number, z: number, slot: number): number {
    if (!(Number.isFinite(x) && Number.isFinite(y) && Number.isFinite(z))) {
      throw new InputError('mesh-not-finite', undefined, { triangle: this.count + 1 });
    }
    const corner = this.corners;
    if (3 * corner + 3 > this.positions.length) {
      const larger = new Float64Array(2 * this.positions.length);
      larger.set(this.positions);
      this.positions = larger;
    }
    this.positions.set([x, y, z], 3 * corner);
    this.table[slot] = corner + 1;
    this.corners += 1;
    if (4 * this.corners > 2 * this.table.length) this.growTable();
    return corner;
  }

  private growTable(): void {
    const { positions } = this;
    const table = new Int32Array(2 * this.table.length);
    const mask = table.length - 1;
    for (let corner = 0; corner < this.corners; corner += 1) {
      const at = 3 * corner;
      let slot = this.hash(positions[at]!, positions[at + 1]!, positions[at + 2]!) & mask;
      while (table[slot] !== 0) slot = (slot + 1) & mask;
      table[slot] = corner + 1;
    }
    this.table = table;
  }
}
