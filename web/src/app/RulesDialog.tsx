import {
  choicesToHouse,
  DATE_LOCALES,
  MAKE_WORDS,
  showDayAndClock,
  VIDEO_FORMATS,
  type CableMake,
  type RuleChoices,
  type Rules,
  USUAL_ATTENTION,
} from '@idle-satchel/core';
import { NumberField } from '../ledger/NumberField.js';
import { useEvent, usePlan, useStore } from '../store/hooks.js';
import { Dialog } from '../ui/Dialog.js';
import { Suspense } from 'react';
import { fetched } from '../ui/fetched.js';
import { useMay } from '../ui/me.js';
import { PeopleRules } from './PeopleRules.js';

const PaceRules = fetched(() => import('./PaceRules.js'));

/** Rules that are one word or number each. */
type PlainRule = Exclude<keyof RuleChoices & keyof Rules, 'reaches' | 'attention' | 'crew'>;

interface Choice {
  readonly rule: PlainRule;
  readonly label: string;
  readonly why: string;
  readonly schools: readonly (readonly [value: string, words: string])[];
}

/** A day and a time that no two ways of writing write alike. */
const SOME_EVENING = '2026-12-04T19:30:00Z';

const CHOICES: readonly Choice[] = [
  {
    rule: 'hdmiReach',
    label: 'How far plain HDMI may run',
    why: 'Short runs hardly fail; long ones sometimes do, on the day.',
    schools: [
      ['cautious', 'cautious, 9 m'],
      ['usual', 'usual, 15 m'],
      ['stretched', 'stretched, 20 m'],
    ],
  },
  {
    rule: 'mainsLoad',
    label: 'Load on a breaker',
    why: 'Continuous load counts 1.25 ×, or the full rating less what is known to be on it.',
    schools: [
      ['eighty', '80 % for continuous load'],
      ['full', 'full rating'],
    ],
  },
  {
    rule: 'uploadHeadroom',
    label: 'Share of the measured upload',
    why: 'Half leaves room for a bad evening; three quarters gives a better picture.',
    schools: [
      ['half', 'at most half'],
      ['threeQuarters', 'at most three quarters'],
    ],
  },
  {
    rule: 'format',
    label: 'Picture size and rate',
    why: 'At 50 Hz mains 25 or 50 frames, at 60 Hz 30 or 60, or lamps flicker.',
    schools: VIDEO_FORMATS.map(value => [value, value] as const),
  },
  {
    rule: 'circle',
    label: 'What counts as sharp',
    why: 'The diagonal asks what an eye sees of the whole picture, two pixels what the picture can hold.',
    schools: [
      ['diagonal', 'blur under 1/1500 of the diagonal'],
      ['pixels', 'blur under two pixels of the output'],
    ],
  },
  {
    rule: 'coaxReach',
    label: 'How far coax carries',
    why: 'Attenuation knows the coax, the format and its joints; a flat figure is easier to remember.',
    schools: [
      ['attenuation', 'by its attenuation'],
      ['flat', '90 m, whatever it is'],
    ],
  },
  {
    rule: 'delayAt',
    label: 'Where sound is delayed',
    why: 'Where both meet, one number suits one output; in the desk, the room must have a bus of its own.',
    schools: [
      ['meeting', 'where it meets the pictures'],
      ['desk', 'in the sound desk'],
    ],
  },
  {
    rule: 'dates',
    label: 'Dates and times',
    why: 'On every screen and sheet; at the place of the event.',
    schools: DATE_LOCALES.map(
      dates => [dates, showDayAndClock(SOME_EVENING, { zone: 'UTC', dates })] as const,
    ),
  },
];

const NUMBERS = [
  ['slack', 'Slack on cable runs', '%'],
  ['batteryReserve', 'Battery kept in reserve', '%'],
  ['keptSpare', 'Kept spare of whatever can run out', '%'],
  ['cableSpares', 'Cables of each kind kept spare', 'pieces'],
  ['spareLeads', 'Spare leads of each kind on the pack list', 'pieces'],
  ['spareRisk', 'Accepted chance that a kind runs out', '%'],
  ['turnaround', 'Before others may have what was booked', 'min'],
  ['aisleWidth', 'Clear width of aisles', 'm'],
  ['seatedHead', 'Head height, seated', 'm'],
  ['standingHead', 'Head height, standing', 'm'],
] as const;

/** House rules: where practitioners disagree, the choice is visible and can be overridden for this event. */
export default function RulesDialog({ onClose }: { onClose: () => void }) {
  const store = useStore();
  const house = useEvent(state => state.bundle.rules);
  const rules = useEvent(state => state.assessment.rules);
  const own = usePlan(plan => plan.rules);
  const choose = (rule: PlainRule, value: string | number): void => {
    const reset = house[rule] === value;
    if (reset && own?.[rule] !== undefined)
      store.editPlan('Follow the house rule', plan => plan.drop('rules', rule));
    else if (!reset) {
      // What a field of a rule offers is what the rule may be.
      store.editPlan('Choose a rule for this event', plan => plan.put('rules', rule, value as never));
    }
  };
  const origin = (rule: keyof RuleChoices): string =>
    own?.[rule] === undefined ? 'house rule' : 'this event';
  return (
    <Dialog title="House rules" onClose={onClose}>
      <p className="text-faint mb-2">
        {house.organisation} decides the defaults. What you choose here holds for this event only.
      </p>
      {CHOICES.map(({ rule, label, why, schools }) => (
        <label
          key={rule}
          className="grid grid-cols-[1fr_auto_90px] gap-x-3 py-1.5 border-b border-rule items-baseline"
        >
          <span>{label}</span>
          <select
            className="field"
            value={rules[rule] === undefined ? undefined : String(rules[rule])}
            onChange={event => choose(rule, event.target.value)}
          >
            {schools.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </select>
          <span className="text-faint">{origin(rule)}</span>
          <span className="text-faint text-[13px] col-span-3">{why}</span>
        </label>
      ))}
      {NUMBERS.map(([rule, label, unit]) => (
        <label
          key={rule}
          className="grid grid-cols-[1fr_auto_90px] gap-x-3 py-1.5 border-b border-rule items-baseline"
        >
          <span>{label}</span>
          <span>
            <input
              className="field w-20 text-right"
              type="number"
              step="any"
              min="0"
              defaultValue={rules[rule] ?? 0}
              key={rules[rule]}
              onBlur={event => {
                const value = event.target.valueAsNumber;
                if (Number.isFinite(value) && value !== (rules[rule] ?? 0)) choose(rule, value);
              }}
            />{' '}
            {unit}
          </span>
          <span className="text-faint">{origin(rule)}</span>
        </label>
      ))}
      <details className="py-1.5" open={rules.reaches !== undefined}>
        <summary>Reach of each make of cable, where the house differs from the usual</summary>
        {REACHED.map(make => (
          <NumberField
            key={make}
            label={MAKE_WORDS[make]}
            unit="m"
            value={rules.reaches?.[make]}
            min={0.5}
            max={20000}
            optional
            onCommit={value => {
              const { [make]: _before, ...others } = rules.reaches ?? {};
              const next = { ...others, ...(value !== undefined && { [make]: value }) };
              store.editPlan('Choose a reach for this event', plan => plan.put('rules', 'reaches', next));
            }}
          />
        ))}
      </details>
      <AttentionRules attention={rules.attention} />
      <PeopleRules crew={rules.crew} />
      <details className="py-1.5">
        <summary>How long work takes here, as it was on the day</summary>
        <Suspense>
          <PaceRules />
        </Suspense>
      </details>
      {own !== undefined && <ForTheHouse />}
    </Dialog>
  );
}

/** What was chosen for this event, for every other one. */
function ForTheHouse() {
  const store = useStore();
  const may = useMay('change', { document: 'rules', path: '/slack' });
  if (!may) return null;
  return (
    <button
      className="button mt-2"
      onClick={() => store.commit('Make these choices the house’s', choicesToHouse(store.get().bundle.plan))}
    >
      Make these choices the house’s, for every event
    </button>
  );
}

const ATTENTION = [
  ['cut', 'A cut', 's', 600],
  ['call', 'A camera called ready', 's', 600],
  ['caption', 'A caption', 's', 600],
  ['slide', 'A slide', 's', 600],
  ['reframe', 'A camera framed anew', 's', 600],
  ['clip', 'A clip started', 's', 600],
  ['cue', 'A sound cue', 's', 600],
  ['chat', 'An answer in the chat', 's', 600],
  ['walk', 'Each metre walked', 's/m', 60],
] as const;

/** Mains leads are checked for voltage drop instead, and plain HDMI has its schools. */
const REACHED = (Object.keys(MAKE_WORDS) as CableMake[]).filter(
  make => !make.startsWith('mains') && make !== 'hdmi-plain',
);

/** What takes how much attention, where the house reckons otherwise. */
function AttentionRules({ attention }: { attention: RuleChoices['attention'] }) {
  const store = useStore();
  return (
    <details className="py-1.5" open={attention !== undefined}>
      <summary>Attention that one thing takes while it is live, where the house reckons otherwise</summary>
      {ATTENTION.map(([name, label, unit, most]) => (
        <NumberField
          key={name}
          label={`${label} (usually ${USUAL_ATTENTION[name]} ${unit})`}
          unit={unit}
          value={attention?.[name]}
          min={0}
          max={most}
          optional
          onCommit={value => {
            const { [name]: _before, ...others } = attention ?? {};
            const next = { ...others, ...(value !== undefined && { [name]: value }) };
            store.editPlan('Choose what takes attention', plan => plan.put('rules', 'attention', next));
          }}
        />
      ))}
    </details>
  );
}
