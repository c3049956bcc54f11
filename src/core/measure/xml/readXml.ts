import { SaxesParser } from 'saxes';
import { InputError } from '../../problem';

/** An element as it opens: its name and attributes without their prefixes. */
export interface XmlTag {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
}

interface XmlHandlers {
  readonly open: (tag: XmlTag) => void;
  readonly close: (name: string) => void;
  readonly text?: (text: string) => void;
}

/** Elements deeper than this are no drawing. */
const deepest = 200;

const local = (name: string): string => name.slice(name.indexOf(':') + 1);

/**
 * Reads XML in pieces, strictly, without ever expanding an entity that a document declares for itself.
 * @returns what takes the pieces and what ends the text
 * @throws InputError `xml-entities` (the document declares entities), `not-xml` (with the line), `too-deep`
 */
export function xmlReader({ open, close, text }: XmlHandlers): {
  readonly push: (text: string) => void;
  readonly end: () => void;
} {
  const parser = new SaxesParser({ position: true });
  let depth = 0;
  parser.on('error', () => {
    throw new InputError('not-xml', undefined, { line: parser.line });
  });
  parser.on('doctype', (doctype) => {
    if (/<!ENTITY/i.test(doctype)) throw new InputError('xml-entities', undefined);
  });
  parser.on('opentag', ({ name, attributes }) => {
    depth += 1;
    if (depth > deepest) throw new InputError('too-deep', depth, { most: deepest });
    const plain: Record<string, string> = {};
    for (const [key, value] of Object.entries(attributes)) plain[local(key)] = value;
    open({ name: local(name), attributes: plain });
  });
  parser.on('closetag', ({ name }) => {
    depth -= 1;
    close(local(name));
  });
  if (text !== undefined) parser.on('text', text);
  return { push: (piece) => void parser.write(piece), end: () => void parser.close() };
}
