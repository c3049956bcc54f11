import { iconPaths } from './iconPaths';

export type IconName = keyof typeof iconPaths;

interface IconProps {
  readonly name: IconName;
  readonly colour: string;
  readonly size?: number;
}

/** Words beside it do not squeeze it. */
const whole = { flexShrink: 0 } as const;

/** A drawn sign, as the page itself draws: there are many, and of all that svg can they need a path. The words beside it or its button's label say what it means. */
export function Icon({ name, colour, size = 24 }: IconProps) {
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden style={whole}>
      <path d={iconPaths[name]} fill={colour} />
    </svg>
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
