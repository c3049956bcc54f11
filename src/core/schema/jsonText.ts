import { InputError } from '../problem';
import { oddSignIn } from './oddSigns';

/** How much a text in JSON may hold. */
export interface JsonLimits {
  /** Deeper than this nothing is nested. */
  readonly deepest: number;
  /** More things than this are in no list; points and heights, which are plain numbers, are limited where they are read. */
  readonly mostThings: number;
  /** More things than this are not in all lists together: each of them is looked at, wherever it stands. */
  readonly mostInAll: number;
  /** Texts may hold signs that cannot be seen: what was typed here once is read as it is, what comes from elsewhere is not. */
  readonly oddSigns: boolean;
}

/** Of a job, a card, a record: anything that is one thing. */
const usualLimits: JsonLimits = {
  deepest: 40,
  mostThings: 10_000,
  mostInAll: 50_000,
  oddSigns: false,
};

/** Of a record that is kept here. */
export const keptLimits: JsonLimits = { ...usualLimits, oddSigns: true };

const mostNumbers = 2_000_000;

/** Keys that every object has already: as keys of a file they would stand for something else. */
const isReserved = (key: string): boolean => key in Object.prototype;

/** How many entries a list may have: it is asked before anything looks at each of them. */
const mostOf = (list: readonly unknown[], { mostThings }: JsonLimits): number =>
  typeof list[0] === 'object' && list[0] !== null && !Array.isArray(list[0])
    ? mostThings
    : mostNumbers;

/**
 * Refuses what no form of ours can make and what would take its readers too long or too deep.
 * @throws InputError `json-too-deep`, `json-too-many`, `json-reserved-key`, `odd-sign`
 */
function guardJson(value: unknown, limits: JsonLimits): void {
  const { deepest, mostInAll, oddSigns } = limits;
  const look = (text: string, key: string): void => {
    const odd = oddSigns ? undefined : oddSignIn(text);
    if (odd !== undefined) throw new InputError('odd-sign', text, odd, key);
  };
  let count = 0;
  const open: { readonly value: unknown; readonly key: string; readonly depth: number }[] = [
    { value, key: '', depth: 0 },
  ];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    const { value: at, key, depth } = next;
    if (typeof at !== 'object' || at === null) continue;
    if (depth > deepest) throw new InputError('json-too-deep', key, { most: deepest });
    if (Array.isArray(at)) {
      const most = mostOf(at, limits);
      if (at.length > most) {
        throw new InputError('json-too-many', undefined, { key, count: at.length, most });
      }
      for (const each of at) {
        if (typeof each === 'string') look(each, key);
        if (typeof each !== 'object') continue;
        count += 1;
        open.push({ value: each, key, depth: depth + 1 });
      }
      if (count > mostInAll) {
        throw new InputError('json-too-many', undefined, { key: '', count, most: mostInAll });
      }
      continue;
    }
    for (const [name, each] of Object.entries(at)) {
      if (isReserved(name)) throw new InputError('json-reserved-key', name);
      look(name, key);
      if (typeof each === 'string') look(each, name);
      if (typeof each === 'object') open.push({ value: each, key: name, depth: depth + 1 });
    }
  }
}

/**
 * What a text in JSON says; a byte-order mark before it is no part of it.
 * @throws InputError `not-json`, `json-too-deep`, `json-too-many`, `json-reserved-key`, `odd-sign`
 */
export function jsonOf(text: string, limits = usualLimits): unknown {
  let value: unknown;
  try {
    value = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    throw new InputError('not-json', text.slice(0, 40));
  }
  guardJson(value, limits);
  return value;
}
