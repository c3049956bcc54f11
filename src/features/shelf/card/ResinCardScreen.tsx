import { useState, type ReactNode } from 'react';
import { useFormContext } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { resinFamilies, familyOf } from '../../../core/resin/families';
import { doubtsOfCard } from '../../../core/resin/doubtsOfCard';
import { readResin } from '../../../core/resin/readResin';
import { clarities, resinSchema, type Resin } from '../../../core/resin/resinSchema';
import {
  amountRule,
  densityRule,
  doseRule,
  temperatureLimitRule,
  timeRule,
  viscosityRule,
} from '../../../core/quantity/rules';
import { formatPlain } from '../../../core/quantity/format';
import { CardDraftProvider, useCardDraft } from '../../../data/draft/cardDraft';
import { useHasProblem } from '../../../data/draft/formField';
import { idOfKey } from '../../../data/store/versions';
import { useStoredCard } from '../../../data/draft/useStoredCard';
import { useTypedDraft } from '../../../data/drafts/useTypedDraft';
import { useResinActions } from '../../../data/hooks/useCardActions';
import type { ResinRecord } from '../../../data/records/resinRecord';
import { ActionButton } from '../../../ui/ActionButton';
import { WarningList } from '../../../ui/feedback/WarningList';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { FoldPanel } from '../../../ui/FoldPanel';
import { MainFigure } from '../../../ui/frame/MainFigure';
import { CardFrame } from '../../../ui/frame/CardFrame';
import { LabelFold } from '../../../ui/paper/LabelFold';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { download, fileNameOf } from '../../../data/files/download';
import { sayPotLabel } from '../../../words/potLabel';
import { sayRatios } from '../../../words/figures';
import { clarityNames } from '../../../words/names';
import { CardQuantity, CardText } from './CardFields';
import { HardenerList, KitList, LotList } from './CardLists';
import { DensityFinder } from './DensityFinder';
import { DepthFields, PotLifeFields, RatioFields, TimeFields } from './HardenerFields';
import { resinDraft, typedResin, type ResinDraft } from './resinDraft';
import { LabelHeat } from './LabelHeat';
import { ShareCard } from './ShareCard';

interface ResinCardScreenProps {
  /** The card to change; left out for a new one, or where it is gone and only what was typed is left. */
  readonly record?: ResinRecord | undefined;
  /** It was deleted in another window. */
  readonly gone?: boolean;
  /** The key of the card; of a new one, without an id. */
  readonly of: string;
  /** What a new one begins as: a card that somebody shared. */
  readonly shared?: Resin;
  readonly onDone: () => void;
  /** What was measured in one's own shop, and whether plans go by it. */
  readonly ownShop?: (
    name: string,
    used: Resin['ownPace'],
    onUse: (paces: Resin['ownPace']) => void,
  ) => ReactNode;
}

const draftOf = (record: ResinRecord | undefined): ResinDraft => resinDraft(record?.resin);

/** One resin card: what the label and the data sheet say, both ratios worked out as it is typed. */
export function ResinCardScreen({
  record,
  gone = false,
  of,
  shared,
  onDone,
  ownShop,
}: ResinCardScreenProps) {
  const actions = useResinActions();
  const beside = useTypedDraft(of, shared === undefined);
  const typing = useCardDraft(
    () => ({ ...resinDraft(record?.resin ?? shared), ...beside.found?.values }),
    resinSchema,
    typedResin,
  );
  const { form, draft, card, problems, asked } = typing;
  const stored = useStoredCard<ResinDraft, Resin, ResinRecord>({
    form,
    id: idOfKey(of),
    beside,
    record,
    gone,
    actions,
    draftOf,
  });
  const isNew = record === undefined && !gone;

  async function save(): Promise<void> {
    typing.ask();
    if (card === undefined) return;
    if ((await stored.save(card)) !== undefined) onDone();
  }

  return (
    <CardFrame
      title={isNew ? 'New resin' : draft.name || 'Resin'}
      isNew={isNew}
      isTyped={stored.isTyped}
      conflict={stored.conflict}
      resumed={beside.found !== undefined}
      wrong={asked ? problems.length : 0}
      saveLabel={isNew ? 'Put it on the shelf' : 'Save the card'}
      onSave={() => void save()}
      onKeepMine={() => {
        stored.keepMine();
        void save();
      }}
      onStartAfresh={() => void stored.startAfresh()}
      onBack={onDone}
    >
      <CardDraftProvider of={typing}>
        <Fields draft={draft} card={card} />
        {record !== undefined &&
          ownShop?.(record.resin.name, draft.ownPace, (paces) =>
            form.setValue('ownPace', paces, { shouldDirty: true }),
          )}
      </CardDraftProvider>
      {!isNew && card !== undefined && <ShareCard card={card} />}
      {card !== undefined && record !== undefined && (
        <LabelFold
          label={{
            title: card.name,
            lines: sayPotLabel(card),
            address: `${window.location.origin}/shelf/${record.id}`,
          }}
          fileName={fileNameOf(card.name, '')}
          onSave={download}
        />
      )}
    </CardFrame>
  );
}

interface FieldsProps {
  readonly draft: ResinDraft;
  /** What is typed, where it is a whole card. */
  readonly card: Resin | undefined;
}

function Fields({ draft, card }: FieldsProps) {
  const { setValue } = useFormContext<ResinDraft>();
  const { family } = draft;
  return (
    <>
      <MainFigure>
        {card === undefined ? (
          <Words colour="inkSoft">
            Its ratio both ways stands here once the label is typed in.
          </Words>
        ) : (
          <WhatFollows card={card} />
        )}
      </MainFigure>
      <CardText path="name" label="Name" />
      <ChoiceField
        label="Family"
        value={family}
        choices={resinFamilies.map((value) => ({ value, label: familyOf(value).name }))}
        onChange={(value) => setValue('family', value)}
      />
      {!familyOf(family).onePart && (
        <Panel title="Mixing ratio, from the label">
          <RatioFields at="" />
        </Panel>
      )}
      <Densities draft={draft} card={card} />
      <LabelPanels draft={draft} />
      <OtherPanels draft={draft} />
      <CardText path="notes" label="Notes" multiline />
      {/* Last, for it grows when its figures come: nothing that is about to be touched moves away under the finger. */}
      {card !== undefined && <LabelHeat card={card} />}
    </>
  );
}

/** Densities, what follows from them, and a way to find them. */
function Densities({ draft, card }: FieldsProps) {
  const { setValue } = useFormContext<ResinDraft>();
  const [finding, setFinding] = useState<'A' | 'B'>();
  const onePart = familyOf(draft.family).onePart;
  return (
    <Panel title="Densities, from the data sheet">
      <FieldRow>
        <CardQuantity
          path="densityA"
          label={onePart ? 'Density' : 'Density of A'}
          unit="g/ml"
          rule={densityRule}
        />
        {!onePart && (
          <CardQuantity path="densityB" label="Density of B" unit="g/ml" rule={densityRule} />
        )}
        {!onePart && draft.densityA === '' && draft.densityB === '' && (
          <CardQuantity
            path="densityMixed"
            label="Mixed density, if that is all it gives"
            unit="g/ml"
            rule={densityRule}
          />
        )}
      </FieldRow>
      {finding === undefined ? (
        <View style={styles.row}>
          <ActionButton icon="scale" label="Weigh A" onPress={() => setFinding('A')} />
          {!onePart && (
            <ActionButton icon="scale" label="Weigh B" onPress={() => setFinding('B')} />
          )}
        </View>
      ) : (
        <DensityFinder
          part={finding}
          onFound={(text) => {
            setValue(finding === 'A' ? 'densityA' : 'densityB', text);
            setFinding(undefined);
          }}
          onClose={() => setFinding(undefined)}
        />
      )}
      {card !== undefined && <WarningList warnings={doubtsOfCard(card, readResin(card))} />}
    </Panel>
  );
}

function WhatFollows({ card }: { readonly card: Resin }) {
  const read = readResin(card);
  return (
    <Words role="status" weight="semibold">
      {sayRatios(read.ratio).join(' · ')} · {formatPlain(read.mixedDensityGPerMl, 3)} g/ml mixed
    </Words>
  );
}

/** `40 min, 150 g, 23 °C`: what is typed, in a line. */
const inALine = (...texts: readonly (string | undefined)[]): string =>
  texts.filter((each) => each !== undefined && each.trim() !== '').join(', ') || 'not given';

function LabelPanels({ draft }: { readonly draft: ResinDraft }) {
  const { depth, potLife, times, leastBatch, hardeners, hardenerName } = draft;
  return (
    <>
      <FoldPanel
        title="Depth and batch"
        summary={inALine(depth.least, depth.greatest, leastBatch)}
        open={useHasProblem('depth', 'leastBatch')}
      >
        <DepthFields at="" />
        <CardQuantity
          path="leastBatch"
          label="The maker's least batch"
          unit="ml"
          rule={amountRule}
        />
      </FoldPanel>
      <FoldPanel
        title="Pot life"
        summary={inALine(potLife.time, potLife.mass, potLife.temperature)}
        open={useHasProblem('potLife')}
      >
        <PotLifeFields at="" />
      </FoldPanel>
      <FoldPanel
        title="Cure times"
        summary={inALine(times.recoat.from, times.demould.time, times.fullCure.time)}
        open={useHasProblem('times')}
      >
        <TimeFields at="" />
      </FoldPanel>
      <FoldPanel
        title="Other hardeners"
        summary={inALine(...hardeners.map(({ name }) => name))}
        open={useHasProblem('hardeners')}
      >
        <CardText
          path="hardenerName"
          label="The hardener on this card is called"
          placeholder={hardenerName || 'Slow'}
        />
        <HardenerList />
      </FoldPanel>
    </>
  );
}

function OtherPanels({ draft }: { readonly draft: ResinDraft }) {
  const { setValue } = useFormContext<ResinDraft>();
  const { family, clarity, pigment, viscosity, kits, lots } = draft;
  const { kind } = familyOf(family);
  const hasShore = kind === 'silicone' || kind === 'polyurethane';
  return (
    <>
      <FoldPanel
        title="Colour, clarity, flow"
        summary={inALine(clarity && clarityNames[clarity], viscosity, pigment.limit)}
        open={useHasProblem('viscosity', 'heatLimit', 'pigment', 'shore', 'catalyst', 'lamp')}
      >
        <ChoiceField
          label="Once cured it is"
          value={clarity}
          choices={clarities.map((value) => ({ value, label: clarityNames[value] }))}
          onChange={(value) => setValue('clarity', value)}
        />
        <FieldRow>
          <CardQuantity path="viscosity" label="Viscosity" unit="mPa·s" rule={viscosityRule} />
          <CardQuantity path="heatLimit" label="Softens at" unit="°C" rule={temperatureLimitRule} />
          <CardQuantity
            path="pigment.limit"
            label="Pigment, at the most"
            unit="%"
            rule={doseRule}
          />
        </FieldRow>
        <ChoiceField
          label="Pigment goes into"
          value={pigment.into}
          choices={[
            { value: 'mix', label: 'The mix' },
            { value: 'a', label: 'A, before' },
            { value: 'b', label: 'B, before' },
          ]}
          onChange={(value) => setValue('pigment.into', value)}
        />
        {hasShore && <CardText path="shore" label="Shore hardness" placeholder="A 25" />}
        {kind === 'polyester' && (
          <FieldRow>
            <CardQuantity
              path="catalyst.least"
              label="Catalyst, warm room"
              unit="%"
              rule={doseRule}
            />
            <CardQuantity
              path="catalyst.greatest"
              label="Catalyst, cold room"
              unit="%"
              rule={doseRule}
            />
          </FieldRow>
        )}
        {kind === 'uv' && (
          <FieldRow>
            <CardQuantity path="lamp.time" label="Under the lamp" unit="min" rule={timeRule} />
            <CardText path="lamp.wavelength" label="Lamp" placeholder="405 nm" />
          </FieldRow>
        )}
      </FoldPanel>
      <FoldPanel
        title="Kits on sale"
        summary={inALine(...kits.map(({ size }) => size))}
        open={useHasProblem('kits')}
      >
        <KitList />
      </FoldPanel>
      <FoldPanel
        title="On the shelf"
        summary={inALine(...lots.map(({ left }) => left))}
        open={useHasProblem('lots')}
      >
        <LotList />
        <CardText path="safetySheet" label="Safety data sheet" placeholder="where it is kept" />
      </FoldPanel>
    </>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
