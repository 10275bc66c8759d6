import { say, type Card } from '@hollow-moon/words';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import PDFDocument from 'pdfkit';

export const CARD_SIZES = ['A5', 'A4'] as const;
export type CardSize = (typeof CARD_SIZES)[number];

const FONTS = dirname(
  createRequire(import.meta.url).resolve(
    '@expo-google-fonts/atkinson-hyperlegible-next/package.json',
  ),
);
const REGULAR = join(FONTS, '400Regular/AtkinsonHyperlegibleNext_400Regular.ttf');
const STRONG = join(FONTS, '600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf');

/** Points: sizes of type, margin and the column of amounts, for the smaller card; the larger scales up. */
const A5 = { margin: 28, title: 19, head: 12.5, body: 10.5, small: 9, amounts: 62 } as const;
const SCALE = { A5: 1, A4: 1.2 } as const;

/** Ink and its softer kin; print has no theme. */
const INK = '#141A2E';
const SOFT = '#4A5470';
const RULE = '#B9C1D0';

type Document = InstanceType<typeof PDFDocument>;

/** What a card is drawn with: lines of amounts and names, headings and sentences, one under the other. */
function penFor(document: Document, scale: number) {
  const margin = A5.margin * scale;
  const width = document.page.width - 2 * margin;
  const set = (font: string, points: number, colour: string) =>
    document
      .font(font)
      .fontSize(points * scale)
      .fillColor(colour);
  /** Begins a new page where what comes next would be cut. */
  const room = (points: number) => {
    if (document.y + points * scale > document.page.height - margin) document.addPage();
  };
  const rule = () => {
    document
      .moveTo(margin, document.y + 2 * scale)
      .lineTo(margin + width, document.y + 2 * scale)
      .lineWidth(0.7)
      .strokeColor(RULE)
      .stroke();
    document.y += 6 * scale;
  };
  const pair = (left: string, right: string, note = '') => {
    room(note ? 30 : 18);
    const top = document.y;
    const amounts = A5.amounts * scale;
    set(STRONG, A5.head, INK).text(left, margin, top, { width: amounts });
    const afterLeft = document.y;
    set(REGULAR, A5.body, INK).text(right, margin + amounts + 8, top + 1.5 * scale, {
      width: width - amounts - 8,
      continued: note !== '',
    });
    if (note) set(REGULAR, A5.small, SOFT).text(`   ${note}`);
    document.x = margin;
    document.y = Math.max(document.y, afterLeft) + 1.5 * scale;
  };
  const heading = (title: string, aside: string) => {
    // Never alone at the foot of a page: at least two lines go with it.
    room(72);
    document.y += 6 * scale;
    const top = document.y;
    set(STRONG, A5.head, INK).text(title, margin, top, { continued: aside !== '' });
    if (aside) set(REGULAR, A5.small, SOFT).text(`   ${aside}`);
    document.y = top + A5.head * 1.25 * scale;
    rule();
  };
  const sentence = (text: string, points: number) => {
    room(24);
    set(REGULAR, points, INK).text(text, margin, document.y, { width });
    document.y += 2 * scale;
  };
  const title = (name: string, subtitle: string) => {
    set(STRONG, A5.title, INK).text(name, { width });
    set(REGULAR, A5.body, SOFT).text(subtitle, { width });
  };
  /** At the foot of the page the document stands on. */
  const foot = (text: string) => {
    // Under the margin: writing there must not begin another page.
    document.page.margins.bottom = 0;
    set(REGULAR, A5.small, SOFT).text(text, margin, document.page.height - margin * 0.8, {
      width,
      align: 'right',
      lineBreak: false,
    });
  };
  return { title, heading, pair, sentence, foot };
}

/** The bench card as a PDF: big figures at the left, where a wet thumb does not cover them. */
export function drawCard(card: Card, size: CardSize): Promise<Buffer> {
  const scale = SCALE[size];
  const document = new PDFDocument({
    size,
    margin: A5.margin * scale,
    info: { Title: card.title, Creator: 'Hollow Moon' },
    lang: 'en',
    bufferPages: true,
  });
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    document.on('data', (chunk: Buffer) => chunks.push(chunk));
    document.on('end', () => resolve(Buffer.concat(chunks)));
    document.on('error', reject);
  });
  const { title, heading, pair, sentence, foot } = penFor(document, scale);
  title(card.title, card.subtitle);
  for (const list of card.lists) {
    heading(list.title, list.aside);
    if (list.rows.length === 0) pair('', say('card.empty-list'));
    for (const row of list.rows) pair(row.amount, row.name, row.note);
  }
  heading(say('card.tin-and-oven'), '');
  for (const { label, value } of card.figures) pair(label, value);
  if (card.signs.length > 0) {
    heading(say('card.done-when'), '');
    for (const sign of card.signs) sentence(sign, A5.body);
  }
  heading(say('card.cautions'), '');
  for (const caution of card.cautions) sentence(`! ${caution}`, A5.small);
  const { count } = document.bufferedPageRange();
  for (let page = 0; count > 1 && page < count; page += 1) {
    document.switchToPage(page);
    foot(say('card.page', { title: card.title, page: page + 1, count }));
  }
  document.end();
  return done;
}
