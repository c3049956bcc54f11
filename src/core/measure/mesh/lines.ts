import { InputError } from '../../problem';

/** No line of a mesh is longer; a file that has one is something else. */
const longestLine = 1_000_000;

/**
 * Cuts a text that comes in pieces into lines, without keeping more than the line that is open.
 * @param take gets each line with its number from 1
 */
export class Lines {
  private rest = '';
  private number = 0;

  constructor(private readonly take: (line: string, number: number) => void) {}

  push(text: string): void {
    const all = this.rest + text;
    let from = 0;
    for (let end = all.indexOf('\n'); end >= 0; end = all.indexOf('\n', from)) {
      this.line(all.slice(from, end));
      from = end + 1;
    }
    this.rest = all.slice(from);
    if (this.rest.length > longestLine) throw new InputError('not-a-mesh', undefined);
  }

  end(): void {
    if (this.rest !== '') this.line(this.rest);
    this.rest = '';
  }

  private line(line: string): void {
    this.number += 1;
    this.take(line.endsWith('\r') ? line.slice(0, -1) : line, this.number);
  }
}
