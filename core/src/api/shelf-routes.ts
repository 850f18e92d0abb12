/** Routes of the things on the shelf, and of gear that comes and goes as a file. */
import {
  ChangedItems,
  ItemChange,
  ItemHistory,
  ItemLine,
  ItemList,
  ItemsChange,
  ItemsUndo,
  MadeItems,
  NewItems,
  GearTaken,
} from './shelf.js';

export const shelfRoutes = {
  'GET /items': {
    needs: ['read', 'shelf'],
    summary: 'Everything on the shelf, with the kind of each thing',
    answer: ItemList,
  },
  'POST /items': {
    needs: ['change', 'shelf'],
    summary: 'Puts new items on the shelf, all of them or none; 409 where a tape code is on another one',
    body: NewItems,
    answer: MadeItems,
    status: 201,
  },
  'PATCH /items': {
    needs: ['change', 'shelf'],
    summary:
      'Changes several items at once, all of them or none; 409 where somebody changed the same since the base',
    body: ItemsChange,
    answer: ChangedItems,
  },
  'PATCH /items/:id': {
    needs: ['change', 'readings'],
    summary: 'Changes what is known of an item; 409 where somebody changed the same since the base',
    body: ItemChange,
    answer: ItemLine,
  },
  'GET /items/:id/history': {
    needs: ['read', 'shelf'],
    summary: 'Who changed an item when, newest first (?before= is the cursor)',
    answer: ItemHistory,
  },
  'POST /item-changes/:id/undo': {
    needs: ['change', 'shelf'],
    summary:
      'Takes back all that was done to the shelf under one id: items put there are removed, fields are as they were; 409 where somebody changed them since',
    body: ItemsUndo,
    answer: ChangedItems,
  },
  'GET /shelf/gear': {
    needs: ['read', 'shelf'],
    summary:
      'Gear as a .satchel.json file for another house: the things in ?ids= (commas between) with their kinds, or all of both; no names, no prices',
    file: 'application/json',
  },
  'POST /shelf/gear': {
    needs: ['change', 'shelf'],
    summary:
      'Puts the gear of a .satchel.json file on the shelf with the kinds that are new here; ?as=borrowed or ours; ?dry=yes only says what it would do',
    answer: GearTaken,
    status: 201,
  },
} as const;
