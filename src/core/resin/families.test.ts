import {
  familiesOf,
  familyOf,
  hasHeat,
  heatConstantsOf,
  heatFamilies,
  heatKindOf,
  resinFamilies,
} from './families';
import { readResin } from './readResin';

describe.each(resinFamilies)('%s', (name) => {
  const family = familyOf(name);

  test('has a name, a density that a resin can have, and a time to stir unless it is one bottle', () => {
    expect(family.name).toMatch(/^[A-Z]/);
    for (const density of Object.values(family.densities)) {
      expect(density).toBeGreaterThan(0.9);
      expect(density).toBeLessThan(1.3);
    }
    expect(family.stirMin > 0).toBe(!family.onePart);
  });

  test('stone and sand go into what cures by itself in the mass, not into moulds or under a lamp', () => {
    expect(family.bearsFillers).toBe(!['silicone', 'uv'].includes(family.kind));
  });
});

test('kinds are sets of families, and each family is of one', () => {
  const kinds = ['epoxy', 'polyurethane', 'polyester', 'uv', 'silicone'] as const;
  const all = kinds.flatMap((kind) => [...familiesOf(kind)]);
  expect(all.toSorted()).toEqual([...resinFamilies].toSorted());
  for (const name of resinFamilies) {
    expect(familiesOf('silicone').has(name)).toBe(familyOf(name).kind === 'silicone');
  }
  expect(familiesOf('epoxy', 'uv').size).toBe(familiesOf('epoxy').size + familiesOf('uv').size);
});

test('those with heat have constants that physics allows', () => {
  expect(heatFamilies.length).toBeGreaterThan(3);
  for (const name of heatFamilies) {
    expect(hasHeat(name)).toBe(true);
    expect(['epoxy', 'polyurethane']).toContain(heatKindOf(name));
    const { curing } = heatConstantsOf(name);
    expect(curing.activationJPerMol).toBeGreaterThan(40_000);
    expect(curing.activationJPerMol).toBeLessThan(80_000);
    expect(curing.heatJPerKg).toBeGreaterThan(100_000);
    expect(curing.heatJPerKg).toBeLessThan(500_000);
    expect(curing.gelAlpha).toBeGreaterThan(0.3);
    expect(curing.gelAlpha).toBeLessThan(0.9);
    expect(curing.glassEndC).toBeGreaterThan(curing.glassStartC);
  }
  expect(resinFamilies.filter((name) => !hasHeat(name)).length).toBeGreaterThan(2);
});

test('a card without densities takes those of its family, and says that it does', () => {
  for (const name of resinFamilies) {
    const family = familyOf(name);
    const { densityAGPerMl, densityFrom } = readResin({
      id: 'silent',
      name: 'Silent',
      family: name,
      ...(!family.onePart && { ratio: { by: 'weight' as const, a: 100, b: 40 } }),
    });
    expect(densityFrom.a).toBe('family');
    expect(densityAGPerMl).toBe(family.densities.aGPerMl);
  }
});
