/** Every list of an event that is printed, by the name of its file. */
import type { Assessment } from '../assess.js';
import type { Bundle } from '../documents/index.js';
import { batteryCardSheet } from './battery-card.js';
import { breakerList } from './breaker-list.js';
import { buttonSheet } from './button-sheet.js';
import { callSheet } from './call-sheet.js';
import { caseCards } from './case-cards.js';
import { chargeListSheet } from './charge-list.js';
import { circuitSheet } from './circuit-sheet.js';
import { checkList } from './check-list.js';
import { creditsSheet } from './credits.js';
import { cutList } from './cut-list.js';
import { innerWiring } from './inner-wiring.js';
import { knobCard } from './knob-card.js';
import { layList } from './lay-list.js';
import { liftingCard } from './lifting-card.js';
import { lightsOut } from './lights-out.js';
import { loadCard } from './load-card.js';
import { dutyCards } from './duty-cards.js';
import { hirePickUp, shoppingList } from './need-lists.js';
import { packList } from './pack-list.js';
import { loadIn, packBack, packOut } from './pack-rounds.js';
import { powerList } from './power-list.js';
import { quoteSheet } from './quote.js';
import { rolesSheet } from './roles.js';
import { runningOrderSheet } from './running-order.js';
import { settingsCard } from './settings-card.js';
import { wallChart } from './wall-chart.js';
import type { SheetName } from './sheet-words.js';
import type { Sheet } from './sheet.js';
import { formatCard, inputList, patchList } from './signal-lists.js';

export const SHEETS: Readonly<Record<SheetName, (bundle: Bundle, assessment: Assessment) => Sheet>> = {
  'running-order': ({ plan }, assessment) => runningOrderSheet(plan, assessment),
  'input-list': ({ plan }, assessment) => inputList(plan, assessment),
  'patch-list': ({ plan }, assessment) => patchList(plan, assessment),
  'format-card': ({ plan }, assessment) => formatCard(plan, assessment),
  'cut-list': ({ plan }, assessment) => cutList(plan, assessment),
  'lay-list': ({ plan }, assessment) => layList(plan, assessment),
  'inner-wiring': ({ plan }, assessment) => innerWiring(plan, assessment),
  'power-list': ({ plan }, assessment) => powerList(plan, assessment),
  'breaker-list': breakerList,
  'circuit-sheet': circuitSheet,
  'lights-out': lightsOut,
  'battery-card': batteryCardSheet,
  'charge-list': chargeListSheet,
  'pack-list': ({ plan }, assessment) => packList(plan, assessment),
  'pack-out': packOut,
  'load-in': loadIn,
  'pack-back': packBack,
  'hire-pick-up': hirePickUp,
  shopping: shoppingList,
  quote: quoteSheet,
  'case-cards': ({ plan }, assessment) => caseCards(plan, assessment),
  'load-card': ({ plan }, assessment) => loadCard(plan, assessment),
  'lifting-card': ({ plan }, assessment) => liftingCard(plan, assessment),
  'settings-card': ({ plan }, assessment) => settingsCard(plan, assessment),
  'knob-card': knobCard,
  'button-sheet': ({ plan }, assessment) => buttonSheet(plan, assessment),
  roles: ({ plan, hands }, assessment) => rolesSheet(plan, assessment, hands),
  'call-sheet': callSheet,
  'duty-cards': dutyCards,
  'wall-chart': wallChart,
  credits: creditsSheet,
  'check-list': ({ plan }, assessment) => checkList(plan, assessment),
};
