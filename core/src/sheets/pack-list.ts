/** The pack list: everything that leaves the cupboard, by group, with counts and tape codes. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { GROUPS } from '../stations/pack/index.js';
import { aboutEvent } from './about.js';
import type { Sheet } from './sheet.js';

export function packList(plan: Plan, assessment: Assessment): Sheet {
  const lines = Object.values(assessment.pack.lines);
  return {
    title: 'Pack list',
    about: aboutEvent(plan, assessment),
    columns: [
      { label: 'Count', width: 7, align: 'right' },
      { label: 'Tape', width: 10 },
      { label: 'What', width: 35 },
      { label: 'For', width: 30 },
      { label: 'Travels in', width: 18 },
    ],
    sections: GROUPS.map(group => ({
      heading: group,
      rows: lines
        .filter(line => line.group === group)
        .map(line => [
          String(line.count),
          line.tape ?? 'WANTED',
          line.label,
          line.purpose,
          line.inside ?? '',
        ]),
    })).filter(section => section.rows.length > 0),
    notes: ['Batteries on board with terminals covered. Two people on every case over 23 kg.'],
  };
}
