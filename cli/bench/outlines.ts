/** A wavy outline of 5 000 points, in px: its middle at 1000, 1000. */
export function outline5000(): number[] {
  return Array.from({ length: 5000 }, (_, index) => {
    const angle = (2 * Math.PI * index) / 5000;
    const radius = 800 + 40 * Math.sin(37 * angle);
    return [1000 + radius * Math.cos(angle), 1000 + radius * Math.sin(angle)];
  }).flat();
}
