import { useState } from 'react';
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
import { SwitchField } from '../../ui/fields/SwitchField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayMl } from '../../words/figures';
import { allowanceNames, overageKindNames, soakSurfaceNames } from '../../words/names';
import { sayReason } from '../../words/reasons';
import { usePourPart, usePourField } from '../../data/draft/pourInHand';

type Optional = Exclude<AllowanceCode, 'overage'>;

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

/** What is poured besides the cavities: each by itself, with its own millilitres. */
export function Allowances() {
  const { pour: plan, outdated } = useOpenJob();
  const [allowances = {}, setAllowances] = usePourPart('allowances');
  const used = codes.filter((code) => allowances[code] !== undefined);
  const [open, setOpen] = useState(used.length > 0);
  const mlOf = (code: AllowanceCode): string | undefined => {
    const found = plan?.allowances.find((each) => each.code === code);
    return found === undefined ? undefined : sayMl(found.ml);
  };
  const change = (code: Optional, on: boolean): void => {
    const before = allowances[code];
    const next = before === undefined ? begin[code] : { ...before, off: on ? undefined : true };
    setAllowances({ ...allowances, [code]: next });
  };
  return (
    <Panel title="Poured besides" testID="allowances">
      <Overage ml={mlOf('overage')} outdated={outdated} />
      {(open ? codes : used).map((code) => {
        const on = allowances[code] !== undefined && allowances[code]?.off !== true;
        return (
          <View key={code} style={styles.stack}>
            <View style={styles.head}>
              <View style={styles.grow}>
                <SwitchField
                  label={allowanceNames[code]}
                  note={notes[code]}
                  value={on}
                  onChange={(next) => change(code, next)}
                />
              </View>
              {on && mlOf(code) !== undefined && (
                <Words weight="semibold" style={outdated && styles.outdated}>
                  {mlOf(code)}
                </Words>
              )}
            </View>
            {on && <AllowanceFields code={code} />}
          </View>
        );
      })}
      {!open && (
        <View style={styles.row}>
          <ActionButton
            kind="bare"
            icon="chevron-down"
            label="Seepage, soak, residue and more"
            onPress={() => setOpen(true)}
          />
        </View>
      )}
    </Panel>
  );
}

function Overage({
  ml,
  outdated,
}: {
  readonly ml: string | undefined;
  readonly outdated: boolean;
}) {
  const overage = usePourField('overage');
  const [kind = 'general', setKind] = usePourPart('kind');
  const { pour: plan } = useOpenJob();
  const why = plan?.why.find(({ figure }) => figure === 'overage');
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Kind of job"
        value={kind}
        choices={overageKinds.map((value) => ({ value, label: overageKindNames[value] }))}
        onChange={(next) => {
          setKind(next);
          // The usual overage of that kind; a figure typed after this wins again.
          overage.onChange('');
        }}
      />
      <View style={styles.head}>
        <View style={styles.grow}>
          <QuantityField
            label="Overage"
            {...overage}
            unit="%"
            rule={overageRule}
            placeholder="as usual for the kind"
          />
        </View>
        {ml !== undefined && (
          <Words weight="semibold" style={outdated && styles.outdated}>
            {ml}
          </Words>
        )}
      </View>
      {why !== undefined && (
        <Words size="small" colour="inkSoft">
          {sayReason(why)}
        </Words>
      )}
    </View>
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
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.medium },
  grow: { flexGrow: 1, flexShrink: 1, flexBasis: 160 },
  row: { flexDirection: 'row' },
  outdated: { opacity: 0.5 },
});
