import { Screen } from '../../ui/frame/Screen';
import { Words } from '../../ui/text/Words';

/** The address names a record that is not here. */
export const NoRecord = ({ onBack }: { readonly onBack: () => void }) => (
  <Screen title="No such record" onBack={onBack}>
    <Words>
      It is not here any more, or this version cannot read it. What can be read stands in the list.
    </Words>
  </Screen>
);
