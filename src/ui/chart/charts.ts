/** Everything that is drawn with scales and lines, in one piece: it is fetched when the first chart is wanted. */
export { CureChart } from './CureChart';
export { ComparedCurves } from './ComparedCurves';
export { DepthChart } from './DepthChart';
export { HeatCurves } from './HeatCurves';
export { HeatPaint } from './HeatPaint';
export { HeightVolumeCurve } from './HeightVolumeCurve';
export { MonthBars } from './MonthBars';
export { RunChart } from './RunChart';
export { SecondLayerChart } from './SecondLayerChart';
export { colourOfC } from './heatColour';
