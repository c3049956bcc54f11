import { demoResins } from '../../data/demo/demoResins';
import { chooseOnLine, openLine, openStep, says, textOf, turn, type } from '../../testing/openStep';
import { HeatSettings } from './HeatSettings';

test('a room that goes round by the day, and back', async () => {
  const { saved } = await openStep(<HeatSettings />);
  expect(textOf('heat-room')).toContain('21 °C');
  openLine('Room');
  turn('The room changes over the day');
  await saved(({ heat }) => expect(heat?.day).toEqual({ lowest: '16 °C', highest: '24 °C' }));
  type('Coldest', '14');
  type('Warmest', '26');
  type('Warmest at, time of day', '16:30');
  await saved(({ heat }) =>
    expect(heat?.day).toEqual({ lowest: '14 °C', highest: '26 °C', warmestAt: '16:30' }),
  );
  await says('14 °C to 26 °C', 'heat-room');
  turn('The room changes over the day');
  await saved(({ heat }) => expect(heat).toBeUndefined());
});

test('when it is poured, how warm, and how long a fan blows', async () => {
  const { saved } = await openStep(<HeatSettings />);
  type('First pour at, time of day', '18:00');
  type('Fan on for (after the pour)', '24');
  type('Resin temperature at pouring, if not the room’s', '23');
  type('Warmed in a water bath to', '35');
  await saved(({ heat }) =>
    expect(heat).toEqual({
      pouredAt: '18:00',
      fan: '24 h',
      resinTemperature: '23 °C',
      bath: '35 °C',
    }),
  );
  await says('24 h', 'heat-room');
});

test.each([
  ['First pour at, time of day', '25:00'],
  ['Fan on for (after the pour)', 'all night'],
  ['Warmed in a water bath to', '400'],
])('%s: %s is told what would be right, and kept as typed', async (label, text) => {
  const { saved } = await openStep(<HeatSettings />);
  type(label, text);
  await says(/ like |at the most/, 'heat-room');
  await saved(({ heat }) => expect(JSON.stringify(heat)).toContain(text));
});

test('what the form stands on, what it is of, and how it is sealed', async () => {
  const { saved } = await openStep(<HeatSettings />);
  chooseOnLine('The form stands', 'On a cooled plate');
  type('The plate is at', '12');
  chooseOnLine('Its joints are sealed with', 'Tape or hot melt');
  await saved(({ heat }) =>
    expect(heat).toEqual({ underside: 'plate', plateTemperature: '12 °C', seal: 'tape' }),
  );
  await says('On a cooled plate', 'heat-form');
  chooseOnLine('Its joints are sealed with', 'Nothing that softens');
  await saved(({ heat }) => expect(heat?.seal).toBeUndefined());
});

test('a floor of another material has a thickness; as usual it has none', async () => {
  const { saved } = await openStep(<HeatSettings />, {
    heat: { side: { material: 'timber', thickness: '40 mm' } },
  });
  type('Its sides: how thick', '25');
  await saved(({ heat }) => expect(heat?.side).toEqual({ material: 'timber', thickness: '25 mm' }));
});

test('a pour in another room has its own temperature and no day of the job', async () => {
  const resin = demoResins.find(({ id }) => id === 'demo-slow-clear');
  const { saved } = await openStep(<HeatSettings />, {
    version: 2,
    heat: { day: { lowest: '16 °C', highest: '24 °C' } },
    pours: [
      { overage: '10 %', resin, fills: { to: '10 mm' }, room: { temperature: '27 °C' } },
      { overage: '10 %', resin, fills: { from: '10 mm' } },
    ],
  });
  await says('27 °C', 'heat-room');
  openLine('Room of this pour');
  expect(textOf('heat-room')).not.toContain('The room changes over the day');
  type('Room of this pour', '30');
  await saved(({ pours }) => expect(pours[0]?.room).toEqual({ temperature: '30 °C' }));
});

const twoPours = (() => {
  const resin = demoResins.find(({ id }) => id === 'demo-slow-clear');
  return [
    { overage: '10 %', resin, fills: { to: '10 mm' } },
    { overage: '10 %', resin, fills: { from: '10 mm' } },
  ];
})();
const ofItsOwn = 'Another air or form for this pour than for the job';

test('one pour has nothing to differ from', async () => {
  await openStep(<HeatSettings />);
  expect(textOf()).not.toContain(ofItsOwn);
});

test('a pour has another air and form than its job: what is set is its own, and goes back', async () => {
  const heat = { fan: '2 h', underside: 'bench' };
  const { saved } = await openStep(<HeatSettings />, { version: 2, heat, pours: twoPours });
  turn(ofItsOwn);
  await saved(({ pours }) => expect(pours[0]?.heat).toEqual(heat));
  type('Fan on for (after the pour)', '12');
  chooseOnLine('The form stands', 'On foam');
  await saved((job) => {
    expect(job.pours[0]?.heat).toEqual({ fan: '12 h', underside: 'foam' });
    expect(job.pours[1]?.heat).toBeUndefined();
  });
  await says('12 h', 'heat-room');
  await says('On foam', 'heat-form');
  // What is taken away is not the job's again: the pour says all of it.
  type('Fan on for (after the pour)', '');
  await says('no fan', 'heat-room');
  turn(ofItsOwn);
  await saved(({ pours }) => expect(pours[0]?.heat).toBeUndefined());
  await says('2 h', 'heat-room');
  await says('On a bench', 'heat-form');
});

test('a pour with air of its own can do without the day of its job', async () => {
  const heat = { day: { lowest: '16 °C', highest: '24 °C' } };
  const { saved } = await openStep(<HeatSettings />, { version: 2, heat, pours: twoPours });
  turn(ofItsOwn);
  openLine('Room');
  turn('The room changes over the day');
  await saved((job) => {
    expect(job.pours[0]?.heat).toEqual({});
    expect(job.heat).toEqual(heat);
  });
  await says('21 °C', 'heat-room');
});
