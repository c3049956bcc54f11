import type { MouldSection } from '../../core/plan/familySections';
import { lengthRule, positionRule } from '../../core/quantity/rules';
import { usePourField, usePourPart } from '../../data/draft/pourInHand';
import { CountField } from '../../ui/fields/CountField';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { Words } from '../../ui/text/Words';
import { sayHeight, sayMm } from '../../words/figures';
import { sayThinnest } from '../../words/mould';
import { SideFields } from './SideFields';

/** How much rubber stands round the piece, and how many moulds are made. */
export function BoxWalls({ mould }: { readonly mould: MouldSection | undefined }) {
  const wall = usePourField('mouldBox.wall');
  const base = usePourField('mouldBox.base');
  const top = usePourField('mouldBox.top');
  const count = usePourField('mouldBox.count');
  const lasts = usePourField('mouldBox.lasts');
  const [piece, setPiece] = usePourPart('mouldBox.piece');
  const usual = (mm: number | undefined): string => (mm === undefined ? 'as usual' : sayMm(mm));
  const isSized = mould?.pieceHeightMm !== undefined && piece === undefined;
  return (
    <Lines title="Rubber" testID="box-walls">
      <QuantityLine
        label="Beside the piece"
        {...wall}
        unit="mm"
        rule={lengthRule}
        usual={usual(mould?.wallMm)}
      />
      <QuantityLine
        label="Under it, as it is poured"
        {...base}
        unit="mm"
        rule={positionRule}
        usual={
          mould === undefined
            ? 'as usual'
            : mould.baseMm === 0
              ? 'none: face on the board'
              : sayHeight(mould.baseMm)
        }
      />
      <QuantityLine
        label="Over it"
        {...top}
        unit="mm"
        rule={lengthRule}
        usual={mould?.topMm === undefined ? 'as beside it' : sayHeight(mould.topMm)}
      />
      {mould !== undefined && <Words>{sayThinnest(mould)}</Words>}
      {!isSized && (
        <SettingLine
          label="How large the piece is"
          value={
            piece === undefined ? 'not said' : `${piece.length} × ${piece.width} × ${piece.height}`
          }
          assumed={piece === undefined}
        >
          <SwitchField
            label="Say its sides"
            value={piece !== undefined}
            onChange={(on) => setPiece(on ? { length: '', width: '', height: '' } : undefined)}
          />
          {piece !== undefined && <SideFields of="piece" label="of the piece" />}
        </SettingLine>
      )}
      <SettingLine
        label="Moulds to make"
        value={count.value === '' ? String(mould?.count ?? 1) : count.value}
        assumed={count.value === ''}
        wrong={count.problem !== undefined}
      >
        <CountField label="Moulds to make" {...count} />
      </SettingLine>
      <SettingLine
        label="Castings that one lasts"
        value={lasts.value === '' ? 'not said' : lasts.value}
        assumed={lasts.value === ''}
        wrong={lasts.problem !== undefined}
      >
        <CountField label="Castings that one lasts" {...lasts} />
      </SettingLine>
    </Lines>
  );
}
