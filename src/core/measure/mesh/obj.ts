import { InputError } from '../../problem';
import { Lines } from './lines';
import { SoupWriter } from './soupWriter';
import type { Welder } from './welder';

/** No face of a drawing program has more corners than this. */
const mostCorners = 10_000;

/**
 * Reads the corners and faces of an OBJ file that comes in pieces; normals, textures, groups and materials are
 * passed over. Faces with more than three corners are cut into a fan.
 */
export class ObjReader {
  private positions = new Float64Array(3072);
  private corners = 0;
  private triangles = 0;
  private readonly writer: SoupWriter;
  private readonly lines: Lines;

  constructor(welder: Welder) {
    this.writer = new SoupWriter(welder);
    this.lines = new Lines((line, number) => this.line(line, number));
  }

  push(text: string): void {
    this.lines.push(text);
  }

  /** @throws InputError `mesh-empty` */
  end(): void {
    this.lines.end();
    this.writer.flush();
    if (this.triangles === 0) throw new InputError('mesh-empty', undefined);
  }

  private line(line: string, number: number): void {
    if (line.startsWith('v ') || line.startsWith('v\t')) this.addCorner(line, number);
    else if (line.startsWith('f ') || line.startsWith('f\t')) this.addFace(line, number);
  }

  private addCorner(line: string, number: number): void {
    const [, x, y, z] = line.split(/\s+/, 4).map(Number);
    if (x === undefined || y === undefined || z === undefined || !Number.isFinite(x + y + z)) {
      throw new InputError('mesh-not-finite', line.trim().slice(0, 60), { line: number });
    }
    const at = 3 * this.corners;
    if (at + 3 > this.positions.length) {
      const larger = new Float64Array(2 * this.positions.length);
      larger.set(this.positions);
      this.positions = larger;
    }
    this.positions[at] = x;
    this.positions[at + 1] = y;
    this.positions[at + 2] = z;
    this.corners += 1;
  }

  private addFace(line: string, number: number): void {
    const words = line.trim().split(/\s+/).slice(1);
    const bad = (): InputError =>
      new InputError('mesh-bad-line', line.trim().slice(0, 60), { line: number });
    if (words.length < 3 || words.length > mostCorners) throw bad();
    const face = words.map((word) => {
      // `7/2/5`: corner, texture, normal; a negative one counts back from the latest.
      const index = Number(word.split('/', 1)[0]);
      const corner = index < 0 ? this.corners + index : index - 1;
      if (!Number.isInteger(corner) || corner < 0 || corner >= this.corners) throw bad();
      return corner;
    });
    const [first = 0] = face;
    for (let at = 1; at + 1 < face.length; at += 1) {
      for (const corner of [first, face[at] ?? 0, face[at + 1] ?? 0]) {
        const from = 3 * corner;
        this.writer.corner(
          this.positions[from]!,
          this.positions[from + 1]!,
          this.positions[from + 2]!,
        );
      }
      this.triangles += 1;
    }
  }
}
