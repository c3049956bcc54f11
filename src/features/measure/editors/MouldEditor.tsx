import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { mouldInJob } from '../../../core/measure/mould/mouldInJob';
import { measureMouldPart } from '../../../core/measure/parts/measureMouldPart';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useShelf } from '../../../data/hooks/queries';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { sayMould } from '../../../words/moulds';
import { fieldPath, type DraftPlace } from '../draftPlace';

const allCavities = 'all';

/** A mould of the library: which one, and all its cavities or one of them. */
export function MouldEditor({ place }: { readonly place: DraftPlace }) {
  const part = useWatch<JobDraft, DraftPlace>({ name: place });
  const { setValue } = useFormContext<JobDraft>();
  const { moulds } = useShelf();
  const own = part?.mould;
  const inLibrary = moulds.find(({ id }) => id !== undefined && id === own?.id);
  const chosen = inLibrary ?? own;
  const offered = inLibrary === undefined && own !== undefined ? [own, ...moulds] : moulds;

  if (offered.length === 0) {
    return (
      <Words>
        There is no mould in the library yet. Measure this cavity another way and keep it as a
        mould.
      </Words>
    );
  }
  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Mould"
        value={chosen === undefined ? undefined : (chosen.id ?? chosen.name)}
        choices={offered.map((mould) => ({
          value: mould.id ?? mould.name,
          label: mould.name,
          note: sayMould(mould, measureMouldPart({ mould }).solid).holds,
        }))}
        onChange={(value) => {
          const mould = offered.find(({ id, name }) => (id ?? name) === value);
          if (mould === undefined) return;
          setValue(fieldPath(place, 'mould'), mouldInJob(mould) as never);
          setValue(fieldPath(place, 'cavity'), undefined as never);
        }}
      />
      {chosen !== undefined && chosen.cavities.length > 1 && (
        <ChoiceField
          label="Which cavities"
          value={part?.cavity === undefined ? allCavities : String(part.cavity)}
          choices={[
            { value: allCavities, label: 'All of them' },
            ...chosen.cavities.map(({ name, volume }, index) => ({
              value: String(index + 1),
              label: name === undefined || name === '' ? `Cavity ${index + 1}` : name,
              note: volume,
            })),
          ]}
          onChange={(value) =>
            setValue(
              fieldPath(place, 'cavity'),
              (value === allCavities ? undefined : Number(value)) as never,
            )
          }
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.medium } });
