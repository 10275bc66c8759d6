/** The book over the wire: what is asked for, what an answer has to be, and what is asked anew. */
import { createStore } from '../root/store';
import { book, TART_ID } from '../testing/book';
import { json } from '../testing/server';
import { api } from './api';

/** Answers by path; every path that is asked for is told. */
function answering(answers: Readonly<Record<string, unknown>>): string[] {
  const asked: string[] = [];
  globalThis.fetch = ((input: Request) => {
    const { pathname, search } = new URL(input.url);
    asked.push(pathname + search);
    const body = answers[pathname];
    return Promise.resolve(
      body === undefined ? json(404, { error: { code: 'not-found' } }) : json(200, body),
    );
  }) as typeof fetch;
  return asked;
}

const KITCHENS = [book.kitchen];
const AT = `/api/kitchens/${book.kitchen.id}`;

it('kitchens and their lists are asked for where the book has them', async () => {
  const { dispatch } = createStore();
  const asked = answering({ '/api/kitchens': KITCHENS, [`${AT}/vessels`]: [] });
  const kitchens = await dispatch(api.endpoints.kitchens.initiate());
  expect(kitchens.data).toEqual(KITCHENS);
  const vessels = await dispatch(api.endpoints.vessels.initiate(book.kitchen.id));
  expect(vessels.data).toEqual([]);
  expect(asked).toEqual(['/api/kitchens', `${AT}/vessels`]);
});

it('an answer that is not what the contract says is an error, not a list', async () => {
  const { dispatch } = createStore();
  answering({ '/api/kitchens': [{ ...book.kitchen, version: 'second' }] });
  const { data, isError } = await dispatch(api.endpoints.kitchens.initiate());
  expect([data, isError]).toEqual([undefined, true]);
});

it('a list that somebody has changed is asked for anew, and no other', async () => {
  const { dispatch } = createStore();
  const asked = answering({ [`${AT}/vessels`]: [], [`${AT}/ovens`]: [] });
  await dispatch(api.endpoints.vessels.initiate(book.kitchen.id));
  await dispatch(api.endpoints.ovens.initiate(book.kitchen.id));
  asked.length = 0;
  dispatch(api.util.invalidateTags(['ovens']));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(asked).toEqual([`${AT}/ovens`]);
});

it('the log is asked for page by page, each from where the one before ended', async () => {
  const { dispatch } = createStore();
  const asked = answering({ [`${AT}/bakes`]: { bakes: [], next: TART_ID } });
  const search = { kitchenId: book.kitchen.id };
  await dispatch(api.endpoints.log.initiate(search));
  await dispatch(api.endpoints.log.initiate(search, { direction: 'forward' }));
  expect(asked).toEqual([`${AT}/bakes`, `${AT}/bakes?after=${TART_ID}`]);
});
