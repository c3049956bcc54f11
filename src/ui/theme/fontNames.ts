/** The one face of Nipperkin, by the names of its weights that ship. */
export const font = {
  text: 'Nipperkin Text',
  semibold: 'Nipperkin Semibold',
  bold: 'Nipperkin Bold',
} as const;
