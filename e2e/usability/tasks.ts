import type { Page } from '@playwright/test';
import { binaryStl, icosphere } from '../../src/core/measure/testShapes/meshes';
import { expect, figure } from '../app';
import type { Person } from './person';

/** Something a person comes for, from a cold start with nothing kept. */
export interface Task {
  readonly name: string;
  /** What it cost before, counted by another script: taps, characters, px. */
  readonly before: readonly [taps: number, characters: number, scrolledPx: number];
  readonly does: (page: Page, someone: Person) => Promise<void>;
}

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const radio = (page: Page, name: string | RegExp) => page.getByRole('radio', { name });
const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

/** A new job over the shelf of the demo: resins, moulds and what kits cost. */
async function beginJob(page: Page, someone: Person): Promise<void> {
  await someone.tap(page.getByRole('link', { name: 'Jobs' }));
  await someone.tap(button(page, 'Load the demo'));
  await page.getByRole('link', { name: 'Open Drawer tray' }).waitFor();
  await someone.tap(button(page, 'New job'));
}

/** Opens a step from the piece, which stands small in the head. */
async function toStep(page: Page, someone: Person, step: string): Promise<void> {
  await someone.tap(button(page, 'The piece').first());
  await someone.tap(page.getByTestId(`step-${step}`));
}

export const tasks: readonly Task[] = [
  {
    name: '(a) A and B of 500 g of a 2 : 1 resin, by its label',
    before: [8, 17, 0],
    async does(page, someone) {
      await someone.tap(field(page, 'Ratio on the label, A : B'));
      await someone.type('2:1\n500');
      await expect(page.getByTestId('part-A')).toContainText('347.0');
      await someone.read(page.getByTestId('part-B'));
    },
  },
  {
    name: '(b) a live-edge channel of five stations in two layers, bought to the kit',
    before: [34, 41, 2127],
    async does(page, someone) {
      await beginJob(page, someone);
      await someone.tap(radio(page, /Channel/));
      await someone.tap(field(page, 'Depth'));
      // Place and width of each; the first stands at nought.
      await someone.type('45\n\n82\n250\n64\n600\n97\n900\n71\n1250\n88');
      await expect(page.getByTestId('main-figure')).toContainText(figure('4475 ml'));
      await toStep(page, someone, 'layers');
      await someone.tap(button(page, /^Poured in/));
      await someone.tap(radio(page, /Heights of my own/));
      await expect(page.getByTestId('main-figure')).toContainText('2 layers');
      await toStep(page, someone, 'buy');
      await someone.read(page.getByTestId('buying'));
    },
  },
  {
    name: '(c) two coats of a 78-1/4 × 24 in top, with the gallons to buy',
    before: [28, 61, 3031],
    async does(page, someone) {
      await beginJob(page, someone);
      await someone.tap(radio(page, /^Coat/));
      await someone.tap(field(page, 'Length'));
      await someone.type('78-1/4 in\n24\n1/8\n2');
      await toStep(page, someone, 'resin');
      await someone.tap(radio(page, /Table coat/));
      await toStep(page, someone, 'buy');
      await someone.read(page.getByText('US gal').first());
    },
  },
  {
    name: '(d) twelve knobs in three colours',
    before: [34, 49, 3622],
    async does(page, someone) {
      await beginJob(page, someone);
      await someone.tap(radio(page, /^Cylinder/));
      await someone.tap(field(page, 'Diameter'));
      await someone.type('36\n28\n12');
      await toStep(page, someone, 'colour');
      const addColour = button(page, 'Add a colour');
      await someone.tap(addColour);
      await someone.tap(addColour);
      await someone.tap(addColour);
      await toStep(page, someone, 'mix');
      await someone.read(page.getByTestId('part-B').first());
    },
  },
  {
    name: '(e) a silicone mould round a master from a mesh',
    before: [22, 25, 1813],
    async does(page, someone) {
      await beginJob(page, someone);
      await someone.tap(radio(page, /^Mesh/));
      await someone.takeFile(button(page, 'Choose a mesh file'), {
        name: 'knob.stl',
        mimeType: 'model/stl',
        buffer: Buffer.from(binaryStl(icosphere(40, 4))),
      });
      await someone.tap(radio(page, /^mm/));
      await expect(page.getByTestId('main-figure')).toContainText(figure('268 ml'));
      await someone.tap(radio(page, /master/));
      await toStep(page, someone, 'mix');
      await expect(page.getByTestId('figures')).toContainText(figure('100 : 100 by weight'));
      await someone.read(page.getByTestId('part-B').first());
    },
  },
  {
    name: '(f) an over-poured A put right',
    before: [14, 22, 427],
    async does(page, someone) {
      await someone.tap(field(page, 'Ratio on the label, A : B'));
      await someone.type('2:1\n500');
      await someone.tap(button(page, /^Poured too much/));
      await someone.type('360');
      await someone.read(page.getByTestId('corrected'));
    },
  },
];
