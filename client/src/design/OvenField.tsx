import { GAS_MARKS, gasMarkOf, gasMarkToCelsius } from '@hollow-moon/core';
import { gasInWords } from '@hollow-moon/words';
import { View } from 'react-native';
import { Picker } from './Choice';
import { FieldProblem } from './Notice';
import { NumberField, type NumberFieldProps } from './NumberField';
import { useWords } from './useWords';

/** No mark of the oven's: what stands there was typed in degrees. */
const BETWEEN = 'between';

/**
 * What an oven is set to, given and told in °C: typed in degrees, or chosen by its mark by who cooks with gas. A value
 * between two marks is shown as it is until a mark is chosen.
 */
export function OvenField({
  className = '',
  problem,
  ...field
}: Pick<
  NumberFieldProps,
  'label' | 'value' | 'onChange' | 'problem' | 'className' | 'testID' | 'mayBeEmpty'
>) {
  const { units, quantity } = useWords();
  if (units.degrees !== 'gas') {
    return <NumberField {...field} unit="°C" problem={problem} className={className} />;
  }
  const { label, value, onChange, testID } = field;
  const mark = gasMarkOf(value);
  const choose = (chosen: string) => {
    const celsius = gasMarkToCelsius(Number(chosen));
    if (celsius.ok) onChange(Math.round(celsius.value));
  };
  return (
    <View className={className}>
      <Picker
        label={label}
        value={mark === undefined ? BETWEEN : String(mark)}
        options={[
          ...(mark === undefined
            ? [
                {
                  value: BETWEEN,
                  label: Number.isFinite(value) ? quantity({ ovenC: value }) : '–',
                },
              ]
            : []),
          ...GAS_MARKS.map((each) => ({ value: String(each), label: gasInWords(each) })),
        ]}
        onChange={choose}
        {...(testID ? { testID } : {})}
      />
      {problem ? <FieldProblem>{problem}</FieldProblem> : null}
    </View>
  );
}
