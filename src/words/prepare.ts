import { causeWords } from './diagnosis';
import { sayCoded, type Sentences } from '../core/codes/coded';
import type { DriedBy, JudgedMoisture, MoistureVerdict } from '../core/prepare/moisture';
import type { PrepareCodes } from '../core/prepare/prepareCodes';
import type { PrepareLine, PrepareWait } from '../core/prepare/prepareOf';
import type { SealedFaces, Sealing } from '../core/person/personSchema';
import type { CoatedSurface, Paint } from '../core/prepare/prepareSchema';
import { capital, sayHeight, sayMm, sayPercent } from './figures';
import { remedyWords, sayBoxSize, testPatchWords, zigzagWords } from './mould';
import { saySolid } from './heat';
import { sayKg } from './kilograms';
import { sayRoughly, sayRoughRange } from './rough';

export const sealingNames: Readonly<Record<Sealing, string>> = {
  bare: 'Left bare',
  'quick-epoxy': 'Quick epoxy, cured and scuffed',
  'same-resin': 'The same resin, till tacky',
};

export const sealedFacesNames: Readonly<Record<SealedFaces, string>> = {
  edges: 'Edges only',
  faces: 'Edges and faces',
};

export const driedByNames: Readonly<Record<DriedBy, string>> = {
  kiln: 'In a kiln',
  air: 'In the open air',
  unknown: 'Nobody knows',
};

export const surfaceNames: Readonly<Record<CoatedSurface, string>> = {
  timber: 'Timber',
  panel: 'A panel',
  picture: 'A picture',
  metal: 'Metal',
  other: 'Something else',
};

export const paintNames: Readonly<Record<Paint, string>> = { acrylic: 'Acrylic', oil: 'Oil' };

const verdictWords: Readonly<Record<MoistureVerdict, string>> = {
  dry: 'Dry enough.',
  borderline: 'Borderline: it may still move a little after the pour.',
  damp: 'Too damp: it will shrink away from the resin.',
  wet: 'Wet: the pour will foam at it and come loose.',
};

/** What a reading means. */
export function sayMoisture({ verdict, reading, core, waitWeeks }: JudgedMoisture): string {
  const inside =
    core - reading < 0.002
      ? ''
      : ` Its middle is about ${sayPercent(Math.round(core * 1000) / 1000)}.`;
  const wait =
    waitWeeks === undefined ? '' : ` In the open air it takes about ${waitWeeks} more weeks.`;
  return `${verdictWords[verdict]}${inside}${wait}`;
}

const counted = (count: number, what: string): string =>
  count === 1 ? `one ${what}` : `${count} ${what}s`;

const titles: Sentences<PrepareCodes> = {
  'dry-stock': ({ moisture }) =>
    moisture === undefined
      ? 'Read the timber with a moisture meter'
      : `Timber at ${sayPercent(moisture.reading)}`,
  flatten: () => 'Flatten the slabs, and keep them thick',
  bark: () => 'Take off bark and loose fibre',
  'clean-timber': () => 'Brush and vacuum the timber',
  'clean-mould': ({ moulds }) =>
    moulds.length === 0 ? 'Clean the mould' : `Clean ${moulds.join(', ')}`,
  'wipe-oil': () => 'Wipe off oil',
  'paint-dry': ({ paint, days }) =>
    `Let the ${paint === 'oil' ? 'oil' : 'acrylic'} paint dry, ${days} days`,
  'sealing-medium': () => 'Brush on a sealing medium',
  'clean-surface': () => 'Wipe the surface clean',
  'seal-master': () => 'Seal the master',
  'test-patch': ({ name }) => `Try ${name} on a hidden place`,
  'clay-bed': ({ partingMm }) => `Bed the piece in clay, up to ${sayHeight(partingMm)} of it`,
  'cut-mould': () => 'Cut the mould open in a zigzag',
  wormholes: () => 'Fill wormholes and open knots',
  'seal-edges': ({ school, faces }) =>
    `Seal ${faces === 'edges' ? 'the edges' : 'edges and faces'} with ${school === 'same-resin' ? 'the same resin' : 'a quick epoxy'}`,
  'seal-faces': () => 'Seal the top faces',
  'build-form': ({ board, thicknessMm }) =>
    `Build the form, ${saySolid[board]} ${sayMm(thicknessMm)}`,
  'seal-form': () => 'Seal the seams of the form',
  'build-box': ({ box }) =>
    box === undefined
      ? 'Build the mould box round the master'
      : `Build the mould box, ${sayBoxSize(box)} inside`,
  release: ({ onto }) =>
    onto === 'form'
      ? 'Release agent on the form, twice'
      : onto === 'mould'
        ? 'Release in the mould'
        : 'Release on master and box',
  'spout-vents': ({ spoutMm, vents }) =>
    spoutMm === undefined && vents === 0
      ? 'Set keys, spout and vents'
      : `Set ${[
          ...(spoutMm === undefined ? [] : [`the spout, ${sayMm(spoutMm)}`]),
          ...(vents === 0 ? [] : [counted(vents, 'vent')]),
        ].join(' and ')}`,
  level: () => 'Level it both ways',
  'hold-down': ({ holdKg }) => `Hold down ${sayKg(holdKg)}`,
  'mask-edges': () => 'Mask or brush the edges',
  'look-coat': () => 'Look at the coat below before mixing the next',
  'leftover-moulds': ({ moulds }) => `Set out ${moulds.join(', ')} for leftovers`,
  tools: ({ cups, sticks }) =>
    `Lay out ${counted(cups, 'cup')}${sticks === 0 ? '' : ` and ${counted(sticks, 'stick')}`}`,
  'mark-cups': () => 'Mark cups and caps A and B',
  cover: () => 'Have a dust cover ready',
  fan: () => 'Set up a fan',
  gear: () => 'Put on gloves and eye protection',
  drips: ({ gelMin }) =>
    gelMin === undefined
      ? 'Wipe drips under the edge at gel'
      : `Wipe drips under the edge, about ${sayRoughly(gelMin)} after the pour`,
  underside: () => 'Seal the underside later',
  lesson: ({ cause }) => causeWords[cause].nextTime,
};

/** Why a line is there, and what happens if it is skipped. */
const reasons: Sentences<PrepareCodes> = {
  'dry-stock': ({ moisture, stockMm }) =>
    `${moisture === undefined ? `Under 10 % it stays as it is; ${sayMm(stockMm)} thick is wetter inside than a meter reads.` : sayMoisture(moisture)} Damp timber breathes bubbles and shrinks off the resin.`,
  flatten: () =>
    'A slab that rocks lets resin beneath. Planed thin now, nothing is left to flatten later. Wear a dust mask.',
  bark: () => 'Resin holds on to bark, and bark to nothing: skipped, the joint opens.',
  'clean-timber': () => 'Dust in the grain shows as a grey line. Skipped, bubbles start at it.',
  'clean-mould': () => 'Dust and old release print on every casting.',
  'wipe-oil': () => 'Resin draws back from oil and silicone: skipped, craters.',
  'paint-dry': ({ painted }) =>
    `${painted === undefined ? '' : `Painted ${painted}. `}Solvent still leaving the paint wrinkles the film above it.`,
  'sealing-medium': () =>
    'It keeps paint and resin apart and stops craters. It needs a day to dry.',
  'clean-surface': () => 'Fingerprints and wax make craters.',
  'seal-master': ({ remedy }) =>
    remedy === undefined
      ? 'Silicone creeps into pores and tears there. A master that breathes leaves bubbles in every casting.'
      : `${remedyWords[remedy]}.`,
  'test-patch': () => testPatchWords,
  'clay-bed': ({ keys, keyMm }) =>
    `Clay smooth and square to the piece all round, a fine line where they meet.${keys === 0 ? '' : ` ${capital(counted(keys, 'key'))}: press a ball of ${sayMm(keyMm)} half into it.`} Poured first is what lies over it.`,
  'cut-mould': ({ why }) =>
    `${zigzagWords[why]}. Only as far as it must; teeth find each other again.`,
  wormholes: () => 'They swallow resin and let it out below. Skipped, the level drops overnight.',
  'seal-edges': ({ school, hasColour, faces }) =>
    `${school === 'same-resin' ? 'Pour while it is sticky: one bond, no line.' : 'Let it cure, then scuff it.'} Bare timber breathes bubbles for hours${hasColour ? `, and colour bleeds into it${faces === 'edges' ? '; seal the faces too against that' : ''}` : ''}.`,
  'seal-faces': ({ days }) =>
    `They lie bare for about ${sayRoughly(days * 24 * 60)}. Skipped, they take up moisture and cup.`,
  'build-form': ({ braceEveryMm }) =>
    braceEveryMm === undefined
      ? 'Straight and stiff: what bows now is planed off later.'
      : `Brace its walls every ${sayMm(braceEveryMm)}: without, they bow more than half a millimetre.`,
  'seal-form': () =>
    'Resin runs through what water runs through. Its skin says nothing: let it cure right through.',
  'build-box': ({ box }) =>
    box === undefined
      ? 'At least 10 to 12 mm of silicone round the master: thinner tears.'
      : `${sayMm(box.wallMm)} of rubber all round: thinner tears. Seal its seams, and to the board: rubber finds every gap.`,
  release: ({ onto }) =>
    onto === 'mould'
      ? 'Powder or spray: without it a worn mould stains and sticks.'
      : 'Every face, two coats, each buffed. Forgotten, it can cost the piece.',
  'spout-vents': () => 'Air that cannot leave stays in the casting. Keys hold the halves in line.',
  level: ({ weightKg, twoPeople }) =>
    twoPeople
      ? `A spirit level both ways, where it stays: filled it weighs ${sayKg(weightKg)}, and moving that takes two people.`
      : 'A spirit level both ways: resin finds the low corner.',
  'hold-down': ({ bodies }) =>
    `${bodies === 1 ? 'It floats' : `${bodies} of them float`} once resin gets beneath. Snug, not crushing: resin shrinks.`,
  'look-coat': () =>
    'Even and full may be enough. Bubbles, dry spots and craters ask for another; the cure watch takes what you see.',
  'mask-edges': () => 'What runs over an edge drips under it and sets there.',
  'leftover-moulds': () =>
    'Mixed resin has to go somewhere before it heats in the cup. It cures before it goes in the bin.',
  tools: ({ batches }) =>
    `Counted from ${batches === 1 ? 'one batch' : `${batches} batches`}. Nobody fetches a cup with resin going off.`,
  'mark-cups': () => 'Two parts swapped is a bin of soft resin. Caps never change bottles.',
  cover: ({ fanSaid }) =>
    `1 to 2 cm over it: this face is not planed, so dust stays.${fanSaid ? ' The fan you planned blows dust on it: let it run before the cover goes on.' : ''}`,
  fan: () =>
    'On from the start until the heat is past its peak, then off so that the face can level.',
  gear: ({ polyurethane }) =>
    `Nitrile gloves, eyes, fresh air; a respirator as the safety data sheet says. Sensitisation is for life. Children and pets away; alcohol and a torch never on one bench.${polyurethane ? ' Polyurethane: isocyanates. Asthmatics keep away.' : ''}`,
  drips: () => 'Too soon they come back; hard, they have to be cut off.',
  underside: () => 'Sealed on one face only, a board takes up moisture on the other and cups.',
  lesson: ({ cause }) => `An earlier piece: ${causeWords[cause].name.toLowerCase()}.`,
};

export const sayLine = (line: PrepareLine): string => sayCoded(titles, line);
export const sayLineReason = (line: PrepareLine): string => sayCoded(reasons, line);

/** The wait that a line begins. */
export const sayWait = ({ fromMin, toMin }: PrepareWait): string =>
  toMin === undefined
    ? `then ${sayRoughly(fromMin)}`
    : `then ${sayRoughRange(fromMin, toMin)}, no longer`;
