import { useUnits } from '../../data/hooks/useUnits';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';

/** In what lengths and temperatures are told. */
export function UnitsPanel() {
  const { told, tell } = useUnits();
  return (
    <Panel title="Units">
      <ChoiceField
        label="Lengths in"
        value={told.length}
        choices={[
          { value: 'mm', label: 'Millimetres' },
          { value: 'in', label: 'Inches' },
        ]}
        onChange={(unit) => void tell(unit)}
      />
      <ChoiceField
        label="Temperatures in"
        value={told.temperature}
        choices={[
          { value: '°C', label: '°C' },
          { value: '°F', label: '°F' },
        ]}
        onChange={(unit) => void tell(unit)}
      />
      <Words size="small" colour="inkSoft">
        Any field takes any unit. A figure without one is in what you used last for its kind.
      </Words>
    </Panel>
  );
}
