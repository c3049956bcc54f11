import { sayBytes, sayStorageUse } from './storage';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

test.each([
  [0, '0 kB'],
  [412_300, '412 kB'],
  [1_240_000, '1.2 MB'],
  [15_400_000, '15 MB'],
  [64_000_000_000, '64 GB'],
])('%d bytes are %s', (bytes, told) => expect(plain(sayBytes(bytes))).toBe(told));

test('what is not known is not told', () => {
  expect(sayStorageUse({ usage: undefined, quota: 1, photos: 3 })).toBe('');
  expect(plain(sayStorageUse({ usage: 2e6, quota: undefined, photos: 0 }))).toBe('It takes 2 MB.');
  expect(plain(sayStorageUse({ usage: 2e6, quota: 6e10, photos: 1 }))).toBe(
    'It takes 2 MB of the 60 GB that this browser gives, 1 photo among it.',
  );
});
