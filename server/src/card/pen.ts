import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type PDFDocument from 'pdfkit';

const FONTS = dirname(
  createRequire(import.meta.url).resolve(
    '@expo-google-fonts/atkinson-hyperlegible-next/package.json',
  ),
);
const REGULAR = join(FONTS, '400Regular/AtkinsonHyperlegibleNext_400Regular.ttf');
const STRONG = join(FONTS, '600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf');

/** Points: sizes of type, margin, the column of labels and the least and the most of that of amounts, for the smaller card at its roomiest. */
export const A5 = {
  ...{ margin: 26, title: 18, head: 12, body: 10.5, small: 8.5 },
  ...{ labels: 60, amounts: { least: 40, most: 122 } },
};

/** How high letters stand over their line, as a share of their size: the fonts' own ascent, so that two sizes share a line. */
const ASCENT = 0.984;

/** Ink and its softer kin; print has no theme. */
const INK = '#141A2E';
const SOFT = '#454F6A';
const RULE = '#B9C1D0';

export type Document = InstanceType<typeof PDFDocument>;
type Element = ReturnType<Document['struct']>;

/** Strokes and words, each with its place in the outline that a screen reader goes by. */
function brushFor(document: Document, scale: number, keptFree: number | undefined) {
  const margin = A5.margin * scale;
  const width = document.page.width - 2 * margin;
  const set = (font: string, points: number, colour: string) =>
    document
      .font(font)
      .fontSize(points * scale)
      .fillColor(colour);
  /** Draws something as a part of the outline. */
  const tagged = (parent: Element, type: string, draw: () => void) => {
    parent.add(document.struct(type, {}, draw));
  };
  const within = (parent: Element, type: string): Element => {
    const element = document.struct(type);
    parent.add(element);
    return element;
  };
  /** Draws something that is there for the eye only. */
  const unread = (draw: () => void) => {
    document.markContent('Artifact', { type: 'Layout' });
    draw();
    document.endMarkedContent();
  };
  /** Begins a new page where what comes next would be cut; so much is kept free at the foot of the first one. */
  const room = (points: number) => {
    if (keptFree === undefined) return;
    const { start, count } = document.bufferedPageRange();
    const free = start + count === 1 ? keptFree : 0;
    if (document.y + points > document.page.height - margin - free) document.addPage();
  };
  const rule = (y: number) =>
    unread(() => {
      document
        .moveTo(margin, y)
        .lineTo(margin + width, y)
        .lineWidth(0.7)
        .strokeColor(RULE)
        .stroke();
    });
  return { margin, width, set, tagged, within, unread, room, rule };
}

type Brush = ReturnType<typeof brushFor>;

/** Lists of which each thing has a figure or a name at its left. */
function listsFor(document: Document, root: Element, scale: number, brush: Brush) {
  const { margin, width, set, tagged, within, room } = brush;
  /** How wide a column of amounts has to be. */
  const columnOf = (amounts: readonly string[]): number => {
    set(STRONG, A5.head, INK);
    const widest = Math.max(...amounts.map((amount) => document.widthOfString(amount))) + 2;
    const { least, most } = A5.amounts;
    return Math.min(most * scale, Math.max(least * scale, widest));
  };
  /** A list with a column of that width at its left, in letters of that size. */
  const list = (column: number, points: number) => {
    const element = within(root, 'L');
    const indent = column + 6;
    return (left: string, right: string, note = '') => {
      set(REGULAR, A5.body, INK);
      const height = document.heightOfString(`${right}   ${note}`, { width: width - indent });
      room(height + 2 * scale);
      const top = document.y;
      const item = within(element, 'LI');
      tagged(item, 'Lbl', () => {
        set(STRONG, points, INK).text(left, margin, top, { width: column });
      });
      const afterLeft = document.y;
      // Both stand on one line, whatever their sizes.
      const drop = ASCENT * (points - A5.body) * scale;
      tagged(item, 'LBody', () => {
        set(REGULAR, A5.body, INK).text(right, margin + indent, top + drop, {
          width: width - indent,
          continued: note !== '',
          baseline: -ASCENT * A5.body * scale,
        });
        if (note) {
          set(REGULAR, A5.small, SOFT).text(`   ${note}`, {
            baseline: -ASCENT * A5.body * scale,
          });
        }
      });
      document.x = margin;
      document.y = Math.max(document.y, afterLeft) + scale;
    };
  };
  return { columnOf, list };
}

/** What a card is drawn with: headings, lists and sentences, one under the other. */
export function penFor(
  document: Document,
  root: Element,
  scale: number,
  keptFree: number | undefined,
) {
  const brush = brushFor(document, scale, keptFree);
  const { margin, width, set, tagged, unread, room, rule } = brush;
  const { columnOf, list } = listsFor(document, root, scale, brush);
  const heading = (title: string, aside: string) => {
    // Never alone at the foot of a page: at least two lines go with it.
    room(64 * scale);
    document.y += 4 * scale;
    const top = document.y;
    tagged(root, 'H2', () => {
      const baseline = -ASCENT * A5.head * scale;
      set(STRONG, A5.head, INK).text(title, margin, top, {
        continued: aside !== '',
        width,
        baseline,
      });
      if (aside) set(REGULAR, A5.small, SOFT).text(`   ${aside}`, { baseline });
    });
    document.y = Math.max(document.y, top + A5.head * 1.2 * scale);
    rule(document.y + scale);
    document.y += 4 * scale;
  };
  const sentence = (text: string, points: number) => {
    set(REGULAR, points, INK);
    room(document.heightOfString(text, { width }));
    tagged(root, 'P', () => {
      set(REGULAR, points, INK).text(text, margin, document.y, { width });
    });
    document.y += 1.5 * scale;
  };
  const title = (name: string, subtitle: string) => {
    tagged(root, 'H1', () => {
      set(STRONG, A5.title, INK).text(name, margin, margin, { width });
    });
    tagged(root, 'P', () => {
      set(REGULAR, A5.body, SOFT).text(subtitle, { width });
    });
  };
  /** How high sentences under a heading stand. */
  const heightOf = (sentences: readonly string[], points: number): number => {
    set(REGULAR, points, INK);
    return sentences.reduce(
      (sum, text) => sum + document.heightOfString(text, { width }) + 1.5 * scale,
      (A5.head * 1.2 + 10) * scale,
    );
  };
  /** At the foot of a page: whose card it is. Set under the margin, where writing must not begin another page. */
  const foot = (text: string) => {
    document.page.margins.bottom = 0;
    unread(() => {
      set(REGULAR, A5.small, SOFT).text(text, margin, document.page.height - margin * 0.8, {
        width,
        lineBreak: false,
      });
    });
  };
  return { title, heading, columnOf, list, sentence, heightOf, foot, margin };
}
