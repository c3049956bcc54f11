import { useMemo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { FormProvider, useController, useForm, useWatch } from 'react-hook-form';
import { repairBy, repairSchema, repairsOf, type TypedRepair } from '../../core/repair/repairs';
import { lengthRule, roomTemperatureRule } from '../../core/quantity/rules';
import { check } from '../../core/schema/check';
import { FormProblemsContext, useFormField } from '../../data/draft/formField';
import { useOfferedResins } from '../../data/hooks/useOfferedResins';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { repairByNames, sayRepair, sayRepairVolume } from '../../words/repair';

interface RepairScreenProps {
  /** Stands under the title: the other shelves. */
  readonly tabs: ReactNode;
}

/** Figures as they are typed: counts too are texts until they are read. */
type Typed = {
  [Key in keyof TypedRepair]: TypedRepair[Key] extends number ? string : TypedRepair[Key];
};

const begin: Typed = {
  by: 'size',
  holes: '6',
  width: '2 mm',
  depth: '3 mm',
  drops: '2',
  room: '20 °C',
};

/** A count as it is typed is read as a figure; what is none is told by the schema. */
const read = ({ holes, drops, ...typed }: Typed): object => ({
  ...typed,
  holes: holes.trim() === '' ? undefined : Number(holes),
  drops: drops.trim() === '' ? undefined : Number(drops),
});

/** Pinholes and voids once a piece is surfaced: how much, and what of the shelf fills them soonest. */
export function RepairScreen({ tabs }: RepairScreenProps) {
  const form = useForm<Typed>({ defaultValues: begin });
  const typed = useWatch({ control: form.control }) as Typed;
  const resins = useOfferedResins();
  const checked = useMemo(() => check(repairSchema, read(typed), { strip: true }), [typed]);
  const problems = useMemo(
    () => ({ problems: checked.problems, tellsEmpty: true }),
    [checked.problems],
  );
  const repairs = useMemo(
    () => (checked.value === undefined ? undefined : repairsOf(checked.value, resins)),
    [checked.value, resins],
  );
  return (
    <Screen title="Shelf" head={tabs}>
      <FormProvider {...form}>
        <FormProblemsContext value={problems}>
          <View style={styles.stack}>
            <MainFigure>
              {repairs === undefined ? (
                <Words colour="inkSoft">Say how large the holes are.</Words>
              ) : (
                <>
                  <Words size="title" weight="bold">
                    {sayRepairVolume(repairs)}
                  </Words>
                  <Words colour="inkSoft">
                    to fill pinholes and voids once the piece is surfaced
                  </Words>
                </>
              )}
            </MainFigure>
            <RepairFields />
            <Panel title="What fills them, the soonest first" testID="repairs">
              {(repairs?.ways ?? []).map((way) => {
                const { name, time, how } = sayRepair(way);
                return <WhyRow key={name} label={name} value={time} also={how} />;
              })}
            </Panel>
            <Words size="small" colour="inkSoft">
              Clean and dry first; warm the piece a little and glue creeps in. Fill proud of the
              face, sand flush once it is hard.
            </Words>
          </View>
        </FormProblemsContext>
      </FormProvider>
    </Screen>
  );
}

function RepairFields() {
  const by = useController<Typed, 'by'>({ name: 'by' }).field;
  const width = useFormField<Typed>('width');
  const depth = useFormField<Typed>('depth');
  const holes = useFormField<Typed>('holes');
  const drops = useFormField<Typed>('drops');
  const room = useFormField<Typed>('room');
  return (
    <>
      <ChoiceField
        label="Holes are"
        value={by.value}
        choices={repairBy.map((value) => ({ value, label: repairByNames[value] }))}
        onChange={by.onChange}
      />
      <FieldRow>
        <CountField label="How many" {...holes} />
        {by.value === 'size' ? (
          <QuantityField label="Across" {...width} unit="mm" rule={lengthRule} />
        ) : (
          <CountField label="Drops in one" {...drops} />
        )}
        <QuantityField label="Deep" {...depth} unit="mm" rule={lengthRule} />
        <QuantityField label="Room" {...room} unit="°C" rule={roomTemperatureRule} />
      </FieldRow>
    </>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.large } });
