import { useStore } from '../../../data/hooks/DataProvider';
import { ActionButton } from '../../../ui/ActionButton';
import { Strip } from '../../../ui/feedback/Strip';
import { sayUnsaved } from '../../../words/workshop';
import { NewerVersion } from '../offline/NewerVersion';
import { useKeepOffline } from '../offline/useOffline';
import { saveEverything } from '../SaveEverything';
import { useKeepFile } from './useKeptFile';
import { useRollingCopies } from './useRollingCopies';
import { useSaved } from './useSaved';

/** Where a person plans and looks round: there they are asked to save a file, and nowhere else. */
const asksAt = new Set(['/today', '/jobs']);

/** Looks after copies and versions while the app is open, and asks now and then. Nothing of it shows at the bench. */
export function KeepsWatch({ path }: { readonly path: string }) {
  const isAtBench = path.startsWith('/bench/');
  useRollingCopies(isAtBench);
  useKeepFile();
  useKeepOffline(isAtBench);
  if (isAtBench) return null;
  return (
    <>
      <NewerVersion />
      {asksAt.has(path) && <AsksToSave />}
    </>
  );
}

function AsksToSave() {
  const store = useStore();
  const { unsaved, wasSaved, putOff } = useSaved();
  if (unsaved?.isDue !== true) return null;
  const save = async (): Promise<void> => {
    await wasSaved(await saveEverything(store));
  };
  return (
    <Strip words={`${sayUnsaved(unsaved.changes, unsaved.days)} Save one, and keep it elsewhere.`}>
      <ActionButton icon="download" label="Save a workshop file" onPress={() => void save()} />
      <ActionButton kind="bare" label="Not now" onPress={() => void putOff()} />
    </Strip>
  );
}
