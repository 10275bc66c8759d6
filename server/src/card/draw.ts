import { say, type Card } from '@hollow-moon/words';
import PDFDocument from 'pdfkit';
import { A5, penFor, type Document } from './pen';

export const CARD_SIZES = ['A5', 'A4'] as const;
export type CardSize = (typeof CARD_SIZES)[number];

const SIZE_SCALE = { A5: 1, A4: 1.2 } as const;
/** A card that just does not fit its page is set closer, as long as it can be read at arm's length. */
const CLOSER = [1, 0.94, 0.88, 0.82];

/** Draws a card at one scale, and says how many pages it took. */
function drawn(
  card: Card,
  size: CardSize,
  scale: number,
): { readonly document: Document; readonly pages: number } {
  const document = new PDFDocument({
    size,
    margin: A5.margin * scale,
    info: { Title: card.title, Creator: 'Hollow Moon' },
    lang: 'en',
    bufferPages: true,
    tagged: true,
    displayTitle: true,
    pdfVersion: '1.7',
  });
  const root = document.struct('Document');
  document.addStructure(root);
  // How to know it is done stands at the foot of the first page, wherever the rest of the card ends.
  const measure = penFor(document, root, scale, 0);
  const signsHeight = card.signs.length > 0 ? measure.heightOf(card.signs, A5.body) : 0;
  const pen = penFor(document, root, scale, signsHeight);
  pen.title(card.title, card.subtitle);
  const column = pen.columnOf(card.lists.flatMap(({ rows }) => rows.map(({ amount }) => amount)));
  for (const { title, aside, rows } of card.lists) {
    pen.heading(title, aside);
    const row = pen.list(column, A5.head);
    if (rows.length === 0) row('', say('card.empty-list'));
    for (const { amount, name, note } of rows) row(amount, name, note);
  }
  const figures = (title: string, of: Card['figures']) => {
    if (of.length === 0) return;
    pen.heading(title, '');
    const row = pen.list(A5.labels * scale, A5.body);
    for (const { label, value } of of) row(label, value);
  };
  figures(say('card.shell'), card.shell);
  figures(say('card.tin-and-oven'), card.figures);
  pen.heading(say('card.cautions'), '');
  for (const caution of card.cautions) pen.sentence(`! ${caution}`, A5.small);
  const { count: pages } = document.bufferedPageRange();
  if (card.signs.length > 0) {
    document.switchToPage(0);
    document.page.margins.bottom = 0;
    document.y = document.page.height - pen.margin - signsHeight;
    const last = penFor(document, root, scale, undefined);
    last.heading(say('card.done-when'), '');
    for (const sign of card.signs) last.sentence(sign, A5.body);
  }
  for (let page = 0; page < pages; page += 1) {
    document.switchToPage(page);
    pen.foot(
      pages === 1
        ? card.stamp
        : say('card.page', { stamp: card.stamp, page: page + 1, count: pages }),
    );
  }
  return { document, pages };
}

const bytesOf = (document: Document): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    document.on('data', (chunk: Buffer) => chunks.push(chunk));
    document.on('end', () => resolve(Buffer.concat(chunks)));
    document.on('error', reject);
    document.end();
  });

/**
 * The bench card as a tagged PDF: big figures at the left, where a wet thumb does not cover them. On one page where it can
 * be set closely enough for that; else as roomy as it is meant to be, over two.
 */
export function drawCard(card: Card, size: CardSize): Promise<Buffer> {
  const tried = CLOSER.map((closer) => () => drawn(card, size, SIZE_SCALE[size] * closer));
  const roomy = tried[0]!();
  if (roomy.pages === 1) return bytesOf(roomy.document);
  for (const closer of tried.slice(1)) {
    const { document, pages } = closer();
    if (pages === 1) return bytesOf(document);
  }
  return bytesOf(roomy.document);
}
