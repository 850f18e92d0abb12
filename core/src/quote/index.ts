/** What screens of a quote need: its edits, and the sheet that is sent. */
export { packagePatch, quotePatch } from './offer.js';
export { quoteSheet } from '../sheets/quote.js';
