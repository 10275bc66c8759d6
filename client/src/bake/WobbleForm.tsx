import { findingIn, MOTIONS, wobbleCheckSchema, type WobbleCheck } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { focusOn, NumberField, Picker, useWords } from '../design';
import { WhichVessel } from '../vessels/WhichVessel';
import { NoteIt } from './NoteIt';
import { NudgeMoon } from './NudgeMoon';

/** How wide the middle moves and how. */
export function WobbleForm({
  atS,
  surfaceMm,
  shell,
  numbers,
  onWobble,
}: {
  readonly atS: number;
  /** Width of the filling. */
  readonly surfaceMm: number;
  readonly shell: boolean;
  readonly numbers: readonly number[];
  readonly onWobble: (wobble: WobbleCheck) => void;
}) {
  const [cm, setCm] = useState(Number.NaN);
  const [round, setRound] = useState(0);
  const { tell } = useWords();
  const [motion, setMotion] = useState<(typeof MOTIONS)[number]>('jelly');
  const [which, setWhich] = useState<number>();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const add = () => {
    const wobble = {
      ...{ id: uuid(), atS: Math.round(atS), diameterMm: cm * 10, motion },
      ...(which === undefined ? {} : { vesselNo: which }),
    };
    const checked = wobbleCheckSchema.safeParse(wobble);
    if (!checked.success) {
      setProblem(tell(findingIn(checked.error.issues[0]?.message)));
      return;
    }
    setProblem(undefined);
    onWobble(checked.data);
    setWhich(undefined);
    setCm(Number.NaN);
    setRound(round + 1);
    focusOn('wobble');
  };
  return (
    <View className="flex-row items-start gap-3">
      <NudgeMoon
        surfaceMm={surfaceMm}
        widthMm={Number.isFinite(cm) ? cm * 10 : undefined}
        shell={shell}
        onWidth={(mm) => {
          setCm(mm / 10);
          setProblem(undefined);
        }}
      />
      <View className="min-w-0 flex-1 gap-2">
        <NumberField
          key={round}
          label={say('bake.moves-across')}
          unit="cm"
          value={cm}
          onChange={(next) => {
            setCm(next);
            setProblem(undefined);
          }}
          problem={problem}
          testID="wobble"
          mayBeEmpty
          onSubmit={add}
        />
        <Picker
          label={say('bake.how')}
          value={motion}
          options={MOTIONS.map((value) => ({ value, label: say(`motion.${value}`) }))}
          onChange={(next) => setMotion(next as typeof motion)}
        />
        <WhichVessel numbers={numbers} value={which} onChange={setWhich} testID="wobble-which" />
        <NoteIt testID="add-wobble" onPress={add} disabled={!Number.isFinite(cm)} />
      </View>
    </View>
  );
}
