import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { base64 } from '@scure/base';
import { nanoid } from 'nanoid';
import { InputError } from '../../core/problem';
import type { KeyValueStorage } from '../store/keyValueStorage';
import type { Kept } from '../workshop/kept';
import { readCopyList, type CopyInfo, type CopyReason } from './copyInfo';
import { copiesThatStay } from './rolling';

const listKey = 'list';
const copyPrefix = 'copy/';
const photoPrefix = 'photo/';

/** A safety copy as it was read: an archive without its photos, and those beside it. */
export interface ReadCopy {
  readonly archive: Uint8Array<ArrayBuffer>;
  /** Records of photos by key. */
  readonly photos: ReadonlyMap<string, string>;
}

export interface CopyToMake {
  readonly kept: Kept;
  readonly why: CopyReason;
  /** How often the device has written. */
  readonly writes: number;
  /** Ms since 1970. */
  readonly now: number;
  /** What all copies may take together. */
  readonly mostBytes: number;
}

/** Copies of everything, beside what they are copies of: older and older states, the further back the fewer. */
export interface CopyStore {
  /** The latest first. */
  list(): Promise<readonly CopyInfo[]>;
  /** Packs and keeps a copy; what is too old goes in the same moment. */
  make(copy: CopyToMake): Promise<CopyInfo>;
  /** Rejects with InputError `copy-gone` where it is not there any more. */
  read(id: string): Promise<ReadCopy>;
}

const idOf = (text: string): string => bytesToHex(sha256(new TextEncoder().encode(text)));
const isPhoto = (key: string): boolean => key.startsWith('photo/');

/**
 * @param storage of its own: what harms the records must not harm their copies
 * @param pack makes an archive, in a thread where there is one
 */
export function createCopyStore(
  storage: KeyValueStorage,
  pack: (kept: Kept, madeAt: string) => Promise<Uint8Array>,
): CopyStore {
  const listed = async (): Promise<readonly CopyInfo[]> =>
    readCopyList((await storage.getMany([listKey]))[listKey]);

  /** Takes away what no copy of the list names. */
  async function sweep(copies: readonly CopyInfo[]): Promise<void> {
    const named = new Set<string>([
      listKey,
      ...copies.map(({ id }) => copyPrefix + id),
      ...copies.flatMap(({ photos }) => photos.map((photo) => photoPrefix + photo)),
    ]);
    const own = (key: string): boolean => key.startsWith(copyPrefix) || key.startsWith(photoPrefix);
    const unnamed = (await storage.getAllKeys()).filter((key) => own(key) && !named.has(key));
    if (unnamed.length > 0) await storage.removeMany(unnamed);
  }

  return {
    async list() {
      return [...(await listed())].sort((a, b) => b.madeAt - a.madeAt);
    },

    async make({ kept, why, writes, now, mostBytes }) {
      const before = await listed();
      const photos = new Map<string, string>();
      const others = new Map<string, string>();
      for (const [key, text] of kept.records) (isPhoto(key) ? photos : others).set(key, text);
      const byId = new Map([...photos].map(([key, text]) => [idOf(text), { key, text }]));
      const there = new Set(before.flatMap((copy) => copy.photos));
      const added = [...byId].filter(([id]) => !there.has(id));
      const archive = base64.encode(
        await pack({ records: others, gone: kept.gone }, new Date(now).toISOString()),
      );
      const info: CopyInfo = {
        id: nanoid(),
        madeAt: now,
        why,
        records: kept.records.size,
        bytes: added.reduce((sum, [, { text }]) => sum + text.length, archive.length),
        writes,
        photos: [...byId.keys()],
      };
      const stay = copiesThatStay([...before, info], now, mostBytes);
      await storage.setMany({
        [copyPrefix + info.id]: archive,
        ...Object.fromEntries(
          added.map(([id, photo]) => [photoPrefix + id, JSON.stringify(photo)]),
        ),
        [listKey]: JSON.stringify(stay),
      });
      await sweep(stay);
      return info;
    },

    async read(id) {
      const info = (await listed()).find((each) => each.id === id);
      const key = copyPrefix + id;
      const archive = (await storage.getMany([key]))[key];
      if (info === undefined || archive === null || archive === undefined) {
        throw new InputError('copy-gone', id);
      }
      const keys = info.photos.map((photo) => photoPrefix + photo);
      const photos = new Map<string, string>();
      for (const text of Object.values(await storage.getMany(keys))) {
        if (text === null) continue;
        const photo = JSON.parse(text) as { readonly key: string; readonly text: string };
        photos.set(photo.key, photo.text);
      }
      return { archive: new Uint8Array(base64.decode(archive)), photos };
    },
  };
}
