import { everythingText } from '../../data/files/everything';
import { download } from '../../data/files/download';
import type { RecordStore } from '../../data/store/recordStore';
import { ActionButton } from '../../ui/ActionButton';

interface SaveEverythingProps {
  readonly store: RecordStore;
  readonly label: string;
}

/** Hands the person everything that is kept, as a file. */
export function SaveEverything({ store, label }: SaveEverythingProps) {
  const save = async (): Promise<void> =>
    download('nipperkin-data.json', await everythingText(store));
  return <ActionButton icon="download" label={label} onPress={() => void save()} />;
}
