// Draws the icons of the installed app from the one drawing: `node scripts/make-app-icons.mjs`, after `public/favicon.svg` changed.
import { chromium } from '@playwright/test';
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromiumPath, chromiumSwitches } from './chromium.mjs';
import { root } from './steps.mjs';

const drawing = readFileSync(join(root, 'public/favicon.svg'), 'utf8');
const paper = '#f5f0e8';

/** Launchers cut a maskable icon to their own shape: what is drawn stays within the middle 80 %. */
const icons = [
  { name: 'icon-192', side: 192, drawn: 1 },
  { name: 'icon-512', side: 512, drawn: 1 },
  { name: 'maskable-512', side: 512, drawn: 0.75 },
  { name: 'touch-180', side: 180, drawn: 0.9 },
];

const folder = join(root, 'public/icons');
mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({ executablePath: chromiumPath(), args: chromiumSwitches });
const page = await browser.newPage();
for (const { name, side, drawn } of icons) {
  await page.setViewportSize({ width: side, height: side });
  const inner = side * drawn;
  await page.setContent(
    `<body style="margin:0;background:${paper};display:grid;place-items:center;height:100vh">
      <div style="width:${inner}px;height:${inner}px">${drawing}</div></body>`,
  );
  await page.screenshot({ path: join(folder, `${name}.png`) });
}
await browser.close();
