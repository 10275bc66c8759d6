import { say } from '@hollow-moon/words';
import { memo } from 'react';
import { TextInput, View } from 'react-native';
import { Button, icons, Notice, Soft, useWords } from '../design';
import { withKeeping } from '../device/device';
import type { FormulaDraft } from '../drafts/useFormulaDraft';
import { useAppSelector } from '../state/state';
import { refusalInWords, type Refused } from '../wire/resources';

/** Undo, redo and save in a row. A draft keeps itself on this device; *Save* makes a version of it. */
export const SaveBar = memo(function SaveBar({
  canUndo,
  canRedo,
  changed,
  saving,
  onUndo,
  onRedo,
  onSave,
}: {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly changed: boolean;
  readonly saving: boolean;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onSave: () => void;
}) {
  return (
    <View className="flex-row items-center">
      <Button
        label={say('bench.undo')}
        icon={icons.undo}
        iconOnly
        weight="quiet"
        onPress={onUndo}
        disabled={!canUndo}
      />
      <Button
        label={say('bench.redo')}
        icon={icons.redo}
        iconOnly
        weight="quiet"
        onPress={onRedo}
        disabled={!canRedo}
      />
      <View role="status" className={changed && !saving ? 'sr-only' : 'px-2'}>
        <Soft testID="save-state">
          {saving
            ? say('bench.keeping')
            : changed
              ? say('bench.not-kept-yet')
              : say('bench.kept-in-the-book')}
        </Soft>
      </View>
      {changed ? (
        <Button
          label={say('bench.keep')}
          weight="main"
          onPress={onSave}
          disabled={saving}
          testID="save"
        />
      ) : null}
    </View>
  );
});

/** What is asked and said about a change before it is saved: why it is made, and why the book refuses it. */
export const SaveNotes = memo(function SaveNotes({
  refused,
  why,
  onWhy,
}: {
  readonly refused: Refused | undefined;
  /** Why it is changed; `undefined` for a new formula, which needs no reason, and for one that is not changed. */
  readonly why: string | undefined;
  readonly onWhy: (why: string) => void;
}) {
  const words = useWords();
  const refuses = useAppSelector((state) => state.device.refuses);
  if (why === undefined && !refused) return null;
  return (
    <View className="gap-2 px-4 pt-2">
      {refused ? (
        <Notice kind="danger" testID="refused">
          {withKeeping(refusalInWords(words, refused), refuses)}
        </Notice>
      ) : null}
      {why === undefined ? null : (
        <TextInput
          testID="why"
          aria-label={say('bench.why-it-is-changed')}
          value={why}
          onChangeText={onWhy}
          placeholder={say('bench.why-for-whoever-looks-back')}
          maxLength={240}
          className="min-h-12 rounded border border-ink-soft bg-sheet px-3 font-read text-base text-ink"
        />
      )}
    </View>
  );
});

/** What the save bar shows of a formula on the bench. */
export const saveBarOf = ({ draft, saving, undo, redo, save }: FormulaDraft) => ({
  canUndo: (draft?.past.length ?? 0) > 0,
  canRedo: (draft?.future.length ?? 0) > 0,
  changed: draft !== undefined,
  saving,
  onUndo: undo,
  onRedo: redo,
  onSave: save,
});

/** What is asked and said of a change. */
export const saveNotesOf = ({ draft, refused, sayWhy }: FormulaDraft) => ({
  refused,
  why: draft && draft.version > 0 ? draft.why : undefined,
  onWhy: sayWhy,
});
