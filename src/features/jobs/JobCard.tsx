import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Plan, PourPlan, Shelf } from '../../core/plan/planTypes';
import type { JobEntry } from '../../data/records/jobEntry';
import { CardRow } from '../../ui/CardRow';
import { NotShown } from '../../ui/feedback/RowMishap';
import { SectionDrawing } from '../../ui/section/Section';
import { Words } from '../../ui/text/Words';
import { sayG, sayMl } from '../../words/figures';
import { sayPour } from '../../words/pours';
import type { ListedJob } from '../../workers/listedJob';
import { useListedJob } from './useListedJob';

interface JobCardProps {
  readonly entry: JobEntry;
  readonly shelf: Shelf;
  /** Something was typed over it that is not saved. */
  readonly typedOver: boolean;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
  /** Hands out what is in it as a file, with why it cannot be shown. */
  readonly onSave: (reason: string) => void;
}

/** A job as people call it. */
export const nameOfJob = ({ name }: Pick<JobEntry, 'name'>): string =>
  name.trim() || 'Job without a name';

/** A job in the list: its name at once; its Section small and what it takes as soon as it is planned. */
export function JobCard({
  entry,
  shelf,
  typedOver,
  onOpen,
  onDuplicate,
  onDelete,
  onSave,
}: JobCardProps) {
  const { data: listed, isError } = useListedJob(entry, shelf);
  const name = nameOfJob(entry);
  // Deleted elsewhere a moment ago: the list hears of it.
  if (listed === null) return null;
  if (listed?.state === 'unreadable') {
    return <NotShown name={name} onSave={() => onSave(listed.reason)} />;
  }
  return (
    <CardRow
      name={name}
      picture={
        <View style={styles.drawing}>
          {listed?.state === 'planned' && (
            <SectionDrawing plan={listed.plan} greatestHeight={52} width={drawingWidth} small />
          )}
        </View>
      }
      // As high as with its figures, so that nothing moves when they come.
      leastHigh={90}
      onOpen={onOpen}
      onDuplicate={onDuplicate}
      onDelete={onDelete}
    >
      {typedOver && (
        <Words size="small" colour="stop">
          Two versions: open it to choose
        </Words>
      )}
      {listed !== undefined && <FiguresOf listed={listed} />}
      {isError && <Said>Its figures do not come just now. Open it to see them.</Said>}
    </CardRow>
  );
}

const Said = ({ children }: { readonly children: ReactNode }) => (
  <Words size="small" colour="inkSoft">
    {children}
  </Words>
);

function FiguresOf({ listed }: { readonly listed: ListedJob }) {
  if (listed.state === 'too-slow') {
    return <Said>It takes long to plan: open it to see its figures.</Said>;
  }
  return listed.state === 'planned' ? (
    <PlanFigures plan={listed.plan} />
  ) : (
    <Said>Not measured yet</Said>
  );
}

function PlanFigures({ plan }: { readonly plan: Plan }) {
  const only = plan.pours.length === 1 ? plan.pours[0] : undefined;
  return (
    <>
      <Said>
        {sayMl(plan.together.totalMl)} of {plan.buying.map(({ card }) => card.name).join(', ')}
      </Said>
      {only === undefined ? (
        <Words size="small">{plan.pours.map(sayPour).join(' · ')}</Words>
      ) : (
        <PartsOf pour={only} />
      )}
    </>
  );
}

function PartsOf({ pour: { resin, a, b } }: { readonly pour: PourPlan }) {
  return (
    <Words size="small">
      <Words size="small" weight="semibold" colour="partA">
        {resin.ratio === undefined ? 'Resin' : 'A'} {sayG(a.g)}
      </Words>
      {resin.ratio !== undefined && (
        <Words size="small" weight="semibold" colour="partB">
          {'  '}B {sayG(b.g)}
        </Words>
      )}
    </Words>
  );
}

const drawingWidth = 72;

const styles = StyleSheet.create({ drawing: { width: drawingWidth } });
