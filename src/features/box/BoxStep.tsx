import { StyleSheet, View } from 'react-native';
import type { MouldSection } from '../../core/plan/familySections';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourPart, usePourProblems } from '../../data/draft/pourInHand';
import { useCurrency } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayBox, sayMouldFigure, sayOpens, sayRubberCost } from '../../words/mould';
import { sayProblem } from '../../words/problems';
import { BoxChoice } from './BoxChoice';
import { BoxWalls } from './BoxWalls';
import { CureChecks } from './CureChecks';
import { MouldHalves } from './MouldHalves';
import { Openings } from './Openings';

/** Places of the box that have no field of their own. */
const ofTheWhole: ReadonlySet<string> = new Set([
  'mouldBox',
  'mouldBox.piece',
  'mouldBox.sizes',
  'mouldBox.made',
]);

/** A mould of rubber round what is measured: its box, its ways in and out, its halves, and what spoils its cure. */
export function BoxStep() {
  const { pour, outdated } = useOpenJob();
  const notice = useNotice();
  const [said, setSaid] = usePourPart('mouldBox');
  const [, setFills] = usePourPart('fills');
  const [, setCovers] = usePourPart('covers');
  // What is wrong with the box as a whole stands at no field of its own.
  const problem = usePourProblems().find(({ field }) => ofTheWhole.has(field));
  if (said === undefined) {
    return (
      <View style={styles.stack}>
        <MainFigure>
          <Words size="large" weight="bold">
            Rubber round a piece
          </Words>
          <Words colour="inkSoft">
            Measure the piece itself at Measure: the box of least rubber round it, its ways in and
            out and the amount follow.
          </Words>
        </MainFigure>
        <View style={styles.row}>
          <ActionButton
            kind="main"
            label="Build a box round it"
            onPress={() => {
              setFills(undefined);
              setCovers(undefined);
              setSaid({});
            }}
          />
        </View>
      </View>
    );
  }
  const mould = pour?.mould;
  return (
    <View style={styles.stack} testID="mould-box">
      <MainFigure>
        {problem !== undefined && (
          <Words colour="stop" role="alert">
            {sayProblem(problem)}
          </Words>
        )}
        {mould !== undefined && (
          <View style={outdated && styles.outdated}>
            <Words size="title" weight="bold">
              {sayMouldFigure(mould)}
            </Words>
            <Words colour="inkSoft">{sayBox(mould)}</Words>
          </View>
        )}
      </MainFigure>
      {mould !== undefined && <BoxWords mould={mould} />}
      <BoxChoice mould={mould} />
      <BoxWalls mould={mould} />
      <MouldHalves mould={mould} />
      <Openings mould={mould} />
      <CureChecks mould={mould} />
      <View style={styles.row}>
        <ActionButton
          label="No box"
          onPress={() => {
            setSaid(undefined);
            notice({ text: 'Took the mould box out', undo: async () => setSaid(said) });
          }}
        />
      </View>
    </View>
  );
}

/** When it may be opened, and what it costs. */
function BoxWords({ mould }: { readonly mould: MouldSection }) {
  const { outdated } = useOpenJob();
  const { currency } = useCurrency();
  const told = [sayOpens(mould), sayRubberCost(mould, currency)].filter(
    (line) => line !== undefined,
  );
  if (told.length === 0) return null;
  return <Words style={outdated && styles.outdated}>{told.join(' ')}</Words>;
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
  outdated: { opacity: 0.5 },
});
