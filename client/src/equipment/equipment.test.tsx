/** Tins and ovens as they are entered: measures, what they come to, what is wrong, and what is sent. */
import type { OvenData, StoredOven, StoredVessel, VesselData } from '@hollow-moon/contract';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { sentAgain } from '../outgoing/writes';
import { createStore } from '../root/store';
import { book } from '../testing/book';
import { accept, away, serve } from '../testing/server';
import { ChooseTin } from './ChooseEquipment';
import { OvenForm } from './OvenForm';
import { VesselForm } from './VesselForm';

const kitchenId = book.kitchen.id;
const id = '00000000-0000-4000-8000-000000000081';
const [tin] = book.vessels;
const [oven] = book.ovens;

const openVessel = (stored?: StoredVessel) => {
  const onClose = jest.fn();
  render(
    <Provider store={createStore()}>
      <VesselForm kitchenId={kitchenId} id={stored?.id ?? id} stored={stored} onClose={onClose} />
    </Provider>,
  );
  return onClose;
};
const openOven = (stored?: StoredOven) => {
  const onClose = jest.fn();
  const store = createStore();
  render(
    <Provider store={store}>
      <OvenForm kitchenId={kitchenId} id={stored?.id ?? id} stored={stored} onClose={onClose} />
    </Provider>,
  );
  return { onClose, store };
};
const type = (testId: string, value: string) =>
  fireEvent.change(screen.getByTestId(testId), { target: { value } });
const keep = async () => {
  await act(async () => {
    fireEvent.click(screen.getByTestId('keep-equipment'));
    await Promise.resolve();
  });
};

describe('a tin', () => {
  it('is measured in centimetres, kept in millimetres, and told by what it holds', async () => {
    const sent = serve<VesselData>([accept]);
    const onClose = openVessel();
    type('name', 'Loaf of a tart');
    type('baseDiameterMm', '20');
    type('topDiameterMm', '20');
    type('heightMm', '3,5');
    // By hand: π/4 × 20² × 3.5 = 1100 ml.
    expect(await screen.findByText('Holds 1100 ml to the brim.')).toBeTruthy();
    await keep();
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent[0]).toMatchObject({
      path: `/api/kitchens/${kitchenId}/vessels/${id}`,
      version: 0,
      data: { name: 'Loaf of a tart', baseDiameterMm: 200, heightMm: 35, owned: 1 },
    });
  });

  it.each([
    ['rectangle', 'breadthMm', '11'],
    ['tube', 'tubeMm', '6'],
    ['capacity', 'capacityMl', '120'],
  ])(
    'of another shape (%s) is asked for what that needs, with a usual figure in it',
    (kind, field, usual) => {
      openVessel();
      expect(screen.queryByTestId(field)).toBeNull();
      type('kind', kind);
      expect(screen.getByTestId(field)).toHaveProperty('value', usual);
    },
  );

  it('starts at the sizes that such a vessel has, and leaves alone what was typed', () => {
    openVessel();
    const across = () => screen.getByTestId<HTMLInputElement>('topDiameterMm').value;
    type('kind', 'tartlet');
    expect([across(), screen.getByTestId<HTMLInputElement>('heightMm').value]).toEqual(['8', '2']);
    // By hand: π/4 × 8² × 2 = 101 ml, though nobody has named it yet.
    expect(screen.getByText('Holds 101 ml to the brim.')).toBeTruthy();
    type('topDiameterMm', '9.5');
    type('kind', 'ramekin');
    expect([across(), screen.getByTestId<HTMLInputElement>('heightMm').value]).toEqual([
      '9.5',
      '4.5',
    ]);
  });

  it('that nobody has named is called by its shape and size', async () => {
    const sent = serve<VesselData>([accept]);
    openVessel();
    type('kind', 'ring');
    await keep();
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]!.data.name).toBe('Ring 20\u00a0cm');
  });

  it('can be made where one is chosen, and is chosen then', async () => {
    const sent = serve<VesselData>([accept]);
    const onChange = jest.fn();
    render(
      <Provider store={createStore()}>
        <ChooseTin
          label="Tin"
          none="None yet"
          value={null}
          book={book}
          onChange={onChange}
          testID="tin"
        />
      </Provider>,
    );
    type('tin', 'new');
    await screen.findByTestId('name');
    type('name', 'Grandmother’s');
    await keep();
    await waitFor(() => expect(onChange).toHaveBeenCalled());
    const [id, made] = onChange.mock.calls[0] as [string, VesselData];
    expect(made).toMatchObject({ name: 'Grandmother’s', topDiameterMm: 240 });
    expect(sent[0]!.path).toBe(`/api/kitchens/${kitchenId}/vessels/${id}`);
    expect(screen.queryByTestId('tin-new')).toBeNull();
  });

  it('keeps a measure that was typed when the shape is tried out', () => {
    openVessel();
    type('kind', 'tube');
    type('tubeMm', '7');
    type('kind', 'straight-tin');
    type('kind', 'tube');
    expect(screen.getByTestId('tubeMm')).toHaveProperty('value', '7');
  });

  it('has what is wrong said at its place, and is not sent', async () => {
    const sent = serve<VesselData>([accept]);
    const onClose = openVessel(tin);
    type('heightMm', '-3');
    await keep();
    await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThan(0));
    expect(screen.getByTestId('heightMm').getAttribute('aria-invalid')).toBe('true');
    expect(screen.getByTestId('heightMm')).toHaveProperty('value', '-3');
    expect(screen.queryByText(/to the brim/)).toBeNull();
    expect(sent).toEqual([]);
    expect(onClose).not.toHaveBeenCalled();
  });

  it('is left as it was by leaving it', () => {
    const sent = serve<VesselData>([accept]);
    const onClose = openVessel(tin);
    type('name', 'Another name');
    fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(onClose).toHaveBeenCalled();
    expect(sent).toEqual([]);
  });
});

describe('an oven', () => {
  it('is told how far off it is, and kept over what was there', async () => {
    const sent = serve<OvenData>([accept]);
    const { onClose } = openOven(oven);
    fireEvent.click(screen.getByRole('radio', { name: 'Fan' }));
    type('offsetK', '-9');
    type('swingK', '6');
    await keep();
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent[0]).toMatchObject({
      path: `/api/kitchens/${kitchenId}/ovens/${oven!.id}`,
      version: 1,
      data: { name: 'Oven', kind: 'fan', offsetK: -9, swingK: 6 },
    });
  });

  it('is done with at once, and on its way until the book has it', async () => {
    const sent = serve<OvenData>([away, accept]);
    const { onClose, store } = openOven(oven);
    type('offsetK', '12');
    await keep();
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    const waiting = () => Object.values(store.getState().outgoing.writes);
    await waitFor(() => expect(store.getState().outgoing.away).not.toBeNull());
    expect(waiting()).toHaveLength(1);
    act(() => void store.dispatch(sentAgain()));
    await waitFor(() => expect(waiting()).toEqual([]));
    expect(sent[1]).toEqual(sent[0]);
    expect(sent[1]!.data.offsetK).toBe(12);
  });

  it('is put away as it was, whatever is typed, and brought back', async () => {
    const sent = serve<OvenData>([accept]);
    const { onClose } = openOven(oven);
    type('offsetK', '12');
    fireEvent.click(screen.getByRole('button', { name: 'Put it away' }));
    await waitFor(() => expect(onClose).toHaveBeenCalled());
    expect(sent[0]!.data).toEqual({ ...oven!.data, archived: true });
  });
});
