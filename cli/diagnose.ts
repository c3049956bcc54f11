import { diagnose } from '../src/core/diagnose/diagnose';
import { readRecord } from '../src/core/record/recordFile';
import { jsonOf } from '../src/core/schema/jsonText';
import { causeWords, notableNames, sayEvidence } from '../src/words/diagnosis';
import { report, textOf } from './report';

/** Says why a piece went wrong, from its record. */
report(() => {
  const { causes, isEnough, noteNextTime } = diagnose(readRecord(jsonOf(textOf(process.argv[2]))));
  return {
    causes: causes.map((cause) => {
      const { name, settle, rescue, nextTime } = causeWords[cause.code];
      return {
        code: cause.code,
        name,
        weight: cause.weight,
        faults: cause.faults,
        for: cause.for.map((says) => ({ ...says, says: sayEvidence(says) })),
        against: cause.against.map((says) => ({ ...says, says: sayEvidence(says) })),
        settle,
        rescue,
        nextTime,
      };
    }),
    ...(isEnough ? {} : { notEnough: 'Not enough was recorded to tell one cause from another.' }),
    noteNextTime: noteNextTime.map((code) => ({ code, says: notableNames[code] })),
  };
});
