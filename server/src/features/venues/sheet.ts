/** One page to take along: the plan of a venue to scale, and what was surveyed about it. Black on white. */
import { inOrder, MAKE_WORDS, showDayAndClock, showText, type Reading } from '@idle-satchel/core';
import type { Venue } from '@idle-satchel/core/documents';
import { newPdf, type Paper, type Pdf } from '../sheets/paper.js';
import { drawPlan } from '../sheets/plan-on-paper.js';

const MARGIN = 36;
/** Part of the page's width that the plan takes. */
const SHARE = 0.64;

/** A PDF that is still being written; pipe it to where it goes. */
export function venueSheet(venue: Venue, reading: Reading, paper: Paper): Pdf {
  const pdf = newPdf(`Venue sheet: ${venue.name}`, {
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
  });
  pdf.font('tape').fontSize(20).text(venue.name, MARGIN, MARGIN, { lineBreak: false });
  if (venue.address)
    pdf
      .font('text')
      .fontSize(9)
      .text(venue.address, MARGIN, MARGIN + 24, { lineBreak: false });
  drawPlan(pdf, venue, reading, {
    left: MARGIN,
    top: MARGIN + 44,
    width: (pdf.page.width - 2 * MARGIN) * SHARE - 24,
    height: pdf.page.height - 2 * MARGIN - 74,
  });
  listFacts(pdf, venue, reading);
  pdf.end();
  return pdf;
}

/** What is known, a line each; what is not known is not there. */
function factsOf(venue: Venue, reading: Reading): { heading: string; lines: string[] }[] {
  const metres = (value: number): string => showText(value, 'm', reading);
  const { facts = {} } = venue;
  const desks = inOrder(venue.areas).flatMap(([, { kind, label, card }]) =>
    kind === 'desk' && card
      ? [
          [label, card.buses, card.fader && `${card.fader} the fader`, card.connector, card.level, card.setBy]
            .filter(Boolean)
            .join(' · '),
        ]
      : [],
  );
  return [
    {
      heading: 'The place',
      lines: [
        ...inOrder(venue.dimensions).map(([, { label, from, to }]) => `${label}: ${metres(to - from)}`),
        ...(facts.ceiling === undefined ? [] : [`Ceiling: ${metres(facts.ceiling)}`]),
        ...(facts.people === undefined ? [] : [`People who may be in: ${facts.people}`]),
        ...(facts.access ? [`Access: ${facts.access}`] : []),
        ...(facts.noise ? [`Noise: ${facts.noise}`] : []),
      ],
    },
    {
      heading: `Mains, ${venue.volts} V, ${venue.hertz} Hz`,
      lines: inOrder(venue.circuits).map(([id, { label, amps, others }]) => {
        const sockets = inOrder(venue.sockets).filter(([, { circuit }]) => circuit === id);
        const also = inOrder(others).map(([, other]) => `${other.label} ${other.watts} W`);
        return [
          `${label}, ${amps} A: ${sockets.map(([, socket]) => `${socket.label} (${socket.outlets})`).join(', ') || 'no socket noted'}`,
          ...(also.length > 0 ? [`also ${also.join(', ')}`] : []),
        ].join('; ');
      }),
    },
    {
      heading: 'Light, facing the camera',
      lines: inOrder(venue.marks).map(
        ([, { label, light }]) =>
          `${label}: ${light === undefined ? 'not measured' : showText(light, 'lx', reading)}`,
      ),
    },
    {
      heading: 'Upload',
      lines: [
        ...inOrder(venue.uploads).map(
          ([, { at, up }]) => `${showDayAndClock(at, reading)}: ${showText(up, 'Mb/s', reading)}`,
        ),
        ...inOrder(venue.mobileReadings).map(
          ([, { label, up }]) => `${label}, mobile: ${showText(up, 'Mb/s', reading)}`,
        ),
      ],
    },
    { heading: 'Audio desk', lines: desks },
    {
      heading: 'House lines',
      lines: inOrder(venue.houseLines).map(
        ([, { label, make, length, condition, tag }]) =>
          `${label}: ${MAKE_WORDS[make]}, ${metres(length)}, ${condition}${tag ? `, marked ${tag}` : ''}`,
      ),
    },
    {
      heading: 'Notes',
      lines: inOrder(venue.notes).map(([, { label, text }]) => (text ? `${label}: ${text}` : label)),
    },
    { heading: 'Guessed, not measured', lines: inOrder(venue.guesses).map(([, { label }]) => label) },
  ].filter(({ lines }) => lines.length > 0);
}

function listFacts(pdf: Pdf, venue: Venue, reading: Reading): void {
  const left = MARGIN + (pdf.page.width - 2 * MARGIN) * SHARE;
  const width = pdf.page.width - MARGIN - left;
  const bottom = pdf.page.height - MARGIN - 26;
  let y = MARGIN;
  let unsaid = 0;
  for (const { heading, lines } of factsOf(venue, reading)) {
    if (y + 28 > bottom) {
      unsaid += lines.length;
      continue;
    }
    pdf.font('tape').fontSize(11).text(heading, left, y, { width, lineBreak: false });
    y += 14;
    for (const line of lines) {
      pdf.font('text').fontSize(7.5);
      const height = pdf.heightOfString(line, { width });
      if (y + height > bottom) {
        unsaid++;
        continue;
      }
      pdf.text(line, left, y, { width });
      y += height + 1;
    }
    y += 5;
  }
  const caution =
    'Exits, aisles and how many people may be in: the venue’s own fire plan and local code decide. Anything on the mains beyond plugging in: a qualified person.';
  const more = unsaid > 0 ? `${unsaid} more lines are in the survey itself. ` : '';
  pdf
    .font('text')
    .fontSize(7)
    .text(more + caution, left, bottom + 4, { width });
}
