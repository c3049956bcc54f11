import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useWatch } from 'react-hook-form';
import type { OutlineDetail } from '../../../core/measure/measured';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useJobId } from '../../../data/draft/openJob';
import { Words } from '../../../ui/text/Words';
import { useWays } from '../../../ui/frame/useWays';
import { space } from '../../../ui/theme/tokens';
import { sayArea } from '../../../words/figures';
import type { OutlinePlace, OutlinesDraft } from '../draftPlace';
import { OutlinesView } from '../drawings/OutlinesView';
import { ActionButton } from '../../../ui/ActionButton';

interface TracedEditorProps {
  readonly place: OutlinePlace;
  readonly detail: OutlineDetail | undefined;
}

/** An outline traced on a photo or a grid: the tracing has a screen of its own. */
export function TracedEditor({ place, detail }: TracedEditorProps) {
  const router = useRouter();
  const { here } = useWays('/jobs');
  const id = useJobId();
  const part = useWatch<JobDraft>({ name: place }) as OutlinesDraft | undefined;
  const [, of = 'parts', index = '0', face] = place.split('.');
  const begun = (part?.outlines ?? []).length > 0;
  return (
    <View style={styles.stack}>
      {detail !== undefined && (
        <OutlinesView
          outlines={detail.outlinesMm}
          picked={detail.outlinesMm.map((_, at) => at + 1)}
          onPress={() => undefined}
        />
      )}
      <View style={styles.row}>
        <ActionButton
          icon="pencil"
          label={begun ? 'Go on tracing' : 'Trace on a photo or a grid'}
          onPress={() =>
            router.push({
              pathname: '/jobs/[id]/trace',
              params: {
                id,
                of,
                index,
                ...(face === undefined ? {} : { face }),
                ...here,
              },
            })
          }
        />
      </View>
      {detail !== undefined && (
        <Words size="small">
          {sayArea(detail.areaMm2)}, {detail.outlinesMm.length}{' '}
          {detail.outlinesMm.length === 1 ? 'outline' : 'outlines'}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  row: { flexDirection: 'row' },
});
