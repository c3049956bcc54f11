import { splitLines } from '../../core/instruments/lines';
import { readScaleLine, scaleFormatOf, type ScaleFormat } from '../../core/instruments/scaleLines';
import { readThermometerLine } from '../../core/instruments/thermometerLines';
import type { Feed, InstrumentKind, InstrumentReadings } from './instrument';

/** How the lines of an instrument are read. */
export interface LineSettings {
  /** Undefined: it is found by the first lines. */
  readonly format?: ScaleFormat | undefined;
  /** What a figure without a unit is in. */
  readonly bareUnit?: string | undefined;
}

/** What reads one line after the other; undefined for what is no reading. */
type LineParser<Kind extends InstrumentKind> = (
  line: string,
) => InstrumentReadings[Kind] | undefined;

/** So many of the first lines are kept until the format is known. */
const mostKept = 12;

function scaleParser({ format: chosen, bareUnit = 'g' }: LineSettings): LineParser<'scale'> {
  let format = chosen;
  let kept: string[] = [];
  return (line) => {
    if (format === undefined) {
      kept = [...kept, line].slice(-mostKept);
      format = scaleFormatOf(kept);
    }
    return format && readScaleLine(format, line, bareUnit);
  };
}

const parsers: { readonly [Kind in InstrumentKind]: (settings: LineSettings) => LineParser<Kind> } =
  {
    scale: scaleParser,
    thermometer:
      ({ bareUnit }) =>
      (line) =>
        readThermometerLine(line, bareUnit === 'F' ? 'F' : 'C'),
  };

/** Reads what comes over a wire, piece by piece, into readings of an instrument. */
export function lineReader<Kind extends InstrumentKind>(
  feed: Feed<Kind>,
  settings: LineSettings,
): (piece: string) => void {
  let rest = '';
  const parse: LineParser<Kind> = parsers[feed.instrument.kind](settings);
  return (piece) => {
    const split = splitLines(rest, piece);
    rest = split.rest;
    if (split.dropped > 0) feed.unread();
    for (const line of split.lines) {
      const reading = parse(line);
      if (reading === undefined) feed.unread();
      else feed.read(reading);
    }
  };
}
