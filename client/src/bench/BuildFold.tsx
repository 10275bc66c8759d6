import { say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, icons, Fold, Notice, Soft, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { BuildDrawing } from './BuildDrawing';
import { PartEditor } from './PartEditor';
import type { BuildInKitchen } from './useBuild';
import type { Edit } from '../drafts/edits';

const newPart = (shelled: boolean): FormulaData['parts'][number] => ({
  id: uuid(),
  name: shelled ? 'Topping' : 'Shell',
  kind: shelled ? 'other-part' : 'sweet-dough',
  place: shelled ? 'over' : 'shell',
  lines: [],
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
});

/** What the bake is built of: drawn as it would be cut, and each component opened to be worked on. */
export function BuildFold({
  data,
  inKitchen,
  book,
  ownId,
  problemAt,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly inKitchen: BuildInKitchen;
  readonly book: KitchenBook;
  readonly ownId: string;
  readonly problemAt: (path: string) => string | undefined;
  readonly onEdit: Edit;
}) {
  const { tell } = useWords();
  const { build, fit, vessel } = inKitchen;
  const circle = build.problems.find(({ code }) => code === 'build.part-circular');
  const shelled = data.shell === 'none' || build.parts.some(({ part }) => part.place === 'shell');
  return (
    <Fold
      id="build"
      title={say('bench.built-of')}
      summary={
        build.parts.map(({ part }) => part.name).join(', ') ||
        say('bench.only-the-filling-so-far-add')
      }
      begin
    >
      {() => (
        <>
          {fit?.ok && vessel ? (
            <BuildDrawing data={data} build={build} fit={fit.value} vessel={vessel} />
          ) : null}
          {data.parts.length === 0 ? <Soft>{say('bench.only-the-filling-so-far-add')}</Soft> : null}
          {circle ? <Notice kind="danger">{tell(circle)}</Notice> : null}
          <View>
            {build.parts.map((built, index) => (
              <PartEditor
                key={built.part.id}
                built={built}
                index={index}
                data={data}
                book={book}
                ownId={ownId}
                problemAt={problemAt}
                onEdit={onEdit}
              />
            ))}
          </View>
          <View className="self-start">
            <Button
              label={say('bench.add-a-component')}
              icon={icons.add}
              testID="add-part"
              onPress={() =>
                onEdit(`part/${data.parts.length}`, (data) => ({
                  ...data,
                  parts: [...data.parts, newPart(shelled)],
                }))
              }
            />
          </View>
        </>
      )}
    </Fold>
  );
}
