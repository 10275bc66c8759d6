import {
  lostIn,
  toCsv,
  toFormulaFile,
  toMarkdown,
  toRecipe,
  type FormulaData,
} from '@hollow-moon/contract';
import { View } from 'react-native';
import { Button, Sheet, Soft } from '../design';
import { fileName, keepAsFile } from './files';

const FORMATS = [
  { label: 'Hollow Moon file', ending: 'json', type: 'application/json', write: toFormulaFile },
  { label: 'Recipe (schema.org)', ending: 'jsonld', type: 'application/ld+json', write: toRecipe },
  { label: 'Markdown', ending: 'md', type: 'text/markdown', write: toMarkdown },
  { label: 'Table (CSV)', ending: 'csv', type: 'text/csv', write: toCsv },
] as const;

/** The formula as a file, for another kitchen or another program. */
export const ShareSheet = ({ data }: { readonly data: FormulaData }) => (
  <Sheet title="Take it along">
    <View className="flex-row flex-wrap gap-2">
      {FORMATS.map(({ label, ending, type, write }) => (
        <Button
          key={ending}
          label={label}
          testID={`save-${ending}`}
          onPress={() => keepAsFile(fileName(data.name, ending), type, write(data))}
        />
      ))}
    </View>
    <Soft>{`The first holds everything but this kitchen’s tin and oven. The others have no place for ${lostIn(data).join(', ')}.`}</Soft>
  </Sheet>
);
