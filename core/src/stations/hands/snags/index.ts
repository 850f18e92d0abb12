/** Every rule of Hands. */
import { away } from './away.js';
import { crewLimit } from './crew-limit.js';
import { afterLocked, beforeOpen } from './hours.js';
import { lateReady } from './late-ready.js';
import { longStretch } from './long-stretch.js';
import { strikeAlone } from './strike-alone.js';
import { tiredDrive } from './tired-drive.js';
import { youngRide } from './young-ride.js';
import { elsewhere } from './elsewhere.js';
import { longStrike } from './long-strike.js';
import { scheduleOld } from './schedule-old.js';
import { operatorApart } from './operator-apart.js';
import { overload } from './overload.js';
import { twoJobs } from './two-jobs.js';
import { unfilled } from './unfilled.js';
import { unheard } from './unheard.js';
import { unskilled } from './unskilled.js';
import { youngAlone } from './young-alone.js';
import { youngLate } from './young-late.js';

export const HANDS_RULES = [
  ...[unfilled, unskilled, operatorApart, unheard, twoJobs, overload, crewLimit, lateReady, scheduleOld],
  ...[
    away,
    elsewhere,
    youngAlone,
    youngLate,
    youngRide,
    longStretch,
    tiredDrive,
    strikeAlone,
    beforeOpen,
    afterLocked,
    longStrike,
  ],
];
