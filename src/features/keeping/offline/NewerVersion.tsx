import { useState } from 'react';
import { ActionButton } from '../../../ui/ActionButton';
import { Strip } from '../../../ui/feedback/Strip';
import { loadNewer } from './serviceWorker';
import { useOffline } from './useOffline';

/** A newer version waits until the person lets it come. */
export function NewerVersion() {
  const { isNewerWaiting, isReplaced } = useOffline();
  const [answer, setAnswer] = useState<'later' | 'pouring'>();
  if (isReplaced) {
    return (
      <Strip words="A newer version of Nipperkin came in another window. What you type is kept; load this page anew to go on with it.">
        <ActionButton kind="main" label="Load it now" onPress={() => window.location.reload()} />
      </Strip>
    );
  }
  if (!isNewerWaiting || answer === 'later') return null;
  const load = async (): Promise<void> => {
    if (!(await loadNewer())) setAnswer('pouring');
  };
  return (
    <Strip
      words={
        answer === 'pouring'
          ? 'A pour is under way in another window. The newer version waits until that is over.'
          : 'A newer version of Nipperkin is on this device. What you keep stays as it is.'
      }
    >
      <ActionButton kind="main" label="Load it now" onPress={() => void load()} />
      <ActionButton kind="bare" label="Later" onPress={() => setAnswer('later')} />
    </Strip>
  );
}
