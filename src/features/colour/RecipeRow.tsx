import { StyleSheet, View } from 'react-native';
import { recipeSchema } from '../../core/colour/colourSchemas';
import { check } from '../../core/schema/check';
import type { PigmentDraft, PortionDraft } from '../../data/draft/jobDraft';
import { useKept } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
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
  const { value: recipe } = check(
    recipeSchema,
    { name: portion.name, pigments: portion.pigments, swatch: portion.swatch },
    { strip: true },
  );
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
      {recipe !== undefined && (
        <View style={styles.row}>
          <ActionButton
            kind="bare"
            label="Keep as a recipe"
            onPress={() => {
              void keep(recipe).then(() => notice({ text: `Kept ${recipe.name} as a recipe` }));
            }}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  // On a narrow screen the sign goes under a long name.
  recipe: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', maxWidth: '100%' },
});
