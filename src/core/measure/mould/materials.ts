/** What moulds and forms are made of. */
export const mouldMaterials = [
  'silicone',
  'polypropylene',
  'hdpe',
  'melamine',
  'timber',
  'plaster',
  'metal',
  'other',
] as const;
export type MouldMaterial = (typeof mouldMaterials)[number];

/** Materials that drink water: a wet fill reads high in them and spoils the next pour. */
const porous: ReadonlySet<MouldMaterial> = new Set(['timber', 'plaster']);

export const isPorous = (material: MouldMaterial | undefined): boolean =>
  material !== undefined && porous.has(material);
