/**
 * Figures of the model that sentences say as well: each stands here once. Nothing is imported, so that the words do not
 * bring the solvers along.
 */

/** It keeps its shape once its glass transition is this far over the warmest that it meets, and is hard once it is so far over, K. */
export const shapeMarginK = 5;
export const hardMarginK = 10;

/** A warm day at the end: what a room that is too cold is made up for with, °C and h. */
export const postCureC = 40;
export const postCureH = 24;

/** What is not hard by then never gets hard in its room, s. */
export const hardByS = 30 * 24 * 3600;

/** The edge test: a room this much warmer, a pour this much deeper. */
export const edgeRoomK = 2;
export const edgeDepth = 1.1;

/** The label's depth is taken to hold in a room of this temperature, in still air, on a raised board, °C. */
export const labelRoomC = 23;

/** A batch in its cup: the middle is on its way, then cups soften, °C; it is followed for two days, s. */
export const bucketWarmC = 40;
export const bucketDangerC = 60;
export const bucketFollowedS = 48 * 3600;

/** Labels tell their times of a thin film, m. */
export const filmM = 0.003;
