import { ActionButton } from '../ActionButton';
import { Strip } from './Strip';

interface ConflictStripProps {
  readonly conflict: 'changed' | 'deleted';
  readonly onKeepMine: () => void;
  readonly onTakeOther: () => void;
}

/** Another window changed or deleted what is open here: the person chooses, and nothing is lost unasked. */
export function ConflictStrip({ conflict, onKeepMine, onTakeOther }: ConflictStripProps) {
  const deleted = conflict === 'deleted';
  return (
    <Strip
      words={
        deleted
          ? 'Deleted in another window. What stands here is not saved.'
          : 'Changed in another window. What you typed here is not saved.'
      }
    >
      <ActionButton kind="main" label="Keep mine" onPress={onKeepMine} />
      {!deleted && <ActionButton label="Take the other" onPress={onTakeOther} />}
    </Strip>
  );
}
