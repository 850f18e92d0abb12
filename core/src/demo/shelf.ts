/** The demo shelf: about 90 items with tape codes. */
import type { Item, Shelf } from '../documents/index.js';
import { dayBefore, withRecords } from './shelf-records.js';

/** Tape code prefix, how many, and the kind; ids follow from the code. */
const STOCK: readonly (readonly [code: string, count: number, kind: string])[] = [
  ['CAM', 1, 'camoneinc'],
  ['FTC', 2, 'camfourth'],
  ['SMC', 1, 'camcompac'],
  ['FFC', 1, 'camfullfr'],
  ['PTZ', 1, 'campantil'],
  ['SWC', 1, 'switchcom'],
  ['SWR', 1, 'switchrac'],
  ['REC', 2, 'recordhdm'],
  ['SCR', 1, 'screen043'],
  ['LAP', 3, 'laptopcom'],
  ['ADD', 2, 'adaptdtoa'],
  ['DSK', 1, 'diskusb01'],
  ['ADC', 2, 'adaptctoa'],
  ['SCA', 1, 'scalerhdm'],
  ['DEM', 1, 'deembedsd'],
  ['SUB', 1, 'switchsub'],
  ['TWO', 1, 'switchtwo'],
  ['MON', 2, 'monitor24'],
  ['FLD', 1, 'monitor07'],
  ['SPL', 2, 'splithdm2'],
  ['CAL', 1, 'laptopcal'],
  ['H2S', 1, 'convhtosd'],
  ['S2H', 1, 'convstohd'],
  ['CAP', 1, 'capturehd'],
  ['TKB', 1, 'talkbase1'],
  ['TKP', 3, 'talkbelt1'],
  ['BEL', 1, 'bondedbel'],
  ['DES', 1, 'desksmall'],
  ['MIC', 2, 'miclecter'],
  ['HHM', 1, 'michandhe'],
  ['XTR', 2, 'adaptxltr'],
  ['CTL', 1, 'controlpt'],
  ['TAB', 1, 'controltb'],
  ['BST', 1, 'battlarge'],
  ['BUS', 2, 'battusb01'],
  ['UCC', 2, 'usbccab2m'],
  ['UAC', 2, 'usbacab2m'],
  ['ATR', 2, 'audiotr3m'],
  ['X20', 1, 'audio020m'],
  ['X30', 1, 'audio030m'],
  ['RTR', 1, 'routerwan'],
  ['NSW', 1, 'netswitch'],
  ['STR', 1, 'striprack'],
  ['STF', 3, 'stripfour'],
  ['RAK', 1, 'rackcase4'],
  ['RTT', 1, 'raktray02'],
  ['KSC', 1, 'casewheel'],
  ['KSK', 3, 'crate6040'],
  ['KSB', 2, 'bagstands'],
  ['RFP', 1, 'fanpanel1'],
  ['BAT', 3, 'battplate'],
  ['BIG', 1, 'battpla15'],
  ['CHG', 1, 'chargertw'],
  ['LMP', 3, 'lamppanel'],
  ['LNS', 1, 'lenstele1'],
  ['LNF', 1, 'lensfast1'],
  ['PHN', 1, 'phone0001'],
  ['TRI', 3, 'tripodflu'],
  ['STD', 2, 'standhigh'],
  ['HDP', 2, 'headphone'],
  ['TLP', 1, 'toolpouch'],
  ['H01', 12, 'hdmi0001m'],
  ['H03', 3, 'hdmi0003m'],
  ['H10', 2, 'hdmi0010m'],
  ['H15', 2, 'hdmi0015m'],
  ['H20', 2, 'hdmi0020m'],
  ['H30', 1, 'hdmi0030m'],
  ['O30', 2, 'hdmiopt30'],
  ['O50', 2, 'hdmiopt50'],
  ['B10', 2, 'coax0010m'],
  ['B25', 2, 'coax0025m'],
  ['N02', 4, 'netw0002m'],
  ['N10', 2, 'netw0010m'],
  ['N30', 4, 'netw0030m'],
  ['M02', 18, 'mainlead2'],
  ['M05', 4, 'mainlead5'],
  ['M10', 8, 'mainlea10'],
  ['M25', 6, 'mainlea25'],
  ['X05', 2, 'audio005m'],
  ['X10', 2, 'audio010m'],
];

function items(start: string): Record<string, Item> {
  const all: Record<string, Item> = {};
  for (const [code, count, kind] of STOCK) {
    for (let i = 1; i <= count; i++) {
      const number = String(i).padStart(2, '0');
      all[`item${code.toLowerCase()}${number}`] = { tape: `${code} ${number}`, kind, state: 'ready' };
    }
  }
  const known = (id: string): Item => all[id] as Item;
  all.itembat01 = { ...known('itembat01'), cycles: 105 };
  all.itembat02 = { ...known('itembat02'), cycles: 240 };
  all.itembat03 = { ...known('itembat03'), cycles: 610, state: 'in repair', note: 'swollen, do not charge' };
  all.itembig01 = { ...known('itembig01'), cycles: 12 };
  all.itemtape1 = { tape: 'TAPE', kind: 'tapecloth', state: 'ready', count: 6 };
  all.itemhook1 = { tape: 'HOOK', kind: 'hookdoor1', state: 'ready', count: 9 };
  all.itemmats1 = { tape: 'MAT', kind: 'matcable1', state: 'ready', count: 4 };
  all.itemramp1 = { tape: 'RAMP', kind: 'rampcable', state: 'ready', count: 8 };
  for (const [id, item] of Object.entries(all)) all[id] = withRecords(item, start);
  all.itemlmp03 = {
    ...known('itemlmp03'),
    owner: { how: 'borrowed', who: 'Quillmere Players', back: dayBefore(start, -3) },
  };
  all.itemstf03 = {
    ...known('itemstf03'),
    tested: { on: dayBefore(start, 120), result: 'failed', by: 'Parish electrician' },
    note: 'earth of the last socket',
  };
  all.itemfld01 = {
    ...known('itemfld01'),
    lent: { to: 'Quillmere Players', on: dayBefore(start, 30), back: dayBefore(start, 2) },
  };
  all.itemhdp02 = {
    ...known('itemhdp02'),
    faults: {
      faultcrack: { at: `${dayBefore(start, 30)}T20:10:00Z`, what: 'left side crackles', by: 'Ines Calder' },
    },
  };
  all.itemchg01 = { ...known('itemchg01'), goesWith: 'itembat02' };
  for (const id of ['itemmic01', 'itemmic02', 'itemx1001', 'itemx1002', 'itemdes01'])
    all[id] = { ...known(id), kit: 'Speech kit' };
  for (const id of ['itemtkb01', 'itemtkp01', 'itemtkp02', 'itemtkp03', 'itemhdp01'])
    all[id] = { ...known(id), kit: 'Talkback kit' };
  return all;
}

/** The shelf as it is when the weekend begins at `start`. */
export const demoShelf = (start = '2026-12-04T19:30:00Z'): Shelf => ({ items: items(start) });
