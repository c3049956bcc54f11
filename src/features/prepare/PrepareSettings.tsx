import type { PrepareLine } from '../../core/prepare/prepareOf';
import type { Person } from '../../core/person/person';
import { sealedFaces, sealings } from '../../core/person/personSchema';
import { driedBy } from '../../core/prepare/moisture';
import { paints, surfaces } from '../../core/prepare/prepareSchema';
import { lengthRule, moistureRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useDraftField, useJobPart } from '../../data/draft/pourInHand';
import { useSettings } from '../../data/hooks/queries';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';
import { sayMm } from '../../words/figures';
import {
  driedByNames,
  paintNames,
  sealedFacesNames,
  sealingNames,
  surfaceNames,
} from '../../words/prepare';

type PrepareDraft = NonNullable<JobDraft['prepare']>;

interface PrepareSettingsProps {
  readonly lines: readonly PrepareLine[];
  /** Whose habits stand where the job says nothing. */
  readonly used: Person;
}

/** What the list follows from: of the timber, of how this job is sealed, of what is coated. Only what this job asks. */
export function PrepareSettings({ lines, used }: PrepareSettingsProps) {
  const [prepare = {}, setPrepare] = useJobPart('prepare');
  const person = useSettings().data?.person;
  const has = (...codes: readonly PrepareLine['code'][]): boolean =>
    lines.some(({ code }) => codes.includes(code));
  const change = (next: Partial<PrepareDraft>): void => setPrepare({ ...prepare, ...next });
  const stock = lines.find((line) => line.code === 'dry-stock');
  const isCoat = has('paint-dry', 'clean-surface', 'mask-edges', 'drips');
  return (
    <Lines title="What it follows from" testID="prepare-settings">
      {stock !== undefined && <StockLines stockMm={stock.data.stockMm} />}
      {has('wormholes', 'seal-edges') && (
        <>
          <ChoiceLine
            label="Edges are sealed with"
            value={prepare.sealing ?? used.sealing}
            assumed={prepare.sealing === undefined && person?.sealing === undefined}
            choices={sealings.map((value) => ({ value, label: sealingNames[value] }))}
            onChange={(sealing) => change({ sealing })}
          />
          <ChoiceLine
            label="What is sealed"
            value={prepare.sealedFaces ?? used.sealedFaces}
            assumed={prepare.sealedFaces === undefined && person?.sealedFaces === undefined}
            choices={sealedFaces.map((value) => ({ value, label: sealedFacesNames[value] }))}
            onChange={(sealed) => change({ sealedFaces: sealed })}
          />
        </>
      )}
      <ChoiceLine
        label="The face is planed or sanded later"
        value={prepare.surfaced ?? (has('fan') ? 'yes' : 'no')}
        assumed={prepare.surfaced === undefined}
        choices={[
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'No' },
        ]}
        onChange={(surfaced) => change({ surfaced })}
      />
      {isCoat && (
        <ChoiceLine
          label="It is coated onto"
          value={prepare.surface ?? 'timber'}
          assumed={prepare.surface === undefined}
          choices={surfaces.map((value) => ({ value, label: surfaceNames[value] }))}
          onChange={(surface) => change({ surface })}
        />
      )}
      {has('paint-dry') && (
        <>
          <ChoiceLine
            label="Painted with"
            value={prepare.paint ?? 'oil'}
            assumed={prepare.paint === undefined}
            choices={paints.map((value) => ({ value, label: paintNames[value] }))}
            onChange={(paint) => change({ paint })}
          />
          <PaintedOn />
        </>
      )}
    </Lines>
  );
}

/** The timber: what the meter said, how thick, how it was dried. */
function StockLines({ stockMm }: { readonly stockMm: number }) {
  const [prepare = {}, setPrepare] = useJobPart('prepare');
  return (
    <>
      <QuantityLine
        label="Moisture, by the meter"
        {...useDraftField('prepare.moisture')}
        unit="%"
        rule={moistureRule}
        usual="not read yet"
      />
      <QuantityLine
        label="Timber is thick"
        {...useDraftField('prepare.stockThickness')}
        unit="mm"
        rule={lengthRule}
        usual={sayMm(stockMm)}
      />
      <ChoiceLine
        label="It was dried"
        value={prepare.dried ?? 'unknown'}
        assumed={prepare.dried === undefined}
        choices={driedBy.map((value) => ({ value, label: driedByNames[value] }))}
        onChange={(dried) => setPrepare({ ...prepare, dried })}
      />
    </>
  );
}

function PaintedOn() {
  const painted = useDraftField('prepare.painted');
  return (
    <SettingLine
      label="Last painted on"
      value={painted.value === '' ? 'not said' : painted.value}
      assumed={painted.value === ''}
      wrong={painted.problem !== undefined}
    >
      <TextField label="Last painted on" placeholder="2026-11-23" {...painted} />
    </SettingLine>
  );
}
