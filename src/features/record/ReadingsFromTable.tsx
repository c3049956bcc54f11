import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { looksFahrenheit } from '../../core/learn/fahrenheit';
import {
  guessTable,
  readTable,
  type TableHow,
  type TableReading,
  type TableRows,
} from '../../core/learn/readingsTable';
import { timeForms } from '../../core/learn/timeForms';
import { InputError } from '../../core/problem';
import type { PourRecord } from '../../core/record/recordSchema';
import { withReadings } from '../../core/record/withReadings';
import { TableMarks, tried } from './TableMarks';
import { readPlaces } from '../../core/bench/benchEvents';
import { chooseTextFile } from '../../data/files/chooseTextFile';
import { rowsOfCsv } from '../../data/files/tables';
import { useAttempt } from '../../data/hooks/useAttempt';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { sayC } from '../../words/figures';
import { sayMoment } from '../../words/moments';
import { timeFormNames } from '../../words/problems/learnProblems';

type Reading = PourRecord['readings'][number];
type Place = Reading['place'];

interface ReadingsFromTableProps {
  readonly pour: PourRecord;
  readonly onTake: (readings: Reading[]) => void;
}

const placeNames: Readonly<Record<Place, string>> = {
  core: 'the middle of the layer',
  surface: 'its surface',
  room: 'the room',
  cup: 'the cup',
};
const places = readPlaces.map((value) => ({ value, label: placeNames[value] }));
const forms = timeForms.map((value) => ({ value, label: timeFormNames[value] }));

const msPerMin = 60_000;
/** No resin that did not burn was warmer, °C. */
const hottestC = 250;

/** A table that was found in a file, and how it is read. */
interface Found {
  readonly rows: TableRows;
  readonly how: TableHow;
  readonly place: Place;
}

/** Readings of a thermometer that wrote a table: its columns are found, units and marks asked, and nothing is taken before. */
export function ReadingsFromTable({ pour, onTake }: ReadingsFromTableProps) {
  const begunAt = pour.layers[0]?.begunAt;
  const [found, setFound] = useState<Found>();
  const file = useAttempt();
  const open = (): Promise<void> =>
    file.attempt(async () => {
      const chosen = await chooseTextFile('text/csv', 'text/plain', 'text/tab-separated-values');
      if (chosen === undefined) return;
      const rows = await rowsOfCsv(chosen.text);
      setFound({ rows, how: guessTable(rows), place: 'core' });
    });
  if (begunAt === undefined) return null;
  return (
    <View style={styles.stack} testID="readings-from-table">
      {found === undefined ? (
        <View style={styles.row}>
          <ActionButton label="Readings from a table" onPress={() => void open()} />
        </View>
      ) : (
        <Ask
          found={found}
          pour={pour}
          begunAt={begunAt}
          onChange={setFound}
          onTake={(readings) => {
            onTake(readings);
            setFound(undefined);
          }}
          onLeave={() => setFound(undefined)}
        />
      )}
      <FileProblem problem={file.problem} />
    </View>
  );
}

interface AskProps {
  readonly found: Found;
  readonly pour: PourRecord;
  readonly begunAt: number;
  readonly onChange: (found: Found) => void;
  readonly onTake: (readings: Reading[]) => void;
  readonly onLeave: () => void;
}

/** How the table is read, with what comes of it so far. */
function Ask({ found, pour, begunAt, onChange, onTake, onLeave }: AskProps) {
  const { rows, how, place } = found;
  const read = useMemo(
    () =>
      tried((): readonly TableReading[] => {
        const all = readTable(rows, how, { begunAt, zone: ownZone() });
        withReadings(
          pour.readings,
          all.map(({ at, c }) => ({ at, c, place })),
        );
        return all;
      }),
    [rows, how, place, begunAt, pour.readings],
  );
  const change = (more: Partial<TableHow>): void =>
    onChange({ ...found, how: { ...how, ...more } });
  const columns = Object.keys(rows[0] ?? {}).map((name) => ({ value: name, label: name }));
  const isWrong = read instanceof InputError;
  const pouredC = pour.resinC ?? pour.roomC;
  const perhapsF =
    !isWrong &&
    how.unit === 'C' &&
    pouredC !== undefined &&
    looksFahrenheit(
      read.map(({ c }) => c),
      pouredC,
      hottestC,
    );
  return (
    <View>
      <ChoiceLine
        label="Times are in"
        value={how.timeColumn}
        choices={columns}
        onChange={(timeColumn) => change({ timeColumn })}
      />
      <ChoiceLine
        label="Temperatures are in"
        value={how.temperatureColumn}
        choices={columns}
        onChange={(temperatureColumn) => change({ temperatureColumn })}
      />
      <ChoiceLine
        label="Times are"
        value={how.times}
        choices={forms}
        onChange={(times) => change({ times })}
      />
      <TableMarks
        degrees={how.unit}
        decimal={how.decimal}
        asksDegrees={perhapsF}
        onChange={({ degrees = how.unit, decimal = how.decimal }) =>
          change({ unit: degrees, decimal })
        }
      />
      <ChoiceLine
        label="It was held in"
        value={place}
        choices={places}
        onChange={(held) => onChange({ ...found, place: held })}
      />
      {isWrong ? (
        <FileProblem problem={read.asProblem()} />
      ) : (
        <Words role="status">
          {sayFound(read)}
          {perhapsF ? ' That looks like °F: say which it is.' : ''}
        </Words>
      )}
      <View style={styles.row}>
        {!isWrong && read.length > 0 && (
          <ActionButton
            label={`Take ${read.length} ${read.length === 1 ? 'reading' : 'readings'}`}
            onPress={() => onTake(read.map(({ at, c }) => ({ at, c, place })))}
          />
        )}
        <ActionButton kind="bare" label="Leave it" onPress={onLeave} />
      </View>
    </View>
  );
}

function sayFound(readings: readonly TableReading[]): string {
  const [first] = readings;
  const last = readings.at(-1);
  if (first === undefined || last === undefined) return 'No row of it has a temperature.';
  const when = (at: number): string => sayMoment(at / msPerMin, at / msPerMin, ownZone());
  const clock = (at: number): string => when(at).replace(/^today /, '');
  return `${readings.length} readings: ${sayC(first.c)} at ${clock(first.at)} to ${sayC(last.c)} at ${clock(last.at)}.`;
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
