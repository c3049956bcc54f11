import { StyleSheet, View } from 'react-native';
import { useController, useWatch } from 'react-hook-form';
import { isPorous, mouldMaterials } from '../../../core/measure/mould/materials';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { SwitchField } from '../../../ui/fields/SwitchField';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { sayProblem } from '../../../words/problems';
import { useProblems } from '../../../data/draft/formField';
import { materialNames } from '../../../words/names';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { GrainFinder } from '../GrainFinder';
import { PartQuantity } from '../PartQuantity';

interface FillEditorProps {
  readonly place: DraftPlace;
  readonly shape: 'wet-fill' | 'dry-fill';
}

/** A fill test: water or grain, read in a jug or on a scale. */
export function FillEditor({ place, shape }: FillEditorProps) {
  const part = useWatch<JobDraft, DraftPlace>({ name: place });
  const volume = useController<JobDraft>({ name: fieldPath(place, 'volume') });
  const material = useController<JobDraft>({ name: fieldPath(place, 'material') });
  const overruled = useController<JobDraft>({ name: fieldPath(place, 'overruled') });
  const bulkDensity = useController<JobDraft>({ name: fieldPath(place, 'bulkDensity') });
  const problems = useProblems();
  const isWet = shape === 'wet-fill';
  const byJug = part?.volume !== undefined;
  const refused = problems.find(({ code }) => code === 'porous-mould');
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Read by"
        labelHidden
        value={byJug ? 'jug' : 'scale'}
        choices={[
          { value: 'scale', label: 'On a scale' },
          { value: 'jug', label: 'In a jug' },
        ]}
        onChange={(by) => volume.field.onChange(by === 'jug' ? '' : undefined)}
      />
      <FieldRow>
        {byJug && (
          <PartQuantity
            place={place}
            name="volume"
            label={isWet ? 'Water poured in' : 'Grain poured back'}
          />
        )}
        {!byJug && (
          <PartQuantity
            place={place}
            name="mass"
            label={isWet ? 'Mass of the water' : 'Mass of the grain'}
          />
        )}
        {!byJug && isWet && <PartQuantity place={place} name="water" />}
        {!byJug && !isWet && <PartQuantity place={place} name="bulkDensity" />}
        <PartQuantity place={place} name="depth" label="Depth (for layers)" />
      </FieldRow>
      {!byJug && !isWet && (
        <GrainFinder
          bulkDensity={part?.bulkDensity}
          onChoose={(found) => bulkDensity.field.onChange(found)}
        />
      )}
      {isWet && (
        <ChoiceField
          label="The mould is of"
          value={part?.material}
          choices={mouldMaterials.map((value) => ({ value, label: materialNames[value] }))}
          onChange={material.field.onChange}
        />
      )}
      {isWet && isPorous(part?.material) && (
        <>
          {refused !== undefined && <Words colour="stop">{sayProblem(refused)}</Words>}
          <SwitchField
            label="Fill it with water all the same"
            value={part?.overruled === true}
            onChange={(on) => overruled.field.onChange(on ? true : undefined)}
          />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.medium } });
