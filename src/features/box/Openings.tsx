import type { MouldSection } from '../../core/plan/familySections';
import { lengthRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField } from '../../data/draft/pourInHand';
import { CountField } from '../../ui/fields/CountField';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { Words } from '../../ui/text/Words';
import { sayOpenings, sayTop } from '../../words/mould';

/** More places than this are a list for the mesh program, not for the bench. */
const mostListed = 6;

/** Spout and vents, and where air would stay. */
export function Openings({ mould }: { readonly mould: MouldSection | undefined }) {
  const { outdated } = useOpenJob();
  const spout = usePourField('mouldBox.spout');
  const vent = usePourField('mouldBox.vent');
  const vents = usePourField('mouldBox.vents');
  const tops = outdated ? [] : (mould?.tops ?? []);
  return (
    <Lines title="Ways in and out" testID="openings">
      {mould !== undefined && !outdated && <Words role="status">{sayOpenings(mould)}</Words>}
      {tops.slice(0, mostListed).map((top) => (
        <Words key={sayTop(top)} size="small">
          {sayTop(top)}
        </Words>
      ))}
      {tops.length > mostListed && (
        <Words size="small" colour="inkSoft">
          and {tops.length - mostListed} smaller ones
        </Words>
      )}
      <QuantityLine
        label="Spout, across"
        {...spout}
        unit="mm"
        rule={lengthRule}
        usual={mould?.isOpen === true ? 'none: open face' : 'none yet'}
      />
      <QuantityLine label="Vents, across" {...vent} unit="mm" rule={lengthRule} usual="3 mm" />
      <SettingLine
        label="How many vents"
        value={
          vents.value === ''
            ? mould?.tops === undefined
              ? 'none'
              : 'where air would stay'
            : vents.value
        }
        assumed={vents.value === ''}
        wrong={vents.problem !== undefined}
      >
        <CountField label="How many vents" {...vents} />
      </SettingLine>
    </Lines>
  );
}
