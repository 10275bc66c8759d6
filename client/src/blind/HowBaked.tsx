import { say } from '@hollow-moon/words';
import type { ShellBake } from '@hollow-moon/contract';
import {
  BLIND_SCHOOLS,
  LINED_STARTS,
  stagesOnDial,
  WEIGHTS,
  type DialMarks,
  type LinedStart,
  type Problem,
} from '@hollow-moon/core';
import { Choice, Notice, NumberField, Picker, Sheet } from '../design';
import { useAppSelector } from '../state/state';
import { StageEditor } from './StageEditor';
import { TargetChoice } from './TargetChoice';

const WEIGHT_OPTIONS = WEIGHTS.map((value) => ({ value, label: say(`weights.${value}`) }));
const START_OPTIONS = (Object.keys(LINED_STARTS) as LinedStart[]).map((value) => ({
  value,
  label: say(`lined.${value}`),
}));

/**
 * The way of baking that these are the stages of, as it is written down or as it is set on a dial; none where the cook has
 * one of their own.
 */
const schoolOf = ({ stages, weights, docked }: ShellBake, marks: DialMarks) =>
  BLIND_SCHOOLS.find(
    (each) =>
      [each.stages, stagesOnDial(each.stages, marks)].some(
        (known) => JSON.stringify(known) === JSON.stringify(stages),
      ) &&
      each.weights === weights &&
      each.docked === docked,
  );

/** What a choice of how a shell is baked changes. */
export type OnShell = (change: Partial<ShellBake>) => void;

/** A whole way of baking taken over, stages and all. */
function SchoolPicker({
  shellBake,
  onShell,
}: {
  readonly shellBake: ShellBake;
  readonly onShell: OnShell;
}) {
  const { degrees } = useAppSelector((state) => state.settings.units);
  const school = schoolOf(shellBake, degrees);
  return (
    <Picker
      label={say('blind.way-of-baking')}
      value={school?.id ?? ''}
      options={[
        ...(school ? [] : [{ value: '', label: say('blind.your-own') }]),
        ...BLIND_SCHOOLS.map(({ id }) => ({ value: id, label: say(`school.${id}`) })),
      ]}
      onChange={(id) => {
        const found = BLIND_SCHOOLS.find((each) => each.id === id);
        if (found) {
          onShell({
            weights: found.weights,
            docked: found.docked,
            stages: stagesOnDial(found.stages, degrees),
          });
        }
      }}
      testID="blind-school"
    />
  );
}

/** How the empty shell is baked: its stages, weights and base, and how it goes in. */
export function HowBaked({
  shellBake,
  pours,
  problem,
  onShell,
}: {
  readonly shellBake: ShellBake;
  /** Whether the filling is poured, and finds each hole. */
  readonly pours: boolean;
  readonly problem: Problem | undefined;
  readonly onShell: OnShell;
}) {
  return (
    <Sheet title={say('blind.how-it-is-baked')}>
      <SchoolPicker shellBake={shellBake} onShell={onShell} />
      <StageEditor
        stages={shellBake.stages}
        problem={problem}
        onStages={(stages) => onShell({ stages })}
      />
      <Choice
        label={say('blind.weighed-down-with')}
        value={shellBake.weights}
        options={WEIGHT_OPTIONS}
        onChange={(weights) => onShell({ weights })}
      />
      <Choice
        label={say('blind.base')}
        value={shellBake.docked ? 'docked' : 'whole'}
        options={[
          { value: 'whole', label: say('blind.whole') },
          { value: 'docked', label: say('blind.pricked') },
        ]}
        onChange={(value) => onShell({ docked: value === 'docked' })}
      />
      {shellBake.docked && pours ? (
        <Notice kind="hint">{say('blind.a-poured-custard-runs-through-the')}</Notice>
      ) : null}
      <Choice
        label={say('blind.the-lined-tin-goes-in')}
        value={shellBake.start}
        options={START_OPTIONS}
        onChange={(start) => onShell({ start })}
      />
      <NumberField
        label={say('blind.rested-in-the-tin')}
        unit="min"
        value={shellBake.restMin}
        onChange={(restMin) => onShell({ restMin })}
        className="w-36"
        testID="rest-min"
      />
      <TargetChoice target={shellBake.target} onTarget={(target) => onShell({ target })} />
    </Sheet>
  );
}
