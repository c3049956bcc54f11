import type { Welder } from './welder';

const chunk = 4096;

/** Collects single triangles and hands them to a welder many at a time. */
export class SoupWriter {
  private readonly soup = new Float64Array(9 * chunk);
  private filled = 0;

  constructor(private readonly welder: Welder) {}

  /** One corner; three in a row are a triangle. */
  corner(x: number, y: number, z: number): void {
    this.soup[this.filled] = x;
    this.soup[this.filled + 1] = y;
    this.soup[this.filled + 2] = z;
    this.filled += 3;
    if (this.filled === this.soup.length) this.flush();
  }

  /** Hands over what is waiting; a triangle that was begun and not ended stays. */
  flush(): void {
    const triangles = Math.floor(this.filled / 9);
    this.welder.add(this.soup, triangles);
    this.soup.copyWithin(0, 9 * triangles, this.filled);
    this.filled -= 9 * triangles;
  }

  /** Corners that make no whole triangle. */
  get left(): number {
    return this.filled / 3;
  }
}
