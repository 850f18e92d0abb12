/** Every rule of Signal. */
import { assemblyOld } from './assembly-old.js';
import { backupShared } from './backup-shared.js';
import { keyFill } from './key-fill.js';
import { lineMissing } from './line-missing.js';
import { oneComputer } from './one-computer.js';
import { pictureUnfit } from './picture-unfit.js';
import { secondCable } from './second-cable.js';
import { short } from './short.js';
import { sizeUnlike } from './size-unlike.js';
import { unworked } from './unworked.js';
import { viewMissing } from './view-missing.js';
import { wrongProgramme } from './wrong-programme.js';
import { wrongWay } from './wrong-way.js';
import { connectorMismatch } from './connector-mismatch.js';
import { formatMismatch } from './format-mismatch.js';
import { groupTwice } from './group-twice.js';
import { lipSync } from './lip-sync.js';
import { loop } from './loop.js';
import { screenLate } from './screen-late.js';
import { outputUnfed } from './output-unfed.js';
import { portTwice } from './port-twice.js';
import { soundMissing } from './sound-missing.js';
import { soundTwice } from './sound-twice.js';
import { sourceUnplugged } from './source-unplugged.js';

export const SIGNAL_RULES = [
  ...[outputUnfed, wrongProgramme, connectorMismatch, wrongWay, secondCable, portTwice, groupTwice],
  ...[formatMismatch, pictureUnfit, loop, short, sourceUnplugged, keyFill, sizeUnlike, backupShared],
  ...[
    viewMissing,
    lineMissing,
    unworked,
    oneComputer,
    soundMissing,
    soundTwice,
    lipSync,
    screenLate,
    assemblyOld,
  ],
];
