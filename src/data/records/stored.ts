import { nanoid } from 'nanoid';
import { number, string } from 'yup';
import type { Version } from '../store/versions';

/** The fields that every kind of record has, in this version of its shape. */
export const storedFields = <V extends number>(version: V) => ({
  id: string().required(),
  schema: number()
    .oneOf([version] as const)
    .required(),
  revision: number().required(),
  stamp: string().optional(),
});

/** The state that follows on one; the first where there was none. */
export const nextVersion = (before?: Version | null): Required<Version> => ({
  revision: (before?.revision ?? 0) + 1,
  stamp: nanoid(10),
});
