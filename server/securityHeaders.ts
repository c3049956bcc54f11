import type { RequestHandler } from 'express';
import helmet from 'helmet';

/** What of a device no page of ours asks for. */
const unused = [
  'accelerometer',
  'autoplay',
  'bluetooth',
  'display-capture',
  'encrypted-media',
  'gamepad',
  'geolocation',
  'gyroscope',
  'idle-detection',
  'local-fonts',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'picture-in-picture',
  'publickey-credentials-create',
  'publickey-credentials-get',
  'storage-access',
  'sync-xhr',
  'usb',
  'window-management',
  'xr-spatial-tracking',
];
/** What it asks for: codes by the camera, scales by their ports, a screen that stays on at the bench. */
const used = ['camera', 'hid', 'screen-wake-lock', 'serial'];

const features = [
  ...unused.map((feature) => `${feature}=()`),
  ...used.map((feature) => `${feature}=(self)`),
].join(', ');

/** What a browser is told of every answer: nothing comes from elsewhere, nothing goes there, and nobody frames it. */
export const securityHeaders: readonly RequestHandler[] = [
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        scriptSrcAttr: ["'none'"],
        // React Native's styles are written into the page as it runs; without this it stays blank.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        mediaSrc: ["'none'"],
        objectSrc: ["'none'"],
        frameSrc: ["'none'"],
        baseUri: ["'none'"],
        frameAncestors: ["'none'"],
        formAction: ["'none'"],
      },
    },
    // On a page that is cut off altogether the framework starts its threads out of texts, which the policy above forbids. Nothing is
    // embedded from elsewhere anyway.
    crossOriginEmbedderPolicy: false,
    // The app is served over plain HTTP on the person's own machine.
    strictTransportSecurity: false,
  }),
  (_request, response, next) => {
    response.setHeader('Permissions-Policy', features);
    next();
  },
];
