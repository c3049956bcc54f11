import * as fc from 'fast-check';
import { metric } from '../../words/unitsTold';
import { patchedSettings, usualSettings, withPatch, type SettingsPatch } from './patchedSettings';

const inches: SettingsPatch = { into: { told: { usual: metric, change: { length: 'in' } } } };
const degrees: SettingsPatch = { into: { told: { usual: metric, change: { temperature: '°F' } } } };

test('of what belongs together only what is named is changed, whatever stands there by then', () => {
  expect(withPatch(usualSettings, inches).told).toEqual({ length: 'in', temperature: '°C' });
  const both = { length: 'in', temperature: '°F' };
  expect(withPatch(withPatch(usualSettings, inches), degrees).told).toEqual(both);
  expect(withPatch(withPatch(usualSettings, degrees), inches).told).toEqual(both);
});

test('a unit that was used comes first of its kind, and the others stay', () => {
  const used = (...units: readonly ('in' | 'mm' | '°F' | 'g')[]) =>
    units.reduce((before, unit) => withPatch(before, { used: unit }), usualSettings).ownUnits;
  expect(used('in', '°F')).toEqual(['°F', 'in']);
  expect(used('in', '°F', 'mm')).toEqual(['mm', '°F']);
});

test('changes of one record in whatever order come to the same, as long as they name other things', () => {
  const reminders: SettingsPatch = {
    into: {
      reminders: {
        usual: { on: false, beforeMin: 15, sound: true, vibration: true, notifications: false },
        change: { on: true },
      },
    },
  };
  const patches = [
    inches,
    degrees,
    reminders,
    { set: { currency: '£' } },
    { set: { dated: true } },
  ];
  const all = (order: readonly SettingsPatch[]) =>
    order.reduce((before, patch) => withPatch(before, patch), usualSettings);
  fc.assert(
    fc.property(fc.shuffledSubarray(patches, { minLength: patches.length }), (order) =>
      expect(all(order)).toEqual(all(patches)),
    ),
  );
});

test('settings that cannot be read are not written over', () => {
  expect(patchedSettings('settings/person', '{"schema":99', inches)).toBeUndefined();
  expect(patchedSettings('settings/person', undefined, inches)?.told?.length).toBe('in');
});
