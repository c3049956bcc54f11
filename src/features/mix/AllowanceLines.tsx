import { StyleSheet, View } from 'react-native';
import { overageKinds } from '../../core/measure/allowances/overage';
import { soakSurfaces } from '../../core/measure/allowances/allowancesSchema';
import type { AllowanceCode } from '../../core/measure/allowances/allowances';
import {
  areaRule,
  lengthRule,
  overageRule,
  positionRule,
  volumeRule,
  type QuantityRule,
} from '../../core/quantity/rules';
import type { AllowancesDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayMl } from '../../words/figures';
import { allowanceNames, overageKindNames, soakSurfaceNames } from '../../words/names';
import { sayReason } from '../../words/reasons';
import { usePourPart, usePourField, usePourProblems } from '../../data/draft/pourInHand';

type Optional = Exclude<AllowanceCode, 'overage' | 'spout'>;

/** What each allowance begins with when it is switched on for the first time. */
const begin: Readonly<{ [Code in Optional]: NonNullable<AllowancesDraft[Code]> }> = {
  seepage: { area: '', gap: '' },
  soak: { area: '', surface: 'bare-timber' },
  runOff: { share: '5 %' },
  residue: {},
  shrinkage: { share: '3 %' },
  planing: { top: '', bottom: '' },
};

const notes: Readonly<Record<Optional, string>> = {
  seepage: 'Area of the gap × its height.',
  soak: 'Bare timber drinks; sealed timber hardly.',
  runOff: 'A share of what lies on the top of a coat.',
  residue: 'A film in every cup; two cups leave twice as much.',
  shrinkage: 'Volume lost as it cures: epoxies 2 to 6 %, polyesters 6 to 9 %, UV resins 5 to 10 %.',
  planing: 'Poured thicker than the finished piece.',
};

const codes = Object.keys(begin) as Optional[];

/** What is poured besides the cavities, a line each with its own millilitres. */
export function AllowanceLines() {
  const [allowances = {}, setAllowances] = usePourPart('allowances');
  const change = (code: Optional, on: boolean): void => {
    const before = allowances[code];
    const next = before === undefined ? begin[code] : { ...before, off: on ? undefined : true };
    setAllowances({ ...allowances, [code]: next });
  };
  const isOn = (code: Optional): boolean =>
    allowances[code] !== undefined && allowances[code]?.off !== true;
  const used = codes.filter(isOn);
  return (
    <>
      <Overage />
      <SpoutLine />
      {used.map((code) => (
        <AllowanceLine key={code} code={code} onChange={(on) => change(code, on)} />
      ))}
      <SettingLine
        label="Seepage, soak, residue and more"
        value={used.length === 0 ? 'none' : ''}
        assumed={used.length === 0}
      >
        {codes.map((code) => (
          <SwitchField
            key={code}
            label={allowanceNames[code]}
            note={notes[code]}
            value={isOn(code)}
            onChange={(next) => change(code, next)}
          />
        ))}
      </SettingLine>
    </>
  );
}

/** Millilitres of an allowance, as they are planned. */
function useAllowanceMl(code: AllowanceCode): string | undefined {
  const { pour } = useOpenJob();
  const found = pour?.allowances.find((each) => each.code === code);
  return found === undefined ? undefined : sayMl(found.ml);
}

function AllowanceLine({
  code,
  onChange,
}: {
  readonly code: Optional;
  readonly onChange: (on: boolean) => void;
}) {
  const ml = useAllowanceMl(code);
  const problems = usePourProblems();
  const isWrong = problems.some(({ field }) => field.startsWith(`allowances.${code}`));
  return (
    <SettingLine label={allowanceNames[code]} value={ml ?? 'to be filled in'} wrong={isWrong}>
      <Words size="small" colour="inkSoft">
        {notes[code]}
      </Words>
      <AllowanceFields code={code} />
      <View style={styles.row}>
        <ActionButton kind="bare" label="Leave it out" onPress={() => onChange(false)} />
      </View>
    </SettingLine>
  );
}

/** What sets in the ways into the mould that the job makes: it follows from that. */
function SpoutLine() {
  const ml = useAllowanceMl('spout');
  return ml === undefined ? null : <WhyRow label={allowanceNames.spout} value={ml} dense />;
}

function Overage() {
  const overage = usePourField('overage');
  const [kind, setKind] = usePourPart('kind');
  const { pour: plan } = useOpenJob();
  const ml = useAllowanceMl('overage');
  const why = plan?.why.find(({ figure }) => figure === 'overage');
  const share = plan?.allowances.find(({ code }) => code === 'overage');
  const said = overage.value === '' ? undefined : overage.value;
  return (
    <SettingLine
      label="Overage"
      value={[said ?? (share === undefined ? 'as usual' : undefined), ml]
        .filter(Boolean)
        .join(' · ')}
      assumed={said === undefined}
      wrong={overage.problem !== undefined}
    >
      <ChoiceField
        label="Kind of job"
        value={kind ?? 'general'}
        choices={overageKinds.map((value) => ({ value, label: overageKindNames[value] }))}
        onChange={(next) => {
          setKind(next);
          // The usual overage of that kind; a figure typed after this wins again.
          overage.onChange('');
        }}
      />
      <QuantityField
        label="Overage"
        {...overage}
        unit="%"
        rule={overageRule}
        placeholder="as usual for the kind"
      />
      {why !== undefined && (
        <Words size="small" colour="inkSoft">
          {sayReason(why)}
        </Words>
      )}
    </SettingLine>
  );
}

type AllowanceField =
  | 'seepage.area'
  | 'seepage.gap'
  | 'soak.area'
  | 'soak.rate'
  | 'runOff.share'
  | 'residue.perBatch'
  | 'shrinkage.share'
  | 'planing.top'
  | 'planing.bottom';

function Quantity({
  name,
  label,
  unit,
  rule,
}: {
  readonly name: AllowanceField;
  readonly label: string;
  readonly unit: string;
  readonly rule: object;
}) {
  const field = usePourField(`allowances.${name}`);
  // An allowance that has just been switched on is not a mistake yet.
  const problem = field.value === '' ? undefined : field.problem;
  return (
    <QuantityField
      label={label}
      {...field}
      problem={problem}
      unit={unit}
      rule={rule as QuantityRule}
    />
  );
}

function AllowanceFields({ code }: { readonly code: Optional }) {
  switch (code) {
    case 'seepage':
      return (
        <FieldRow>
          <Quantity name="seepage.area" label="Area it can run under" unit="m2" rule={areaRule} />
          <Quantity name="seepage.gap" label="Gap" unit="mm" rule={lengthRule} />
        </FieldRow>
      );
    case 'soak':
      return <SoakFields />;
    case 'runOff':
      return (
        <Quantity name="runOff.share" label="Share that runs off" unit="%" rule={overageRule} />
      );
    case 'residue':
      return <ResidueFields />;
    case 'shrinkage':
      return <Quantity name="shrinkage.share" label="Shrinks by" unit="%" rule={overageRule} />;
    case 'planing':
      return (
        <FieldRow>
          <Quantity name="planing.top" label="Planed off the top" unit="mm" rule={positionRule} />
          <Quantity
            name="planing.bottom"
            label="Planed off the bottom"
            unit="mm"
            rule={positionRule}
          />
        </FieldRow>
      );
  }
}

function SoakFields() {
  const [surface, setSurface] = usePourPart('allowances.soak.surface');
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Surface"
        value={surface}
        choices={soakSurfaces.map((value) => ({ value, label: soakSurfaceNames[value] }))}
        onChange={setSurface}
      />
      <FieldRow>
        <Quantity name="soak.area" label="Area that drinks" unit="m2" rule={areaRule} />
        <Quantity name="soak.rate" label="It drinks (if known)" unit="ml/m2" rule={lengthRule} />
      </FieldRow>
    </View>
  );
}

function ResidueFields() {
  const [twoCups, setTwoCups] = usePourPart('allowances.residue.twoCups');
  return (
    <View style={styles.stack}>
      <SwitchField
        label="Two cups for each batch"
        value={twoCups === true}
        onChange={(on) => setTwoCups(on ? true : undefined)}
      />
      <Quantity
        name="residue.perBatch"
        label="Left in each cup (if known)"
        unit="ml"
        rule={volumeRule}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row' },
});
