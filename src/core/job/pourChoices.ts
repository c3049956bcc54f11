/** What a pour is for; it decides how it joins what lies below, and what is told of it. */
export const pourRoles = ['seal', 'fill', 'coat', 'mould', 'castings'] as const;
export type PourRole = (typeof pourRoles)[number];

/** Faces of the form that a pour may cover: its walls, its floor, both, or the level face at a height. */
export const coveredFaces = ['sides', 'floor', 'sides-and-floor', 'surface'] as const;
export type CoveredFace = (typeof coveredFaces)[number];
