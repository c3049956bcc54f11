import svgpath from 'svgpath';
import { pieceOf } from '../../core/plan/piece/pieceOf';
import type { Plan } from '../../core/plan/planTypes';
import { sayHeight, sayMl } from '../../words/figures';
import { sayPartName } from '../../words/piece';
import { cavityPaths } from '../section/cavityPaths';
import { colourBands } from '../section/colourBands';
import { colourOfPour } from '../section/colourOfPour';
import { insertPath, placedInserts } from '../section/placedInserts';
import { sectionLayout } from '../section/sectionLayout';
import { light } from '../theme/tokens';
import { textMark, type Mark, type PathMark } from './page';

/** A dp of the Section on paper, mm. */
const mmPerDp = 0.3;
const captionMm = 11;
const ruleMm = 16;
/** Figures at the rule that are closer run into each other, mm. */
const figureMm = 4;

/** Half as strong: every other layer, so that two of one colour are told apart. */
function paler(colour: string): string {
  const mixed = [1, 3, 5].map((at) => {
    const value = parseInt(colour.slice(at, at + 2), 16);
    return Math.round(value * 0.72 + 255 * 0.28)
      .toString(16)
      .padStart(2, '0');
  });
  return `#${mixed.join('')}`;
}

/** The piece cut through, as on the screen, on paper. */
export interface SectionOnPaper {
  readonly heightMm: number;
  readonly draw: (leftMm: number, topMm: number) => readonly Mark[];
}

/** @returns undefined where there is nothing to draw: a known amount has no form */
export function sectionMarks(
  plan: Plan,
  widthMm: number,
  greatestMm: number,
): SectionOnPaper | undefined {
  const piece = pieceOf(plan);
  const parts = piece.map(({ part }) => part);
  const isSingle = parts.length === 1;
  const rule = isSingle ? ruleMm : 0;
  const { cavities, height } = sectionLayout(parts, {
    width: (widthMm - rule) / mmPerDp,
    greatestHeight: greatestMm / mmPerDp,
    captionHeight: captionMm / mmPerDp,
  });
  if (cavities.length === 0) return undefined;
  const isOfSeveral = plan.pours.length > 1;
  const pourColour = ({ index }: { readonly index: number }): string =>
    isOfSeveral ? colourOfPour(light, index) : light.resin;

  function cavityMarks(
    cavity: (typeof cavities)[number],
    put: (d: string, more: Omit<PathMark, 'kind' | 'd'>) => PathMark,
  ): readonly Mark[] {
    const drawn = piece[cavity.index]!;
    const { part, centreX, acrossPerMm } = cavity;
    const paths = cavityPaths(cavity);
    const layers = paths.layersIn(drawn.layers);
    const ink = { stroke: light.ink, width: 0.3 };
    const isTimber = part.shape === 'channel';
    const form = [
      put(paths.form(), { ...ink, fill: isTimber ? light.timber : '#e6dfd2' }),
      ...(isTimber ? [put(paths.edges(), { stroke: light.timberEdge, width: 0.8 })] : []),
    ];
    const poured = layers.flatMap(({ layer, index, fromMm, toMm }) =>
      colourBands(layer.pour, drawn.cavity, layer.layer, pourColour(layer.pour)).map(
        ({ colour = light.resin, from, to }) =>
          put(paths.body(fromMm, toMm, from, to), {
            fill: index % 2 === 0 ? colour : paler(colour),
          }),
      ),
    );
    const level = (heightMm: number): string =>
      `M${paths.x(heightMm, -1)} ${paths.y(heightMm)}L${paths.x(heightMm, 1)} ${paths.y(heightMm)}`;
    const reachedMm = Math.max(0, ...layers.map(({ toMm }) => toMm));
    const core = paths.core();
    return [
      // Where the true cut bounds what is poured, the form goes over what reaches beyond it.
      ...(paths.bounds === undefined ? [...form, ...poured] : [...poured, ...form]),
      ...layers
        .slice(1)
        .map(({ fromMm }) => put(level(fromMm), { stroke: light.resinDeep, width: 0.35 })),
      put(level(reachedMm), { stroke: light.resinDeep, width: 0.35, dash: [1.2, 0.9] }),
      ...drawn.faces.map((face) =>
        put(paths.face(face), { stroke: pourColour(face.pour), width: 1 }),
      ),
      ...placedInserts(drawn.inserts, part.outline).map(({ insert, middleMm }) =>
        put(
          insertPath(insert, {
            x: (acrossMm) => centreX + (middleMm + acrossMm) * acrossPerMm,
            y: paths.y,
          }),
          { ...ink, fill: light.line },
        ),
      ),
      ...(part.held ?? []).map(({ fromMm, toMm }) =>
        put(paths.held(fromMm, toMm), { stroke: light.stop, width: 0.8 }),
      ),
      ...(part.rods ?? []).map(({ xMm, widthMm: rodMm, fromMm, toMm }) =>
        put(paths.rod(xMm, rodMm, fromMm, toMm), { ...ink, fill: '#e6dfd2' }),
      ),
      ...(core === undefined ? [] : [put(core, { ...ink, fill: '#e6dfd2' })]),
    ];
  }

  return {
    heightMm: height * mmPerDp,
    draw(leftMm, topMm) {
      const x = (dp: number): number => leftMm + rule + dp * mmPerDp;
      const y = (dp: number): number => topMm + dp * mmPerDp;
      const put = (d: string, more: Omit<PathMark, 'kind' | 'd'>): PathMark => ({
        kind: 'path',
        d: svgpath(d)
          .scale(mmPerDp)
          .translate(leftMm + rule, topMm)
          .abs()
          .round(2)
          .toString(),
        ...more,
      });
      const [first] = cavities;
      const heights = [0, ...(piece[0]?.layers ?? []).map(({ toMm }) => toMm ?? first!.depthMm)];
      let last = Infinity;
      const figures = heights.flatMap((heightMm): readonly Mark[] => {
        const at = y(first!.floorY - heightMm * first!.upPerMm);
        const tick: PathMark = {
          kind: 'path',
          d: `M${leftMm + 12} ${at}h3`,
          stroke: light.ink,
          width: 0.3,
        };
        if (last - at < figureMm) return [tick];
        last = at;
        const said = textMark(sayHeight(heightMm), leftMm + 11.4, at + 1.1, {
          size: 3,
          align: 'right',
        });
        return [tick, said];
      });
      return [
        ...cavities.flatMap((cavity) => cavityMarks(cavity, put)),
        ...(isSingle ? figures : []),
        ...cavities.flatMap((cavity) => {
          const middle = x(cavity.left + cavity.room / 2);
          const under = y(cavity.floorY + cavity.floorDp);
          return [
            textMark(sayPartName(cavity), middle, under + 5, {
              size: 3.2,
              weight: 'semibold',
              align: 'middle',
            }),
            textMark(sayMl(cavity.part.ml), middle, under + 9, {
              size: 3.2,
              colour: light.inkSoft,
              align: 'middle',
            }),
          ];
        }),
      ];
    },
  };
}
