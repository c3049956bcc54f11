import type { Problem } from '../../core/problem';
import { FileProblem } from './FileProblem';
import { useNotice } from './NoticeProvider';
import { UnreadableNotice } from './UnreadableNotice';
import { UnsavedRows } from './UnsavedRows';

interface ListNoticesProps<Item extends { readonly id: string; readonly name: string }> {
  /** What is wrong with a file that was opened. */
  readonly problem: Problem | undefined;
  readonly what: { readonly one: string; readonly many: string };
  /** How many of them cannot be read. */
  readonly unreadable: number;
  readonly onSaveUnreadable: () => void;
  /** What was typed and never saved. */
  readonly unsaved: readonly Item[];
  /** What one of those is called where it has no name yet. */
  readonly nameless: string;
  readonly onOpen: (item: Item) => void;
  /** Throws away what was typed; gives back what undoes it. */
  readonly onDrop: (item: Item) => Promise<() => Promise<'undone' | 'overtaken'>>;
}

/** What stands over every list of a library: a file that was not read, records that cannot be, and what is not saved. */
export function ListNotices<Item extends { readonly id: string; readonly name: string }>({
  problem,
  what,
  unreadable,
  onSaveUnreadable,
  unsaved,
  nameless,
  onOpen,
  onDrop,
}: ListNoticesProps<Item>) {
  const notice = useNotice();
  return (
    <>
      <FileProblem problem={problem} />
      <UnreadableNotice count={unreadable} what={what} onSave={onSaveUnreadable} />
      <UnsavedRows
        nameless={nameless}
        items={unsaved}
        onOpen={onOpen}
        onDrop={(item) => void onDrop(item).then((undo) => notice({ text: 'Thrown away', undo }))}
      />
    </>
  );
}
