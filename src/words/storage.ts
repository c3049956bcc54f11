import { formatPlain } from '../core/quantity/format';

const tie = '\u00a0';

/** An amount of storage, to two figures or so. */
export function sayBytes(bytes: number): string {
  const [unit, size] = bytes >= 1e9 ? ['GB', 1e9] : bytes >= 1e6 ? ['MB', 1e6] : ['kB', 1e3];
  const figure = bytes / size;
  return `${formatPlain(figure, figure >= 10 || unit === 'kB' ? 0 : 1)}${tie}${unit}`;
}

interface SayStorageUse {
  readonly usage: number | undefined;
  readonly quota: number | undefined;
  readonly photos: number;
}

/** What everything takes: `4.2 MB of the 12 GB that this browser gives, 3 photos among it.` Nothing where that is not known. */
export function sayStorageUse({ usage, quota, photos }: SayStorageUse): string {
  if (usage === undefined) return '';
  const of =
    quota === undefined || quota === 0 ? '' : ` of the ${sayBytes(quota)} that this browser gives`;
  const among = photos === 0 ? '' : `, ${photos} ${photos === 1 ? 'photo' : 'photos'} among it`;
  return `It takes ${sayBytes(usage)}${of}${among}.`;
}
