// What every browser has and jsdom has not.
const { TextDecoder, TextEncoder } = require('node:util');
const { deserialize, serialize } = require('node:v8');

globalThis.structuredClone ??= (value) => deserialize(serialize(value));
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
