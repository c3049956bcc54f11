import { StyleSheet, View } from 'react-native';
import { useState } from 'react';
import { check } from '../../core/schema/check';
import {
  personSchema,
  bubbleTools,
  sealedFaces,
  sealings,
  type PersonTyped,
  type Season,
} from '../../core/person/personSchema';
import {
  flowRule,
  roomTemperatureRule,
  timeRule,
  type QuantityRule,
} from '../../core/quantity/rules';
import type { Kind } from '../../core/quantity/kinds';
import { usePatchSettings } from '../../data/hooks/useKept';
import { useSettings } from '../../data/hooks/queries';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { TextField } from '../../ui/fields/TextField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import {
  sayHours,
  sayNight,
  seasonNames,
  usualHoursText,
  usualNightText,
  weekDayNames,
} from '../../words/person';
import { toolNames } from '../../words/bench';
import { sealedFacesNames, sealingNames } from '../../words/prepare';
import type { Problem } from '../../core/problem';

/** What is typed of a person's days: kept once all of it is right. */
function usePerson() {
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const kept = settings?.person;
  const [typed, setTyped] = useState<PersonTyped>();
  const person = typed ?? kept ?? {};
  const { value, problems } = check(personSchema, person, { strip: false });
  const change = (next: Partial<PersonTyped>): void => {
    const whole = { ...person, ...next };
    setTyped(whole as PersonTyped);
    const right = check(personSchema, whole, { strip: false }).value;
    if (right !== undefined) void patch({ set: { person: right } });
  };
  const problemAt = (field: string): Problem | undefined =>
    value === undefined ? problems.find((each) => each.field === field) : undefined;
  return { person, change, problemAt };
}

type OwnPerson = ReturnType<typeof usePerson>;

/** Hours, nights, days away, pace and habits: what the days are fitted into. */
export function DaysPanel() {
  const own = usePerson();
  const { person, change } = own;
  return (
    <Panel title="Your days" testID="days-panel">
      <View>
        <Hours {...own} />
        <ClockLine
          label="You sleep"
          value={person.sleep ?? ''}
          usual={usualNightText}
          said={sayNight}
          problem={own.problemAt('sleep')}
          onChange={(sleep) => change({ sleep: sleep === '' ? undefined : sleep })}
        />
        <Away {...own} />
        <Quantity
          own={own}
          field="weigh"
          label="Weighing out a batch takes you"
          unit="min"
          rule={timeRule}
          usual="5 min"
        />
        <Quantity
          own={own}
          field="stir"
          label="You stir for"
          unit="min"
          rule={timeRule}
          usual="as usual for its family"
        />
        <Quantity
          own={own}
          field="pourRate"
          label="You pour"
          unit="ml/min"
          rule={flowRule}
          usual="500 ml/min"
        />
        <ChoiceLine
          label="You seal edges with"
          value={person.sealing ?? 'quick-epoxy'}
          assumed={person.sealing === undefined}
          choices={sealings.map((value) => ({ value, label: sealingNames[value] }))}
          onChange={(sealing) => change({ sealing })}
        />
        <ChoiceLine
          label="What you seal"
          value={person.sealedFaces ?? 'edges'}
          assumed={person.sealedFaces === undefined}
          choices={sealedFaces.map((value) => ({ value, label: sealedFacesNames[value] }))}
          onChange={(sealed) => change({ sealedFaces: sealed })}
        />
        <Quantity
          own={own}
          field="sealantCure"
          label="Your sealant cures through in"
          unit="h"
          rule={timeRule}
          usual="12 h"
        />
        <ChoiceLine
          label="You work bubbles out with"
          value={person.bubbleTool ?? 'heat-gun'}
          assumed={person.bubbleTool === undefined}
          choices={bubbleTools.map((value) => ({ value, label: toolNames[value] }))}
          onChange={(bubbleTool) => change({ bubbleTool })}
        />
        <Clamps {...own} />
        <Rooms {...own} />
      </View>
    </Panel>
  );
}

interface ClockLineProps {
  readonly label: string;
  readonly value: string;
  readonly usual: string;
  readonly said: (text: string) => string;
  readonly problem: Problem | undefined;
  readonly onChange: (text: string) => void;
}

/** Hours on a line that says them. */
function ClockLine({ label, value, usual, said, problem, onChange }: ClockLineProps) {
  return (
    <SettingLine
      label={label}
      value={said(value === '' ? usual : value)}
      assumed={value === ''}
      wrong={problem !== undefined}
    >
      <TextField
        label={label}
        placeholder={usual}
        value={value}
        onChange={onChange}
        problem={problem}
      />
    </SettingLine>
  );
}

/** The hours of each day of the week; empty is a day off. */
function Hours({ person, change, problemAt }: OwnPerson) {
  const hours = person.hours ?? weekDayNames.map(() => usualHoursText);
  const set = (day: number, text: string): void =>
    change({ hours: hours.map((each, at) => (at === day ? text : (each ?? ''))) });
  const all = new Set(hours);
  const wrong = weekDayNames.some((_, day) => problemAt(`hours[${day}]`) !== undefined);
  return (
    <SettingLine
      label="Your hours"
      value={all.size === 1 ? sayHours(hours[0] ?? '') : 'by the day'}
      assumed={person.hours === undefined}
      wrong={wrong}
    >
      {weekDayNames.map((name, day) => (
        <TextField
          key={name}
          label={name}
          placeholder="off"
          value={hours[day] ?? ''}
          onChange={(text) => set(day, text)}
          problem={problemAt(`hours[${day}]`)}
        />
      ))}
      <Words size="small" colour="inkSoft">
        Hours in which your hands are free, like 8:00-12:00, 13:00-20:00. Empty is a day off.
      </Words>
    </SettingLine>
  );
}

/** Days away. */
function Away({ person, change, problemAt }: OwnPerson) {
  const away = person.away ?? [];
  const set = (next: typeof away): void => change({ away: next.length === 0 ? undefined : next });
  return (
    <SettingLine
      label="Days away"
      value={
        away.length === 0
          ? 'none'
          : away.map(({ from, to }) => (from === to ? from : `${from} to ${to}`)).join(', ')
      }
      assumed={away.length === 0}
      wrong={away.some((_, at) => ['from', 'to'].some((key) => problemAt(`away[${at}].${key}`)))}
    >
      {away.map((days, at) => (
        <View key={at} style={styles.row}>
          {(['from', 'to'] as const).map((key) => (
            <View key={key} style={styles.grow}>
              <TextField
                label={key === 'from' ? 'From' : 'To, that day too'}
                placeholder="2026-12-24"
                value={days[key] ?? ''}
                onChange={(text) =>
                  set(away.map((each, place) => (place === at ? { ...each, [key]: text } : each)))
                }
                problem={problemAt(`away[${at}].${key}`)}
              />
            </View>
          ))}
          <ActionButton
            kind="bare"
            icon="delete"
            label="Remove"
            spoken={`Remove ${days.from} to ${days.to}`}
            onPress={() => set(away.filter((_, place) => place !== at))}
          />
        </View>
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add days away"
          onPress={() => set([...away, { from: '', to: '', why: undefined }])}
        />
      </View>
    </SettingLine>
  );
}

interface QuantityProps<K extends Kind> {
  readonly own: OwnPerson;
  readonly field: 'weigh' | 'stir' | 'pourRate' | 'sealantCure';
  readonly label: string;
  readonly unit: string;
  readonly rule: QuantityRule<K>;
  readonly usual: string;
}

function Quantity<K extends Kind>({ own, field, label, unit, rule, usual }: QuantityProps<K>) {
  const value = own.person[field] ?? '';
  const problem = own.problemAt(field);
  return (
    <SettingLine
      label={label}
      value={value === '' ? usual : value}
      assumed={value === ''}
      wrong={problem !== undefined}
    >
      <QuantityField
        label={label}
        unit={unit}
        rule={rule}
        value={value}
        problem={problem}
        onChange={(text) => own.change({ [field]: text === '' ? undefined : text })}
      />
    </SettingLine>
  );
}

function Clamps({ person, change, problemAt }: OwnPerson) {
  const { clamps } = person;
  const problem = problemAt('clamps');
  return (
    <SettingLine
      label="Clamps you have"
      value={clamps === undefined ? 'not counted' : String(clamps)}
      assumed={clamps === undefined}
      wrong={problem !== undefined}
    >
      <TextField
        label="Clamps you have"
        numeric
        value={clamps === undefined ? '' : String(clamps)}
        problem={problem}
        // As it is typed: the schema reads it, and says what is wrong with it.
        onChange={(text) => change({ clamps: text === '' ? undefined : (text as never) })}
      />
    </SettingLine>
  );
}

/** What new jobs begin with. */
function Rooms({ person, change, problemAt }: OwnPerson) {
  const rooms = person.rooms ?? {};
  const seasons = Object.keys(seasonNames) as Season[];
  const said = seasons.flatMap((season) =>
    rooms[season] === undefined ? [] : [`${seasonNames[season].toLowerCase()} ${rooms[season]}`],
  );
  return (
    <SettingLine
      label="Your room by season"
      value={said.length === 0 ? '20 °C' : said.join(', ')}
      assumed={said.length === 0}
      wrong={seasons.some((season) => problemAt(`rooms.${season}`) !== undefined)}
    >
      {seasons.map((season) => (
        <QuantityField
          key={season}
          label={seasonNames[season]}
          unit="°C"
          rule={roomTemperatureRule}
          value={rooms[season] ?? ''}
          problem={problemAt(`rooms.${season}`)}
          onChange={(text) =>
            change({ rooms: { ...rooms, [season]: text === '' ? undefined : text } })
          }
        />
      ))}
      <Words size="small" colour="inkSoft">
        New jobs begin with the room of their season.
      </Words>
    </SettingLine>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: space.small },
  grow: { flexGrow: 1, flexBasis: 120 },
});
