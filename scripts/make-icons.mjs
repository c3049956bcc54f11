// Copies just the icon paths that the app uses out of @mdi/js, because the bundler would ship all of them.
import { writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const mdi = createRequire(import.meta.url)('@mdi/js');

const used = {
  'arrow-left': 'mdiArrowLeft',
  calendar: 'mdiCalendarClockOutline',
  check: 'mdiCheck',
  'chevron-down': 'mdiChevronDown',
  'chevron-right': 'mdiChevronRight',
  'chevron-up': 'mdiChevronUp',
  close: 'mdiClose',
  camera: 'mdiCameraOutline',
  'content-copy': 'mdiContentCopy',
  'content-duplicate': 'mdiContentDuplicate',
  'cup-outline': 'mdiCupOutline',
  delete: 'mdiDeleteOutline',
  'dots-vertical': 'mdiDotsVertical',
  download: 'mdiTrayArrowDown',
  'folder-open': 'mdiFolderOpenOutline',
  'help-circle': 'mdiHelpCircleOutline',
  jobs: 'mdiLayersOutline',
  minus: 'mdiMinus',
  pause: 'mdiPause',
  pencil: 'mdiPencilOutline',
  pin: 'mdiPinOutline',
  play: 'mdiPlay',
  plus: 'mdiPlus',
  printer: 'mdiPrinterOutline',
  redo: 'mdiRedo',
  'rotate-left': 'mdiRotateLeft',
  'rotate-right': 'mdiRotateRight',
  scale: 'mdiScale',
  shelf: 'mdiBottleTonicOutline',
  tune: 'mdiTuneVariant',
  undo: 'mdiUndo',
  warning: 'mdiAlertOutline',
};

const rows = Object.entries(used).map(([name, key]) => {
  const path = mdi[key];
  if (path === undefined) throw new Error(`@mdi/js has no ${key}`);
  return `  ${/^[a-z]+$/.test(name) ? name : `'${name}'`}: '${path}',`;
});
writeFileSync(
  new URL('../src/ui/icons/iconPaths.ts', import.meta.url),
  `// Made by scripts/make-icons.mjs: change the list there and run \`npm run icons\`.\nexport const iconPaths = {\n${rows.join('\n')}\n} as const;\n`,
);
