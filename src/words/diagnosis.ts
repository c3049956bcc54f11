import { sayCoded, type Coded, type Sentences } from '../core/codes/coded';
import type { EvidenceCodes, Notable } from '../core/codes/evidenceCodes';
import type { CauseCode } from '../core/diagnose/causeCodes';
import type { FaultKind, FaultPlace, FaultSeverity } from '../core/record/faults';
import { masterMaterialWords } from './mould';
import { sayGauge } from './pressures';
import { sayDegrees, sayMm, sayPercent, sayTime } from './figures';

/** What is wrong, as one says it. */
export const faultNames: Readonly<Record<FaultKind, string>> = {
  tacky: 'Tacky',
  bendable: 'Bends after days',
  'soft-spots': 'Soft spots',
  cracks: 'Cracks',
  yellowed: 'Yellowed',
  smoked: 'Smoked or foamed',
  'mould-distorted': 'Mould distorted',
  'bubbles-throughout': 'Bubbles throughout',
  'bubbles-at-timber': 'Bubbles at timber',
  'bubbles-at-edges': 'Bubbles at mould edges',
  'line-between-layers': 'Line between layers',
  delaminated: 'Layers came apart',
  wrinkles: 'Wrinkles',
  'gummy-planing': 'Gummy when planed',
  craters: 'Craters, fish eyes',
  haze: 'Haze or bloom',
  'colour-muddy': 'Colour muddier than planned',
  'colour-bled': 'Colour bled into timber',
  settled: 'Glitter or filler settled',
  leaked: 'Form leaked',
  floated: 'Something floated up',
  stuck: 'Stuck in the mould',
  warts: 'Warts on the casting',
  torn: 'The mould tore',
  'soft-below': 'Hard above, soft below',
};

export const faultPlaceNames: Readonly<Record<FaultPlace, string>> = {
  surface: 'on the surface',
  inside: 'inside',
  edge: 'at the edge',
  underside: 'underneath',
  joint: 'at a joint',
  everywhere: 'everywhere',
};

export const severityNames: Readonly<Record<FaultSeverity, string>> = {
  1: 'A blemish',
  2: 'A flaw one sees',
  3: 'The piece is lost',
};

const percent = (value: number): string => sayPercent(value / 100);
const over = (value: number, part: string): string =>
  value > 0 ? `${percent(value)} over in ${part}` : `${percent(-value)} short of ${part}`;

/** What in a record speaks for a cause or against it. */
const evidenceSentences: Sentences<EvidenceCodes> = {
  'batch-off-ratio': (data) => `Batch ${data.batch} was ${over(data.percent, 'B')}`,
  'ratios-fine': (data) =>
    `Every batch was weighed within ${percent(Math.max(0.1, data.worstPercent))} of its ratio`,
  'stirred-short': (data) =>
    `Batch ${data.batch} was stirred for ${sayTime(data.min)}, and wants ${sayTime(data.wantedMin)}`,
  'stirred-long-enough': (data) => `Stirred for ${sayTime(data.leastMin)} or more`,
  'one-cup': (data) => `Batch ${data.batch} was poured out of the cup that it was mixed in`,
  'second-cup': () => 'Stirred again in a second cup',
  'room-cold': (data) =>
    `The room was at ${sayDegrees(data.roomC)}; from ${sayDegrees(data.wantedC)} on it cures as its label says`,
  'room-warm-enough': (data) => `The room was at ${sayDegrees(data.roomC)}`,
  'lot-old': (data) => `The lot ${data.lot} had been open for ${Math.round(data.months)} months`,
  'lot-past-date': (data) => `The lot ${data.lot} was best before ${data.bestBefore}`,
  'lots-fresh': (data) =>
    data.months < 1
      ? 'Lots were new'
      : `No lot had been open for more than ${Math.ceil(data.months)} months`,
  'pigment-over': (data) =>
    `${percent(data.percent)} of pigment, and it bears ${percent(data.limitPercent)}`,
  'pigment-near-limit': (data) =>
    `${percent(data.percent)} of pigment, near the ${percent(data.limitPercent)} that it bears`,
  'pigment-within': (data) =>
    `${percent(data.percent)} of pigment, well within ${percent(data.limitPercent)}`,
  'no-pigment': () => 'No pigment was in it',
  'peak-read': (data) =>
    `A thermometer read ${sayDegrees(data.c)}; past ${sayDegrees(data.mostC)} it is rubber at its peak`,
  'peak-planned': (data) =>
    `Layer ${data.layer} was expected to peak at ${sayDegrees(data.c)}, past ${sayDegrees(data.mostC)}`,
  'stayed-cool': (data) => `It came to no more than ${sayDegrees(data.c)}`,
  'deeper-than-bears': (data) =>
    `Layer ${data.layer} was ${sayMm(data.depthMm)} deep, and its label allows ${sayMm(data.greatestMm)}`,
  'heating-noted': (data) => `“It is heating” was noted for batch ${data.batch}`,
  'timber-bare': () => 'The timber was left bare',
  'timber-sealed': () => 'The timber was sealed',
  'timber-damp': (data) => `The timber was at ${percent(data.percent)} moisture`,
  'timber-dry': (data) => `The timber was dry, at ${percent(data.percent)}`,
  'rest-left-out': (data) => `Batch ${data.batch} had no rest for its bubbles`,
  rested: () => 'Bubbles were given time, or drawn out',
  'poured-late': (data) =>
    `Batch ${data.batch} was poured at ${percent(data.sharePercent)} of its time in the cup`,
  'poured-in-time': (data) =>
    `Every batch was poured by ${percent(data.worstPercent)} of its time in the cup`,
  'passes-missed': (data) =>
    `${data.count === 1 ? 'A bubble pass' : `${data.count} bubble passes`} over layer ${data.layer} ${data.count === 1 ? 'was' : 'were'} missed`,
  'passes-late': (data) => `A bubble pass over layer ${data.layer} came ${sayTime(data.min)} late`,
  'passes-done': () => 'Bubble passes were made when they were due',
  'layer-late': (data) =>
    `Layer ${data.layer} was poured ${sayTime(data.afterMin)} after the one under it; its window closed after ${sayTime(data.toMin)}`,
  'layer-early': (data) =>
    `Layer ${data.layer} was poured ${sayTime(data.afterMin)} after the one under it; its window opened after ${sayTime(data.fromMin)}`,
  'layer-in-bad-zone': (data) =>
    `Layer ${data.layer} was poured ${sayTime(data.afterMin)} after the one under it: too firm to bond, and too soft to scuff before ${sayTime(data.scuffFromMin)}`,
  'layers-in-window': () => 'Every layer was poured in its window',
  'one-layer': () => 'It is a single layer',
  'cured-on-poison': ({ material }) => `It lay on ${masterMaterialWords[material].toLowerCase()}`,
  'cured-on-fine': ({ material }) =>
    `It lay on ${masterMaterialWords[material].toLowerCase()}, which does it no harm`,
  'pressed-otherwise': ({ pressureKPa, mouldPressureKPa }) =>
    `Cast at ${sayGauge(pressureKPa)} in a mould made ${mouldPressureKPa === 0 ? 'in the open' : `at ${sayGauge(mouldPressureKPa)}`}`,
  'pressed-alike': ({ pressureKPa }) =>
    `Mould and casting were both made at ${sayGauge(pressureKPa)}`,
  'pot-opened-early': ({ heldMin, neededMin }) =>
    `The pot was opened after ${sayTime(heldMin)}; it wants ${sayTime(neededMin)}`,
  'pot-held': ({ heldMin }) => `The pot was held for ${sayTime(heldMin)}`,
  'lamp-left-out': () => 'The lamp was left out',
  'light-blocked': () => 'Something stopped the light',
  'light-free': () => 'Nothing stopped the light',
  'rubber-thin': ({ wallMm, leastMm }) =>
    `Rubber was ${sayMm(Math.round(wallMm * 10) / 10)} thin, under ${sayMm(leastMm)}`,
  'rubber-thick': ({ wallMm }) =>
    `Rubber was ${sayMm(Math.round(wallMm * 10) / 10)} at its thinnest`,
  'machined-early': (data) =>
    `Worked after ${sayTime(data.afterMin)}; it wants ${sayTime(data.hardMin)}`,
  'machined-when-hard': (data) => `Worked after ${sayTime(data.afterMin)}, when it was hard`,
  'coat-cratered': () => 'A coat had craters before the next went on',
  'surface-not-cleaned': () => 'The surface was not wiped',
  'surface-cleaned': () => 'The surface was wiped',
  'form-not-sealed': () => 'The seams of the form were not sealed',
  'form-sealed': () => 'The seams of the form were sealed',
  'not-held-down': () => 'Nothing held down what floats',
  'held-down': () => 'What floats was held down',
  'no-release': () => 'There was no release agent',
  released: () => 'Release agent was on',
  'mould-worn': (data) => `The mould had made ${data.castings} castings`,
  'mould-fresh': (data) => `The mould had made only ${data.castings} castings`,
  damp: (data) => `The air was at ${percent(data.percent)} humidity`,
  'air-dry': (data) => `The air was dry, at ${percent(data.percent)}`,
  'filler-much': (data) => `Fillers were ${percent(data.percent)} of the mix, more than half`,
  'filler-little': (data) =>
    data.percent === 0
      ? 'No filler was in it'
      : `Fillers were only ${percent(data.percent)} of the mix`,
  'layer-thin': (data) =>
    `Layer ${data.layer} was ${sayMm(data.depthMm)} thin, and its label asks for ${sayMm(data.leastMm)}`,
  'layers-deep-enough': () => 'No layer was thinner than its label asks for',
  uncovered: () => 'It stood uncovered',
  covered: () => 'It stood under a cover',
  'tint-tried-otherwise': (data) =>
    `The tint was tried at ${sayMm(data.triedMm)}, and the piece is ${sayMm(data.depthMm)} deep`,
  'tint-tried-so-deep': (data) => `The tint was tried at ${sayMm(data.triedMm)}`,
  'still-tacky': (data) =>
    `Layer ${data.layer} was found tacky ${sayTime(data.afterMin)} after its pour`,
};

export const sayEvidence = (says: Coded<EvidenceCodes>): string =>
  sayCoded<EvidenceCodes, keyof EvidenceCodes>(evidenceSentences, says);

/** What is told of a cause. */
export interface CauseWords {
  readonly name: string;
  /** What would settle whether it is the one. */
  readonly settle: string;
  readonly rescue: string;
  readonly nextTime: string;
}

/** Of each cause. */
export const causeWords: Readonly<Record<CauseCode, CauseWords>> = {
  'ratio-off': {
    name: 'A and B were off their ratio',
    settle:
      'Press a nail into a hidden place after a week in the warm: off its ratio, it stays as soft as it is.',
    rescue:
      'Keep it at 30 °C for two days. What stays soft is scraped off, wiped with alcohol and poured again.',
    nextTime: 'Weigh both parts, and let the bench take the figures from the scale.',
  },
  'badly-mixed': {
    name: 'A and B were not mixed through',
    settle:
      'Soft and hard places side by side speak for it; all of it equally soft speaks against it.',
    rescue: 'Dig out what is soft, wipe with alcohol, fill it with a fresh mix.',
    nextTime: 'Stir two minutes longer, scrape walls and bottom, and go through a second cup.',
  },
  'too-cold': {
    name: 'It was too cold to cure',
    settle: 'Warm it to 30 °C for a day: cold resin goes on curing, wrong resin does not.',
    rescue: 'Keep it at 30 to 40 °C for a day or two before anything else is tried.',
    nextTime: 'Keep the room at 22 °C from the day before until it is hard.',
  },
  'out-of-date': {
    name: 'A part was too old',
    settle: 'Mix 20 g of the same bottles with care, and look at it after its full cure.',
    rescue: 'Keep it warm for two days; what stays soft comes off.',
    nextTime: 'Open a fresh lot, and write the day on it.',
  },
  'too-much-pigment': {
    name: 'There was too much pigment in it',
    settle: 'A clear batch of the same day that is hard speaks for it.',
    rescue: 'Keep it warm for two days; a clear coat over it hides what stays soft.',
    nextTime: 'Stay at half of what the resin bears, and tint by depth.',
  },
  'pigment-clumps': {
    name: 'Pigment stood in clumps',
    settle: 'Cut one soft spot open: a clump has its colour in the middle.',
    rescue: 'Dig out what is soft and fill it.',
    nextTime: 'Rub the pigment into a little of part A first, and strain it.',
  },
  'too-thin': {
    name: 'It was too thin to warm itself',
    settle: 'Thick places hard and thin ones soft speak for it.',
    rescue: 'Keep it at 30 °C for a day.',
    nextTime: 'Pour it deeper at once, warm the room, or take a resin made for thin coats.',
  },
  'too-hot': {
    name: 'It got too hot',
    settle: 'Look at its middle: heat cracks and yellows there first.',
    rescue: 'Cracks are drilled open at their ends and filled thin; yellow stays.',
    nextTime: 'Pour it in layers of half the depth, with a fan, in a cooler room.',
  },
  'poured-late': {
    name: 'It was poured when it had thickened',
    settle: 'Bubbles drawn long, or lines where it flowed, speak for it.',
    rescue: 'Sand it open and coat it thin.',
    nextTime: 'Mix smaller batches, and pour each at once.',
  },
  whipped: {
    name: 'Air was stirred in',
    settle: 'Many small bubbles, alike from top to bottom, speak for it.',
    rescue: 'Sand it open and coat it thin: a coat fills what lies on the surface.',
    nextTime: 'Stir slowly, let it rest for five minutes, pour a thin stream.',
  },
  'too-much-filler': {
    name: 'There was more filler than resin can wet',
    settle: 'Look at a cut: grains without resin between them are dry and pale.',
    rescue: 'Let thin resin soak into it, as often as it drinks.',
    nextTime: 'Stay under half of the mix, and wet the filler with part A first.',
  },
  'timber-unsealed': {
    name: 'The timber was not sealed',
    settle: 'Bubbles in rows along the grain, and none away from it, speak for it.',
    rescue: 'Drill bubbles open and fill them with a few drops; a bled edge is planed.',
    nextTime: 'Seal edges and faces with a thin coat, and pour when that is tacky.',
  },
  'timber-damp': {
    name: 'The timber was damp',
    settle: 'Measure its moisture in a fresh cut.',
    rescue: 'Let it dry for weeks before it is filled again.',
    nextTime: 'Dry it to 10 % or less, and measure.',
  },
  'edges-not-worked': {
    name: 'Edges were not worked after the pour',
    settle: 'Bubbles in corners and under overhangs only speak for it.',
    rescue: 'Fill them by drops and sand.',
    nextTime: 'Brush resin into the corners first, and go along the edges with a pick.',
  },
  'layer-too-late': {
    name: 'A layer came when the one under it no longer bonds',
    settle: 'Look along the line: smooth and glossy where they part speaks for it.',
    rescue: 'Part them, scuff both faces, wipe, and pour again; a line alone is left.',
    nextTime: 'Pour in the sticky window, or wait until it is hard, scuff and wipe.',
  },
  'bad-zone': {
    name: 'A layer came between sticky and hard',
    settle: 'Scratches that have smeared where they part speak for it.',
    rescue: 'Part them, let both harden, scuff, wipe, and pour again.',
    nextTime: 'Wait until it keeps its shape before it is scuffed.',
  },
  'layer-too-early': {
    name: 'A layer came when the one under it was still liquid',
    settle: 'Layers that run into each other at their border speak for it.',
    rescue: 'Sand it level and coat it.',
    nextTime: 'Wait until a stick leaves no thread.',
  },
  'dust-between': {
    name: 'Dust lay between or on it',
    settle: 'Look along the line with a glass: grains and hairs are dust.',
    rescue: 'A surface is sanded and coated; a line inside stays.',
    nextTime: 'Set a dust cover over it once it has peaked, and wipe before each layer.',
  },
  'worked-too-early': {
    name: 'It was worked before it was hard',
    settle: 'Try again in a week: if the tool then cuts clean, it was too early.',
    rescue: 'Leave it for two weeks, then take the surface down once more.',
    nextTime: 'Wait for the time at which the plan calls it hard, and a week at the least.',
  },
  'oil-or-silicone': {
    name: 'There was oil or silicone on the surface',
    settle: 'A drop of water that beads on it speaks for it.',
    rescue: 'Sand the craters out, wipe with alcohol, seal, let it dry for a day, coat again.',
    nextTime: 'Wipe until water lies flat, and keep sprays and polish away from the bench.',
  },
  'form-leaked': {
    name: 'The form was not tight',
    settle: 'Fill it with water, where it may get wet, or look for resin under the seams.',
    rescue: 'Press putty on the seam from outside and top up in the same hour.',
    nextTime: 'Seal every seam, and let the sealant cure overnight.',
  },
  'not-held': {
    name: 'Something that floats was not held',
    settle: 'Weigh it: what weighs less than the resin that it displaces, floats.',
    rescue: 'Push it under while the resin is liquid; later it is cut out.',
    nextTime: 'Screw or clamp it with the hold-down that the plan tells.',
  },
  'no-release': {
    name: 'There was too little release agent',
    settle: 'Look at the mould: it has torn where it stuck.',
    rescue: 'Cool it for an hour in a freezer, and pull slowly.',
    nextTime: 'Two coats of release agent on every face, buffed.',
  },
  'mould-worn': {
    name: 'The mould is worn',
    settle: 'Dull or stained silicone that feels dry speaks for it.',
    rescue: 'Release agent and patience; then a new mould.',
    nextTime: 'Pour a new mould, or take release agent for each casting.',
  },
  'damp-air': {
    name: 'The air was damp',
    settle: 'A greasy film that comes off with warm water and soap is blush.',
    rescue: 'Wash it with warm water and soap, let it dry, scuff and coat.',
    nextTime: 'Pour under 60 % humidity, and warmer than the dew point by 5 °C.',
  },
  'tint-by-depth': {
    name: 'The tint was tried at another depth',
    settle: 'Pour the same mix as deep as the piece in a clear cup.',
    rescue: 'What is too dark stays; what is too pale is coated with a tint.',
    nextTime: 'Let the plan turn the dose of the try into that of the depth.',
  },
  'stirred-in-too-early': {
    name: 'It was stirred in before the resin carried it',
    settle: 'All of it lying on the bottom speaks for it.',
    rescue: 'Pour a thin layer with more of it on top.',
    nextTime: 'Stir it in later, when the resin is as thick as honey.',
  },
  'cure-poisoned': {
    name: 'Something poisoned the platinum cure',
    settle: 'Sticky where it lay on the piece, hard at the box, speaks for it.',
    rescue: 'None: peel it off, wash the piece with alcohol, and begin anew.',
    nextTime: 'A test patch first; lacquer the piece, take a clay without sulphur, or a tin cure.',
  },
  'mould-pressed-otherwise': {
    name: 'The mould was made at another pressure',
    settle: 'Warts at the same places in every casting speak for it.',
    rescue: 'Cut them off; cast without pressure in this mould.',
    nextTime: 'Make the mould at the pressure that it is cast at.',
  },
  'pot-opened-early': {
    name: 'The pot was opened too soon',
    settle: 'Bubbles that are all of a size, and more of them inside, speak for it.',
    rescue: 'Fill what reaches the surface; those inside stay.',
    nextTime: 'Hold it until it has gelled everywhere, better until it comes out.',
  },
  'light-stopped': {
    name: 'Light did not get through',
    settle: 'Press a nail in from below: liquid there speaks for it.',
    rescue: 'Turn it over and light it from below; wash off what stays liquid, with gloves.',
    nextTime:
      'Thinner layers, less colour, each under the lamp by itself; or a resin that needs none.',
  },
  'wall-thin': {
    name: 'The wall of the mould was too thin',
    settle: 'Measure it where it tore.',
    rescue: 'Glue it with the same rubber, or hold it with a band for a few castings more.',
    nextTime: 'Twelve millimetres all round, and more round large pieces.',
  },
};

/** What is worth noting next time. */
export const notableNames: Readonly<Record<Notable, string>> = {
  weights: 'what A and B really weighed, batch by batch',
  stirring: 'how long it was stirred, and whether in a second cup',
  room: 'how warm the room was',
  'layer-times': 'when each layer was poured',
  readings: 'two readings of its temperature while it cures',
  'pot-times': 'when A met B, and when the cup was empty',
  lots: 'which lots were used, and when they were opened',
  pigment: 'how much pigment went in',
  depths: 'how deep each layer was',
  sealing: 'whether the timber was sealed',
  rest: 'how bubbles were let out before the pour',
  passes: 'when bubbles were gone over',
  humidity: 'how damp the air was',
  surface: 'how the surface was cleaned',
  form: 'how the form was sealed',
  holding: 'what held the inserts down',
  release: 'what release agent was on, and how often the mould was used',
  machining: 'when it was worked',
  fillers: 'how much filler went in, and when',
  cover: 'whether it stood under a cover',
  tint: 'at what depth the tint was tried',
  moisture: 'how damp the timber was',
  'cured-on': 'what the rubber cured on',
  pot: 'at what pressure mould and casting were made, and how long it was held',
  lamp: 'how long it was under the lamp, and what was in the way of it',
  wall: 'how thick the rubber was',
};
