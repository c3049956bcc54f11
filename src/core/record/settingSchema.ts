import { array, mixed, number, object, string } from 'yup';
import { fillerKindNames } from '../mix/fillers/fillerKinds';
import { choiceSchema } from '../schema/choiceSchema';
import type { PourSetting } from '../thermal/pourSetting';

const figure = () => number().required();
const sideSchema = object({ thicknessM: figure(), filmU: figure() });

/** What the model reckons with must be figures; a run that is nonsense all the same is refused by the solver. */
const settingFigures = object({
  shape: object({
    kind: string()
      .oneOf(['slab', 'channel', 'cup'] as const)
      .required(),
  }),
  layers: array()
    .of(object({ depthM: number().moreThan(0).max(1).required(), pouredS: figure() }))
    .min(1)
    .max(200)
    .defined(),
  underside: sideSchema,
  room: object({ meanC: figure(), swingC: figure(), warmestS: figure() }),
  resinC: figure(),
  topU: figure(),
  fan: object({ untilS: figure(), topU: figure(), undersideU: figure() }),
});

const isSetting = (value: unknown): value is PourSetting =>
  settingFigures.isValidSync(value, { strict: true });

/** How a pour stood, as the heat model sees it: with when each layer was really begun, and what was stirred into it. */
export const stoodSchema = object({
  setting: mixed<PourSetting>((value): value is PourSetting => isSetting(value)).required(),
  fillers: array()
    .of(
      object({
        kind: choiceSchema(fillerKindNames),
        share: number().min(0).max(1).required(),
        grainGPerMl: number().moreThan(0).max(30).required(),
      }).noUnknown(),
    )
    .max(20)
    .default([]),
})
  .noUnknown()
  .optional()
  .default(undefined);
