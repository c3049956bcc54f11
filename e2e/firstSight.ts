import { expect, type Page } from '@playwright/test';
import { mainFigure } from './app';

const phoneHigh = 844;

/** The main figure says something that is a figure, and stands whole in the first sight of the screen. */
export async function standsFirst(page: Page): Promise<void> {
  const figure = mainFigure(page).first();
  await expect(figure).toContainText(
    /\d|Poured as it is|All on the shelf|worth working out|not modelled/,
  );
  const box = await figure.boundingBox();
  expect(box!.y).toBeGreaterThanOrEqual(0);
  expect(box!.y + box!.height).toBeLessThanOrEqual(phoneHigh);
  await expect(page.getByRole('main')).not.toContainText(/NaN|undefined|Infinity/);
}
