import { say } from '@hollow-moon/words';
import { useEffect, useState } from 'react';
import { Text, View } from 'react-native';
import { Dialog, Read, Soft, Tick } from '../design';
import { singleKeysChosen } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';

/** A key, what it does, and the test ids of what it presses: the first of them that is on the screen. */
interface Shortcut {
  readonly key: string;
  readonly says: string;
  readonly presses: readonly string[];
}

const SHORTCUTS: readonly Shortcut[] = [
  { key: '1', says: say('keys.shelf'), presses: ['place-/', 'back-to-shelf'] },
  { key: '2', says: say('keys.plan'), presses: ['place-/plan', 'back-to-plans'] },
  { key: '3', says: say('keys.log'), presses: ['place-/log'] },
  { key: '4', says: say('keys.kitchen'), presses: ['place-/kitchen'] },
  { key: '/', says: say('keys.find'), presses: ['open-find', 'open-log-find'] },
  { key: 'n', says: say('keys.new'), presses: ['new-formula'] },
  { key: 'l', says: say('keys.list'), presses: ['side-bench', 'open-line-0'] },
  { key: 's', says: say('keys.shell'), presses: ['side-shell'] },
  { key: 'f', says: say('keys.forecast'), presses: ['side-forecast', 'scrubber'] },
  { key: 'b', says: say('keys.bake'), presses: ['bake-it', 'make-it'] },
  { key: 'p', says: say('keys.probe'), presses: ['pad-reading', 'reading'] },
  { key: 'w', says: say('keys.wobble'), presses: ['pad-wobble', 'wobble'] },
];

/** Keys that work with Ctrl, or with ⌘ on a Mac; they are dealt with where the formula is. */
const WITH_CONTROL = [
  [say('keys.ctrl-z'), say('keys.undo')],
  [say('keys.ctrl-shift-z'), say('keys.redo')],
  [say('keys.ctrl-s'), say('keys.save')],
] as const;

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLInputElement && target.type !== 'range'));

/** Presses, or where it is a field or a slider goes to, the first of these that can be seen. */
function press(testIDs: readonly string[]): boolean {
  for (const id of testIDs) {
    const found = document.querySelector<HTMLElement>(`[data-testid="${id}"]`);
    if (!found?.checkVisibility()) continue;
    found.focus();
    if (!(found instanceof HTMLInputElement)) found.click();
    return true;
  }
  return false;
}

const Row = ({ keys, says }: { readonly keys: string; readonly says: string }) => (
  <View role="listitem" className="min-h-8 flex-row items-center gap-4">
    <Text className="w-36 font-figures-strong text-base text-ink">{keys}</Text>
    <Read>{says}</Read>
  </View>
);

/** Single keys for what is done most, and their list on `?`. Whoever speaks to the machine can switch them off. */
export function Shortcuts() {
  const dispatch = useAppDispatch();
  const on = useAppSelector((state) => state.settings.singleKeys);
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key === '?') {
        setOpen(true);
        event.preventDefault();
        return;
      }
      if (!on || open) return;
      const found = SHORTCUTS.find(({ key }) => key === event.key.toLowerCase());
      if (found && press(found.presses)) event.preventDefault();
    };
    globalThis.addEventListener?.('keydown', onKey);
    return () => globalThis.removeEventListener?.('keydown', onKey);
  }, [on, open]);
  if (!open) return null;
  return (
    <Dialog title={say('keys.title')} onClose={() => setOpen(false)}>
      <Tick
        label={say('keys.on')}
        ticked={on}
        onChange={(ticked) => dispatch(singleKeysChosen(ticked))}
        testID="single-keys"
      />
      <View role="list">
        <Row keys="?" says={say('keys.this')} />
        {SHORTCUTS.map(({ key, says }) => (
          <Row key={key} keys={key} says={says} />
        ))}
        {WITH_CONTROL.map(([keys, says]) => (
          <Row key={keys} keys={keys} says={says} />
        ))}
      </View>
      <Soft>{say('keys.arrows')}</Soft>
    </Dialog>
  );
}
