import { Pressable, Text } from 'react-native';
import { tickKeys } from './radioKeys';

/** Something that is so or not, as a button that keeps its tick. */
export function Tick({
  label,
  ticked,
  onChange,
  tone = 'ink',
  testID,
}: {
  readonly label: string;
  readonly ticked: boolean;
  readonly onChange: (ticked: boolean) => void;
  readonly tone?: 'ink' | 'scorch';
  readonly testID?: string;
}) {
  const chosen = tone === 'scorch' ? ['border-scorch', 'text-scorch'] : ['border-ink', 'text-ink'];
  const [border, text] = ticked ? chosen : ['border-line', 'text-ink'];
  return (
    <Pressable
      role="checkbox"
      aria-checked={ticked}
      aria-label={label}
      onPress={() => onChange(!ticked)}
      {...tickKeys(() => onChange(!ticked))}
      testID={testID}
      className={`min-h-12 justify-center self-start rounded border bg-sheet px-3 ${border}`}
    >
      <Text className={`font-read text-base ${text}`}>{ticked ? `✓ ${label}` : label}</Text>
    </Pressable>
  );
}
