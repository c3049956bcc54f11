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

/** Keeps parts until all are there: each code that a camera reads opens a window of its own. */
export function createCollecting(storage: KeyValueStorage) {
  const all = async (): Promise<readonly (KeptPart & { readonly key: string })[]> =>
    Object.entries(await storage.getMany(await storage.getAllKeys())).flatMap(([key, text]) => {
      const kept = readKept(text);
      return kept === undefined ? [] : [{ ...kept, key }];
    });
  return {
    /** Keeps a part; gives all of its whole that are there. @param now ms since 1970 */
    async add(part: LinkPart, now: number): Promise<readonly LinkPart[]> {
      await storage.setMany({ [keyOf(part)]: textOf(part, now) });
      const kept = await all();
      const latest = new Map<string, number>();
      for (const { part: each, at } of kept) {
        latest.set(each.sum, Math.max(at, latest.get(each.sum) ?? 0));
      }
      const stay = new Set(
        [...latest]
          .filter(([, at]) => now - at < forgottenMs)
          .sort(([, a], [, b]) => b - a)
          .slice(0, mostWholes)
          .map(([sum]) => sum),
      );
      const known = new Map(kept.map(({ key, part: each }) => [key, each.sum]));
      const gone = (await storage.getAllKeys()).filter((key) => !stay.has(known.get(key) ?? ''));
      if (gone.length > 0) await storage.removeMany(gone);
      return kept.filter(({ part: each }) => each.sum === part.sum).map(({ part: each }) => each);
    },
    /** Forgets the parts of a whole. */
    async forget(sum: string): Promise<void> {
      const keys = (await storage.getAllKeys()).filter((key) => key.startsWith(`${sum}/`));
      if (keys.length > 0) await storage.removeMany(keys);
    },
  };
}
