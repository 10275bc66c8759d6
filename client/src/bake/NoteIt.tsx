import { say } from '@hollow-moon/words';
import { Button } from '../design';

/** Notes what stands in a form of a bake. */
export const NoteIt = ({
  testID,
  disabled,
  onPress,
}: {
  readonly testID: string;
  readonly disabled: boolean;
  readonly onPress: () => void;
}) => (
  <Button
    label={say('bake.note-it')}
    weight="main"
    className="min-h-14"
    {...{ testID, disabled, onPress }}
  />
);
