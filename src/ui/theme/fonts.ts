import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';

/** The one face of Nipperkin, in the weights that ship; its figures are set tabular. */
export const fontFiles = {
  'Nipperkin Text': AtkinsonHyperlegibleNext_400Regular,
  'Nipperkin Semibold': AtkinsonHyperlegibleNext_600SemiBold,
  'Nipperkin Bold': AtkinsonHyperlegibleNext_700Bold,
};

export const font = {
  text: 'Nipperkin Text',
  semibold: 'Nipperkin Semibold',
  bold: 'Nipperkin Bold',
} as const satisfies Record<string, keyof typeof fontFiles>;
