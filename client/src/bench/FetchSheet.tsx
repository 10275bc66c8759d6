import { rawNeed, type Build } from '@hollow-moon/core';
import { View } from 'react-native';
import { Fold, Read, Soft, useWords } from '../design';
import { grams } from '@hollow-moon/words';

/** Everything to be fetched, each thing once, and everything that is left over. */
export function FetchSheet({ build }: { readonly build: Build }) {
  const { tell } = useWords();
  const { needs, eggs, byProducts } = build;
  const vague = [...build.unknown, ...build.byEye];
  const left = byProducts.map(({ what, count, grams: g }) =>
    count === undefined ? `${grams(g)} g ${tell(what)}` : `${count} ${tell(what)}`,
  );
  return (
    <Fold
      title="To fetch, and what is left"
      summary={`${needs.length + vague.length} things${eggs.eggs > 0 ? `, ${eggs.eggs} eggs` : ''}${left.length > 0 ? `; left: ${left.join(', ')}` : ''}`}
      testID="fetch"
    >
      {() => (
        <>
          <View role="list">
            {needs.map(({ ingredient, grams: g, heldBackG, uses }) => {
              const raw = rawNeed(ingredient, g);
              const asides = [
                uses > 1 ? `in ${uses} components` : '',
                heldBackG > 0 ? `keep back ${grams(heldBackG)} g` : '',
                raw ? tell(raw) : '',
              ].filter(Boolean);
              return (
                <View
                  key={ingredient.id}
                  role="listitem"
                  className="min-h-10 flex-row flex-wrap items-baseline gap-x-3 border-b border-line py-1"
                >
                  <Read className="w-20 text-right font-figures">{`${grams(g)} g`}</Read>
                  <Read className="flex-1">{ingredient.name}</Read>
                  {asides.length > 0 ? <Soft>{asides.join(', ')}</Soft> : null}
                </View>
              );
            })}
            {vague.map(({ line, ingredient }) => (
              <View
                key={line.id}
                role="listitem"
                className="min-h-10 flex-row flex-wrap items-baseline gap-x-3 border-b border-line py-1"
              >
                <Read className="w-20 text-right font-figures">
                  {line.vague === 'unknown' ? '?' : 'by eye'}
                </Read>
                <Read className="flex-1">{ingredient?.name ?? ''}</Read>
              </View>
            ))}
          </View>
          {eggs.eggs > 0 ? (
            <Read
              className="font-read-strong"
              testID="eggs-to-crack"
            >{`Eggs to crack: ${eggs.eggs}.`}</Read>
          ) : null}
          {byProducts.length === 0 ? (
            <Soft>Nothing is left over.</Soft>
          ) : (
            <View role="list" testID="by-products">
              {byProducts.map(({ use }, index) => (
                <View key={index} role="listitem" className="py-1">
                  <Read>{`Left: ${left[index]}`}</Read>
                  <Soft>{`for ${tell(use)}. Local codes come first.`}</Soft>
                </View>
              ))}
            </View>
          )}
        </>
      )}
    </Fold>
  );
}
