import type { LiveRecord } from '../../data/records/liveRecord';
import { Words } from '../../ui/text/Words';
import { sayLotUsed } from '../../words/record';

/** What a pour took off the shelf; nothing where its resin has no lots there. */
export function TakenOff({ lots = [] }: Pick<LiveRecord, 'lots'>) {
  if (lots.length === 0) return null;
  return (
    <Words size="large" testID="taken-off">
      Taken off the shelf. {lots.map(sayLotUsed).join('; ')}.
    </Words>
  );
}
