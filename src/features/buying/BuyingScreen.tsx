import { InputError } from '../../core/problem';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { copyText } from '../../ui/copyText';
import { shoppingCost, shoppingOf } from '../../core/plan/shoppingOf';
import { withPrices, type PriceRow } from '../../core/stock/priceList';
import { shoppingRows } from '../../core/stock/shoppingRows';
import { chooseTextFile } from '../../data/files/chooseTextFile';
import { download } from '../../data/files/download';
import { csvOf } from '../../data/files/tables';
import { fetchPrices, readPrices } from '../../data/files/priceFiles';
import { useResins } from '../../data/hooks/queries';
import { useResinActions } from '../../data/hooks/useCardActions';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useCurrency } from '../../data/hooks/useKept';
import { today } from '../../data/today';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { WorkProblem } from '../../ui/feedback/WorkProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { SwitchField } from '../../ui/fields/SwitchField';
import { TextField } from '../../ui/fields/TextField';
import { FoldPanel } from '../../ui/FoldPanel';
import { Screen } from '../../ui/frame/Screen';
import { Rows } from '../../ui/list/Rows';
import { Panel } from '../../ui/Panel';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { ThemeProvider } from '../../ui/ThemeProvider';
import { space } from '../../ui/theme/tokens';
import { sayJobs, shoppingText } from '../../words/buying';
import { sayMl, sayMoney } from '../../words/figures';
import { BuyingFigures } from './BuyingFigures';
import { useNeeds, type Needs } from './useNeeds';

interface BuyingScreenProps {
  /** Stands under the title: the other shelves. */
  readonly tabs: ReactNode;
}

/** What all jobs together take: one list for each resin, the least that it costs. */
export function BuyingScreen(props: BuyingScreenProps) {
  // Paper is light, whatever the device asks for.
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!printing) return undefined;
    const done = (): void => setPrinting(false);
    window.addEventListener('afterprint', done, { once: true });
    window.print();
    return () => window.removeEventListener('afterprint', done);
  }, [printing]);
  return (
    <ThemeProvider asPaper={printing}>
      <ShoppingList {...props} onPrint={() => setPrinting(true)} />
    </ThemeProvider>
  );
}

function ShoppingList({ tabs, onPrint }: BuyingScreenProps & { readonly onPrint: () => void }) {
  const { needs, outdated, ...work } = useNeeds();
  const { currency } = useCurrency();
  const notice = useNotice();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const day = today();
  const chosen = useMemo(() => needs.filter(({ id }) => !left.has(id)), [needs, left]);
  const shopping = useMemo(() => shoppingOf(chosen, day), [chosen, day]);
  const copy = async (): Promise<void> => {
    const copied = await copyText(shoppingText(shopping, currency));
    notice({ text: copied ? 'Copied the shopping list' : 'The browser did not allow copying.' });
  };
  const save = async (): Promise<void> =>
    download(
      'shopping.csv',
      await csvOf(shoppingRows(shopping).map((row) => ({ ...row }))),
      'text/csv',
    );
  const together = shoppingCost(shopping);
  return (
    <Screen
      spreads
      title="Shelf"
      aside={
        together !== undefined && (
          <View style={outdated && styles.outdated} testID="main-figure">
            <Words weight="bold" role="status" style={styles.right}>
              {sayMoney(together, currency)}
            </Words>
            <Words size="small" colour="inkSoft" style={styles.right}>
              for {chosen.length} of {needs.length} jobs
            </Words>
          </View>
        )
      }
      head={tabs}
      foot={
        <>
          <ActionButton
            kind="main"
            icon="printer"
            label="Print"
            onPress={onPrint}
            style={styles.grow}
          />
          <ActionButton
            icon="content-copy"
            label="Copy the list"
            onPress={() => void copy()}
            style={styles.grow}
          />
          <SignButton
            icon="download"
            label="Save the list as CSV"
            onPress={() => void save()}
            disabled={shopping.length === 0}
          />
        </>
      }
    >
      {hasToSay(work) && <Progress {...work} />}
      {needs.length === 0 && !outdated && (
        <Panel title="Nothing to buy for">
          <Words>No job has amounts yet. Plan one, and what it takes stands here.</Words>
        </Panel>
      )}
      {shopping.length > 0 && (
        <View style={[styles.list, outdated && styles.outdated]}>
          {shopping.map(({ card, jobs, buying }) => (
            <Panel key={card.id ?? card.name} title={card.name} testID="shopping">
              <Words size="small" colour="inkSoft">
                For {sayJobs(jobs)}
              </Words>
              <BuyingFigures buying={buying} currency={currency} />
            </Panel>
          ))}
        </View>
      )}
      {needs.length > 0 && (
        <FoldPanel title="Jobs to buy for" summary={`${chosen.length} of ${needs.length}`}>
          <View style={styles.row}>
            <ActionButton label="All of them" onPress={() => setLeft(new Set())} />
            <ActionButton
              label="None of them"
              onPress={() => setLeft(new Set(needs.map(({ id }) => id)))}
            />
          </View>
          <Rows
            items={needs}
            keyOf={({ id }) => id}
            aboutHigh={72}
            row={({ id, name, buying, totalMl }) => (
              <SwitchField
                label={name}
                note={`${buying.map(({ card }) => card.name).join(', ')}, ${sayMl(totalMl)}`}
                value={!left.has(id)}
                onChange={(on) => {
                  const next = new Set(left);
                  if (on) next.delete(id);
                  else next.add(id);
                  setLeft(next);
                }}
              />
            )}
          />
        </FoldPanel>
      )}
      <Prices />
    </Screen>
  );
}

/** Whether there is something to be told of the planning: what tells nothing takes no place. */
const hasToSay = ({ planned, of, untold, failed }: Progressed): boolean =>
  failed || planned < of || untold.length > 0;

type Progressed = Omit<Needs, 'needs' | 'outdated'>;

/** How far the plans of all jobs are, and of which it cannot be told what they take. */
function Progress({ planned, of, untold, failed, again }: Progressed) {
  return (
    <>
      {failed ? (
        <WorkProblem problem={new InputError('worker-failed', undefined)} onAgain={again} />
      ) : (
        planned < of && (
          <Words role="status">
            Planning the jobs: {planned} of {of}
          </Words>
        )
      )}
      {untold.length > 0 && (
        <Words role="alert" colour="stop">
          Not in this list, for they cannot be planned here: {sayJobs(untold)}
        </Words>
      )}
    </>
  );
}

/** Where prices come from: a file, or the supplier that stands in for a real one. */
function Prices() {
  const { data: resins } = useResins();
  const actions = useResinActions();
  const { currency, setCurrency } = useCurrency();
  const notice = useNotice();
  const file = useAttempt();
  const pricing = useAttempt();
  // What is typed stands at once; keeping it takes a moment.
  const [typed, setTyped] = useState<string>();

  const take = (list: () => Promise<readonly PriceRow[] | undefined>): Promise<void> =>
    file.attempt(async () => {
      const rows = await list();
      if (rows === undefined || resins === undefined) return;
      const { changed, unknown } = withPrices(
        resins.records.map(({ resin }) => resin),
        rows,
      );
      const undo = await actions.saveAll(
        changed,
        resins.records.filter(({ id }) => changed.some((card) => card.id === id)),
      );
      const others = unknown.length === 0 ? '' : `; not on the shelf: ${unknown.join(', ')}`;
      notice({ text: `New prices for ${changed.length} resins${others}`, undo });
    });

  const fromFile = async (): Promise<readonly PriceRow[] | undefined> => {
    const chosen = await chooseTextFile('text/csv', '.csv');
    return chosen === undefined ? undefined : readPrices(chosen.text);
  };
  return (
    <FoldPanel title="Prices" summary={currency === '' ? 'list, currency' : `in ${currency}`}>
      <Words size="small" colour="inkSoft">
        A price list has the columns resin, supplier, size, price, delivery.
      </Words>
      <FileProblem problem={file.problem} />
      <View style={styles.row}>
        <ActionButton
          icon="folder-open"
          label="Open a price list"
          onPress={() => void take(fromFile)}
        />
        <ActionButton
          icon="download"
          label="Ask the supplier (simulated)"
          onPress={() => void take(fetchPrices)}
        />
      </View>
      <TextField
        label="Currency, before each price"
        placeholder="£"
        value={typed ?? currency}
        problem={pricing.problem}
        onChange={(text) => {
          setTyped(text);
          void pricing.attempt(() => setCurrency(text));
        }}
      />
    </FoldPanel>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  right: { textAlign: 'right' },
  list: { gap: space.large },
  outdated: { opacity: 0.5 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
