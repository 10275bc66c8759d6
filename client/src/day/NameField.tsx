import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { TextField } from '../design';

/** How long a name may be. */
const LONGEST = 120;

/** A name that may be empty while it is typed anew, and is kept once it is one. */
export function NameField({
  label,
  value,
  onChange,
  testID,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (name: string) => void;
  readonly testID: string;
}) {
  const [text, setText] = useState(value);
  const [told, setTold] = useState(value);
  // Adjusted while rendering: the field follows an undo.
  if (told !== value) {
    setTold(value);
    if (text.trim() !== value) setText(value);
  }
  const empty = text.trim() === '';
  return (
    <TextField
      label={label}
      value={text}
      testID={testID}
      problem={empty ? say('text.no-name') : undefined}
      onChange={(next) => {
        const name = next.slice(0, LONGEST);
        setText(name);
        if (name.trim() !== '') onChange(name.trim());
      }}
    />
  );
}
