import { InputError } from '../../problem';
import { Lines } from './lines';
import { SoupWriter } from './soupWriter';
import type { Welder } from './welder';

const vertex = /^\s*vertex\s+(\S+)\s+(\S+)\s+(\S+)\s*$/i;
const loop = /^\s*(outer\s+loop|endloop)\s*$/i;

/** Reads an ASCII STL that comes in pieces. */
export class AsciiStlReader {
  private readonly writer: SoupWriter;
  private readonly lines: Lines;
  private cornersInLoop = 0;
  private triangles = 0;

  constructor(welder: Welder) {
    this.writer = new SoupWriter(welder);
    this.lines = new Lines((line, number) => this.line(line, number));
  }

  push(text: string): void {
    this.lines.push(text);
  }

  /** @throws InputError `mesh-empty`, `stl-cut-off` (the text ends inside a triangle) */
  end(): void {
    this.lines.end();
    this.writer.flush();
    if (this.writer.left > 0) throw new InputError('stl-cut-off', undefined);
    if (this.triangles === 0) throw new InputError('mesh-empty', undefined);
  }

  private line(line: string, number: number): void {
    const corner = vertex.exec(line);
    if (corner !== null) {
      const [x, y, z] = [Number(corner[1]), Number(corner[2]), Number(corner[3])];
      if (!Number.isFinite(x + y + z)) {
        throw new InputError('mesh-not-finite', line.trim().slice(0, 60), { line: number });
      }
      this.cornersInLoop += 1;
      this.writer.corner(x, y, z);
      return;
    }
    const edge = loop.exec(line);
    if (edge === null) return;
    const ends = edge[1]?.toLowerCase() === 'endloop';
    if (ends && this.cornersInLoop !== 3) {
      throw new InputError('mesh-bad-line', line.trim().slice(0, 60), { line: number });
    }
    if (ends) this.triangles += 1;
    this.cornersInLoop = 0;
  }
}
