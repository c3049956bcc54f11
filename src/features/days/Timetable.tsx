import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { ActionButton } from '../../ui/ActionButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayTask } from '../../words/days';
import { dayKeyAt, sayDayAt } from '../../words/moments';
import type { DaysAnswer } from '../../workers/daysWorker';
import { DaysGround, DaysLane } from './DaysLane';
import { daysScale } from './daysScale';
import { namedTasks } from './dayTasks';
import { TaskHandle } from './TaskHandle';
import type { useTaskActions } from './useTaskActions';

interface TimetableProps {
  readonly days: DaysAnswer;
  readonly zone: string;
  readonly now: number;
  readonly outdated: boolean;
  readonly actions: ReturnType<typeof useTaskActions>;
}

const headDp = 26;
const nameDp = 22;
const laneDp = 48;
/** A day is at least so wide: its hours can be told apart, and a finger moves by a quarter of one. */
const dayDp = 92;
const dayMin = 24 * 60;

/** All jobs along their days: what is done with hands is moved by dragging or by keys, and the rest follows. */
export function Timetable({ days, zone, now, outdated, actions }: TimetableProps) {
  const [width, setWidth] = useState(0);
  const [offset, setOffset] = useState(0);
  const all = namedTasks(days);
  const count = Math.max(2, Math.min(10, Math.floor(width / dayDp)));
  const scale = daysScale(now + offset * count * dayMin, count, width, zone);
  const inSight = all.filter(({ task }) => task.to >= scale.from && task.from <= scale.to);
  const jobs = days.jobs.filter(({ job }) => inSight.some(({ task }) => task.job === job));
  const height = headDp + Math.max(1, jobs.length) * (nameDp + laneDp);
  return (
    <View testID="timetable" style={styles.stack}>
      <View style={styles.head}>
        <Words heading={2} size="large" weight="bold" style={styles.grow}>
          The days
        </Words>
        <ActionButton kind="bare" label="Earlier" onPress={() => setOffset(offset - 1)} />
        {offset !== 0 && <ActionButton kind="bare" label="Now" onPress={() => setOffset(0)} />}
        <ActionButton kind="bare" label="Later" onPress={() => setOffset(offset + 1)} />
      </View>
      <View
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        style={[{ height }, outdated && styles.outdated]}
      >
        {width > 0 && (
          <>
            <Svg width={width} height={height} aria-hidden>
              <DaysGround
                scale={scale}
                awake={days.calendar.awake}
                work={days.calendar.work}
                now={now}
                top={headDp}
                height={height - headDp}
              />
              {jobs.map(({ job }, lane) => (
                <DaysLane
                  key={job}
                  tasks={all.filter(({ task }) => task.job === job)}
                  scale={scale}
                  top={headDp + lane * (nameDp + laneDp) + nameDp}
                  height={laneDp}
                />
              ))}
            </Svg>
            {scale.midnights.map((midnight) => (
              <View
                key={midnight}
                style={[styles.day, { left: scale.x(midnight), width: width / count }]}
              >
                <Words
                  size="small"
                  weight={dayKeyAt(midnight, zone) === dayKeyAt(now, zone) ? 'bold' : 'text'}
                  lines={1}
                >
                  {sayDayAt(midnight, zone).split(' ').slice(0, 2).join(' ')}
                </Words>
              </View>
            ))}
            {jobs.map(({ job, name }, lane) => (
              <View
                key={job}
                style={[styles.name, { top: headDp + lane * (nameDp + laneDp), maxWidth: width }]}
              >
                <Words size="small" weight="semibold" lines={1}>
                  {name}
                </Words>
              </View>
            ))}
            {jobs.flatMap(({ job }, lane) =>
              inSight
                .filter(({ task }) => task.job === job && task.hands === 'on' && !task.done)
                .map((named) => (
                  <TaskHandle
                    key={`${job}/${named.task.id}`}
                    named={named}
                    scale={scale}
                    zone={zone}
                    now={now}
                    top={headDp + lane * (nameDp + laneDp) + nameDp}
                    height={laneDp}
                    onMove={(at) => void actions.pin(named, at)}
                  />
                )),
            )}
          </>
        )}
      </View>
      {jobs.length === 0 && <Words colour="inkSoft">Nothing in these days.</Words>}
      <Words size="small" colour="inkSoft">
        Bars: hands on · dashed: window · red: heat · shaded: asleep or away · drag or use the arrow
        keys to move; the rest follows
      </Words>
      <View role="list" style={styles.words}>
        {inSight
          .filter(({ task }) => task.hands === 'on' && task.pinned)
          .map((named) => (
            <View key={`${named.task.job}/${named.task.id}`} role="listitem">
              <ActionButton
                kind="bare"
                icon="pin"
                label={`Unpin ${named.job.name}: ${sayTask(named.task, named.job)}`}
                onPress={() => void actions.unpin(named)}
              />
            </View>
          ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center' },
  grow: { flexGrow: 1 },
  outdated: { opacity: 0.7 },
  day: { position: 'absolute', top: 0, overflow: 'hidden' },
  name: { position: 'absolute', left: space.tight },
  words: { flexDirection: 'row', flexWrap: 'wrap' },
});
