import { StyleSheet, View } from 'react-native';
import { faultKinds, faultPlaces, severities, type FaultPlace } from '../../core/record/faults';
import type { PieceRecord } from '../../core/record/recordSchema';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { ChoiceList } from '../../ui/fields/ChoiceList';
import { Lines } from '../../ui/fields/Lines';
import { SettingLine } from '../../ui/fields/SettingLine';
import { space } from '../../ui/theme/tokens';
import { faultNames, faultPlaceNames, severityNames } from '../../words/diagnosis';

type AllFaults = PieceRecord['faults'];
type OneFault = AllFaults[number];

interface FaultsProps {
  readonly faults: AllFaults;
  readonly onChange: (change: (before: AllFaults) => AllFaults) => void;
}

const kindChoices = faultKinds.map((kind) => ({ value: kind, label: faultNames[kind] }));
const placeChoices = [
  { value: '' as const, label: 'not said' },
  ...faultPlaces.map((place) => ({ value: place, label: faultPlaceNames[place] })),
];
const severityChoices = severities.map((severity) => ({
  value: String(severity),
  label: severityNames[severity],
}));

const sayFault = ({ place, severity }: OneFault): string =>
  [
    severityNames[severity].toLowerCase(),
    ...(place === undefined ? [] : [faultPlaceNames[place]]),
  ].join(', ');

/** What is wrong with a piece: each by its kind, how bad it is, and where. */
export function Faults({ faults, onChange }: FaultsProps) {
  // By its place: a file may name one kind twice, at two places of a piece.
  const replace = (at: number, to: (fault: OneFault) => OneFault): void =>
    onChange((before) => before.map((each, place) => (place === at ? to(each) : each)));
  const left = kindChoices.filter(({ value }) => faults.every(({ kind }) => kind !== value));
  return (
    <Lines title="What is wrong with it" testID="faults">
      {faults.map((fault, at) => (
        <SettingLine
          key={`${fault.kind}-${at}`}
          label={faultNames[fault.kind]}
          value={sayFault(fault)}
          testID={`fault-${fault.kind}`}
        >
          <View style={styles.open}>
            <ChoiceField
              label="How bad"
              value={String(fault.severity)}
              choices={severityChoices}
              onChange={(severity) =>
                replace(at, (each) => ({
                  ...each,
                  severity: Number(severity) as OneFault['severity'],
                }))
              }
            />
            <ChoiceList
              label="Where"
              value={fault.place ?? ''}
              choices={placeChoices}
              onChange={(place) =>
                replace(at, (each) => ({
                  ...each,
                  place: place === '' ? undefined : (place as FaultPlace),
                }))
              }
              onTaken={() => undefined}
            />
            <ActionButton
              icon="delete"
              label="Not a fault"
              spoken={`Take ${faultNames[fault.kind]} away`}
              onPress={() => onChange((before) => before.filter((_, place) => place !== at))}
            />
          </View>
        </SettingLine>
      ))}
      <SettingLine
        label="Add a fault"
        value={faults.length === 0 ? 'none so far' : ''}
        isAction
        testID="add-fault"
      >
        {(close) => (
          <ChoiceList
            label="Fault"
            value={undefined}
            choices={left}
            onChange={(kind) =>
              onChange((before) =>
                before.some((each) => each.kind === kind)
                  ? before
                  : [...before, { kind, severity: 2, place: undefined, note: undefined }],
              )
            }
            onTaken={close}
          />
        )}
      </SettingLine>
    </Lines>
  );
}

const styles = StyleSheet.create({ open: { gap: space.medium } });
