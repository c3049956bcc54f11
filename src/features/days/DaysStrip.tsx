import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { Words } from '../../ui/text/Words';
import { sayTask } from '../../words/days';
import { sayAhead, sayDayAt, sayMoment } from '../../words/moments';
import type { DaysAnswer } from '../../workers/daysWorker';
import { DaysGround, DaysLane } from './DaysLane';
import { daysScale } from './daysScale';
import { namedTasks } from './dayTasks';

interface DaysStripProps {
  readonly days: DaysAnswer;
  readonly job: string;
  readonly zone: string;
  readonly now: number;
}

const laneDp = 44;
/** A day's name needs so much room. */
const dayDp = 52;
const mostDays = 7;

/** The days of one job as a strip: from the day on which something happens, at most a week of them. */
export function DaysStrip({ days, job, zone, now }: DaysStripProps) {
  const [width, setWidth] = useState(0);
  const tasks = namedTasks(days).filter(({ task }) => task.job === job);
  const open = tasks.filter(({ task: { done, hands } }) => !done && hands === 'on');
  const next = open[0] ?? tasks.at(-1);
  if (next === undefined) return null;
  const last = tasks.find(({ task }) => task.kind === 'ready') ?? tasks.at(-1)!;
  const begins = Math.min(next.task.from, Math.max(now, tasks[0]!.task.from));
  const count = Math.max(3, Math.min(mostDays, Math.floor(width / dayDp)));
  const scale = daysScale(begins, count, width, zone);
  const said = `Next: ${sayTask(next.task, next.job)}, ${sayMoment(next.task.from, now, zone)}. ${sayTask(last.task, last.job)} ${sayAhead(last.task.from, now, zone)}.`;
  return (
    <View
      testID="days-strip"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={styles.strip}
    >
      {width > 0 && (
        <>
          <View role="img" aria-label={said}>
            <Svg width={width} height={laneDp} aria-hidden>
              <DaysGround
                scale={scale}
                awake={days.calendar.awake}
                work={days.calendar.work}
                now={now}
                top={4}
                height={laneDp - 8}
              />
              <DaysLane tasks={tasks} scale={scale} top={4} height={laneDp - 8} />
            </Svg>
          </View>
          <View style={styles.names}>
            {scale.midnights.map((midnight) => (
              <View key={midnight} style={styles.day}>
                <Words size="small" colour="inkSoft" lines={1}>
                  {sayDayAt(midnight, zone).split(' ').slice(0, 2).join(' ')}
                </Words>
              </View>
            ))}
          </View>
          <Words size="small" colour="inkSoft">
            {said}
          </Words>
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  strip: { minHeight: laneDp },
  names: { flexDirection: 'row' },
  day: { flex: 1, minWidth: 0 },
});
