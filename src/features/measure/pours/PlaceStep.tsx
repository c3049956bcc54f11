import { useOpenJob } from '../../../data/draft/openJob';
import { MainFigure } from '../../../ui/frame/MainFigure';
import { Words } from '../../../ui/text/Words';
import { sayMl } from '../../../words/figures';
import { sayPlace } from '../../../words/pours';
import { PourEditor } from './PourEditor';
import { usePourChanges } from './usePourChanges';

/** One of several pours: where it goes, and how it follows the one before. */
export function PlaceStep({ onPour }: { readonly onPour: (index: number) => void }) {
  const { plan, pour, pourIndex } = useOpenJob();
  const { remove, move } = usePourChanges(onPour);
  const count = plan?.pours.length ?? 1;
  return (
    <>
      <MainFigure>
        {plan !== undefined && pour !== undefined && (
          <>
            <Words size="large" weight="bold">
              {sayMl(pour.cavityMl)}
            </Words>
            <Words colour="inkSoft">{sayPlace(pour, plan)}</Words>
          </>
        )}
      </MainFigure>
      <PourEditor
        key={pourIndex}
        onRemove={remove}
        onEarlier={pourIndex > 0 ? () => move(-1) : undefined}
        onLater={pourIndex + 1 < count ? () => move(1) : undefined}
      />
    </>
  );
}
