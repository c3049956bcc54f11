const { getDefaultConfig } = require('expo/metro-config');
const { join } = require('node:path');
const { isNotRendered, isReplaced } = require('./scripts/not-rendered.cjs');

const config = getDefaultConfig(__dirname);

/**
 * The gesture library's core is found as CommonJS by one name and as ES modules by another, and each copy would keep
 * its own list of gestures: both names are sent to the ES modules.
 */
const gestureCore = join(__dirname, 'node_modules/@use-gesture/core');
const standIns = join(__dirname, 'scripts/stand-ins.js');

config.transformer.minifierPath = join(__dirname, 'scripts/minify.cjs');

const sameCopy = {
  '@use-gesture/core': join(gestureCore, 'dist/use-gesture-core.esm.js'),
  '@use-gesture/core/actions': join(gestureCore, 'actions/dist/use-gesture-core-actions.esm.js'),
  // Two versions of the same list of names.
  'color-name': join(__dirname, 'node_modules/color-name/index.js'),
};

/** What a writer of PDF would fetch to draw web pages, which nobody asks of it. */
const ofWebPages = /^(html2canvas|canvg|dompurify|core-js)(\/|$)/;

config.resolver.resolveRequest = (context, name, platform) => {
  if (ofWebPages.test(name) && /[\\/]jspdf[\\/]/.test(context.originModulePath)) {
    return { type: 'empty' };
  }
  // The writer of PDF has a copy of its own: what two chunks share would be fetched before the first figure.
  if (name === 'fflate' && /[\\/]jspdf[\\/]/.test(context.originModulePath)) {
    return { type: 'sourceFile', filePath: join(__dirname, 'node_modules/fflate/umd/index.js') };
  }
  if (sameCopy[name] !== undefined) return { type: 'sourceFile', filePath: sameCopy[name] };
  const found = context.resolveRequest(context, name, platform);
  if (found.type !== 'sourceFile') return found;
  if (isReplaced.test(found.filePath)) return { type: 'sourceFile', filePath: standIns };
  return isNotRendered.test(found.filePath) ? { type: 'empty' } : found;
};

module.exports = config;
