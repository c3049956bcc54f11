import {
  axisTold,
  sayAlso,
  sayC,
  sayDegrees,
  sayDegreesBy,
  sayHeight,
  sayMm,
  sayUsVolume,
} from './figures';
import { sayReadBack } from './readBack';
import { lengthRule, roomTemperatureRule } from '../core/quantity/rules';
import { metric, tellIn } from './unitsTold';

afterEach(() => tellIn(metric));

const plain = (text: string | undefined): string | undefined => text?.replaceAll('\u00a0', ' ');

test('lengths and temperatures are told in millimetres and °C where nobody says otherwise', () => {
  expect([sayMm(31.75), sayHeight(38.6), sayC(21.5), sayDegreesBy(5)].map(plain)).toEqual([
    '31.75 mm',
    '39 mm',
    '21.5 °C',
    '5 °C',
  ]);
});

test('in inches and °F; a difference of 5 °C is one of 9 °F', () => {
  tellIn({ length: 'in', temperature: '°F' });
  expect([sayMm(31.75), sayHeight(50), sayMm(3.175)].map(plain)).toEqual([
    '1.25 in',
    '1.97 in',
    '0.125 in',
  ]);
  expect([sayC(20), sayDegrees(60), sayDegreesBy(5)].map(plain)).toEqual([
    '68 °F',
    '140 °F',
    '9 °F',
  ]);
  const [tell, unit] = axisTold('°C');
  expect([tell(100), unit]).toEqual([212, '°F']);
  expect(axisTold('h')[1]).toBe('h');
});

test('who measures in inches is told volumes in US units too', () => {
  expect(sayUsVolume(3785.411784)).toBeUndefined();
  tellIn({ ...metric, usVolumes: true });
  expect([sayUsVolume(3785.411784), sayUsVolume(946), sayUsVolume(500)].map(plain)).toEqual([
    '1.00 US gal',
    '32.0 US fl oz',
    '16.9 US fl oz',
  ]);
  expect(sayAlso('500 g', sayUsVolume(500))).toMatch(/^500 g · 16\.9/);
  tellIn(metric);
  expect(sayAlso('500 g', sayUsVolume(500))).toBe('500 g');
});

test('what is typed is read back in the other unit, and not in its own', () => {
  expect(plain(sayReadBack('2 in', lengthRule))).toBe('= 50.8 mm');
  tellIn({ length: 'in', temperature: '°F' });
  expect(sayReadBack('2 in', lengthRule)).toBeUndefined();
  expect(plain(sayReadBack('50 mm', lengthRule))).toBe('= 1.97 in');
  expect(plain(sayReadBack('20 °C', roomTemperatureRule))).toBe('= 68 °F');
});
