/** Colours to tell portions apart by; what they are called is read out. */
export const swatchChoices = [
  { name: 'Amber', colour: '#d9922e' },
  { name: 'Rust', colour: '#a5472b' },
  { name: 'Red', colour: '#b3262e' },
  { name: 'Plum', colour: '#6d3a5c' },
  { name: 'Blue', colour: '#28588f' },
  { name: 'Blue-green', colour: '#1f7a7a' },
  { name: 'Green', colour: '#2f6b57' },
  { name: 'Moss', colour: '#6f7d3c' },
  { name: 'Bone', colour: '#e8e0cc' },
  { name: 'Smoke', colour: '#8d8378' },
  { name: 'Slate', colour: '#4b545c' },
  { name: 'Black', colour: '#1d1c1a' },
] as const;
