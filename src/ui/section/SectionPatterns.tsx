import { Circle, Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import { useColours } from '../theme/theme';

/** Ids of the patterns of one drawing. */
export interface SectionPatternIds {
  readonly form: string;
  readonly timber: string;
  readonly grains: string;
}

/** What is filled with more than a colour: hatching for a form, grain for timber, dots where something has settled. */
export function SectionPatterns({ ids }: { readonly ids: SectionPatternIds }) {
  const colours = useColours();
  return (
    <Defs>
      <Pattern id={ids.form} width={5} height={5} patternUnits="userSpaceOnUse">
        <Rect width={5} height={5} fill={colours.paper} />
        <Line x1={0} y1={5} x2={5} y2={0} stroke={colours.wall} strokeWidth={0.9} />
      </Pattern>
      <Pattern id={ids.grains} width={6} height={6} patternUnits="userSpaceOnUse">
        <Circle cx={1.5} cy={1.5} r={0.9} fill={colours.ink} />
        <Circle cx={4.5} cy={4.5} r={0.9} fill={colours.ink} />
      </Pattern>
      <Pattern id={ids.timber} width={22} height={9} patternUnits="userSpaceOnUse">
        <Rect width={22} height={9} fill={colours.timber} />
        <Path
          d="M0 3Q5.5 0.5 11 3T22 3M0 7.5Q5.5 6 11 7.5T22 7.5"
          fill="none"
          stroke={colours.timberGrain}
          strokeWidth={0.9}
        />
      </Pattern>
    </Defs>
  );
}
