import { useState, type ComponentType } from 'react';
import { StyleSheet, View } from 'react-native';
import { choiceOrders, inChoiceOrder, type ChoiceOrder } from '../../core/plan/choose/choiceOrder';
import type { ResinChoice } from '../../core/plan/choose/chooseResin';
import { cutForResin, isCutByHand } from '../../core/layers/cutForResin';
import type { Resin } from '../../core/resin/resinSchema';
import { hardenerNames } from '../../core/resin/withHardener';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { useCurrency } from '../../data/hooks/useKept';
import { useResinUsed } from '../../data/hooks/useOfferedResins';
import { useResinActions } from '../../data/hooks/useCardActions';
import { today } from '../../data/today';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { orderNames, orderRules, sayChoice, sayFit, suitsNames } from '../../words/choices';
import { wantNames } from '../../words/names';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { sayProblem } from '../../words/problems';
import { wants } from '../../core/job/pourKeys';
import { useChoices } from '../../workers/useChoices';
import { ChoiceList } from './ChoiceList';
import type { ChoicesProps } from './choicesProps';
import { PlainChoices } from './PlainChoices';
import { usePourPart, usePourProblems } from '../../data/draft/pourInHand';

interface ResinStepProps {
  readonly onAddResin: () => void;
  /** Opens the table with the whole width for it; left out where it is that already. */
  readonly onCompare?: () => void;
  /** How the choices are shown: as cards, or as the table that only its own screen brings along. */
  readonly choicesAs?: ComponentType<ChoicesProps>;
}

/** Which resin, of those on the shelf: each held against this job and its room. */
export function ResinStep({
  onAddResin,
  onCompare,
  choicesAs: Choices = ChoiceList,
}: ResinStepProps) {
  const shelf = useShelf();
  const { job, pourIndex } = useOpenJob();
  const problems = usePourProblems();
  const actions = useResinActions();
  const { currency } = useCurrency();
  const [order, setOrder] = useState<ChoiceOrder>('soonest');
  const [day] = useState(today);
  const [chosen, setResin] = usePourPart('resin');
  const [hardener, setHardener] = usePourPart('hardener');
  const [layers, setLayers] = usePourPart('layers');
  const notice = useNotice();
  const resinUsed = useResinUsed();
  const { value: choices, problem: lost, again } = useChoices(job, pourIndex, shelf, day);
  const { resins } = shelf;
  const isOwn = chosen !== undefined && !resins.some(({ id }) => id === chosen.id);
  const problem = problems.find(({ field }) => /^(resin|hardener)/.test(field));

  const choose = (resinId: string | undefined, named: string | undefined): void => {
    const resin = resins.find(({ id }) => id === resinId);
    if (resin === undefined) return;
    setResin(resin);
    setHardener(named);
    // It was held against the piece so: cut by what it takes.
    if (resin.id !== chosen?.id || named !== hardener) cutAnew(resin.name);
    if (resinId !== undefined) resinUsed(resinId);
  };

  function cutAnew(name: string): void {
    setLayers(cutForResin(layers));
    if (!isCutByHand(layers)) return;
    notice({
      text: `Layers are cut anew, by what ${name} takes`,
      undo: async () => setLayers(layers),
    });
  }

  async function putOnShelf(card: Resin): Promise<void> {
    const { resin } = await actions.save(card);
    setResin(resin);
  }

  const isChosen = (choice: ResinChoice): boolean =>
    chosen !== undefined &&
    choice.resinId === chosen.id &&
    choice.hardenerName === (hardener ?? hardenerNames(chosen)[0]);
  const shown = choices === undefined ? undefined : inChoiceOrder(choices, order);
  const isAwaited =
    job !== undefined && resins.length > 0 && shown === undefined && lost === undefined;
  return (
    <View style={styles.stack}>
      <ChosenResin chosen={chosen} hardener={hardener} choice={shown?.find(isChosen)} />
      {problem !== undefined && (
        <Words colour="stop">
          {problem.code === 'missing' ? 'Choose a resin.' : sayProblem(problem)}
        </Words>
      )}
      {isOwn && (
        <Panel title="Not on the shelf">
          <Words>
            {chosen.name} came with this job. Put its card on the shelf to use it again.
          </Words>
          <ActionButton label="Put it on the shelf" onPress={() => void putOnShelf(chosen)} />
        </Panel>
      )}
      {resins.length === 0 && (
        <Words>The shelf is empty. Add the resin you have, or open a file of cards there.</Words>
      )}
      {lost !== undefined && <WorkProblem problem={lost} onAgain={again} />}
      {resins.length === 0 ? null : isAwaited ? (
        <Words colour="inkSoft">Holding every resin against this piece and its room …</Words>
      ) : shown === undefined ? (
        <PlainChoices resins={resins} chosen={chosen} hardener={hardener} onChoose={choose} />
      ) : (
        <>
          <View>
            <Wants />
            <ChoiceLine
              label="Sort by"
              value={order}
              choices={choiceOrders.map((value) => ({
                value,
                label: orderNames[value],
                note: orderRules[value],
              }))}
              onChange={setOrder}
            />
          </View>
          <Choices
            choices={shown}
            currency={currency}
            isChosen={isChosen}
            onChoose={({ resinId, hardener: named }) => choose(resinId, named)}
          />
        </>
      )}
      {/* Below a list that is still to come they would move from under the finger, and the list be pressed instead. */}
      {!isAwaited && (
        <View style={styles.row}>
          {onCompare !== undefined && resins.length > 0 && (
            <ActionButton icon="tune" label="Compare in a table" onPress={onCompare} />
          )}
          <ActionButton icon="plus" label="Add a resin to the shelf" onPress={onAddResin} />
        </View>
      )}
    </View>
  );
}

/** The resin that is chosen, and how it fits this piece. */
function ChosenResin({
  chosen,
  hardener,
  choice,
}: {
  readonly chosen: Resin | undefined;
  readonly hardener: string | undefined;
  /** As it was held against the piece; not there yet while that is being worked out. */
  readonly choice: ResinChoice | undefined;
}) {
  const { currency } = useCurrency();
  if (chosen === undefined) {
    return (
      <MainFigure>
        <Words size="large" weight="bold">
          No resin yet
        </Words>
      </MainFigure>
    );
  }
  const said = choice && sayChoice(choice, currency);
  return (
    <MainFigure>
      <View style={styles.chosen}>
        <Words size="title" weight="bold" style={styles.grow}>
          {chosen.name}
          {hardener === undefined ? '' : `, ${hardener}`}
        </Words>
        {choice && <Words weight="semibold">{suitsNames[choice.suits]}</Words>}
      </View>
      <Words colour="inkSoft">
        {said === undefined
          ? 'Holding every resin against this piece and its room …'
          : choice?.suits === 'no'
            ? choice.reasons.map(sayFit).join(' ')
            : `${said.layers === '1' ? 'one layer' : `${said.layers} layers`} · done in ${said.done} · to buy ${said.cost}`}
      </Words>
    </MainFigure>
  );
}

/** What it must be good for besides filling the cavity. */
function Wants() {
  const [wanted = [], setWants] = usePourPart('wants');
  return (
    <SettingLine
      label="It must also be good for"
      value={
        wanted.length === 0
          ? 'nothing special'
          : wanted.map((want) => wantNames[want].toLowerCase()).join(', ')
      }
      assumed={wanted.length === 0}
    >
      {wants.map((want) => (
        <SwitchField
          key={want}
          label={wantNames[want]}
          value={wanted.includes(want)}
          onChange={(on) => {
            const next = on ? [...wanted, want] : wanted.filter((each) => each !== want);
            setWants(next.length === 0 ? undefined : next);
          }}
        />
      ))}
    </SettingLine>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  chosen: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: space.small },
  grow: { flexGrow: 1, flexShrink: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
