import type { OvenData, VesselData } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { optionsOf, type KitchenBook } from '../book/book';
import { Picker, Soft } from '../design';

// A tin or an oven is made now and then: its form, with the package that holds forms, is fetched when it is.
const OvenForm = lazy(() => import('./OvenForm').then((all) => ({ default: all.OvenForm })));
const VesselForm = lazy(() => import('./VesselForm').then((all) => ({ default: all.VesselForm })));

const NEW = 'new';

/** One of the kitchen's things, or a new one entered on the spot. */
function Choose({
  label,
  none,
  add,
  value,
  options,
  onChange,
  testID,
  form,
}: {
  readonly label: string;
  /** What stands there while none is chosen. */
  readonly none: string;
  readonly add: string;
  readonly value: string | null;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onChange: (id: string | null) => void;
  readonly testID: string;
  readonly form: (id: string, close: () => void) => ReactNode;
}) {
  const [adding, setAdding] = useState<string>();
  return (
    <>
      <Picker
        label={label}
        value={adding === undefined ? (value ?? '') : NEW}
        options={[{ value: '', label: none }, ...options, { value: NEW, label: add }]}
        onChange={(chosen) => {
          setAdding(chosen === NEW ? uuid() : undefined);
          if (chosen !== NEW) onChange(chosen === '' ? null : chosen);
        }}
        testID={testID}
      />
      {adding === undefined ? null : (
        <View className="border-l-2 border-line pl-3" testID={`${testID}-new`}>
          <Suspense fallback={<Soft>{say('kitchen.opening-the-form')}</Soft>}>
            {form(adding, () => setAdding(undefined))}
          </Suspense>
        </View>
      )}
    </>
  );
}

interface ChooseProps<Data> {
  readonly label: string;
  readonly none: string;
  readonly value: string | null;
  readonly book: KitchenBook;
  /** Told with its data as well where it is new and not in the book yet. */
  readonly onChange: (id: string | null, made?: Data) => void;
  readonly testID: string;
}

/** Which tin, of those there are or a new one. */
export function ChooseTin({ book, value, onChange, ...props }: ChooseProps<VesselData>) {
  return (
    <Choose
      {...props}
      value={value}
      add={say('kitchen.a-new-tin')}
      options={optionsOf(book.vessels, value)}
      onChange={(id) => onChange(id)}
      form={(id, close) => (
        <VesselForm
          kitchenId={book.kitchen.id}
          id={id}
          stored={undefined}
          onClose={close}
          onKept={(data) => onChange(id, data)}
        />
      )}
    />
  );
}

/** Which oven, of those there are or a new one. */
export function ChooseOven({ book, value, onChange, ...props }: ChooseProps<OvenData>) {
  return (
    <Choose
      {...props}
      value={value}
      add={say('kitchen.a-new-oven')}
      options={optionsOf(book.ovens, value)}
      onChange={(id) => onChange(id)}
      form={(id, close) => (
        <OvenForm
          kitchenId={book.kitchen.id}
          id={id}
          stored={undefined}
          onClose={close}
          onKept={(data) => onChange(id, data)}
        />
      )}
    />
  );
}
