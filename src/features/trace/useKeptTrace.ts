import { useEffect, useReducer, useState } from 'react';
import { useFormContext } from 'react-hook-form';
import type { TypedScale } from '../../core/measure/parts/outlineSchemas';
import type { JobDraft } from '../../data/draft/jobDraft';
import type { ReducedPhoto } from '../../data/files/reducePhoto';
import type { PartDraft } from '../../data/draft/partDraft';
import { useKeepPhoto, usePhoto } from '../../data/hooks/usePhoto';
import type { Photo } from './picture';
import { beginTrace, traceReducer, type TraceAction, type TraceHistory } from './traceHistory';

type PartPlace = `measure.parts.${number}` | `measure.inserts.${number}`;
/** A part that is traced, or the face that a coat covers. */
export type TracePlace = PartPlace | `${PartPlace}.face`;

const usualScale: TypedScale = { by: 'grid', square: '10 mm' };

interface KeptTrace {
  readonly history: TraceHistory;
  readonly dispatch: (action: TraceAction) => void;
  readonly photo: Photo | undefined;
  /** There was a photo, and it is not here or cannot be read. */
  readonly isPhotoMissing: boolean;
  /** Another photo to trace on. */
  readonly keep: (photo: ReducedPhoto) => Promise<void>;
}

/** What is traced of one place of the open job: what is set is kept there as it is set. */
export function useKeptTrace(place: TracePlace): KeptTrace {
  const { getValues, setValue } = useFormContext<JobDraft>();
  const [opened] = useState(
    () => getValues(place) as Pick<PartDraft, 'outlines' | 'scale' | 'photo'> | undefined,
  );
  const [history, dispatch] = useReducer(
    traceReducer,
    beginTrace(
      (opened?.outlines ?? []).map(({ points }) => points),
      opened?.scale ?? usualScale,
    ),
  );
  const [photoId, setPhotoId] = useState(opened?.photo);
  const photo = usePhoto(photoId);
  const keepPhoto = useKeepPhoto();
  const {
    moving,
    now: { trace, scale },
  } = history;

  useEffect(() => {
    if (moving) return;
    const set = (key: keyof PartDraft, value: unknown): void =>
      setValue(`${place}.${key}` as 'name', value as never);
    const outlines = trace.outlines.filter((points) => points.length >= 6);
    set(
      'outlines',
      outlines.map((points) => ({ points })),
    );
    set('scale', scale);
    set('photo', photoId);
  }, [moving, trace.outlines, scale, photoId, place, setValue]);

  return {
    history,
    dispatch,
    photo: photo.data ?? undefined,
    isPhotoMissing: photoId !== undefined && photo.data === null,
    keep: async (reduced) => setPhotoId(await keepPhoto(reduced)),
  };
}
