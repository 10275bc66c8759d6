import { View } from 'react-native';
import { Read, Soft } from '../design';
import { differences } from './differences';

/** In what mine and the book's differ, side by side. */
export const TwoSides = ({ mine, theirs }: { readonly mine: object; readonly theirs: object }) => (
  <View role="table" aria-label="What differs" className="w-full gap-1">
    <View role="row" className="flex-row gap-3">
      <Soft className="flex-1">Yours</Soft>
      <Soft className="flex-1">In the book</Soft>
    </View>
    {differences(mine, theirs).map((row) => (
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
