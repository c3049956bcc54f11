/**
 * How a resin takes the light that sets it: to a depth d it gels once the surface has had E = Ec exp(d/Dp) (the working curve of
 * photopolymers). Dp is where a third of the light is left, Ec what the surface takes to gel.
 */
export interface LightCure {
  readonly penetrationMm: number;
  readonly criticalMJPerCm2: number;
}

/** Of clear UV resin where a card says neither: placeholders of the family, shown as assumed. */
export const usualLightCure: LightCure = { penetrationMm: 1.5, criticalMJPerCm2: 15 };

/** Gel is not hard: a layer is planned no deeper than the gelled depth by this. */
export const hardenedMargin = 1.5;

/** What the surface must have had until it has gelled so deep, mJ/cm². */
export const gelDoseMJPerCm2 = (
  depthMm: number,
  { penetrationMm, criticalMJPerCm2 }: LightCure,
): number => criticalMJPerCm2 * Math.exp(depthMm / penetrationMm);

/** How deep it has gelled by then, mm: Cd = Dp ln(E/Ec); nothing below Ec. */
export const gelDepthMm = (
  doseMJPerCm2: number,
  { penetrationMm, criticalMJPerCm2 }: LightCure,
): number => Math.max(0, penetrationMm * Math.log(doseMJPerCm2 / criticalMJPerCm2));

/** What a layer is given so that it is hard to its floor, mJ/cm². */
export const layerDoseMJPerCm2 = (depthMm: number, cure: LightCure): number =>
  gelDoseMJPerCm2(depthMm * hardenedMargin, cure);

/** The deepest layer that is hard to its floor after so much, mm. */
export const layerDepthMm = (doseMJPerCm2: number, cure: LightCure): number =>
  gelDepthMm(doseMJPerCm2, cure) / hardenedMargin;
