import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { refusalFrom, type Refused } from '../store/api';

/** The answer of one of the store's write calls. */
interface Answer {
  readonly error?: unknown;
}

/**
 * Writing one thing of the kitchen from a form. The id of a write stays until it succeeds, so that
 * trying again after a lost answer does nothing twice; a refusal is kept to be shown.
 */
export function useKept(write: (writeId: string) => Promise<Answer>): {
  readonly keep: () => Promise<boolean>;
  readonly refused: Refused | undefined;
} {
  const [refused, setRefused] = useState<Refused | undefined>(undefined);
  const [writeId, setWriteId] = useState(() => uuid());
  return {
    refused,
    keep: async () => {
      const result = await write(writeId);
      if (result.error) {
        const refusal = refusalFrom(result.error as never);
        setRefused(refusal);
        // An answer was had: what is tried next is another write.
        if (refusal.code !== 'away') setWriteId(uuid());
        return false;
      }
      setRefused(undefined);
      setWriteId(uuid());
      return true;
    },
  };
}
