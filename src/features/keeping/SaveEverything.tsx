import { InputError } from '../../core/problem';
import { download } from '../../data/files/download';
import type { RecordStore } from '../../data/store/recordStore';
import { everythingJson } from '../../data/workshop/everythingJson';
import { keptIn } from '../../data/workshop/keptIn';
import { ActionButton } from '../../ui/ActionButton';
import { packWorkshop } from '../../workers/workshopThread';

interface SaveEverythingProps {
  readonly store: RecordStore;
  readonly label: string;
  readonly onSaved?: () => void;
}

/** Hands the person everything that is kept, as one file; where no thread can pack it, as plain text. */
export async function saveEverything(store: RecordStore): Promise<void> {
  const kept = await keptIn(store);
  const madeAt = new Date().toISOString();
  const name = `nipperkin-workshop-${madeAt.slice(0, 10)}`;
  try {
    download(`${name}.zip`, await packWorkshop(kept, madeAt), 'application/zip');
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    download(`${name}.json`, everythingJson(kept));
  }
}

/** Hands the person everything that is kept, as a file. */
export function SaveEverything({ store, label, onSaved }: SaveEverythingProps) {
  const save = async (): Promise<void> => {
    await saveEverything(store);
    onSaved?.();
  };
  return <ActionButton icon="download" label={label} onPress={() => void save()} />;
}
