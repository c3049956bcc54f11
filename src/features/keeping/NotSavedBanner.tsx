import { useState } from 'react';
import { useStore } from '../../data/hooks/DataProvider';
import { useSaveState } from '../../data/hooks/queries';
import { useStorageState } from '../../data/hooks/storageState';
import { ActionButton } from '../../ui/ActionButton';
import type { NotOpened } from '../../data/store/openStore';
import { Strip } from '../../ui/feedback/Strip';
import { SaveEverything } from './SaveEverything';

const notOpened: Readonly<Record<NotOpened, string>> = {
  'no-answer': 'Your data does not come: the storage of this browser does not answer.',
  refused: 'Your data cannot be read: the storage of this browser refuses.',
};

/** Stands over every screen while the device refuses to save, or its storage does not answer at all. */
export function NotSavedBanner() {
  const store = useStore();
  const saveState = useSaveState();
  const { because, tryAgain } = useStorageState();
  const [asked, setAsked] = useState<'asking' | 'in vain'>();
  if (saveState.state !== 'failed' && because === undefined) return null;
  async function askAgain(): Promise<void> {
    setAsked('asking');
    if (!(await tryAgain())) setAsked('in vain');
  }
  const said =
    because === undefined
      ? 'Not saved: this device refuses to keep data. It is tried again by itself; until then it is here until you close the page.'
      : `${notOpened[because]} Nothing of it is changed. What you make now is here until you close the page.`;
  return (
    <Strip words={asked === 'in vain' ? `${said} It still does not answer.` : said}>
      {because !== undefined && (
        <ActionButton
          kind="main"
          label={asked === 'asking' ? 'Trying' : 'Try again'}
          onPress={() => void askAgain()}
        />
      )}
      <SaveEverything store={store} label="Save as a file" />
    </Strip>
  );
}
