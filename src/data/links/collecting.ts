import type { KeyValueStorage } from '../store/keyValueStorage';
import { readLinkEnd, type LinkPart } from './linkParts';

/** Parts of what was never whole are forgotten after so long, ms. */
const forgottenMs = 24 * 60 * 60 * 1000;
/** Of so many wholes parts are kept at once; the oldest goes. */
const mostWholes = 4;

const keyOf = ({ sum, nth }: LinkPart): string => `${sum}/${nth}`;

interface KeptPart {
  readonly part: LinkPart;
  readonly at: number;
}

/** A part as it was kept; undefined where it cannot be read. */
function readKept(text: string | null): KeptPart | undefined {
  try {
    const { end, at } = JSON.parse(text ?? '') as { readonly end?: unknown; readonly at?: unknown };
    const read = readLinkEnd(String(end));
    return read?.kind === 'part' && typeof at === 'number' ? { part: read.part, at } : undefined;
  } catch {
    return undefined;
  }
}

const textOf = ({ sum, nth, of, letters }: LinkPart, at: number): string =>
  JSON.stringify({ end: `#part=${sum}.${nth}.${of}.${letters}`, at });

/**
 * Keeps parts until all are there: each code that a camera reads opens a window of its own. Where the storage cannot be used, those
 * that this window has read come together all the same.
 */
export function createCollecting(storage: KeyValueStorage) {
  const readHere = new Map<string, LinkPart>();

  /** What windows have read, and away with what is of no use any more. @param now ms since 1970 */
  async function keptAt(now: number): Promise<readonly LinkPart[]> {
    const texts = Object.entries(await storage.getMany(await storage.getAllKeys()));
    const kept = texts.flatMap(([key, text]) => {
      const read = readKept(text);
      return read === undefined ? [] : [{ ...read, key }];
    });
    const latest = new Map<string, number>();
    for (const { part, at } of kept) {
      latest.set(part.sum, Math.max(at, latest.get(part.sum) ?? 0));
    }
    const stay = new Set(
      [...latest]
        .filter(([, at]) => now - at < forgottenMs)
        .sort(([, a], [, b]) => b - a)
        .slice(0, mostWholes)
        .map(([sum]) => sum),
    );
    const known = new Map(kept.map(({ key, part }) => [key, part.sum]));
    const gone = texts.map(([key]) => key).filter((key) => !stay.has(known.get(key) ?? ''));
    if (gone.length > 0) await storage.removeMany(gone);
    return kept.map(({ part }) => part);
  }

  return {
    /** Keeps a part; gives all of its whole that are there. @param now ms since 1970 */
    async add(part: LinkPart, now: number): Promise<readonly LinkPart[]> {
      readHere.set(keyOf(part), part);
      let kept: readonly LinkPart[] = [];
      try {
        await storage.setMany({ [keyOf(part)]: textOf(part, now) });
        kept = await keptAt(now);
      } catch {
        // Full, or refused: other windows will not know of this part.
      }
      const all = new Map([...kept, ...readHere.values()].map((each) => [keyOf(each), each]));
      return [...all.values()].filter(({ sum }) => sum === part.sum);
    },
    /** Forgets the parts of a whole. */
    async forget(sum: string): Promise<void> {
      for (const [key, part] of readHere) if (part.sum === sum) readHere.delete(key);
      try {
        const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(`${sum}/`));
        if (keys.length > 0) await storage.removeMany(keys);
      } catch {
        // They are forgotten when they are a day old.
      }
    },
  };
}
