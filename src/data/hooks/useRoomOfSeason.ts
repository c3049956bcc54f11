import { seasonOf } from '../../core/person/person';
import { today } from '../today';
import { useSettings } from './queries';

/** How warm the person's room is at this time of the year; undefined where they have not said. */
export const useRoomOfSeason = (): string | undefined =>
  useSettings().data?.person?.rooms?.[seasonOf(today())];
