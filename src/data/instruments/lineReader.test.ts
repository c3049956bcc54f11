import { createFeed } from './instrument';
import { lineReader } from './lineReader';

function scale(settings: Parameters<typeof lineReader>[1] = {}) {
  const feed = createFeed('scale', 'serial', () => 1234);
  const heard: (readonly [number | undefined, number])[] = [];
  feed.instrument.onReading(({ g }, at) => heard.push([g, at]));
  return { feed, heard, say: lineReader(feed, settings) };
}

test('the format is found, and readings come from then on, wherever the wire cuts them', () => {
  const { feed, heard, say } = scale();
  expect(feed.instrument.state().is).toBe('opening');
  say('3.4 g\r\nST,GS,+ 1');
  say('0.0 g\r\nUS,GS,+ 12.0 g\r\nST,');
  say('GS,+ 13.0 g\r\n');
  expect(heard).toEqual([
    [12, 1234],
    [13, 1234],
  ]);
  expect(feed.instrument.state()).toMatchObject({ is: 'live', trouble: undefined });
});

test('a format that was chosen is kept to; a bare figure is in what was said', () => {
  const plain = scale({ format: 'plain', bareUnit: 'kg' });
  plain.say('0.42\n0.43 g\n');
  expect(plain.heard.map(([g]) => g)).toEqual([420, 0.43]);
  const flags = scale({ format: 'flags' });
  flags.say('0.42 g\nST,GS,+ 5.0 g\n');
  expect(flags.heard.map(([g]) => g)).toEqual([5]);
});

test('what is no reading is counted, told when there is nothing else, and forgotten when there is', () => {
  const { feed, heard, say } = scale();
  const told: (string | undefined)[] = [];
  const stop = feed.instrument.onState(() => told.push(feed.instrument.state().trouble));
  for (let line = 0; line < 60; line += 1) say(`garbage ${line}\n`);
  expect(heard).toEqual([]);
  expect(told).toEqual(['not-understood']);
  say('S S 1.0 g\nS S 2.0 g\nS S 3.0 g\n');
  expect(feed.instrument.state()).toMatchObject({ is: 'live', trouble: undefined });
  expect(heard.at(-1)).toEqual([3, 1234]);
  // One that speaks is not given up for a line that is cut off.
  for (let line = 0; line < 60; line += 1) say('half a li\n');
  expect(feed.instrument.state().is).toBe('live');
  stop();
  feed.stands('trouble', 'lost');
  expect(told).toEqual(['not-understood', undefined]);
});

test('a flood without an end is dropped, and what comes after it is read', () => {
  const { heard, say } = scale({ format: 'plain' });
  for (let piece = 0; piece < 1000; piece += 1) say('x'.repeat(1000));
  say('\n7.5 g\n');
  expect(heard.at(-1)?.[0]).toBe(7.5);
});

test('a thermometer is read in degrees of its own', () => {
  const feed = createFeed('thermometer', 'serial');
  const heard: (number | undefined)[] = [];
  feed.instrument.onReading(({ c }) => heard.push(c));
  lineReader(feed, { bareUnit: 'F' })('212\nOL\nT1: 40.5 C\nnonsense\n');
  expect(heard).toEqual([100, undefined, 40.5]);
});
