import { clayNames, masterMaterialNames } from '../../core/mouldBox/masterMaterials';
import type { MouldSection } from '../../core/plan/familySections';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourPart } from '../../data/draft/pourInHand';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { Words } from '../../ui/text/Words';
import { masterMaterialWords, sayCheck, testPatchWords } from '../../words/mould';

/** What the rubber cures on, and what spoils that. */
export function CureChecks({ mould }: { readonly mould: MouldSection | undefined }) {
  const { outdated } = useOpenJob();
  const [material, setMaterial] = usePourPart('mouldBox.material');
  const [clay, setClay] = usePourPart('mouldBox.clay');
  const checks = outdated ? [] : (mould?.checks ?? []);
  return (
    <Lines title="What it cures on" testID="cure-checks">
      <ChoiceLine
        label="The piece is of"
        value={material}
        choices={masterMaterialNames.map((value) => ({ value, label: masterMaterialWords[value] }))}
        onChange={setMaterial}
      />
      {mould?.halves === 'two' && (
        <ChoiceLine
          label="The clay bed is of"
          value={clay}
          choices={clayNames.map((value) => ({ value, label: masterMaterialWords[value] }))}
          onChange={setClay}
        />
      )}
      {checks.map((check) => (
        <Words key={check.on} role="status">
          {sayCheck(check)}
        </Words>
      ))}
      {mould?.isPlatinum === true && (
        <Words size="small" colour="inkSoft">
          {testPatchWords}
        </Words>
      )}
    </Lines>
  );
}
