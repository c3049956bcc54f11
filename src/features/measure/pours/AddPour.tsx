import { useWatch } from 'react-hook-form';
import { mostPours } from '../../../core/job/jobSchema';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useOpenJob } from '../../../data/draft/openJob';
import { ActionButton } from '../../../ui/ActionButton';
import { SettingLine } from '../../../ui/fields/SettingLine';
import { Words } from '../../../ui/text/Words';
import { addedPourNames } from '../../../words/pours';
import { addedPours } from './addedPours';
import { usePourChanges } from './usePourChanges';

/** One pour more for the piece: a seal, a fill on top, a coat. */
export function AddPour({ onPour }: { readonly onPour: (index: number) => void }) {
  const { plan, outdated } = useOpenJob();
  const count = useWatch<JobDraft, 'pours', JobDraft, number>({
    name: 'pours',
    compute: (pours) => pours.length,
  });
  const { add } = usePourChanges(onPour);
  if (plan === undefined) return null;
  if (count >= mostPours) {
    return (
      <Words size="small" colour="inkSoft">
        {mostPours} pours are the most that one job holds.
      </Words>
    );
  }
  return (
    <SettingLine label="Add another pour" value="" testID="add-pour">
      {(close) => (
        <>
          {addedPours.map((what) => (
            <ActionButton
              key={what}
              {...addedPourNames[what]}
              disabled={outdated}
              onPress={() => {
                add(what);
                close();
              }}
            />
          ))}
        </>
      )}
    </SettingLine>
  );
}
