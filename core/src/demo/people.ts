/** The people of the demo house. */
import type { Hands, Person } from '../documents/index.js';
import type { SkillName } from '../foundations/index.js';
import { dayBefore } from './shelf-records.js';

const who = (
  name: string,
  skills: Partial<Record<SkillName, 1 | 2 | 3>>,
  more: Partial<Person> = {},
): Person => ({
  name,
  skills: Object.entries(skills).map(([skill, level]) => ({
    skill: skill as SkillName,
    level: level === 3 ? 'can lead' : level === 2 ? 'can do' : 'learning',
  })),
  ...more,
});

/**
 * Made-up people with mixed skills, for a weekend that begins at `start`: two under 18, a couple, two who cannot lift, one
 * who works every second Sunday, one who goes home early on Saturday. Who can watch the stream is busy or away on Sunday:
 * that role stays empty, whoever is asked.
 */
export const demoHands = (start: string): Hands => ({
  people: {
    odilemarsh: who(
      'Odile Marsh',
      { lead: 3, mixing: 2, stream: 2 },
      {
        ...{ phone: '01632 960 101', mail: 'odile@quillmere.example' },
        presence: { odilesund1: { how: 'are away', from: dayBefore(start, -2) } },
        vetted: { until: dayBefore(start, -400) },
      },
    ),
    tobinashgr: who('Tobin Ashgrove', { mixing: 3, graphics: 2, camera: 2 }, { phone: '01632 960 102' }),
    petralund1: who(
      'Petra Lund',
      { camera: 3, floor: 2 },
      {
        phone: '01632 960 103',
        presence: { petralate1: { how: 'are away', from: dayBefore(start, -1), start: '17:00' } },
      },
    ),
    inescalder: who(
      'Ines Calder',
      { sound: 3, stream: 2 },
      { phone: '01632 960 104', mail: 'ines@quillmere.example' },
    ),
    wilfokonjo: who('Wilf Okonjo', { camera: 2, loading: 2 }, { lift: 20, phone: '01632 960 105' }),
    maudtarran: who(
      'Maud Tarrant',
      { floor: 3 },
      {
        ...{ lift: 0, phone: '01632 960 106' },
        vetted: { until: dayBefore(start, -90) },
        training: {
          fireward01: { what: 'Fire wardens’ course', on: dayBefore(start, 60), by: 'Odile Marsh' },
        },
      },
    ),
    benedictam: who(
      'Benedict Amory',
      { graphics: 2, stream: 1 },
      {
        ...{ youngUntil: dayBefore(start, -210), lift: 10 },
        guardian: { name: 'Julian Amory', phone: '01632 960 131' },
      },
    ),
    sunnivaray: who('Sunniva Rayne', { graphics: 3, lead: 2 }, { phone: '01632 960 108' }),
    callumdrey: who('Callum Dreyer', { loading: 3, floor: 2 }, { lift: 23, phone: '01632 960 109' }),
    noorhasket: who(
      'Noor Haskett',
      { sound: 2, floor: 2 },
      { phone: '01632 960 110', mail: 'noor@quillmere.example', most: 2 },
    ),
    agathepeel: who('Agathe Peel', { camera: 3, graphics: 1 }, { phone: '01632 960 111' }),
    josiahvane: who('Josiah Vane', { lead: 2, loading: 2 }, { lift: 0, phone: '01632 960 112' }),
    linneabroo: who(
      'Linnea Brook',
      { stream: 3, lead: 2 },
      {
        ...{ phone: '01632 960 113', mail: 'linnea@quillmere.example' },
        presence: { linneasun1: { how: 'are away', from: dayBefore(start, -2) } },
      },
    ),
    rufusadeye: who(
      'Rufus Adeyemi',
      { camera: 1 },
      {
        ...{ youngUntil: dayBefore(start, -500), lift: 10 },
        guardian: { name: 'Comfort Adeyemi', phone: '01632 960 132' },
      },
    ),
    hedyfallow: who('Hedy Fallow', { mixing: 2, camera: 2 }, { phone: '01632 960 115' }),
    gustavfall: who(
      'Gustav Fallow',
      { loading: 2, floor: 2, sound: 1 },
      {
        phone: '01632 960 116',
        ties: { tiehedy001: { person: 'hedyfallow', how: 'one household' } },
      },
    ),
    zitamorrow: who(
      'Zita Morrow',
      { floor: 2, graphics: 2, stream: 2 },
      {
        phone: '01632 960 117',
        presence: {
          zitasunday: {
            ...{ how: 'are away', from: dayBefore(start, -2) },
            rule: 'FREQ=WEEKLY;INTERVAL=2;BYDAY=SU',
          },
        },
      },
    ),
    ebenquayle: who('Eben Quayle', { loading: 2, camera: 2 }, { phone: '01632 960 118' }),
  },
});
