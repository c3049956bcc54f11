const { getDefaultConfig } = require('expo/metro-config');
const { join } = require('node:path');
const { isNotRendered } = require('./scripts/not-rendered.cjs');

const config = getDefaultConfig(__dirname);

/**
 * The gesture library's core is found as CommonJS by one name and as ES modules by another, and each copy would keep
 * its own list of gestures: both names are sent to the ES modules.
 */
const gestureCore = join(__dirname, 'node_modules/@use-gesture/core');
const sameCopy = {
  '@use-gesture/core': join(gestureCore, 'dist/use-gesture-core.esm.js'),
  '@use-gesture/core/actions': join(gestureCore, 'actions/dist/use-gesture-core-actions.esm.js'),
};

/** What a writer of PDF would fetch to draw web pages, which nobody asks of it. */
const ofWebPages = /^(html2canvas|canvg|dompurify|core-js)(\/|$)/;

config.resolver.resolveRequest = (context, name, platform) => {
  if (ofWebPages.test(name) && /[\\/]jspdf[\\/]/.test(context.originModulePath)) {
    return { type: 'empty' };
  }
  if (sameCopy[name] !== undefined) return { type: 'sourceFile', filePath: sameCopy[name] };
  const found = context.resolveRequest(context, name, platform);
  return found.type === 'sourceFile' && isNotRendered.test(found.filePath)
    ? { type: 'empty' }
    : found;
};

module.exports = config;
