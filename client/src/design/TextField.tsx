import { useId } from 'react';
import { TextInput, View } from 'react-native';
import { FieldProblem } from './Notice';
import { Soft } from './Text';

/** A line or a few lines of text. */
export function TextField({
  label,
  value,
  onChange,
  problem,
  lines = 1,
  placeholder,
  testID,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly problem?: string | undefined;
  readonly lines?: number;
  readonly placeholder?: string;
  readonly testID?: string;
}) {
  const id = useId();
  return (
    <View className="gap-1">
      <Soft>{label}</Soft>
      <TextInput
        testID={testID}
        aria-label={label}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? id : undefined}
        value={value}
        onChangeText={onChange}
        multiline={lines > 1}
        numberOfLines={lines}
        placeholder={placeholder}
        className={`min-h-12 rounded border bg-sheet px-3 py-2 font-read text-base text-ink ${problem ? 'border-scorch' : 'border-ink-soft'}`}
      />
      {problem ? <FieldProblem id={id}>{problem}</FieldProblem> : null}
    </View>
  );
}
