/** The call sheet on paper: one page, what is said of the day on the left, the plan with the cameras on the right. */
import { cameraCards, readingOf, SHEETS, type Assessment, type Bundle, type Sheet } from '@idle-satchel/core';
import { newPdf, type Paper, type Pdf } from './paper.js';
import { drawPlan } from './plan-on-paper.js';

const MARGIN = 36;
const GAP = 18;
const SIZE = 9;
/** Share of the page that the words take, and of that what each line is of. */
const WORDS = 0.56;
const WHAT = 0.32;
/** Share of the height that the plan takes of its column. */
const PLAN = 0.5;
/** Radius of a camera on the plan, and room for its letters, pt. */
const CAMERA = { radius: 3, letters: 9 } as const;
/** Sections that stand below the plan, where there is room for them. */
const BELOW = new Set(['Who hears whom', 'In an emergency']);

type Section = Sheet['sections'][number];

/** A PDF that is still being written; pipe it to where it goes. What one page does not hold goes on on the next. */
export function callSheetPdf(bundle: Bundle, assessment: Assessment, paper: Paper): Pdf {
  const sheet = SHEETS['call-sheet'](bundle, assessment);
  const pdf = newPdf(`${sheet.title}: ${sheet.about}`, {
    size: paper,
    layout: 'landscape',
    margins: { top: MARGIN, left: MARGIN, right: MARGIN, bottom: 0 },
  });
  head(pdf, sheet);
  const room = pdf.page.width - 2 * MARGIN;
  const [left, right] = [room * WORDS - GAP / 2, room * (1 - WORDS) - GAP / 2];
  const top = MARGIN + 44;
  const tall = pdf.page.height - MARGIN - top;
  const beside = MARGIN + left + GAP;
  drawPlan(
    pdf,
    assessment.ground.venue,
    readingOf(bundle.plan, assessment.rules),
    { left: beside, top, width: right, height: tall * PLAN },
    cameraCards(bundle, assessment).flatMap(({ id, label, at }) =>
      at ? [{ key: id, label, at, ...CAMERA }] : [],
    ),
  );
  const column = new Column(pdf, sheet, MARGIN, top, left);
  for (const section of sheet.sections.filter(({ heading }) => !BELOW.has(heading))) column.section(section);
  const under = new Column(pdf, sheet, beside, top + tall * PLAN + 28, right);
  for (const section of sheet.sections.filter(({ heading }) => BELOW.has(heading))) under.section(section);
  for (const note of sheet.notes) under.note(note);
  pdf.end();
  return pdf;
}

function head(pdf: Pdf, { title, about }: Sheet): void {
  pdf.fillColor('black').font('tape').fontSize(20).text(title, MARGIN, MARGIN, { lineBreak: false });
  pdf
    .font('text')
    .fontSize(10)
    .text(about, MARGIN, MARGIN + 24, { lineBreak: false });
}

/** Lines one below the other; a page that is full is followed by another. */
class Column {
  constructor(
    private readonly pdf: Pdf,
    private readonly sheet: Sheet,
    private readonly x: number,
    private y: number,
    private readonly width: number,
  ) {}

  /** Goes on on a page of its own where so much is no longer free on this one, pt. */
  private need(height: number): void {
    if (this.y + height <= this.pdf.page.height - MARGIN) return;
    this.pdf.addPage();
    head(this.pdf, this.sheet);
    this.y = MARGIN + 44;
  }

  section({ heading, rows }: Section): void {
    const { pdf, x, width } = this;
    this.need(30);
    pdf.fillColor('black').font('tape').fontSize(12).text(heading, x, this.y, { lineBreak: false });
    this.y += 15;
    pdf
      .moveTo(x, this.y)
      .lineTo(x + width, this.y)
      .lineWidth(0.8)
      .stroke('black');
    this.y += 3;
    const what = width * WHAT;
    for (const [name = '', said = ''] of rows) {
      pdf.font('text').fontSize(SIZE);
      const tall = Math.max(
        pdf.heightOfString(name, { width: what - 6 }),
        pdf.heightOfString(said, { width: width - what }),
      );
      this.need(tall);
      pdf.fillColor('#444').text(name, x, this.y, { width: what - 6 });
      pdf.fillColor('black').text(said, x + what, this.y, { width: width - what });
      this.y += tall + 2;
    }
    this.y += 7;
  }

  note(words: string): void {
    const { pdf, x, width } = this;
    pdf.font('text').fontSize(SIZE);
    const tall = pdf.heightOfString(words, { width });
    this.need(tall);
    pdf.fillColor('black').text(words, x, this.y, { width });
    this.y += tall + 3;
  }
}
