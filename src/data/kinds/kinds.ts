import type { AsideRecord } from '../records/asideRecord';
import type { JobRecord } from '../records/jobRecord';
import type { MouldRecord } from '../records/mouldRecord';
import type { PhotoRecord } from '../records/photoRecord';
import type { ResinRecord } from '../records/resinRecord';
import type { SettingsRecord } from '../records/settingsRecord';
import {
  asideCollection,
  jobCollection,
  mouldCollection,
  photoCollection,
  resinCollection,
  settingsCollection,
} from '../repositories';
import type { AnyKind, Kind } from './kind';
import { photosOf } from './photosOf';

const nothing = (): readonly string[] => [];

export const jobs: Kind<JobRecord> = {
  counted: { one: 'job', many: 'jobs' },
  queryKey: ['jobs'],
  collection: jobCollection,
  isOwn: true,
  refersTo: (record) => photosOf(record).map(photoCollection.key),
};

export const resins: Kind<ResinRecord> = {
  counted: { one: 'resin', many: 'resins' },
  queryKey: ['resins'],
  collection: resinCollection,
  isOwn: true,
  refersTo: nothing,
};

export const moulds: Kind<MouldRecord> = {
  counted: { one: 'mould', many: 'moulds' },
  queryKey: ['moulds'],
  collection: mouldCollection,
  isOwn: true,
  refersTo: nothing,
};

export const photos: Kind<PhotoRecord> = {
  counted: undefined,
  queryKey: ['photos'],
  collection: photoCollection,
  isOwn: true,
  refersTo: nothing,
};

export const settings: Kind<SettingsRecord> = {
  counted: undefined,
  queryKey: ['settings'],
  collection: settingsCollection,
  isOwn: false,
  refersTo: nothing,
};

export const aside: Kind<AsideRecord> = {
  counted: undefined,
  queryKey: ['aside'],
  collection: asideCollection,
  isOwn: false,
  refersTo: nothing,
};

/** Every kind of record. Adding one is its schema, and its entry here. */
export const kinds: readonly AnyKind[] = [jobs, resins, moulds, photos, settings, aside];

/** What must be read before there is something to show; photos are read when they are looked at. */
export const kindsAtStart: readonly AnyKind[] = [jobs, resins, moulds, settings];

/** What a person has made. */
export const ownKinds = kinds.filter(({ isOwn }) => isOwn);
