/** Every rule of Stream. */
import { diskShort } from './disk-short.js';
import { rungTooHigh } from './rung-too-high.js';
import { noDisk } from './no-disk.js';
import { noLine } from './no-line.js';
import { uploadOld } from './upload-old.js';
import { uploadUnmeasured } from './upload-unmeasured.js';

export const STREAM_RULES = [noLine, uploadUnmeasured, rungTooHigh, diskShort, noDisk, uploadOld];
