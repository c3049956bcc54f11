import type { Sentences } from '../../core/codes/coded';
import type { PlanCodes } from '../../core/codes/planCodes';
import { formatNumber, formatPlain } from '../../core/quantity/format';
import { familyOf } from '../../core/resin/families';
import { bucketDangerC } from '../../core/thermal/saidFigures';
import {
  sayArea,
  sayDegrees,
  sayDegreesBy,
  sayMl,
  sayMm,
  sayPart,
  sayPercent,
  sayG,
} from '../figures';
import { sayViscosity, sayWhenToAdd, sayWhereTo } from '../inclusions';
import { saySpoiled } from '../mould';
import { sayFactor, sayFactorRange } from '../ownPace';
import { sayGauge, sayMbar } from '../pressures';
import { sayRoughG, sayRoughly, sayRoughRange } from '../rough';
import { sayProblem } from '../problems';

const sayWhichLayer = ({
  layer,
  layers,
}: {
  readonly layer: number;
  readonly layers: number;
}): string => (layers > 1 ? `Layer ${layer}` : 'This pour');

/** Why a layer has no time while the one under it is sticky. */
function sayNoWindow({
  why,
  stickyFromMin,
  stickyToMin,
}: PlanCodes['no-time-while-sticky']): string {
  const window =
    stickyFromMin === undefined
      ? ''
      : stickyToMin === undefined
        ? ` (from ${sayRoughly(stickyFromMin)} on)`
        : ` (${sayRoughRange(stickyFromMin, stickyToMin)})`;
  switch (why) {
    case 'never-sticky':
      return 'In this room the layer under it never reaches the tacky stage.';
    case 'windows-apart':
      return `It is sticky${window} when its label says otherwise.`;
    case 'too-hot':
      return `As long as it is sticky${window} the two layers heat each other too much.`;
  }
}

const sayThinner = ({ layersInstead }: PlanCodes['no-time-while-sticky']): string =>
  layersInstead === undefined ? 'Pour thinner layers, ' : `Pour ${layersInstead} layers, `;

/** What light does not get past, and what would do instead. */
function sayLightBlocked({ name, by, names }: PlanCodes['light-blocked']): string {
  const instead = 'Use a casting epoxy or a polyurethane there';
  switch (by) {
    case 'colour':
      return `Light does not get through this colour: ${name} sets as a skin and stays liquid below. ${instead}, or a transparent dye.`;
    case 'card':
      return `${name} is opaque itself: it may never set below its skin. ${instead}.`;
    case 'fillers':
      return `${names.join(', ')} in ${name} keeps the light out: it stays liquid between the grains. ${instead}, or leave it out.`;
    case 'inserts':
      return `What lies under ${names.join(', ')} is in the shade and stays liquid. Light it from below through a clear mould, or set the insert on a layer that is hard. Otherwise: ${instead.toLowerCase()}.`;
  }
}

/** When a batch that is forgotten in its bucket softens it. */
const sayHot = (hotMin: number | undefined): string =>
  hotMin === undefined
    ? ''
    : ` and is at ${sayDegrees(bucketDangerC)} after about ${sayRoughly(hotMin)}`;

/** What would do for a batch that is too large. */
function sayWaysOut({
  batches,
  eachG,
  coolerC,
  twoPeople,
  hardeners,
  keptBack,
}: PlanCodes['over-pot-life']): string {
  const ways = [
    ...(batches === undefined || eachG === undefined
      ? []
      : [`${batches} batches of ${sayRoughG(eachG)}`]),
    ...(coolerC === undefined ? [] : [`mix and room at ${sayDegrees(coolerC)}`]),
    ...(twoPeople ? ['two people'] : []),
    ...hardeners.map((name) => `the hardener ${name}`),
  ];
  const kept = keptBack > 0 ? `, ${sayPart(keptBack)} of the time held in reserve` : '';
  return ways.length === 0
    ? 'Nothing short of another resin would do.'
    : `What would do${kept}: ${ways.join('; or ')}.`;
}

/** What a plan gives cause to say: what will happen, why, and what to do, in three short sentences at most. */
export const planWarnings: Sentences<PlanCodes> = {
  'deeper-than-label': (data) => {
    const where = data.layers > 1 ? `Layer ${data.layer}` : 'This pour';
    return (
      `${where} is ${sayMm(data.depthMm)} deep; the label of ${data.name} ` +
      `says ${sayMm(data.greatestDepthMm)} at the most. It can overheat and crack. ` +
      'Cut it into layers.'
    );
  },
  'deeper-than-room': (data) => {
    const where = data.layers > 1 ? `Layer ${data.layer}` : 'This pour';
    const labelMm = data.greatestDepthMm;
    const label = labelMm === undefined ? '' : ` (label: ${sayMm(Number(labelMm))})`;
    return (
      `${where} is ${sayMm(data.depthMm)} deep; in this room and form ${data.name} ` +
      `takes about ${sayMm(data.roomMm)} before it overheats${label}. ` +
      'Cut it into layers, cool the room or use a fan.'
    );
  },
  'room-depth-unknown': (data) =>
    'The depth limit from heat is not known. ' +
    `${sayProblem({ code: data.because, data, value: undefined })} ` +
    'Until then layers go by the label alone.',
  'scale-too-coarse': (data) =>
    `A ${formatNumber(data.stepG, 1).replace(/\.0$/, '')} g scale puts B ` +
    `${formatNumber(Math.abs(data.ratioError) * 100, 1)} % off. ` +
    'The casting may stay soft. Use a finer scale or a larger batch.',
  'scale-over-need': (data) =>
    `A ${formatNumber(data.stepG, 1).replace(/\.0$/, '')} g scale makes ${sayG(data.totalG)} of it where ` +
    `${sayG(data.needG)} are needed. Use a finer scale or a larger batch.`,
  'cup-over-need': (data) =>
    `Marks of ${sayMl(data.stepMl)} make ${sayMl(data.totalMl)} of it where ${sayMl(data.needMl)} are needed. ` +
    'Weigh it, or use a finer cup.',
  'over-container': (data) =>
    `A batch of ${sayMl(data.batchMl)} is more than the container takes, ` +
    `${sayMl(data.limitMl)}. Mix more batches.`,
  'thinner-than-least': (data) => {
    const where = data.layers > 1 ? `Layer ${data.layer}` : 'This pour';
    return (
      `${where} is ${sayMm(data.depthMm)} deep; ${data.name} wants ` +
      `${sayMm(data.leastDepthMm)} at the least to warm itself. ` +
      (data.hardH === undefined
        ? 'It may stay soft. '
        : `It cures slowly: hard after about ${sayRoughly(data.hardH * 60)} by the model. `) +
      'Choose fewer layers or a resin for thin pours.'
    );
  },
  'over-pot-life': (data) =>
    `Mixing and pouring a batch of ${sayRoughG(data.massG)} takes ${sayRoughly(data.workingMin)}; ` +
    `it goes off after about ${sayRoughly(data.potLifeMin)}${sayHot(data.hotMin)}. ${sayWaysOut(data)}`,
  'split-by-pot-life': (data) =>
    `All ${sayRoughG(data.massG)} in one would take ${sayRoughly(data.workingMin)} to mix and pour; it goes off after about ` +
    `${sayRoughly(data.potLifeMin ?? 0)}${sayHot(data.hotMin)}. ` +
    `It is mixed in ${data.batches} batches of ${sayRoughG(data.eachG)}: never in one bucket.`,
  'under-least-batch': (data) =>
    `A batch is ${sayMl(data.batchMl)}; the maker of ${data.name} asks for ` +
    `${sayMl(data.leastMl)} at the least. It may stay soft. Mix fewer, larger batches.`,
  'cup-too-coarse': (data) =>
    `Marks of ${sayMl(data.stepMl)} put B ${sayPercent(Math.abs(data.ratioError))} off. ` +
    'The casting may stay soft. Weigh it, or use a finer cup.',
  'pump-off-ratio': (data) =>
    `${data.a} strokes of A to ${data.b} of B are ` +
    `${sayPercent(Math.abs(data.ratioError))} off the ratio. Weigh it, or calibrate the pumps again.`,
  'strokes-missing': () =>
    'To count strokes, say what one stroke of each pump gives: catch ten of them and weigh.',
  'water-in-colour': (data) =>
    `${data.name === '' ? 'The tint' : data.name} is ${sayPercent(data.share)} of the mix: a water-borne colour clouds it and keeps it soft from 5 % on. ` +
    'Use less, or a paste made for resin.',
  'tint-depth-not-for-opaque': (data) =>
    `Opaque colour looks the same at any depth, so the dose of the test cup stands as it was at ` +
    `${sayMm(data.testedAtMm)}.`,
  'lots-expired': (data) =>
    `${sayMl(data.ml)} of ${data.name} on the shelf is past its best-before, ` +
    `${data.bestBefore}. It is not counted. Try a small cup before you trust it.`,
  'fills-gap': (data) =>
    `Nothing is poured between ${sayMm(data.fromMm)} and ${sayMm(data.toMm)}. ` +
    'The next pour would run down into it. Let one of the two pours reach the other.',
  'filler-spoils-family': (data) =>
    `${data.names.join(', ')} in ${familyOf(data.family).name.toLowerCase()}: ` +
    'light does not get through it, or a mould tears there. Leave it out, or take a resin of another family.',
  'filler-against-detail': (data) =>
    `${data.names.join(', ')} keeps the resin out of fine detail. ` +
    'Pour a thin clear layer against the detail first, the filled one behind it.',
  'filler-density-assumed': (data) =>
    `The grain of ${data.name.toLowerCase()} is taken as ${formatPlain(data.grainGPerMl, 2)} g/ml, as is usual. ` +
    'Weigh what you stir in, and what the pot weighs before and after.',
  'layer-runs-hot': (data) =>
    `${sayWhichLayer(data)} ${
      data.band === 'runaway'
        ? 'runs away: fumes and cracks, the piece is lost'
        : `peaks at about ${sayDegrees(data.peakC)}: rubbery, it may crack or yellow`
    }. ${data.layers > 1 ? 'Pour thinner layers, wait longer' : 'Cut it into layers'}, cool the room or use a fan.`,
  'heats-unseen': (data) =>
    `${data.name} is ${sayMm(data.depthMm)} deep and its card gives no depth. ${familyOf(data.family).name} heats strongly ` +
    `from about ${sayMm(data.fromMm)} on: it may crack, smoke or burn. Pour thinner layers.`,
  'never-hard': (data) =>
    `At ${sayDegrees(data.roomC)} it ${data.keepsShape ? 'does not get hard' : 'stays soft'}: it softens near ` +
    `${sayDegrees(data.softensNearC)}. Keep it warmer, or give it a warm day at the end.`,
  'form-gives-way': ({ bearsC, highC }) =>
    `The mould (with its seals) stands ${sayDegrees(bearsC)}, and the resin may reach ${sayDegrees(highC)} in it: ` +
    `it may soften, stick or leak. Pour thinner or cooler, or use a form that stands more.`,
  'own-pace': ({ name, factor, low, high, pours }) =>
    `Planned by your own shop: there ${name} cures ${sayFactor(factor)} its label has it ` +
    `(${sayFactorRange(low, high)}, ${pours === 1 ? 'one pour' : `${pours} pours`}).`,
  'may-blush': ({ humidity, airC, dewC, surfaceC }) =>
    `At ${sayPercent(humidity)} in a room of ${sayDegrees(airC)} dew falls at ${sayDegrees(dewC)}, and before it has gelled ` +
    `the surface is as cold as ${sayDegrees(surfaceC)}: within ${sayDegreesBy(3)} of that it turns hazy and greasy (blush). ` +
    `Warm the room or the resin, or dry the air, until it has gelled.`,
  'no-time-while-sticky': (data) =>
    `${sayWhichLayer(data)} is to go on while the one under it is sticky. ${sayNoWindow(data)} ` +
    `${sayThinner(data)}or let it cure, scuff and wipe it.`,
  'cured-between-layers': (data) =>
    `${sayNoWindow(data)} So ${data.layers > 2 ? 'layers are' : 'it is'} left to cure${
      data.plannedMin === undefined ? '' : ` for about ${sayRoughly(data.plannedMin)}`
    }, scuffed and wiped between${
      data.layersInstead === undefined
        ? ''
        : `; ${data.layersInstead} layers would go while they are sticky`
    }.`,
  'pour-against-clock': (data) => {
    const wait = `It is poured ${sayRoughly(data.waitMin)} after the one before it`;
    const from = data.fromMin === undefined ? '' : sayRoughly(data.fromMin);
    const ready = data.school === 'tacky' ? 'is sticky' : 'keeps its shape';
    switch (data.why) {
      case 'never-ready':
        return `${wait}, which never ${data.school === 'tacky' ? 'gets sticky' : 'keeps its shape'} in this room. Keep it warmer.`;
      case 'too-soon':
        return `${wait}, which ${ready} only after about ${from}. Wait longer.`;
      case 'too-late':
        return `${wait}, which is sticky only until about ${sayRoughly(data.toMin ?? data.waitMin)}. Pour sooner, or scuff and wipe it.`;
    }
  },
  'layers-need-a-form': () =>
    'Nothing here has a depth, so it is poured in one go. Measure a form to cut it into layers.',
  'inclusion-moves': (data) =>
    `${data.name}${data.layers > 1 ? ` in layer ${data.layer}` : ''} ${sayWhereTo(data)} before the resin gels. ` +
    `Put in ${sayWhenToAdd(data)}, it stays within ${sayMm(data.withinMm)}.`,
  'light-blocked': sayLightBlocked,
  'deeper-than-light': (data) =>
    `${sayWhichLayer(data)} of ${sayMm(data.depthMm)} would take ${sayRoughly(data.timeS / 60)} under this lamp, and is still soft below. ` +
    `Cut it into layers of ${sayMm(Math.floor(data.lightMm * 10) / 10)} at the most, each under the lamp by itself.`,
  'rating-unknown': ({ gaugeKPa }) =>
    `Nobody read what the pot is rated at. ${sayGauge(gaugeKPa)} may be too much for it: read its plate, stay under four fifths, and try the relief valve first.`,
  'opened-before-gel': ({ name, holdMin, leastMin }) =>
    `Opened after ${sayRoughly(holdMin)}, ${name} is still liquid somewhere: its bubbles grow back. Hold it for ${sayRoughly(leastMin)} at the least.`,
  'closed-too-late': ({ name, closedMin, potLifeMin }) =>
    `The pot is closed ${sayRoughly(closedMin)} after the parts met, and ${name} is pourable for ${sayRoughly(potLifeMin)}: pressure comes too late for its bubbles. ` +
    'Fill fewer moulds at a time, or take a slower resin.',
  'pot-takes-fewer': ({ fits, wanted }) =>
    `${fits} of the ${wanted} moulds go into the pot at once. Run it in turns, or take a larger pot.`,
  'mould-made-otherwise': ({ gaugeKPa, mouldGaugeKPa }) =>
    mouldGaugeKPa === undefined
      ? `Nobody says whether the mould was made at ${sayGauge(gaugeKPa)}. Made in the open it has bubbles of air in it, and under pressure they dent: every casting gets warts.`
      : `The mould was made ${mouldGaugeKPa === 0 ? 'in the open' : `at ${sayGauge(mouldGaugeKPa)}`} and is cast in at ${sayGauge(gaugeKPa)}: its bubbles dent, and castings get warts. Make it at the pressure it is cast at.`,
  'box-wall-thin': ({ thinMm, leastWallMm, wallMm }) =>
    `Rubber is only ${sayMm(Math.round(thinMm * 10) / 10)} thick somewhere in that box: under ${sayMm(leastWallMm)} it tears. Take a larger one; ${sayMm(wallMm)} is what this piece wants.`,
  'mould-closed': () =>
    'Rubber lies all round the piece and nothing leads in: say a spout, or lay its face on the board with no base.',
  'platinum-asks': ({ on, name }) =>
    `${name} cures by platinum, which sulphur, latex, tin and some prints poison. Say what ${on === 'master' ? 'the piece' : 'the clay'} is of, at Mould box.`,
  'platinum-spoiled': saySpoiled,
  'recess-holds-air': ({ count, ml }) =>
    `${count === 1 ? 'A recess looks' : `${count} recesses look`} down and hold ${ml < 10 ? formatPlain(ml, 1) : formatPlain(ml, 0)} ml of air as the rubber rises. Brush rubber into ${count === 1 ? 'it' : 'them'} first, or turn the piece another way up.`,
  'parting-holds': ({ mm2, heightMm, bestMm, bestMm2 }) =>
    `Parted ${sayMm(Math.round(heightMm))} up, ${sayArea(mm2)} of the piece hold the halves fast; ${sayMm(Math.round(bestMm))} up it is ${sayArea(bestMm2)}.`,
  'boils-in-vacuum': ({ name, family, leavesKPa, boilsUnderKPa }) =>
    `At ${sayMbar(leavesKPa)} something in ${name} boils (${familyOf(family).name.toLowerCase()}: from about ${sayMbar(boilsUnderKPa)} down). It foams without end and changes its ratio. Stop pumping above that.`,
  'boils-over': ({ potMl, potNeededMl }) =>
    `A pot of ${sayMl(potMl)} boils over: the largest batch wants ${sayMl(potNeededMl)}, three times its volume. Mix smaller batches.`,
  'viscosity-assumed': (data) =>
    `The card of ${data.name} gives no viscosity: ${sayViscosity(data.viscosityPaS)} is usual for ${familyOf(data.family).name.toLowerCase()}. ` +
    'Its sheet has the figure; times of what sinks and rises follow it.',
  'resin-not-on-shelf': (data) =>
    `${data.name} is not on the shelf any more. The job goes on with its own copy of the card.`,
  'mould-not-in-library': (data) =>
    `${data.name} is not in the mould library any more. The job goes on with its own copy of the card.`,
};
