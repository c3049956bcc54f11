import type { Problem, ProblemData } from '../core/problem';
import type { Kind } from '../core/quantity/kinds';
import { formatPlain } from '../core/quantity/format';
import type { PigmentKind } from '../core/colour/pigmentKinds';
import { familyOf, type ResinFamily } from '../core/resin/families';
import { sayDose, sayMl, sayMm, sayPercent, sayTime, sayG } from './figures';
import { exampleOfKind, kindNames, pigmentNames } from './names';
import type { CoveredFace } from '../core/job/coversSchema';

type Data = ProblemData;

const kindsOf = (data: Data): readonly Kind[] => (data['expected'] ?? []) as readonly Kind[];
const oneOf = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} or ${words.at(-1)}`;
const wanted = (data: Data): string =>
  oneOf(kindsOf(data).map((kind) => kindNames[kind])) || 'a figure';
const example = (data: Data): string =>
  typeof data['example'] === 'string'
    ? data['example']
    : oneOf(kindsOf(data).map((kind) => exampleOfKind[kind])) || '3';
const choices = (data: Data): readonly string[] => (data['choices'] ?? []) as readonly string[];
const shown = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? `“${String(value)}”` : 'This';

const sayPlace = (data: Data): string =>
  `${formatPlain(Number(data['x']), 1)}, ${formatPlain(Number(data['y']), 1)}`;

/** The nearest depths that can be split, where a depth cannot. */
function sayDepthsThatGo(data: Data): string {
  const depths = [data['lowerMm'], data['upperMm']].filter((each) => each !== undefined);
  return `${oneOf(depths.map((each) => sayMm(Number(each))))} would go.`;
}

const sayUpTo = (toMm: unknown): string =>
  toMm === undefined ? 'to the rim' : `to ${sayMm(Number(toMm))}`;

const faceWords: Readonly<Record<CoveredFace, string>> = {
  sides: 'walls',
  floor: 'floor',
  'sides-and-floor': 'walls and floor',
  surface: 'level surface',
};

/** One sentence or two for each code: what is wrong, then what would be right. */
const sentences: Readonly<Record<string, (data: Data, value: unknown) => string>> = {
  missing: (data) =>
    data['example'] === undefined
      ? 'This is missing.'
      : `This is missing. Write it like ${example(data)}.`,
  empty: (data) => `Nothing here yet. Write it like ${example(data)}.`,
  unreadable: (data, value) =>
    `${shown(value)} is not ${wanted(data)}. Write it like ${example(data)}.`,
  'not-a-number': (data, value) =>
    `${shown(value)} is not a number. Write it like ${example(data)}.`,
  'missing-unit': (data) => `The unit is missing. Write it like ${example(data)}.`,
  'unknown-unit': (data) =>
    `“${String(data['unit'])}” is not a unit Nipperkin knows. Write it like ${example(data)}.`,
  'ambiguous-unit': (data) =>
    `“${String(data['unit'])}” means more than one unit. Say which: ${oneOf(choices(data))}.`,
  'ambiguous-comma': (data, value) =>
    `${shown(value)} could be ${oneOf(choices(data))}. Write it without the comma or with a point.`,
  'wrong-kind': (data) => {
    const found = data['found'] as Kind | undefined;
    const is = found === undefined ? 'That is something else' : `That is ${kindNames[found]}`;
    return `${is}; this wants ${wanted(data)}. Write it like ${example(data)}.`;
  },
  'divided-by-zero': (data) => `Nothing divides by 0. Write it like ${example(data)}.`,
  'not-positive': (data) => `It must be more than 0. Write it like ${example(data)}.`,
  'not-whole': (data) => `It must be a whole number, like ${example(data)}.`,
  'too-small': (data) => `Too little: at least ${String(data['least'])}. Check the unit.`,
  'too-large': (data) => `Too much: ${String(data['greatest'])} at the most. Check the unit.`,
  'too-long': (data) => `Too long: ${String(data['longest'])} signs at the most.`,
  'no-name': () => 'Give it a name, so that you find it again.',
  'not-a-choice': (data) => `Not one of the choices: ${oneOf(choices(data))}.`,
  'wrong-type': () => 'This is of the wrong type; see docs/formats for what belongs here.',
  'unknown-key': (data) =>
    `Nipperkin does not know “${String(data['unknown'])}”. Check its spelling.`,
  'too-few': () => 'Add at least one.',
  'too-many': (data) => `Too many: ${String(data['limit'])} at the most.`,
  'container-too-small': (data) =>
    `This container would take ${String(data['count'])} batches; ${String(data['most'])} is the most. ` +
    `It holds ${sayMl(Number(data['limitMl']))} of ${sayMl(Number(data['needMl']))}. Choose a larger one.`,
  'no-height': () =>
    'A known amount has no height, so it cannot be poured in layers. Give its shape, or remove the layer heights.',
  'heights-not-rising': (data) =>
    `Heights must rise: more than ${sayMm(Number(data['below']))}, the one before.`,
  'height-above-top': (data) =>
    `That is at or above the rim. The depth is ${sayMm(Number(data['depthMm']))}.`,
  'no-such-hardener': (data, value) =>
    `The card has no hardener ${shown(value)}. It has ${oneOf(choices(data))}.`,
  'ratio-rules-unsaid': () =>
    'Both ratios are given; say which of them the maker states, by volume or by weight.',
  'not-a-date': () => 'Write a day like 2026-11-23.',
  'not-a-clock': () => 'Write a time of day like 18:30.',
  'pot-life-out-of-model': (data) =>
    `No resin of this family has a pot life of ${sayTime(Number(data['potLifeMin']))} in a cup of ${formatPlain(Number(data['massG']), 0)} g at ${formatPlain(Number(data['temperatureC']), 1)} °C. Check the time, its unit and the family on the card.`,
  'too-deep-for-heat': (data) =>
    `${sayMm(Number(data['depthMm']))} is deeper than heat is worked out for: ${sayMm(Number(data['deepestMm']))} at the most. Check the depth and its unit.`,
  'too-hot-to-pour': (data) =>
    `Even a thin layer would pass ${formatPlain(Number(data['limitC']), 0)} °C in a room of up to ${formatPlain(Number(data['roomC']), 0)} °C with resin at ${formatPlain(Number(data['resinC']), 0)} °C. Cool the room or the resin.`,
  'day-upside-down': (data) =>
    `The coldest of the day is warmer than its warmest, ${String(data['highest'])}. Swap them.`,
  'heat-lost-itself': () =>
    'The heat could not be followed with these figures. Check depth, temperatures and pot life.',
  'not-a-density': (data) =>
    `That makes ${formatPlain(Number(data['densityGPerMl']), 2)} g/ml, which no part of a resin weighs. Check both units, and take off the cup.`,
  'layers-said-twice': () =>
    'Choose heights of your own, or let Nipperkin split it: not both at once.',
  'no-layer-split': (data) =>
    `${sayMm(Number(data['depthMm']))} cannot be split into layers of ${sayMm(Number(data['leastMm']))} to ` +
    `${sayMm(Number(data['takesMm']))}. ${sayDepthsThatGo(data)} Or choose another resin; a cooler room or a fan lets a layer be deeper.`,
  'lock-in-too-deep': (data) =>
    `The first thin layer must be less than the whole depth, ${sayMm(Number(data['depthMm']))}.`,
  'lock-in-over-limit': (data) =>
    `The first layer can be ${sayMm(Number(data['takesMm']))} at the most with this resin here.`,
  'lock-in-under-least': (data) =>
    `This resin wants ${sayMm(Number(data['leastMm']))} at the least, or it stays soft.`,
  'planing-over-layer': (data) =>
    `A layer of ${sayMm(Number(data['layerMm']))} would be planed away whole. Plane less, or pour thicker layers.`,
  'pot-life-too-short': (data) =>
    `It is pourable for ${sayTime(Number(data['potLifeMin']))} in this room, and stirring takes ${sayTime(Number(data['stirMin']))}. ` +
    'Take a slower hardener, a cooler room, or a shorter stir if the maker allows it.',
  'least-over-limit': (data) =>
    `The maker asks for batches of ${sayMl(Number(data['leastMl']))} at the least; ` +
    (data['inTime'] === true
      ? `${sayMl(Number(data['limitMl']))} is what can be poured in its pot life. Pour faster, work cooler, or take a slower hardener.`
      : `this container takes ${sayMl(Number(data['limitMl']))}. Choose a larger one.`),
  'no-dose': () => 'Say how much: a share like 0.5 %, drops, or the pot before and after.',
  'dose-said-twice': () => 'Say how much in one way only.',
  'drops-not-weighed': () => 'Weigh twenty drops of this bottle, like 0.62 g.',
  'portion-said-twice': () => 'Say it as a share, as a volume or as the rest: one of them.',
  'not-a-colour': () => 'A colour is written like #1f6f78.',
  'pot-not-lighter': (data) =>
    `The pot must be lighter afterwards than before, ${formatPlain(Number(data['beforeG']), 2)} g.`,
  'test-cup-needs-depth': () =>
    'Nothing here has a depth, so a test cup says nothing of it. Give the dose as it is.',
  'pigment-wrong-family': (data) =>
    `${pigmentNames[data['kind'] as PigmentKind]} spoils ${familyOf(data['family'] as ResinFamily).name.toLowerCase()}: it foams or stays soft. ` +
    'Use powder, or a paste made for this family.',
  'pigment-over-limit': (data) =>
    `${sayDose(Number(data['share']))} of the mix is more than the ` +
    `${data['byLabel'] === true ? 'label allows' : 'cure bears'}, ${sayDose(Number(data['limit']))}: it would stay soft. Use less, or a stronger pigment.`,
  'no-such-layer': (data) =>
    `There is no such layer: a number from 1 to ${String(data['layers'])}.`,
  'two-rests': () => 'Only one colour can be the rest. Give the others a share or a volume.',
  'portions-over-whole': (data) =>
    `The colours come to ${sayPercent(Number(data['sum']))}, ${sayMl(Number(data['overMl']))} more than there is. Make one smaller, or call it the rest.`,
  'portions-short': (data) =>
    `The colours come to ${sayPercent(Number(data['sum']))}; ${sayMl(Number(data['missingMl']))} have none. Call one of them the rest.`,
  'portions-overlap': (data) =>
    `Cavity ${String(data['cavity'])} in layer ${String(data['layer'])} would have two colours. Divide it by cavities or by layers.`,
  'portion-of-nothing': () => 'That cavity ends below that layer: there is nothing to colour.',
  'no-kits': () => 'No kit on sale is known. Add one to the card, with its size and price.',
  'order-too-large': () =>
    'That is too large an order to search for its best price. Ask the supplier for an offer.',
  'too-many-cavities': (data) =>
    `At most ${String(data['most'])} single cavities can stand ready. Leave some moulds out.`,
  'not-finite': () => 'These must all be plain numbers.',
  'corner-too-round': (data) =>
    `Too round: a corner can have ${sayMm(Number(data['greatestMm']))} at the most, half the shorter side.`,
  'too-few-sides': () => 'A polygon has 3 sides or more.',
  'no-triangle': (data) =>
    `These sides do not meet: this one must be shorter than the two others together, ${sayMm(Number(data['othersMm']))}.`,
  'draft-too-great': (data) =>
    `The walls would meet above the floor: ${formatPlain(Number(data['greatestDeg']), 1)}° is the limit at this depth.`,
  'wall-too-thick': (data) =>
    data['greatestMm'] === undefined
      ? 'No hollow is left inside: make the wall thinner, or leave it out for a solid piece.'
      : `No hollow is left inside: less than ${sayMm(Number(data['greatestMm']))}, or leave it out for a solid piece.`,
  'ring-inside-out': (data) =>
    `The inner diameter must be less than the outer one, ${sayMm(Number(data['outerMm']))}.`,
  'perimeter-unknown': () =>
    'Only the area is known, so its edges have no length. Measure the face by its sides or an outline.',
  'too-few-stations': () => 'Measure the width at two places at least: both ends.',
  'stations-not-rising': (data) =>
    `Each station must lie further along than the one before, ${sayMm(Number(data['below']))}.`,
  'narrowest-too-wide': (data) =>
    `The narrowest width cannot be more than the rectangle's own, ${sayMm(Number(data['widthMm']))}.`,
  'level-not-risen': (data) =>
    `The level must rise above ${sayMl(Number(data['beforeMl']))} when the piece goes in.`,
  'porous-mould': () =>
    'Water soaks into this mould: the figure would be high and the cure spoilt. Fill it with dry grain, or say that you will do it all the same.',
  'insert-too-large': (data) =>
    `It takes more room than the cavity has at ${sayMm(Number(data['heightMm']))} over the floor. Check its size, its height and its cavity.`,
  'insert-over-rim': (data) =>
    `That is over the rim, so it would not be in the pour. The cavity is ${sayMm(Number(data['rimMm']))} deep.`,
  'no-such-cavity': (data) =>
    `There is no such cavity: a number from 1 to ${String(data['cavities'])}.`,
  'nothing-to-fill': () => 'The inserts take up everything: nothing is left to fill.',
  'soak-without-rate': () =>
    'Say how much this surface drinks, like 120 ml/m2. Weigh a test piece before and after.',
  'no-surface': () =>
    'A known amount has no surface to plane. Give its shape, or leave this allowance out.',
  'shrinks-away': () => 'It cannot shrink by all of itself. Resins shrink by 0.2 % to 5 %.',
  'residue-fills-cup': (data) =>
    `${sayMl(Number(data['staysMl']))} would stay in a cup that is filled with ${sayMl(Number(data['limitMl']))}. Check the unit.`,
  'no-outlines': (data) =>
    Number(data['open'] ?? 0) > 0
      ? `No closed outline: ${String(data['open'])} open lines do not meet at their ends. Close them in the drawing.`
      : 'No outline yet. Trace one, or choose a drawing that has closed lines.',
  'outline-too-short': () => 'An outline needs three points or more.',
  'outline-empty': () => 'The outlines enclose no area.',
  'outlines-cross': (data) =>
    data['self'] === true
      ? `Outline ${String(data['outline'])} crosses itself near ${sayPlace(data)}. Move a point so that it runs round once.`
      : `Outlines cross each other near ${sayPlace(data)}. An island must lie wholly inside, other outlines wholly apart.`,
  'corners-not-convex': () =>
    'Set the four corners in order round the rectangle, each on its own corner.',
  'scale-without-length': () => 'Set both ends of the known length, apart from each other.',
  'beyond-horizon': (data) =>
    `Outline ${String(data['outline'])} reaches beyond what the camera sees of the rectangle's plane. Keep it near the rectangle.`,
  'no-such-outline': (data) =>
    `There is no such outline: the file has ${String(data['outlines'])}.`,
  'unit-unknown': (data) =>
    `The file does not say its unit. Choose it: ${oneOf(choices(data))}.${
      data['guess'] === undefined
        ? ''
        : ` By its size, ${sayMm(Number(data['sizeMm']))}, it could be ${String(data['guess'])}.`
    }`,
  'unit-doubtful': (data) =>
    `The file says ${String(data['stated'])}, which makes it ${sayMm(Number(data['sizeMm']))} long. ` +
    `In ${String(data['guess'])} it would be ${sayMm(Number(data['guessMm']))}. Choose the unit.`,
  'file-not-read': () => 'The file has not been read yet. Choose it again.',
  'file-kind-unknown': (_, value) =>
    `Nipperkin does not read ${shown(value)}. Drawings: .svg, .dxf. Meshes: .stl, .obj, .3mf.`,
  'drawing-too-large': (data) =>
    `Too much for one drawing: ${String(data['most'])} is the most. Leave only the outlines in it.`,
  'drawing-not-finite': () => 'The drawing holds places that are no numbers. Export it again.',
  'spline-broken': () => 'A spline in the drawing is broken. Export it as polylines.',
  'not-svg': () => 'This is not an SVG drawing.',
  'svg-bad-path': (_, value) =>
    `A path in the drawing cannot be read: ${shown(value)}. Export it again.`,
  'svg-bad-value': (data, value) =>
    `${shown(value)} for ${String(data['what'])} cannot be read. Use plain numbers or mm.`,
  'not-xml': (data) =>
    `The file is broken at line ${String(data['line'])}: it is not well-formed. Export it again.`,
  'xml-entities': () =>
    'The file declares entities, which can blow up a reader. Nipperkin does not expand them. Export it again without them.',
  'too-deep': (data) =>
    `The file nests its elements more than ${String(data['most'])} deep. Export it flat.`,
  'not-dxf': () => 'This is not a DXF drawing that can be read. Export it as ASCII DXF.',
  'dxf-broken': (data) =>
    `The drawing is broken or cut off at line ${String(data['line'])}. Copy it or export it again as ASCII DXF.`,
  'not-stl': () => 'This is not an STL file, or its head is missing. Export it again.',
  'stl-truncated': (data) =>
    `The file says ${String(data['says'])} triangles and holds ${String(data['holds'])}: it is cut off. Copy or export it again.`,
  'stl-overlong': (data) =>
    `The file says ${String(data['says'])} triangles and is longer than that, room for ${String(data['holds'])}. Export it again.`,
  'stl-cut-off': () => 'The file ends inside a triangle. Copy or export it again.',
  'mesh-bad-line': (data, value) =>
    `Line ${String(data['line'])} cannot be read: ${shown(value)}. Export the file again.`,
  'mesh-not-finite': (data) =>
    `A corner is no number${
      data['triangle'] === undefined ? '' : `, in triangle ${String(data['triangle'])}`
    }${data['line'] === undefined ? '' : `, in line ${String(data['line'])}`}. Repair the mesh and export it again.`,
  'mesh-empty': () => 'The file holds no triangles.',
  'mesh-too-large': (data) =>
    `Too many triangles: ${String(data['most'])} at the most. Reduce the mesh and export it again.`,
  'mesh-faces-turned': (data) =>
    `Faces beside each other point opposite ways at ${String(data['edges'])} edges, so inside and outside are not clear. ` +
    'Let the drawing program unify the normals.',
  'mesh-flat': () => 'The mesh encloses no volume: it is flat or its faces cancel out.',
  'not-a-bulk-density': (_, value) =>
    `${shown(value)} is no grain's bulk density: rice is near 0.8 g/ml, dry sand near 1.5. Check both units.`,
  'curve-broken': () =>
    'What was kept of this measurement is damaged: its heights do not rise from 0. Measure it again.',
  'curve-contradicts': (data, value) =>
    `The kept form holds ${sayMl(Number(data['keptMl']))}, not ${shown(value)}. Leave the form out, or give its volume.`,
  'mesh-partly-inside-out': (data) =>
    `Between ${sayMm(Number(data['fromMm']))} and ${sayMm(Number(data['toMm']))} this mesh holds less than nothing: part of it is inside out. Repair it in the drawing program.`,
  'master-outside-box': (data) =>
    `The master is ${['sizeX', 'sizeY', 'sizeZ'].map((key) => sayMm(Number(data[key]))).join(' × ')} and does not fit. Make the box larger.`,
  'not-a-mesh': () => 'This is not a mesh file: it has no lines. Choose an STL, OBJ or 3MF file.',
  'not-3mf': () => 'This is not a 3MF package, or it is damaged. Export it again.',
  'zip-too-large': (data) =>
    `It would unpack to more than ${String(Number(data['mostBytes']) / 1e6)} MB, so it was left packed. Reduce the mesh.`,
  '3mf-bad': (data) => `A ${String(data['what'])} in the package is broken. Export it again.`,
  'not-json': () =>
    'This file is not JSON, so it is not a Nipperkin file. Choose one that Nipperkin exported.',
  'no-file': (_, value) => `No file to read at ${shown(value)}. Check the path.`,
  'not-csv': (data) =>
    `This is not a table of comma-separated values: line ${String(data['row'])} cannot be read. Save it again as CSV.`,
  'supplier-silent': () =>
    'The supplier does not answer. Try again later, or open a price list as a file.',
  'link-broken': () =>
    'This link is cut off or changed on its way. Copy it whole, or ask for the card as a file.',
  'no-such-batch': (data) => `There is no such batch: one of ${oneOf(choices(data))}.`,
  'pour-said-twice': () =>
    'A pour fills a stretch of the form, covers a face of it, or measures for itself: say one of them.',
  'pour-without-form': () =>
    'Nothing is measured for this pour. Measure the form of the job, or give the pour parts of its own.',
  'fills-overlap': (data) =>
    `It would fill from ${sayMm(Number(data['fromMm']))} ${sayUpTo(data['toMm'])}, and pour ${String(data['other'])} fills from ` +
    `${sayMm(Number(data['otherFromMm']))} ${sayUpTo(data['otherToMm'])} already. Let one end where the other begins.`,
  'fill-under-earlier': (data) =>
    `It lies under pour ${String(data['other'])}, which begins at ${sayMm(Number(data['otherFromMm']))} and is poured before it. Pour this one earlier.`,
  'fill-over-rim': (data) =>
    `That is over the rim. The form is ${sayMm(Number(data['rimMm']))} deep.`,
  'height-over-rim': (data) =>
    `That is over the rim. The form is ${sayMm(Number(data['rimMm']))} deep.`,
  'fill-upside-down': (data) =>
    `It must reach higher than where it begins, ${sayMm(Number(data['fromMm']))}.`,
  'fill-needs-a-form': () =>
    'Something here has no depth, so it cannot be filled between two heights. Give its shape or its depth.',
  'covers-nothing': (data) =>
    `The form has no ${faceWords[data['face'] as CoveredFace]} there to cover. Choose another face or a greater height.`,
  'no-faces': (data) =>
    `${data['name'] === undefined ? `Cavity ${String(data['part'])}` : String(data['name'])} was not measured by its faces, so its ${faceWords[data['face'] as CoveredFace]} is not known. ` +
    'Let the pour measure for itself, as a coat with its area, like 0.12 m2.',
  'faces-not-kept': (data) =>
    `Cavity ${String(data['part'])} was read from its file before faces were kept. Open the mesh file again.`,
  'no-filler-amount': () =>
    'Say how much filler: a mass, a share of the mix, a loose volume, parts to one of resin, or the pot before and after.',
  'filler-said-twice': () => 'Say how much filler in one way only.',
  'filler-over-heap': (data) =>
    `${String(data['name'])} would be ${sayPercent(Number(data['share']))} of the mix; its own loose heap packs ` +
    `${sayPercent(Number(data['mostShare']))}${Number(data['others']) > 0 ? ' with the other fillers in it' : ''}, which is ${sayG(Number(data['mostG']))} here. More does not go in: resin fills only the voids.`,
  'fillers-after-mixing': () =>
    'This colour is a share of one mixed batch, so it can have no sand or chips of its own. Mix each colour by itself, or stir them into all of the pour.',
  'heap-denser-than-grain': (data) =>
    `A loose heap is lighter than its grain, ${formatPlain(Number(data['grainGPerMl']), 2)} g/ml. Check both densities.`,
  'nothing-to-correct': () => 'This resin comes in one bottle: there is no ratio to correct.',
  'unknown-option': (_, value) =>
    `${String(value)} The command knows --poured-a and --poured-b, each with a mass like "438 g".`,
  'no-argument': () => 'Name a job file, or - for standard input.',
};

/** What is wrong and what would be right, in plain words. */
export function sayProblem(problem: Pick<Problem, 'code' | 'data' | 'value'>): string {
  const say = sentences[problem.code];
  return say === undefined
    ? `Something is wrong here (${problem.code}).`
    : say(problem.data, problem.value);
}

/** Every code that has a sentence, for the test that no code is left without one. */
export const saidCodes: readonly string[] = Object.keys(sentences);

/** The same for a file, of which nothing was taken: with the place where it is wrong. */
export function sayProblemAt(problem: Pick<Problem, 'code' | 'data' | 'value' | 'field'>): string {
  const where = problem.field === '' ? '' : ` (at ${problem.field})`;
  return `Nothing was read${where}. ${sayProblem(problem)}`;
}
