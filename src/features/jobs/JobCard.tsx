import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import type { PourPlan, Shelf } from '../../core/plan/planTypes';
import { planDraft } from '../../data/draft/planDraft';
import type { JobRecord } from '../../data/records/jobRecord';
import { Section } from '../../ui/section/Section';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { sayG, sayMl } from '../../words/figures';
import { sayPour } from '../../words/pours';

interface JobCardProps {
  readonly record: JobRecord;
  readonly shelf: Shelf;
  /** Something was typed over it that is not saved. */
  readonly typedOver: boolean;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

/** A job in the list: its Section small, its name and what it takes. */
export function JobCard({ record, shelf, typedOver, onOpen, onDuplicate, onDelete }: JobCardProps) {
  const colours = useColours();
  const { plan } = useMemo(() => planDraft(record.lastGood, shelf), [record.lastGood, shelf]);
  const name = record.draft.name.trim() || 'Job without a name';
  const only = plan?.pours.length === 1 ? plan.pours[0] : undefined;
  return (
    <View
      role="listitem"
      style={[styles.card, { backgroundColor: colours.sheet, borderColor: colours.line }]}
    >
      <TouchableRipple role="link" aria-label={`Open ${name}`} onPress={onOpen} style={styles.open}>
        <View style={styles.inside}>
          <View style={styles.drawing}>
            {plan !== undefined && <Section plan={plan} greatestHeight={52} small />}
          </View>
          <View style={styles.words}>
            <Words weight="bold">{name}</Words>
            {typedOver && (
              <Words size="small" colour="stop">
                Two versions: open it to choose
              </Words>
            )}
            {plan === undefined ? (
              <Words size="small" colour="inkSoft">
                Not measured yet
              </Words>
            ) : (
              <>
                <Words size="small" colour="inkSoft">
                  {sayMl(plan.together.totalMl)} of{' '}
                  {plan.buying.map(({ card }) => card.name).join(', ')}
                </Words>
                {only === undefined ? (
                  <Words size="small">{plan.pours.map(sayPour).join(' · ')}</Words>
                ) : (
                  <PartsOf pour={only} />
                )}
              </>
            )}
          </View>
        </View>
      </TouchableRipple>
      <View style={styles.signs}>
        <SignButton icon="content-duplicate" label={`Duplicate ${name}`} onPress={onDuplicate} />
        <SignButton icon="delete" label={`Delete ${name}`} onPress={onDelete} />
      </View>
    </View>
  );
}

function PartsOf({ pour: { resin, a, b } }: { readonly pour: PourPlan }) {
  return (
    <Words size="small">
      <Words size="small" weight="semibold" colour="partA">
        {resin.ratio === undefined ? 'Resin' : 'A'} {sayG(a.g)}
      </Words>
      {resin.ratio !== undefined && (
        <Words size="small" weight="semibold" colour="partB">
          {'  '}B {sayG(b.g)}
        </Words>
      )}
    </Words>
  );
}

const styles = StyleSheet.create({
  card: { flexDirection: 'row', flexWrap: 'wrap', borderWidth: 1, borderRadius: corner },
  open: { flexGrow: 1, flexShrink: 1, flexBasis: 200, padding: space.medium },
  inside: { flexDirection: 'row', alignItems: 'center', gap: space.medium },
  drawing: { width: 72 },
  words: { flex: 1, minWidth: 0 },
  signs: { minHeight: touch.table, justifyContent: 'center', marginLeft: 'auto' },
});
