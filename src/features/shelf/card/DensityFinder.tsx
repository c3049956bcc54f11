import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { InputError, type Problem } from '../../../core/problem';
import { massRule, volumeRule } from '../../../core/quantity/rules';
import { benchDensity, type BenchDensity, type Weighing } from '../../../core/resin/benchDensity';
import { ActionButton } from '../../../ui/ActionButton';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { formatPlain } from '../../../core/quantity/format';

interface DensityFinderProps {
  readonly part: 'A' | 'B';
  readonly onFound: (text: string) => void;
  readonly onClose: () => void;
}

const three = [0, 1, 2];

function found(weighings: readonly Weighing[]): BenchDensity | Problem | undefined {
  const done = weighings.filter(({ volume, mass }) => volume !== '' && mass !== '');
  if (done.length === 0) return undefined;
  try {
    return benchDensity(done);
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}

/** Finds a density at the bench: a known volume on the scale, up to three times. */
export function DensityFinder({ part, onFound, onClose }: DensityFinderProps) {
  const [weighings, setWeighings] = useState<readonly Weighing[]>(
    three.map(() => ({ volume: '', mass: '' })),
  );
  const change = (index: number, changed: Partial<Weighing>): void =>
    setWeighings(weighings.map((each, at) => (at === index ? { ...each, ...changed } : each)));
  const result = found(weighings);
  const density = result !== undefined && 'meanGPerMl' in result ? result : undefined;
  const problem = result !== undefined && 'code' in result ? result : undefined;
  return (
    <Panel title={`Density of ${part} at the bench`}>
      <Words size="small" colour="inkSoft">
        Draw up a known volume of {part} with a syringe and weigh it. Three goes show how consistent
        it is.
      </Words>
      {three.map((index) => (
        <FieldRow key={index}>
          <QuantityField
            label={`Volume ${index + 1}`}
            value={weighings[index]?.volume ?? ''}
            onChange={(volume) => change(index, { volume })}
            problem={problem?.field === `weighings[${index}].volume` ? problem : undefined}
            unit="ml"
            rule={volumeRule}
          />
          <QuantityField
            label={`Weighs ${index + 1}`}
            value={weighings[index]?.mass ?? ''}
            onChange={(mass) => change(index, { mass })}
            problem={problem?.field === `weighings[${index}].mass` ? problem : undefined}
            unit="g"
            rule={massRule}
          />
        </FieldRow>
      ))}
      {density !== undefined && (
        <Words role="status">
          {formatPlain(density.meanGPerMl, 3)} g/ml
          {density.spreadGPerMl === undefined
            ? ''
            : `, spread ± ${formatPlain(density.spreadGPerMl, 3)} g/ml`}
        </Words>
      )}
      <View style={styles.row}>
        <ActionButton
          kind="main"
          label={density === undefined ? 'Use it' : `Use ${density.text}`}
          disabled={density === undefined}
          onPress={() => density !== undefined && onFound(density.text)}
        />
        <ActionButton label="Close" onPress={onClose} />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
