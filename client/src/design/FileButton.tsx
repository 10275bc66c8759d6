import { createElement, useRef } from 'react';
import { View } from 'react-native';
import { Button } from './Button';
import { icons, type Icon } from './icons';

/** A button that has a file of the device chosen; the browser's own chooser does the choosing. */
function ChooseFile({
  label,
  accept,
  icon,
  onFile,
  testID,
}: {
  readonly label: string;
  readonly accept: string;
  readonly icon?: Icon;
  readonly onFile: (file: File) => void;
  readonly testID?: string | undefined;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <View>
      <Button label={label} icon={icon} onPress={() => input.current?.click()} />
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
          if (file) onFile(file);
          // The same file may be chosen again.
          event.target.value = '';
        },
      })}
    </View>
  );
}

/** Opens a text file of the device. */
export const FileButton = ({
  onText,
  ...chooser
}: {
  readonly label: string;
  readonly accept: string;
  readonly onText: (text: string) => void;
  readonly testID?: string;
}) => (
  <ChooseFile
    {...chooser}
    // Guessing how a text was written takes tables that nobody needs who opens no file.
    onFile={(file) =>
      void Promise.all([file.arrayBuffer(), import('./decode')]).then(([bytes, { textOfBytes }]) =>
        onText(textOfBytes(bytes)),
      )
    }
  />
);

/** Takes a picture with the device, or one that it has. */
export const PictureButton = ({
  label,
  onPicture,
  testID,
}: {
  readonly label: string;
  readonly onPicture: (file: File) => void;
  readonly testID?: string;
}) => (
  <ChooseFile
    label={label}
    accept="image/*"
    icon={icons.camera}
    onFile={onPicture}
    testID={testID}
  />
);
