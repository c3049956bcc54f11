import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { base64 } from '@scure/base';
import { zipSync, type Zippable } from 'fflate';
import type { Schema } from 'yup';
import { InputError } from '../../core/problem';
import { checkedOrThrow } from '../../core/schema/check';
import { jsonOf } from '../../core/schema/jsonText';
import { unzipWithin } from '../../core/zip/unzipWithin';
import type { Kept } from './kept';
import { entryLimits, entryOf, textOfEntry } from './recordEntry';
import {
  isPartPath,
  workshopGoneSchema,
  workshopRecordsSchema,
  workshopSchema,
  workshopVersion,
  type WorkshopRecord,
} from './workshopSchema';

/** What a file may unpack to: more than this no browser holds twice. */
const mostUnpackedBytes = 800e6;
/** Of the file as it is. */
export const mostWorkshopMb = 400;
/** A part of records is closed at so many signs: a reader holds one of them at a time. */
const partSigns = 4_000_000;
const listPath = 'workshop.json';
const gonePath = 'gone.json';

const pictureAddress = /^data:image\/(jpeg|png);base64,([A-Za-z0-9+/]+={0,2})$/;
const endings = { jpeg: 'jpg', png: 'png' } as const;

/** A photo's picture, where it can be put into a part of its own and comes out of it to the letter. */
function pictureOf(
  record: unknown,
): { readonly type: 'jpeg' | 'png'; readonly bytes: Uint8Array } | undefined {
  const { picture } = record as { readonly picture?: unknown };
  const [, type, letters] = typeof picture === 'string' ? (pictureAddress.exec(picture) ?? []) : [];
  if (type === undefined || letters === undefined) return undefined;
  try {
    return { type: type as 'jpeg' | 'png', bytes: base64.decode(letters) };
  } catch {
    return undefined;
  }
}

/**
 * Everything as one archive: a list of its parts with their checksums, records by kind, pictures as pictures.
 * @param madeAt a moment in UTC
 */
export function workshopFile({ records, gone }: Kept, madeAt: string): Uint8Array<ArrayBuffer> {
  const parts: { path: string; sha256: string }[] = [];
  const files: Zippable = {};
  const put = (path: string, bytes: Uint8Array, level: 0 | 6): void => {
    parts.push({ path, sha256: bytesToHex(sha256(bytes)) });
    files[path] = [bytes, { level, mtime: new Date(madeAt) }];
  };
  const putJson = (path: string, value: unknown): void =>
    put(path, new TextEncoder().encode(JSON.stringify(value)), 6);

  const open = new Map<string, { count: number; signs: number; entries: WorkshopRecord[] }>();
  let pictures = 0;
  const close = (kind: string): void => {
    const part = open.get(kind)!;
    putJson(`records/${kind}-${part.count}.json`, part.entries);
    open.set(kind, { count: part.count + 1, signs: 0, entries: [] });
  };
  for (const [key, text] of records) {
    const kind = key.slice(0, key.indexOf('/'));
    const entry = entryOf(key, text);
    const picture =
      kind === 'photo' && entry.record !== undefined ? pictureOf(entry.record) : undefined;
    const part = open.get(kind) ?? { count: 1, signs: 0, entries: [] };
    open.set(kind, part);
    if (picture === undefined) {
      part.entries.push(entry);
      part.signs += text.length;
    } else {
      pictures += 1;
      const path = `photos/${pictures}.${endings[picture.type]}`;
      // It is compressed already.
      put(path, picture.bytes, 0);
      part.entries.push({
        key,
        record: { ...(entry.record as object), picture: '' },
        picture: path,
      });
    }
    if (part.signs >= partSigns) close(kind);
  }
  for (const [kind, { entries }] of open) if (entries.length > 0) close(kind);
  if (gone.size > 0)
    putJson(
      gonePath,
      [...gone].map(([key, vector]) => ({ key, vector })),
    );
  const list = { format: 'nipperkin-workshop', version: workshopVersion, madeAt, parts };
  const listBytes = new TextEncoder().encode(`${JSON.stringify(list, null, 1)}\n`);
  return zipSync({ [listPath]: [listBytes, { level: 6, mtime: new Date(madeAt) }], ...files });
}

/** An archive as they are written: its first file's head. */
export const looksLikeZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03 && bytes[3] === 0x04;

function jsonIn<S extends Schema>(schema: S, bytes: Uint8Array, part: string) {
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw new InputError('workshop-broken', undefined, { part });
  }
  return checkedOrThrow(schema, jsonOf(text, entryLimits));
}

/** The list of an archive; one of a newer version is told as that. */
function listIn(bytes: Uint8Array) {
  const text = new TextDecoder().decode(bytes);
  const { version } = (jsonOf(text, entryLimits) ?? {}) as { readonly version?: unknown };
  if (typeof version === 'number' && version > workshopVersion) {
    throw new InputError('workshop-newer', version, { version, reads: workshopVersion });
  }
  return jsonIn(workshopSchema, bytes, listPath);
}

/**
 * What a workshop file holds. All of it is unpacked and held against its checksums before any of it is given.
 * @throws InputError `not-zip`, `zip-too-large`, `workshop-broken`, `workshop-foreign`, `workshop-newer`,
 *   `workshop-too-large`, and those of `jsonOf` and of the schemas
 */
export function readWorkshop(bytes: Uint8Array): Kept & { readonly madeAt: string } {
  if (bytes.length > mostWorkshopMb * 1e6) {
    throw new InputError('workshop-too-large', bytes.length, { mostMb: mostWorkshopMb });
  }
  const names = new Set<string>();
  const files = unzipWithin(bytes, {
    mostBytes: mostUnpackedBytes,
    wants(name) {
      if (name !== listPath && !isPartPath(name)) throw new InputError('workshop-foreign', name);
      // The same name twice would hide one of the two.
      if (names.has(name)) throw new InputError('workshop-broken', name, { part: name });
      names.add(name);
      return true;
    },
  });
  const unpacked = new Map(Object.entries(files));
  const list = unpacked.get(listPath);
  if (list === undefined) throw new InputError('workshop-foreign', [...names][0] ?? '');
  const { parts, madeAt } = listIn(list);
  const listed = new Set(parts.map(({ path }) => path));
  const foreign = [...names].find((name) => name !== listPath && !listed.has(name));
  if (foreign !== undefined) throw new InputError('workshop-foreign', foreign);
  for (const { path, sha256: wanted } of parts) {
    const part = unpacked.get(path);
    if (part === undefined || bytesToHex(sha256(part)) !== wanted) {
      throw new InputError('workshop-broken', path, { part: path });
    }
  }

  const records = new Map<string, string>();
  for (const { path } of parts) {
    if (!path.startsWith('records/')) continue;
    for (const entry of jsonIn(workshopRecordsSchema, unpacked.get(path)!, path)) {
      if (records.has(entry.key))
        throw new InputError('workshop-broken', entry.key, { part: path });
      records.set(entry.key, textOfEntry(withPicture(entry, unpacked, path)));
    }
  }
  const goneBytes = listed.has(gonePath) ? unpacked.get(gonePath) : undefined;
  const gone = goneBytes === undefined ? [] : jsonIn(workshopGoneSchema, goneBytes, gonePath);
  return { madeAt, records, gone: new Map(gone.map(({ key, vector }) => [key, vector])) };
}

/** A record with its picture back in its place. */
function withPicture(
  entry: WorkshopRecord,
  parts: ReadonlyMap<string, Uint8Array>,
  part: string,
): WorkshopRecord {
  const { picture, record } = entry;
  if (picture === undefined) return entry;
  const bytes = parts.get(picture);
  if (bytes === undefined || typeof record !== 'object' || record === null) {
    throw new InputError('workshop-broken', picture, { part });
  }
  const type = picture.endsWith('.png') ? 'png' : 'jpeg';
  return {
    key: entry.key,
    record: { ...record, picture: `data:image/${type};base64,${base64.encode(bytes)}` },
  };
}
