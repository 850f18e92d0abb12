/** Headers that tell browsers what they may do with answers: those of pages, and those of the API. */
import type { RequestHandler } from 'express';
import helmet from 'helmet';

/** What pages ask a browser for: the camera, which reads codes when somebody says so; photos come from a file field. */
const PERMISSIONS = ['microphone', 'geolocation', 'payment', 'usb', 'serial', 'bluetooth', 'midi']
  .map(each => `${each}=()`)
  .concat('camera=(self)')
  .join(', ');

const guarded = helmet({
  contentSecurityPolicy: {
    directives: {
      'img-src': ["'self'", 'data:', 'blob:'],
      // The solver is WebAssembly; this lets that run, and no text as a script.
      'script-src': ["'self'", "'wasm-unsafe-eval'"],
      // What is drawn has sizes and places of its own; sheets of styles and typefaces come from here alone.
      'style-src': ["'self'", "'unsafe-inline'"],
      'font-src': ["'self'"],
      'upgrade-insecure-requests': null,
    },
  },
  strictTransportSecurity: false,
});

export const ofPages: RequestHandler = (request, response, next) => {
  response.setHeader('permissions-policy', PERMISSIONS);
  guarded(request, response, next);
};

/**
 * Answers are data: nothing in them runs, even where a browser shows one by itself. They are of this moment, and of one
 * organisation; what never changes says so itself.
 */
export const ofAnswers: RequestHandler = (_request, response, next) => {
  response.setHeader('cache-control', 'no-store');
  response.setHeader(
    'content-security-policy',
    "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
  );
  response.setHeader('cross-origin-resource-policy', 'same-origin');
  response.setHeader('permissions-policy', PERMISSIONS);
  response.setHeader('referrer-policy', 'no-referrer');
  response.setHeader('x-content-type-options', 'nosniff');
  response.setHeader('x-frame-options', 'SAMEORIGIN');
  next();
};

/** A handler for everything but what lies below a path. */
export const except =
  (path: string, handler: RequestHandler): RequestHandler =>
  (request, response, next) =>
    request.path === path || request.path.startsWith(`${path}/`)
      ? next()
      : void handler(request, response, next);
