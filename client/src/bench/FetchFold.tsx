import { rawNeed, type Build } from '@hollow-moon/core';
import { View } from 'react-native';
import { Fold, Read, Soft, useWords } from '../design';
import { say } from '@hollow-moon/words';

/** Everything to be fetched, each thing once, and everything that is left over. */
export function FetchFold({ build }: { readonly build: Build }) {
  const { put, quantity, tell } = useWords();
  const { needs, eggs, byProducts } = build;
  const vague = [...build.unknown, ...build.byEye];
  const left = byProducts.map(({ what, count, grams: g }) =>
    count === undefined ? `${quantity({ grams: g })} ${tell(what)}` : `${count} ${tell(what)}`,
  );
  return (
    <Fold
      title={say('bench.to-fetch-and-what-is-left')}
      summary={say('bench.things', {
        length: needs.length + vague.length,
        more: eggs.eggs > 0 ? say('bench.eggs', { eggs: eggs.eggs }) : '',
        more2: left.length > 0 ? say('bench.left-2', { left: left.join(', ') }) : '',
      })}
      id="fetch"
    >
      {() => (
        <>
          <View role="list">
            {needs.map(({ ingredient, grams: g, heldBackG, uses }) => {
              const raw = rawNeed(ingredient, g);
              // Eggs are counted under the list; a cup of them is no use to anyone.
              const { gramsPerMl } = ingredient.eggPart ? {} : ingredient;
              const asides = [
                uses > 1 ? say('bench.in-components', { uses }) : '',
                heldBackG > 0
                  ? put('bench.keep-back-g', { heldBack: { grams: heldBackG, gramsPerMl } })
                  : '',
                raw ? tell(raw) : '',
              ].filter(Boolean);
              return (
                <View
                  key={ingredient.id}
                  role="listitem"
                  className="min-h-10 flex-row flex-wrap items-baseline gap-x-3 border-b border-line py-1"
                >
                  <Read className="min-w-20 text-right font-figures">
                    {quantity({ grams: g, gramsPerMl })}
                  </Read>
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
                  {line.vague === 'unknown' ? '?' : say('bench.by-eye')}
                </Read>
                <Read className="flex-1">{ingredient?.name ?? ''}</Read>
              </View>
            ))}
          </View>
          {eggs.eggs > 0 ? (
            <Read className="font-read-strong" testID="eggs-to-crack">
              {say('bench.eggs-to-crack', { eggs: eggs.eggs })}
            </Read>
          ) : null}
          {byProducts.length === 0 ? (
            <Soft>{say('bench.nothing-is-left-over')}</Soft>
          ) : (
            <View role="list" testID="by-products">
              {byProducts.map(({ use }, index) => (
                <View key={index} role="listitem" className="py-1">
                  <Read>{say('bench.left-3', { left: left[index]! })}</Read>
                  <Soft>{say('bench.for-local-codes-come-first', { use: tell(use) })}</Soft>
                </View>
              ))}
            </View>
          )}
        </>
      )}
    </Fold>
  );
}
