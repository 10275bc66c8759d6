import { cardFrom, type CardNeeds } from './card';
import { drawCard, type CardSize } from './draw';

/** What a thread is asked for. */
export interface CardAsk {
  readonly needs: CardNeeds;
  readonly size: CardSize;
}

/** Works a card out and draws it: what a thread of the pool does, and a test without one. */
export default async function pdfOf({ needs, size }: CardAsk): Promise<Uint8Array> {
  return drawCard(cardFrom(needs), size);
}
