import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';
import { font } from './fontNames';

/** The files of the weights that ship; figures are set tabular. */
export const fontFiles = {
  [font.text]: AtkinsonHyperlegibleNext_400Regular,
  [font.semibold]: AtkinsonHyperlegibleNext_600SemiBold,
  [font.bold]: AtkinsonHyperlegibleNext_700Bold,
};
