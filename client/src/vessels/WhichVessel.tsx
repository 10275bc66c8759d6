import { say } from '@hollow-moon/words';
import { Picker } from '../design';

const NOT_SAID = '';

/** Which of several vessels something is of, where that is to be said. */
export function WhichVessel({
  numbers,
  value,
  onChange,
  testID,
}: {
  /** Those to choose from; with none of them nothing is asked. */
  readonly numbers: readonly number[];
  readonly value: number | undefined;
  readonly onChange: (vesselNo: number | undefined) => void;
  readonly testID: string;
}) {
  if (numbers.length === 0) return null;
  return (
    <Picker
      label={say('vessels.which')}
      value={value === undefined ? NOT_SAID : `${value}`}
      options={[
        { value: NOT_SAID, label: say('vessels.not-said') },
        ...numbers.map((no) => ({ value: `${no}`, label: say('vessels.no', { no }) })),
      ]}
      onChange={(next) => onChange(next === NOT_SAID ? undefined : Number(next))}
      testID={testID}
    />
  );
}
