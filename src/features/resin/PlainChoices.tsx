import type { Resin } from '../../core/resin/resinSchema';
import { readResin } from '../../core/resin/readResin';
import { hardenerNames, withHardener } from '../../core/resin/withHardener';
import { ChoiceList } from '../../ui/fields/ChoiceList';
import { sayRatios } from '../../words/figures';
import { familyOf } from '../../core/resin/families';

interface PlainChoicesProps {
  readonly resins: readonly Resin[];
  readonly chosen: Resin | undefined;
  readonly hardener: string | undefined;
  readonly onChoose: (resinId: string | undefined, hardener: string | undefined) => void;
}

/** The shelf before there is a job to hold it against: every resin with every hardener. */
export function PlainChoices({ resins, chosen, hardener, onChoose }: PlainChoicesProps) {
  const rows = resins.flatMap((resin) =>
    hardenerNames(resin).map((name, index) => ({ resin, name, own: index === 0 })),
  );
  const at = rows.findIndex(
    ({ resin, name, own }) =>
      resin.id === chosen?.id && (hardener === undefined ? own : name === hardener),
  );
  return (
    <ChoiceList
      label="Resin"
      value={String(at)}
      choices={rows.map(({ resin, name, own }, index) => {
        const { ratio, statedBy } = readResin(withHardener(resin, own ? undefined : name));
        const [stated] = sayRatios(ratio, statedBy);
        return {
          value: String(index),
          label: own ? resin.name : `${resin.name}, ${name}`,
          note: `${familyOf(resin.family).name} · ${stated}`,
        };
      })}
      onChange={(value) => {
        const row = rows[Number(value)];
        onChoose(row?.resin.id, row === undefined || row.own ? undefined : row.name);
      }}
    />
  );
}
