/** People as vCards (RFC 6350): their names, and how they are reached. */
import ICAL from 'ical.js';
import type { Person } from '@idle-satchel/core/documents';

/** One card for everybody who is known. */
export const vcardsOf = (people: readonly { readonly id: string; readonly person: Person }[]): string =>
  people
    .map(({ id, person: { name, phone, mail } }) => {
      const card = new ICAL.Component(['vcard', [], []]);
      card.addPropertyWithValue('version', '4.0');
      card.addPropertyWithValue('uid', id);
      card.addPropertyWithValue('fn', name);
      if (phone !== undefined) card.addPropertyWithValue('tel', phone);
      if (mail !== undefined) card.addPropertyWithValue('email', mail);
      return `${card.toString()}\r\n`;
    })
    .join('');
