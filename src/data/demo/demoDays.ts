import type { DatesRecord } from '../records/datesRecord';
import type { TicksRecord } from '../records/ticksRecord';
import { datesCollection, datesRecordOf, ticksCollection, ticksRecordOf } from '../repositories';
import type { Write } from '../store/changes';

/** A day and a time of it, told from the day on which the demo is loaded. */
type From = readonly [day: number, hour: number, minute: number];

interface DemoDays {
  readonly job: string;
  readonly start: From;
  /** Lines that are ticked off, and when the last of them was. */
  readonly lines: readonly string[];
  readonly ticked: From;
  /** What is done: when it began, and how long it took, min. */
  readonly tasks: readonly (readonly [id: string, from: From, minutes: number])[];
}

const castOnTheDay = ['level', 'tools', 'mark-cups', 'gear'];

/** Two jobs half-way through and one to start. */
export const demoDays: readonly DemoDays[] = [
  {
    job: 'demo-lamp-base',
    // As the heat step has it.
    start: [-1, 17, 30],
    lines: ['clean-mould', 'release/mould', ...castOnTheDay, 'cover'],
    ticked: [-1, 17, 25],
    tasks: [['pour-1/layer-1', [-1, 17, 30], 15]],
  },
  {
    job: 'demo-galley-inlay',
    start: [-3, 14, 50],
    lines: [
      'dry-stock',
      'flatten',
      'bark',
      'clean-timber',
      'wormholes',
      'seal-faces',
      'build-form',
      'seal-form',
      'release/form',
      ...castOnTheDay,
      'hold-down',
      'fan',
    ],
    ticked: [-3, 14, 45],
    tasks: [
      ['pour-1/layer-1', [-3, 14, 50], 10],
      ['pour-2/layer-1', [-2, 8, 0], 25],
    ],
  },
  { job: 'demo-chart-table', start: [1, 10, 0], lines: [], ticked: [0, 0, 0], tasks: [] },
];

const msPerMin = 60_000;

/**
 * What is kept of the days of the demo.
 * @param now the moment at which it is loaded; its own clock decides the day
 */
export function demoDaysWrites(now: Date): readonly Write[] {
  const at = ([day, hour, minute]: From): Date =>
    new Date(now.getFullYear(), now.getMonth(), now.getDate() + day, hour, minute);
  const two = (figure: number): string => String(figure).padStart(2, '0');
  const local = (moment: Date): string =>
    `${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}T${two(moment.getHours())}:${two(moment.getMinutes())}`;
  return demoDays.flatMap(({ job, start, lines, ticked, tasks }): readonly Write[] => {
    const dates: Pick<DatesRecord, 'start' | 'pins'> = { start: local(at(start)), pins: [] };
    const ticks: Pick<TicksRecord, 'lines' | 'tasks'> = {
      lines: lines.map((id) => ({ id, at: at(ticked).toISOString() })),
      tasks: tasks.map(([id, from, minutes]) => ({
        id,
        from: at(from).toISOString(),
        to: new Date(at(from).getTime() + minutes * msPerMin).toISOString(),
      })),
    };
    return [
      datesCollection.creation(datesRecordOf(job, dates)),
      ...(lines.length === 0 ? [] : [ticksCollection.creation(ticksRecordOf(job, ticks))]),
    ];
  });
}
