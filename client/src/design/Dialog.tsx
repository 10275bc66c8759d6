import { say } from '@hollow-moon/words';
import { createElement, useEffect, useId, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from './Button';
import { icons } from './icons';
import { Title } from './Text';

const DIALOG = 'dialog';

/** A dialog: the browser's own, which keeps the keyboard in it, shuts at Escape and gives the focus back. */
export function Dialog({
  title,
  onClose,
  children,
}: {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  const id = useId();
  const [dialog, setDialog] = useState<HTMLDialogElement | null>(null);
  useEffect(() => {
    dialog?.showModal();
  }, [dialog]);
  const close = () => dialog?.close();
  return createElement(DIALOG, {
    ref: setDialog,
    className: 'moon-dialog',
    'aria-labelledby': id,
    onClose,
    children: (
      <View className="max-h-full gap-3 bg-sheet p-4">
        <View className="flex-row items-center justify-between gap-4">
          <View nativeID={id}>
            <Title level={2}>{title}</Title>
          </View>
          <Button
            label={say('design.close')}
            icon={icons.close}
            iconOnly
            weight="quiet"
            onPress={close}
          />
        </View>
        {children}
      </View>
    ),
  });
}
