import type { FormWall } from '../../core/holdDown/formWalls';
import { lengthRule } from '../../core/quantity/rules';
import { solidKinds } from '../../core/thermal/solids';
import { useDraftField, useJobPart } from '../../data/draft/pourInHand';
import { useHasProblem } from '../../data/draft/formField';
import { ChoiceList } from '../../ui/fields/ChoiceList';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { sayMm } from '../../words/figures';
import { saySolid } from '../../words/heat';

/** What the walls of the form are of: as the heat step says, where nobody says it here. */
export function BoardLine({ wall }: { readonly wall: FormWall | undefined }) {
  const [form = {}, setForm] = useJobPart('form');
  const isWrong = useHasProblem('form.board');
  if (wall === undefined) return null;
  const { board, thicknessMm, boardAssumed } = wall;
  return (
    <SettingLine
      label="Walls of the form"
      value={`${saySolid[board]}, ${sayMm(thicknessMm)}`}
      assumed={boardAssumed}
      wrong={isWrong}
    >
      <ChoiceList
        label="Walls of the form"
        value={board}
        choices={solidKinds.map((value) => ({ value, label: saySolid[value] }))}
        onChange={(material) =>
          setForm({
            ...form,
            board: { material, thickness: form.board?.thickness ?? `${thicknessMm} mm` },
          })
        }
        onTaken={() => undefined}
      />
      {form.board !== undefined && <BoardThickness />}
    </SettingLine>
  );
}

/** Only of a board that was said: a field of it would make half a board of none. */
function BoardThickness() {
  const thickness = useDraftField('form.board.thickness');
  return <QuantityField label="Thick" {...thickness} unit="mm" rule={lengthRule} />;
}
