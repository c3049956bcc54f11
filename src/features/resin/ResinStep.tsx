import { useState, type ComponentType } from 'react';
import { StyleSheet, View } from 'react-native';
import { choiceOrders, inChoiceOrder, type ChoiceOrder } from '../../core/plan/choose/choiceOrder';
import type { Resin } from '../../core/resin/resinSchema';
import { hardenerNames } from '../../core/resin/withHardener';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { useCurrency } from '../../data/hooks/useKept';
import { useResinActions } from '../../data/hooks/useCardActions';
import { today } from '../../data/today';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { SwitchField } from '../../ui/fields/SwitchField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { orderNames, orderRules } from '../../words/choices';
import { wantNames } from '../../words/names';
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
  const choices = useChoices(job, pourIndex, shelf, day);
  const { resins } = shelf;
  const isOwn = chosen !== undefined && !resins.some(({ id }) => id === chosen.id);
  const problem = problems.find(({ field }) => /^(resin|hardener)/.test(field));

  const choose = (resinId: string | undefined, named: string | undefined): void => {
    const resin = resins.find(({ id }) => id === resinId);
    if (resin === undefined) return;
    setResin(resin);
    setHardener(named);
  };

  async function putOnShelf(card: Resin): Promise<void> {
    const { resin } = await actions.save(card);
    setResin(resin);
  }

  const shown = choices === undefined ? undefined : inChoiceOrder(choices, order);
  return (
    <View style={styles.stack}>
      {problem !== undefined && <Words colour="stop">Choose a resin. {sayProblem(problem)}</Words>}
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
      {job !== undefined && shown === undefined ? (
        <Words colour="inkSoft">Holding every resin against this piece and its room …</Words>
      ) : shown === undefined ? (
        <PlainChoices resins={resins} chosen={chosen} hardener={hardener} onChoose={choose} />
      ) : (
        <>
          <ChoiceField
            label="In the order of"
            value={order}
            choices={choiceOrders.map((value) => ({ value, label: orderNames[value] }))}
            onChange={setOrder}
          />
          <Words size="small" colour="inkSoft">
            {orderRules[order]}
          </Words>
          <Choices
            choices={shown}
            currency={currency}
            isChosen={(choice) =>
              choice.resinId === chosen?.id &&
              chosen !== undefined &&
              choice.hardenerName === (hardener ?? hardenerNames(chosen)[0])
            }
            onChoose={({ resinId, hardener: named }) => choose(resinId, named)}
          />
        </>
      )}
      <Wants />
      <View style={styles.row}>
        {onCompare !== undefined && resins.length > 0 && (
          <ActionButton icon="tune" label="Compare in a table" onPress={onCompare} />
        )}
        <ActionButton icon="plus" label="Add a resin to the shelf" onPress={onAddResin} />
      </View>
    </View>
  );
}

/** What it must be good for besides filling the cavity. */
function Wants() {
  const [wanted = [], setWants] = usePourPart('wants');
  return (
    <View>
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
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
