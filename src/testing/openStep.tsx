import { configure, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactElement } from 'react';
import exampleFile from '../../docs/formats/drawer-tray.job.json';
import { upgradeDraft } from '../core/upgrades/upgradeJob';
import { calibrateHere } from './calibrateHere';
import { demoMoulds } from '../data/demo/demoMoulds';
import { demoResins } from '../data/demo/demoResins';
import type { JobDraft, PourDraft } from '../data/draft/jobDraft';
import { JobDraftProvider } from '../data/draft/JobDraftProvider';
import { settingsPatch } from '../data/records/patchedSettings';
import { DataProvider } from '../data/hooks/DataProvider';
import { useMoulds, useResins, useSettings } from '../data/hooks/queries';
import { isNotOpen, useOpenJobRecord } from '../data/hooks/useOpenRecord';
import type { JobRecord } from '../data/records/jobRecord';
import {
  jobCollection,
  jobRecordOf,
  mouldCollection,
  mouldRecordOf,
  resinCollection,
  resinRecordOf,
} from '../data/repositories';
import { twoTabs } from '../data/store/twoTabs';
import { NoticeProvider } from '../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../ui/ThemeProvider';

// Failures show their words, not the page.
configure({
  defaultHidden: true,
  getElementError: (message) => new Error(message ?? 'not there'),
});

/** What is written into one step of a job on the screen, and read off it. Component tests of the steps work through this. */
export interface OpenStep {
  /** The job as it is stored, its first pour beside it: waits until what was typed is saved. */
  readonly saved: (is: (draft: JobDraft & PourDraft) => void) => Promise<void>;
}

const jobId = 'tray';

/** The step over the stored job, once everything it looks at is read. */
function OverStored({ step }: { readonly step: ReactElement }) {
  const open = useOpenJobRecord(jobId);
  const read = [useSettings().data, useResins().data, useMoulds().data];
  if (isNotOpen(open) || read.includes(undefined)) return null;
  return (
    <JobDraftProvider {...open}>
      <div data-testid="step">{step}</div>
    </JobDraftProvider>
  );
}

/**
 * Shows a step of a job with the cards and moulds of the demo.
 * @param change to the tray of the example file
 */
export async function openStep(step: ReactElement, change: object = {}): Promise<OpenStep> {
  const { first } = twoTabs();
  const draft = upgradeDraft({ ...exampleFile, ...change }) as JobDraft;
  await first.commit([
    settingsPatch({}),
    jobCollection.creation({ ...jobRecordOf(draft), id: jobId }),
    ...demoResins.map((resin) =>
      resinCollection.creation({ ...resinRecordOf(resin, undefined), id: resin.id, resin }),
    ),
    ...demoMoulds.map((mould) =>
      mouldCollection.creation({ ...mouldRecordOf(mould), id: mould.id, mould }),
    ),
  ]);
  render(
    <DataProvider store={first} calibrate={calibrateHere}>
      <ThemeProvider>
        <NoticeProvider>
          <OverStored step={step} />
        </NoticeProvider>
      </ThemeProvider>
    </DataProvider>,
  );
  await screen.findByTestId('step');
  return {
    saved: (is) =>
      waitFor(async () => {
        const text = (await first.read('job/')).get(jobCollection.key(jobId)) ?? 'null';
        const { draft: stored } = JSON.parse(text) as JobRecord;
        const { name: _, room: __, measure: ___, ...pour } = stored.pours[0] ?? {};
        is({ ...pour, ...stored });
      }),
  };
}

type Place = string | undefined;
const at = (place: Place) => within(screen.getByTestId(place ?? 'step'));

/** The one of that role with these words; names worked out from styles take seconds in jsdom. */
export function withWords(role: string, name: string | RegExp, place?: string): HTMLElement {
  const [found, ...more] = at(place)
    .getAllByRole(role)
    .filter((element) => {
      const words = (element.getAttribute('aria-label') ?? element.textContent).replaceAll(
        '\u00a0',
        ' ',
      );
      return typeof name === 'string' ? words === name : name.test(words);
    });
  if (found === undefined || more.length > 0) {
    throw new Error(`${found === undefined ? 'no' : 'not one'} ${role} says ${String(name)}`);
  }
  return found;
}

/** A choice by its own words; those with a note under them have more. */
export const choose = (name: string | RegExp, place?: string): void =>
  void fireEvent.click(withWords('radio', name, place));
export const press = (name: string | RegExp, place?: string): void =>
  void fireEvent.click(withWords('button', name, place));
/** What is offered after a removal, under the step. */
export const undo = (): void => void fireEvent.click(screen.getByText('Undo'));
export const turn = (name: string | RegExp, place?: string): void =>
  void fireEvent.click(withWords('checkbox', name, place));
const fieldsCalled = (label: string, place: Place): readonly HTMLElement[] =>
  at(place)
    .queryAllByLabelText(label)
    .filter((each) => ['INPUT', 'TEXTAREA'].includes(each.tagName));

/** Opens the line of a setting, or closes it. */
export const openLine = (label: string, place?: string): void =>
  press(new RegExp(`^${label.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(: |$)`), place);

/** Writes into a field; where it stands on a line that is closed, that is opened first. */
export function type(label: string, text: string, place?: string): void {
  if (fieldsCalled(label, place).length === 0) openLine(label, place);
  const [field, ...more] = fieldsCalled(label, place);
  if (field === undefined || more.length > 0) throw new Error(`not one field is called ${label}`);
  fireEvent.change(field, { target: { value: text } });
}

/** Takes another choice on a line, that closes again by it. */
export function chooseOnLine(label: string, choice: string | RegExp, place?: string): void {
  openLine(label, place);
  choose(choice, place);
}

/** Everything in a place as people read it, spaces as spaces. */
export const textOf = (place?: string): string =>
  screen.getByTestId(place ?? 'step').textContent.replaceAll('\u00a0', ' ');

/** Waits until a place says this. */
export const says = (text: string | RegExp, place?: string): Promise<void> =>
  waitFor(() =>
    typeof text === 'string'
      ? expect(textOf(place)).toContain(text)
      : expect(textOf(place)).toMatch(text),
  );
