import { createElement, useRef } from 'react';
import { View } from 'react-native';
import { Button } from './Button';

/** Opens a text file of the device; the browser's own chooser does the choosing. */
export function FileButton({
  label,
  accept,
  onText,
  testID,
}: {
  readonly label: string;
  readonly accept: string;
  readonly onText: (text: string) => void;
  readonly testID?: string;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <View>
      <Button label={label} onPress={() => input.current?.click()} />
      {createElement('input', {
        ref: input,
        type: 'file',
        accept,
        'aria-label': label,
        'data-testid': testID,
        tabIndex: -1,
        style: { display: 'none' },
        onChange: (event: { target: HTMLInputElement }) => {
          const [file] = event.target.files ?? [];
          // Guessing how a text was written takes tables that nobody needs who opens no file.
          if (file) {
            void Promise.all([file.arrayBuffer(), import('./decode')]).then(
              ([bytes, { textOfBytes }]) => onText(textOfBytes(bytes)),
            );
          }
          // The same file may be chosen again.
          event.target.value = '';
        },
      })}
    </View>
  );
}
