import { findingIn } from '@hollow-moon/contract';
import type { Finding } from '@hollow-moon/core';
import { useState } from 'react';
import { NumberField, useWords } from '../design';

/** How a count is looked at: by its schema in the contract. */
interface Looked {
  readonly safeParse: (value: number) => {
    readonly success: boolean;
    readonly error?: { readonly issues: readonly { readonly message: string }[] } | undefined;
  };
}

/** How many of something there are. What cannot be stays in its field, with why, and the day is as it was. */
export function CountField({
  value,
  schema,
  onCount,
  ...field
}: {
  readonly label: string;
  readonly value: number;
  readonly schema: Looked;
  readonly onCount: (count: number) => void;
  readonly className: string;
  readonly testID: string;
}) {
  const { tell } = useWords();
  const [refused, setRefused] = useState<{ readonly value: number; readonly why: Finding }>();
  return (
    <NumberField
      {...field}
      value={refused?.value ?? value}
      problem={refused && tell(refused.why)}
      decimals={0}
      onChange={(next) => {
        const kept = schema.safeParse(next);
        setRefused(
          kept.success
            ? undefined
            : { value: next, why: findingIn(kept.error?.issues[0]?.message) },
        );
        if (kept.success) onCount(next);
      }}
    />
  );
}
