import Svg, { Path } from 'react-native-svg';
import { iconPaths } from './iconPaths';

export type IconName = keyof typeof iconPaths;

interface IconProps {
  readonly name: IconName;
  readonly colour: string;
  readonly size?: number;
}

/** A drawn sign; the words beside it or its button's label say what it means. */
export function Icon({ name, colour, size = 24 }: IconProps) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={iconPaths[name]} fill={colour} />
    </Svg>
  );
}

/** Draws Paper's icons from our own paths, so that no icon font ships. */
export function PaperIcon({
  name,
  color,
  size,
}: {
  readonly name?: unknown;
  readonly color?: string;
  readonly size: number;
}) {
  if (typeof name !== 'string' || !(name in iconPaths)) return null;
  return <Icon name={name as IconName} colour={color ?? 'currentColor'} size={size} />;
}
