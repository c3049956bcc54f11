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
  /** @param writes how often the device had written by then */
  readonly onSaved?: (writes: number) => void;
}

/**
 * Hands the person everything that is kept, as one file; where no thread can pack it, as plain text.
 * @returns how often the device had written before it was read
 */
export async function saveEverything(store: RecordStore): Promise<number> {
  const { writes } = await store.device();
  const kept = await keptIn(store);
  const madeAt = new Date().toISOString();
  const name = `nipperkin-workshop-${madeAt.slice(0, 10)}`;
  try {
    download(`${name}.zip`, await packWorkshop(kept, madeAt), 'application/zip');
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    download(`${name}.json`, everythingJson(kept));
  }
  return writes;
}

/** Hands the person everything that is kept, as a file. */
export function SaveEverything({ store, label, onSaved }: SaveEverythingProps) {
  const save = async (): Promise<void> => {
    const writes = await saveEverything(store);
    onSaved?.(writes);
  };
  return <ActionButton icon="download" label={label} onPress={() => void save()} />;
}
