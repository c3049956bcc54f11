import { InputError } from '../../problem';

/** What stands in what: a structural word, the one that ends it, and where it may stand. */
type Place = 'file' | 'section' | 'tables' | 'table' | 'blocks' | 'block';

/**
 * Refuses a DXF text whose structure is broken: groups in pairs, sections, tables and blocks closed in order.
 * The parser goes round for ever in some texts that end in the middle of a table, so it only gets whole ones.
 * @throws InputError `dxf-broken` (with the line)
 */
export function checkDxfStructure(text: string): void {
  const lines = text.split(/\r\n|\r|\n/);
  const broken = (line: number): InputError =>
    new InputError('dxf-broken', lines[line]?.slice(0, 40), { line: line + 1 });
  const within: Place[] = ['file'];
  let record = '';
  for (let at = 0; at + 1 < lines.length; at += 2) {
    const code = Number(lines[at]);
    if (!Number.isInteger(code) || lines[at]?.trim() === '') throw broken(at);
    const word = lines[at + 1]!.trim();
    const place = within.at(-1);
    if (code === 2 && place === 'section' && record === 'SECTION') {
      if (word === 'TABLES') within[within.length - 1] = 'tables';
      if (word === 'BLOCKS') within[within.length - 1] = 'blocks';
    }
    // A table holds records of its own kind alone.
    if (code === 2 && place === 'table' && record === 'TABLE') record = `TABLE ${word}`;
    if (code !== 0) {
      if (record === 'SECTION') record = '';
      continue;
    }
    if (word === 'EOF') {
      if (place !== 'file') throw broken(at + 1);
      return;
    }
    switch (place) {
      case 'file':
        if (word !== 'SECTION') throw broken(at + 1);
        within.push('section');
        record = word;
        break;
      case 'section':
        if (word === 'ENDSEC') within.pop();
        else if (word === 'SECTION') throw broken(at + 1);
        break;
      case 'tables':
        if (word === 'ENDSEC') within.pop();
        else if (word === 'TABLE') {
          within.push('table');
          record = word;
        } else throw broken(at + 1);
        break;
      case 'table':
        if (word === 'ENDTAB') within.pop();
        else if (record !== `TABLE ${word}`) throw broken(at + 1);
        break;
      case 'blocks':
        if (word === 'ENDSEC') within.pop();
        else if (word === 'BLOCK') within.push('block');
        else throw broken(at + 1);
        break;
      default:
        if (word === 'ENDBLK') within.pop();
        else if (word === 'BLOCK' || word === 'ENDSEC' || word === 'SECTION') throw broken(at + 1);
    }
  }
  throw broken(lines.length - 1);
}
