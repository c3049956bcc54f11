import { StyleSheet, View } from 'react-native';
import { recipeSchema } from '../../core/colour/colourSchemas';
import { check } from '../../core/schema/check';
import type { PigmentDraft, PortionDraft } from '../../data/draft/jobDraft';
import { chooseJsonFile } from '../../data/files/chooseTextFile';
import { download } from '../../data/files/download';
import { readRecipesFile, recipesText } from '../../data/files/recipeFile';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useKept } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

interface RecipeRowProps {
  readonly portion: PortionDraft;
  readonly onUse: (changed: Partial<PortionDraft>) => void;
}

/** Colours that were found good: this one kept, or another one used here. */
export function RecipeRow({ portion, onUse }: RecipeRowProps) {
  const { items: recipes, keep, forget: forgetKept } = useKept('recipes');
  const notice = useNotice();
  const file = useAttempt();
  const { value: recipe } = check(
    recipeSchema,
    { name: portion.name, pigments: portion.pigments, swatch: portion.swatch },
    { strip: true },
  );
  const open = (): Promise<void> =>
    file.attempt(async () => {
      const text = await chooseJsonFile();
      if (text === undefined) return;
      const opened = readRecipesFile(text);
      // A name that is taken stays what it is here.
      const taken = new Set(recipes.map(({ name }) => name));
      const added = opened.filter(({ name }) => !taken.has(name));
      await keep(...added);
      const stayed = opened.length - added.length;
      notice({
        text: `Kept ${added.length} of ${opened.length} recipes${stayed === 0 ? '' : `; ${stayed} of these names are here already and stay as they are`}`,
      });
    });
  const forget = (named: string): void => {
    const before = recipes.filter(({ name }) => name === named);
    void forgetKept(named);
    notice({ text: `Forgot the recipe ${named}`, undo: () => keep(...before) });
  };
  const others = recipes.filter(({ name }) => name !== portion.name);
  return (
    <View style={styles.stack}>
      {others.length > 0 && (
        <>
          <Words size="small" weight="semibold" colour="inkSoft">
            Recipes you kept
          </Words>
          <View style={styles.row}>
            {others.map(({ name, pigments, swatch }) => (
              <View key={name} style={styles.recipe}>
                <ActionButton
                  label={`Use ${name}`}
                  onPress={() => onUse({ name, swatch, pigments: pigments as PigmentDraft[] })}
                />
                <SignButton
                  icon="delete"
                  label={`Forget the recipe ${name}`}
                  onPress={() => forget(name)}
                />
              </View>
            ))}
          </View>
        </>
      )}
      <View style={styles.row}>
        {recipe !== undefined && (
          <ActionButton
            kind="bare"
            label="Keep as a recipe"
            onPress={() => {
              void keep(recipe).then(() => notice({ text: `Kept ${recipe.name} as a recipe` }));
            }}
          />
        )}
        {recipes.length > 0 && (
          <ActionButton
            kind="bare"
            icon="download"
            label="Save the recipes"
            onPress={() => download('recipes.recipes.json', recipesText(recipes))}
          />
        )}
        <ActionButton
          kind="bare"
          icon="folder-open"
          label="Open recipes"
          onPress={() => void open()}
        />
      </View>
      <FileProblem problem={file.problem} />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  // On a narrow screen the sign goes under a long name.
  recipe: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', maxWidth: '100%' },
});
