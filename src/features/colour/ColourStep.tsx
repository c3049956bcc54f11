import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { coloursFrom } from '../../core/colour/colourSchemas';
import type { PortionDraft } from '../../data/draft/jobDraft';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Swatch } from '../../ui/Swatch';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { coloursFromNames } from '../../words/names';
import { sayProblem } from '../../words/problems';
import { PortionEditor } from './PortionEditor';
import { FillersPanel } from './FillersPanel';
import { InclusionsPanel } from './InclusionsPanel';
import { TintPanel } from './TintPanel';
import { useOpenJob } from '../../data/draft/openJob';
import { sayG, sayPigmentG } from '../../words/figures';
import { usePourPart, usePourProblems } from '../../data/draft/pourInHand';

/** A new colour takes what the others leave; where several do, each has an equal part of it. */
const newPortion = (portions: readonly PortionDraft[]): PortionDraft => ({
  name: `Colour ${portions.length + 1}`,
  rest: true,
  pigments: [],
});

/** Colours of the pour: one tint in all of A, or portions with their own pigments. */
export function ColourStep() {
  const [portions = [], setPortions] = usePourPart('portions');
  const [newest, setNewest] = useState<number>();
  const [from = 'own-batches', setColoursFrom] = usePourPart('coloursFrom');
  const problems = usePourProblems();
  const notice = useNotice();
  const change = (next: PortionDraft[]): void => setPortions(next.length === 0 ? undefined : next);
  const remove = (index: number): void => {
    change(portions.filter((_, at) => at !== index));
    notice({
      text: `Removed ${portions[index]?.name || 'a colour'}`,
      undo: async () => change(portions),
    });
  };
  // Some problems are of a portion as a whole; those of a field stand at the field.
  const whole = problems.find(({ field }) => /^portions(\[\d+\])?$/.test(field));
  return (
    <View style={styles.stack}>
      <ColourFigure />
      {whole !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(whole)}
        </Words>
      )}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a colour"
          onPress={() => {
            setNewest(portions.length);
            change([...portions, newPortion(portions)]);
          }}
        />
      </View>
      {portions.map((_, index) => (
        <PortionEditor
          key={index}
          index={index}
          isNew={index === newest}
          isLeft={newest !== undefined && index < newest}
          onRemove={() => remove(index)}
        />
      ))}
      {portions.length > 1 && (
        <ChoiceLine
          label="The colours are mixed"
          value={from}
          choices={coloursFrom.map((value) => ({ value, label: coloursFromNames[value] }))}
          onChange={(value) => setColoursFrom(value)}
        />
      )}
      <TintPanel />
      <FillersPanel path="fillers" />
      <InclusionsPanel />
    </View>
  );
}

/** The colours of the pour with what each comes to, or that it is poured as it is. */
function ColourFigure() {
  const { pour: plan, outdated } = useOpenJob();
  if (plan === undefined || (plan.portions.length === 0 && plan.tint === undefined)) {
    return (
      <MainFigure>
        <Words size="large" weight="bold">
          Poured as it is
        </Words>
        <Words colour="inkSoft">
          Tint all of A for one colour in every layer, or divide the pour into colours.
        </Words>
      </MainFigure>
    );
  }
  const { portions, tint } = plan;
  const rows =
    portions.length > 0
      ? portions.map(({ name, swatch, g }) => ({ name, swatch, figure: sayG(g) }))
      : [{ name: tint?.name ?? 'Tint', swatch: tint?.swatch, figure: sayPigmentG(tint?.g ?? 0) }];
  return (
    <MainFigure>
      <View style={[styles.colours, outdated && styles.outdated]}>
        {rows.map(({ name, swatch, figure }, index) => (
          <View key={index} style={styles.colour}>
            {swatch !== undefined && <Swatch colour={swatch} />}
            <Words>{name}</Words>
            <Words weight="bold">{figure}</Words>
          </View>
        ))}
      </View>
    </MainFigure>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
  colours: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.large, rowGap: space.tight },
  colour: { flexDirection: 'row', alignItems: 'center', gap: space.small },
  outdated: { opacity: 0.5 },
});
