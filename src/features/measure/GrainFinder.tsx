import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { foundBulkDensity } from '../../core/measure/fill/bulkDensity';
import { InputError, type Problem } from '../../core/problem';
import { massRule, volumeRule } from '../../core/quantity/rules';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useKept } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

interface GrainFinderProps {
  /** As it is typed now. */
  readonly bulkDensity: string | undefined;
  readonly onChoose: (bulkDensity: string) => void;
}

type Finding = { readonly found: string } | { readonly problem: Problem };

function find(mass: string, volume: string): Finding {
  try {
    return { found: foundBulkDensity(mass, volume) };
  } catch (error) {
    if (error instanceof InputError) return { problem: error };
    throw error;
  }
}

/** Bulk densities that were found before, and a way to find one: a full jug, weighed. */
export function GrainFinder({ bulkDensity, onChoose }: GrainFinderProps) {
  const { items: grains, keep } = useKept('grains');
  const keeping = useAttempt();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [mass, setMass] = useState('');
  const [volume, setVolume] = useState('');
  const finding = find(mass, volume);
  const problemAt = (field: string, typed: string): Problem | undefined =>
    'problem' in finding && typed !== '' && finding.problem.field === field
      ? finding.problem
      : undefined;

  async function keepAndUse(found: string): Promise<void> {
    await keeping.attempt(async () => {
      await keep({ name: name.trim() || 'Grain', bulkDensity: found });
      onChoose(found);
      setOpen(false);
    });
  }

  return (
    <View style={styles.stack}>
      {grains.length > 0 && (
        <ChoiceField
          label="Found before"
          value={grains.find((grain) => grain.bulkDensity === bulkDensity)?.name}
          choices={grains.map((grain) => ({
            value: grain.name,
            label: grain.name,
            note: grain.bulkDensity,
          }))}
          onChange={(chosen) => {
            const grain = grains.find((each) => each.name === chosen);
            if (grain !== undefined) onChoose(grain.bulkDensity);
          }}
        />
      )}
      <View style={styles.row}>
        <ActionButton
          kind="bare"
          icon={open ? 'chevron-up' : 'chevron-down'}
          label="Find a bulk density"
          onPress={() => setOpen(!open)}
        />
      </View>
      {open && (
        <>
          <Words size="small" colour="inkSoft">
            Fill a jug to a mark, shaken level, and weigh the grain alone.
          </Words>
          <FieldRow>
            <QuantityField
              label="Grain in the jug"
              value={mass}
              onChange={setMass}
              unit="g"
              rule={massRule}
              problem={problemAt('mass', mass)}
            />
            <QuantityField
              label="Fills the jug to"
              value={volume}
              onChange={setVolume}
              unit="ml"
              rule={volumeRule}
              problem={problemAt('volume', volume)}
            />
            <TextField
              label="Name of the grain"
              value={name}
              onChange={setName}
              problem={keeping.problem}
            />
          </FieldRow>
          {'found' in finding && (
            <View style={styles.row}>
              <ActionButton
                icon="check"
                label={`Keep and use ${finding.found}`}
                onPress={() => void keepAndUse(finding.found)}
              />
            </View>
          )}
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap' },
});
