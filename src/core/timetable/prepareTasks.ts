import { idOfLine, type PrepareLine } from '../prepare/prepareOf';
import { spec } from './taskSpec';
import type { TaskSpec } from './tasks';

/** Lines of the list that are done in one go: up to the next wait. */
interface Group {
  readonly lines: readonly PrepareLine[];
  readonly minutes: number;
  readonly wait: PrepareLine['wait'];
}

function groupsOf(lines: readonly PrepareLine[]): readonly Group[] {
  const groups: Group[] = [];
  let open: PrepareLine[] = [];
  const close = (): void => {
    if (open.length === 0) return;
    const minutes = open.reduce((sum, line) => sum + line.minutes, 0);
    groups.push({ lines: open, minutes, wait: open.at(-1)!.wait });
    open = [];
  };
  for (const line of lines) {
    open.push(line);
    if (line.wait !== undefined) close();
  }
  close();
  return groups;
}

/** What is prepared before a pour, the last of it first: each as late as what follows lets it. */
export function preparing(
  lines: readonly PrepareLine[],
  rootId: string,
  pour: number,
): readonly TaskSpec[] {
  const onTheDay = lines.filter(({ when }) => when === 'on-the-day');
  const before = lines.filter(({ when }) => when === 'before');
  const groups = [...groupsOf(before), ...groupsOf(onTheDay)];
  const tasks: TaskSpec[] = [];
  let next = rootId;
  for (const { lines: of, minutes, wait } of [...groups].reverse()) {
    const id = `prepare/${idOfLine(of[0]!)}${pour === 0 ? '' : `/${pour + 1}`}`;
    const waits = wait?.fromMin ?? 0;
    // What must not stand for too long is told from the pour itself.
    const to = wait?.toMin === undefined ? next : rootId;
    tasks.push(
      spec({
        id,
        kind: 'prepare',
        pour: pour === 0 ? undefined : pour,
        minutes,
        hands: 'on',
        tie: {
          to,
          fromMin: wait?.toMin === undefined ? -Infinity : -(minutes + wait.toMin),
          toMin: -(minutes + waits),
          safe: undefined,
          prefer: 'late',
        },
        lines: of.map(idOfLine),
      }),
    );
    next = id;
  }
  return tasks;
}
