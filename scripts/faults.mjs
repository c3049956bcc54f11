// `npm run faults`: plants known faults in the code one by one, and counts how many the tests find at the size that `npm test` has.
import { readFileSync, writeFileSync } from 'node:fs';
import { installPackages, root, run } from './steps.mjs';

const say = (text) => process.stdout.write(`${text}\n`);

/** A line of a source as it is and as it would be wrong, and the test whose drawn cases should notice. */
const faults = [
  {
    what: 'an amount that is no number passes',
    file: 'src/core/quantity/parseQuantity.ts',
    is: "    if (!Number.isFinite(amount)) throw new InputError('not-a-number', typed);\n",
    wrong: '',
    test: 'src/core/quantity/parseQuantity.test.ts',
  },
  {
    what: 'a layer is planned after the one under it has closed by the model',
    file: 'src/core/layers/jointOf.ts',
    is: 'Math.min(label.latestInRoomMin ?? Infinity, stickyToMin ?? Infinity)',
    wrong: '(label.latestInRoomMin ?? Infinity)',
    test: 'src/core/plan/heat/layerClock.test.ts',
  },
  {
    what: 'B is rounded by itself, not by what A asks for',
    file: 'src/core/mix/onScale.ts',
    is: 'const roundedB = roundToStep(wantedB, step);',
    wrong: 'const roundedB = roundUpToStep(wantedB, step) + step;',
    test: 'src/core/plan/amounts.test.ts',
  },
  {
    what: 'of two spans that touch in one moment nothing is common',
    file: 'src/core/timetable/spans.ts',
    is: 'if (from <= to) common.push({ from, to });',
    wrong: 'if (from < to) common.push({ from, to });',
    test: 'src/core/timetable/solve.test.ts',
  },
  {
    what: 'a box is tried with every side of the piece but one',
    file: 'src/core/mouldBox/boxOptions.ts',
    is: 'corners.map(([x, y], at) => {',
    wrong: 'corners.slice(0, 1).map(([x, y], at) => {',
    test: 'src/core/mouldBox/boxOptions.test.ts',
  },
  {
    what: 'a figure of a scale with a comma is no number',
    file: 'src/core/instruments/scaleLines.ts',
    is: ".replace(',', '.')",
    wrong: '',
    test: 'src/core/instruments/lines.test.ts',
  },
  {
    what: 'what the parser of DXF throws comes out as it is',
    file: 'src/core/measure/drawing/dxf.ts',
    is: '    if (dxf?.entities !== undefined) return dxf;\n  } catch (error) {\n',
    wrong:
      '    if (dxf?.entities !== undefined) return dxf;\n  } catch (error) {\n    throw error;\n',
    test: 'src/core/measure/files/fuzz.test.ts',
  },
  {
    what: 'a stretch between two heights holds what is under it too',
    file: 'src/core/measure/stretchOf.ts',
    is: 'const cavityMl = whole.volumeBelowMl(toMm) - belowMl;',
    wrong: 'const cavityMl = whole.volumeBelowMl(toMm);',
    test: 'src/core/plan/pours.test.ts',
  },
  {
    what: 'a dome of an angle is as high as one of twice that angle',
    file: 'src/core/measure/dome/dome.ts',
    is: 'Math.tan(radians(edgeDeg) / 2)',
    wrong: 'Math.tan(radians(edgeDeg))',
    test: 'src/core/measure/dome/dome.test.ts',
  },
];

async function passes(test) {
  const { code } = await run('npx', ['jest', '--ci', '--runTestsByPath', test], { quiet: true });
  return code === 0;
}

/** Whether a test fails while the fault stands in the source. */
async function isFound({ file, is, wrong, test }) {
  const path = `${root}${file}`;
  const right = readFileSync(path, 'utf8');
  if (right.split(is).length !== 2) throw new Error(`${file} does not hold once: ${is}`);
  // A test that fails without the fault would find every one.
  if (!(await passes(test))) throw new Error(`${test} fails before anything is planted`);
  const restore = () => writeFileSync(path, right);
  process.once('exit', restore);
  try {
    writeFileSync(
      path,
      right.replace(is, () => wrong),
    );
    return !(await passes(test));
  } finally {
    restore();
    process.off('exit', restore);
  }
}

process.once('SIGINT', () => process.exit(1));
await installPackages();
let found = 0;
for (const fault of faults) {
  const isSeen = await isFound(fault);
  found += isSeen ? 1 : 0;
  say(`${isSeen ? 'found ' : 'MISSED'}  ${fault.what} (${fault.test})`);
}
say(`${found} of ${faults.length} planted faults found`);
process.exit(found === faults.length ? 0 : 1);
