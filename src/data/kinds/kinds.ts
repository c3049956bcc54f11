import type { CopyRecord } from '../records/copyRecord';
import type { LiveEntry } from '../records/liveEntry';
import type { LiveRecord } from '../records/liveRecord';
import type { AsideRecord } from '../records/asideRecord';
import type { JobRecord } from '../records/jobRecord';
import type { DraftRecord } from '../records/draftRecord';
import type { DatesRecord } from '../records/datesRecord';
import type { TicksRecord } from '../records/ticksRecord';
import type { MouldRecord } from '../records/mouldRecord';
import type { PhotoRecord } from '../records/photoRecord';
import type { ResinRecord } from '../records/resinRecord';
import type { SettingsRecord } from '../records/settingsRecord';
import {
  asideCollection,
  copyCollection,
  datesCollection,
  liveCollection,
  ticksCollection,
  draftCollection,
  jobCollection,
  mouldCollection,
  pieceCollection,
  photoCollection,
  resinCollection,
  settingsCollection,
} from '../repositories';
import type { AnyKind, CountedKind, Kind } from './kind';
import { photosOf } from '../records/photosOf';
import type { KeptPiece } from '../records/pieceRecord';
import type { PieceEntry } from '../records/pieceEntry';
import type { JobEntry } from '../records/jobEntry';
import { jobListing, liveListing, pieceListing } from '../listing';

const nothing = (): readonly string[] => [];

export const jobs: CountedKind<JobRecord, JobEntry> = {
  counted: { one: 'job', many: 'jobs' },
  nameOf: ({ draft }) => draft.name,
  queryKey: ['jobs'],
  collection: jobCollection,
  listing: jobListing,
  isOwn: true,
  refersTo: ({ photos: ids }) => ids.map(photoCollection.key),
};

export const resins: CountedKind<ResinRecord> = {
  counted: { one: 'resin', many: 'resins' },
  nameOf: ({ resin }) => resin.name,
  queryKey: ['resins'],
  collection: resinCollection,
  listing: resinCollection,
  isOwn: true,
  refersTo: nothing,
};

export const moulds: CountedKind<MouldRecord> = {
  counted: { one: 'mould', many: 'moulds' },
  nameOf: ({ mould }) => mould.name,
  queryKey: ['moulds'],
  collection: mouldCollection,
  listing: mouldCollection,
  isOwn: true,
  refersTo: nothing,
};

export const photos: Kind<PhotoRecord> = {
  counted: undefined,
  queryKey: ['photos'],
  collection: photoCollection,
  listing: photoCollection,
  isOwn: true,
  refersTo: nothing,
};

/** When jobs are wanted. */
export const dates: Kind<DatesRecord> = {
  counted: undefined,
  queryKey: ['dates'],
  collection: datesCollection,
  listing: datesCollection,
  isOwn: true,
  refersTo: nothing,
};

/** What of jobs was done. */
export const ticks: Kind<TicksRecord> = {
  counted: undefined,
  queryKey: ['ticks'],
  collection: ticksCollection,
  listing: ticksCollection,
  isOwn: true,
  refersTo: nothing,
};

/** Pours at the bench: what happened. */
export const lives: CountedKind<LiveRecord, LiveEntry> = {
  counted: { one: 'pour', many: 'pours' },
  nameOf: ({ name }) => name,
  queryKey: ['lives'],
  collection: liveCollection,
  listing: liveListing,
  isOwn: true,
  refersTo: nothing,
};

/** The plans that they go by. */
export const copies: Kind<CopyRecord> = {
  counted: undefined,
  queryKey: ['copies'],
  collection: copyCollection,
  listing: copyCollection,
  isOwn: true,
  refersTo: nothing,
};

/** What happened to pieces. */
export const pieces: CountedKind<KeptPiece, PieceEntry> = {
  counted: { one: 'record', many: 'records' },
  nameOf: ({ piece }) => piece.name,
  queryKey: ['pieces'],
  collection: pieceCollection,
  listing: pieceListing,
  isOwn: true,
  refersTo: ({ photos: ids }) => ids.map(photoCollection.key),
};

/** What is typed and not saved as what it is of. */
export const drafts: Kind<DraftRecord> = {
  counted: undefined,
  queryKey: ['drafts'],
  collection: draftCollection,
  listing: draftCollection,
  isOwn: true,
  refersTo: ({ of, values }) =>
    of.startsWith(jobCollection.prefix)
      ? photosOf({ draft: values as JobRecord['draft'], lastGood: null }).map(photoCollection.key)
      : [],
};

export const settings: Kind<SettingsRecord> = {
  counted: undefined,
  nameOf: () => 'Settings',
  queryKey: ['settings'],
  collection: settingsCollection,
  listing: settingsCollection,
  isOwn: false,
  refersTo: nothing,
};

export const aside: Kind<AsideRecord> = {
  counted: undefined,
  queryKey: ['aside'],
  collection: asideCollection,
  listing: asideCollection,
  isOwn: false,
  refersTo: nothing,
};

/** Every kind of record. Adding one is its schema, and its entry here. */
export const kinds: readonly AnyKind[] = [
  jobs,
  resins,
  moulds,
  photos,
  dates,
  ticks,
  lives,
  copies,
  pieces,
  drafts,
  settings,
  aside,
];

/** What must be read before there is more to show than a quick mix; photos are read when they are looked at. */
export const kindsAtStart: readonly AnyKind[] = [
  jobs,
  resins,
  moulds,
  dates,
  ticks,
  lives,
  pieces,
  drafts,
  settings,
];

/** What a person has made. */
export const ownKinds = kinds.filter(({ isOwn }) => isOwn);
