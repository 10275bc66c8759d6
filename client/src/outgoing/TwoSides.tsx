import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Read, Soft, useWords } from '../design';
import { differences } from './differences';

/** In what mine and the book's differ, side by side. */
export function TwoSides({ mine, theirs }: { readonly mine: object; readonly theirs: object }) {
  const words = useWords();
  return (
    <View role="table" aria-label={say('outgoing.what-differs')} className="w-full gap-1">
      <View role="row" className="flex-row gap-3">
        <Soft className="flex-1">{say('outgoing.yours')}</Soft>
        <Soft className="flex-1">{say('outgoing.in-the-book')}</Soft>
      </View>
      {differences(mine, theirs, words).map((row) => (
        <View key={row.what} role="row" className="border-t border-line pt-1">
          <Soft>{row.what}</Soft>
          <View className="flex-row gap-3">
            <Read className="flex-1 font-read-strong">{row.mine}</Read>
            <Read className="flex-1 font-read-strong">{row.theirs}</Read>
          </View>
        </View>
      ))}
    </View>
  );
}
